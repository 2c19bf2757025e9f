import { useParams } from 'react-router';
import type { AskKind, Ask, SittingDetail } from '@hurrow/contract';
import type { Character } from '@hurrow/core/characters';
import type { AnswerBox } from '@hurrow/core/quizzes';
import { showDate } from '@hurrow/core/conditions';
import { useRead } from '../api/index.ts';
import { useSession, useVocabulary } from '../app/index.ts';
import { Loaded, counted } from '../parts/index.ts';
import { PrintBar } from './PrintBar.tsx';

/** The states a student may choose, each under the number it is entered by; a retired one is not printed. */
const offered = (c: Character): readonly { id: string; plain: string; number: number }[] =>
  c.states.map((s, i) => ({ ...s, number: i + 1 })).filter((s) => !s.retired);

const LABELS: Readonly<Partial<Record<AskKind, string>>> = {
  common: 'Common name',
  scientific: 'Scientific name',
  either: 'Name',
  genus: 'Genus',
  family: 'Family',
};

/** Up to so many stations a sheet is set closely, so that it stays on one page. */
const ON_ONE_PAGE = 10;
const FOOTERS: Readonly<Record<AnswerBox, string>> = {
  none: '',
  cannot_tell: 'If you cannot tell from what is here, write “cannot tell”.',
  not_sure: 'Check “not sure” rather than guess.',
};
/** For whoever lost theirs, or came unannounced. */
const SPARE = 2;

/** One question with room for its answer, and the box beside it where the quiz offers that one is not sure. */
function Line({ ask, box }: { ask: Ask; box: AnswerBox }) {
  const line = <Answer ask={ask} />;
  if (box !== 'not_sure' || ask.kind === 'sureness') return line;
  return (
    <div className="answer-with-box">
      {line}
      <span>☐ not sure</span>
    </div>
  );
}

function Answer({ ask }: { ask: Ask }) {
  const vocabulary = useVocabulary();
  if (ask.kind === 'sureness') {
    return (
      <div className="answer-line">
        <span>How sure</span>
        <span className="answer-choices">
          <span>☐ sure</span>
          <span>☐ leaning</span>
          <span>☐ guessing</span>
        </span>
      </div>
    );
  }
  if (ask.kind === 'call') {
    const c = vocabulary?.get(ask.character ?? '');
    return (
      <div className="answer-line">
        <span>{c?.plain ?? ''}</span>
        {c && c.states.length > 0 ? (
          <span className="answer-choices">
            {offered(c).map((s) => (
              <span key={s.id}>
                ☐ {s.number} {s.plain}
              </span>
            ))}
            <span>☐ – does not apply</span>
          </span>
        ) : (
          <span className="answer-blank" />
        )}
      </div>
    );
  }
  if (ask.params) {
    const { prompt, options, others } = ask.params;
    const onPhone = ask.kind === 'match' || ask.kind === 'point';
    return (
      <div className="answer-line">
        <span>{prompt}</span>
        {onPhone ? (
          <span>on the phone</span>
        ) : options.length > 0 ? (
          <span className="answer-choices">
            {[...options, ...others].map((o) => (
              <span key={o.id}>
                ☐ {o.id} {o.label}
              </span>
            ))}
          </span>
        ) : (
          <span className="answer-blank" />
        )}
      </div>
    );
  }
  const label = LABELS[ask.kind] ?? 'Answer';
  return (
    <div className="answer-line">
      <span>{label}</span>
      <span className="answer-blank" />
    </div>
  );
}

function AnswerSheet({ sitting, code }: { sitting: SittingDetail; code: string | null }) {
  const { today } = useSession();
  const joining = sitting.state === 'open' ? sitting.code : null;
  return (
    <article className={`answer-sheet ${sitting.stations.length <= ON_ONE_PAGE ? 'one-page' : ''}`}>
      <header>
        <b>
          {sitting.quizName}, {showDate(sitting.on, today)}
        </b>
        <span>{sitting.sectionName}</span>
      </header>
      <div className="answer-who">
        <span>Student number {code === null ? <span className="answer-blank short" /> : <b>{code}</b>}</span>
        <span className="answer-name">
          Name <span className="answer-blank" />
        </span>
        {joining === null ? null : <span>By phone: code {joining}</span>}
      </div>
      {sitting.stations.map((s) => (
        <div key={s.id} className="answer-station">
          <div className="answer-number">{s.station.number}</div>
          <div>
            {s.station.asks.map((a) => (
              <Line key={a.id} ask={a} box={sitting.plan.box} />
            ))}
          </div>
        </div>
      ))}
      {FOOTERS[sitting.plan.box] === '' ? null : <footer>{FOOTERS[sitting.plan.box]}</footer>}
    </article>
  );
}

/** One answer sheet for each student, alike but for the student number, and some spare ones. */
export function AnswerSheets() {
  const { id = '' } = useParams();
  const sitting = useRead('sitting', { id });
  return (
    <Loaded query={sitting}>
      {(s) => (
        <main className="sheet-of-print">
          <PrintBar
            title="Answer sheets"
            about={`${counted(s.people.length, 'sheet')} with numbers and ${SPARE} blank ones.`}
            back={`/quizzes/${s.quiz}/sittings/${s.id}`}
          />
          {s.people.map((p) => (
            <AnswerSheet key={p.student} sitting={s} code={p.code} />
          ))}
          {Array.from({ length: SPARE }, (_, i) => (
            <AnswerSheet key={`spare-${i}`} sitting={s} code={null} />
          ))}
        </main>
      )}
    </Loaded>
  );
}
