import { useParams } from 'react-router';
import type { AskKind, Ask, SittingDetail } from '@hurrow/contract';
import type { Character } from '@hurrow/core/characters';
import { useRead } from '../api/index.ts';
import { useVocabulary } from '../app/index.ts';
import { Loaded } from '../parts/index.ts';
import { PrintBar } from './PrintBar.tsx';

/** The states a student may choose, each under the number it is entered by; a retired one is not printed. */
const offered = (c: Character): readonly { id: string; plain: string; number: number }[] =>
  c.states.map((s, i) => ({ ...s, number: i + 1 })).filter((s) => !s.retired);

const LABELS: Readonly<Partial<Record<AskKind, string>>> = {
  common: 'Common name',
  scientific: 'Scientific name',
  either: 'Name',
  genus: 'Genus',
};

function Line({ ask }: { ask: Ask }) {
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
  const label = LABELS[ask.kind] ?? 'Answer';
  return (
    <div className="answer-line">
      <span>{label}</span>
      <span className="answer-blank" />
    </div>
  );
}

function AnswerSheet({ sitting, code }: { sitting: SittingDetail; code: string }) {
  return (
    <article className="answer-sheet">
      <header>
        <b>Class number {code}</b>
        <span>
          {sitting.sectionName}, {sitting.on}
        </span>
      </header>
      {sitting.stations.map((s) => (
        <div key={s.id} className="answer-station">
          <div className="answer-number">{s.station.number}</div>
          <div>
            {s.station.asks.map((a) => (
              <Line key={a.id} ask={a} />
            ))}
          </div>
        </div>
      ))}
      <footer>If the material does not settle it, write “cannot be told from this”.</footer>
    </article>
  );
}

/** One answer sheet a student, alike but for the class number. */
export function AnswerSheets() {
  const { id = '' } = useParams();
  const sitting = useRead('sitting', { id });
  return (
    <Loaded query={sitting}>
      {(s) => (
        <main className="sheet-of-print">
          <PrintBar
            title="Answer sheets"
            about={`${s.people.length} sheets.`}
            back={`/quizzes/${s.quiz}/sittings/${s.id}`}
          />
          {s.people.map((p) => (
            <AnswerSheet key={p.student} sitting={s} code={p.code} />
          ))}
        </main>
      )}
    </Loaded>
  );
}
