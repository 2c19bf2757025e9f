import type { Ask, AskKind, SittingDetail } from '@hurrow/contract';
import type { Character } from '@hurrow/core/characters';
import { showDate } from '@hurrow/core/conditions';
import { pagesOf, startsOf } from '@hurrow/core/paper';
import type { AnswerBox } from '@hurrow/core/quizzes';
import { useSession, useVocabulary } from '../app/index.ts';
import { counted } from '../parts/index.ts';
import { SittingPrint } from './SittingPrint.tsx';

/** The states a student may circle, each under the number it is entered by; a retired one is not printed. */
const offered = (c: Character): readonly { id: string; plain: string; number: number }[] =>
  c.states.map((s, i) => ({ ...s, number: i + 1 })).filter((s) => !s.retired);

const LABELS: Readonly<Partial<Record<AskKind, string>>> = {
  common: 'common name',
  scientific: 'scientific name',
  either: 'name',
  genus: 'genus',
  family: 'family',
};

/** Up to so many stations stand in one column. */
const ONE_COLUMN = 15;
/** For whoever lost theirs, or came unannounced. */
const SPARE = 2;

const FOOTERS: Readonly<Record<AnswerBox, string>> = {
  none: '',
  cannot_tell: 'If you cannot tell from what is here, write “cannot tell”.',
  not_sure: 'Check “not sure” rather than guess.',
};

/** Room for a name, or what may be circled. */
function Answer({ ask, wide }: { ask: Ask; wide: boolean }) {
  const vocabulary = useVocabulary();
  if (ask.kind === 'sureness')
    return <span className="answer-circle">{wide ? 'sure · leaning · guessing' : 's · l · g'}</span>;
  const c = ask.kind === 'call' ? vocabulary?.get(ask.character ?? '') : undefined;
  if (c && c.states.length > 0)
    return (
      <span className="answer-circle">
        <span className="answer-asked">{c.plain}</span>{' '}
        {offered(c).map((s) => (
          <b key={s.id}>{s.number}</b>
        ))}
        <b>–</b>
      </span>
    );
  if (ask.params) {
    const { prompt, options, others } = ask.params;
    if (ask.kind === 'match' || ask.kind === 'point')
      return <span className="answer-asked">{prompt} on the phone</span>;
    if (options.length > 0)
      return (
        <span className="answer-circle">
          <span className="answer-asked">{prompt}</span>{' '}
          {[...options, ...others].map((o) => (
            <span key={o.id}>
              <b>{o.id}</b> {o.label}
            </span>
          ))}
        </span>
      );
  }
  const label = c?.plain ?? ask.params?.prompt ?? LABELS[ask.kind] ?? 'answer';
  return (
    <span className="answer-blank">
      <span className="answer-asked">{label}</span>
    </span>
  );
}

/** What the circled numbers mean, once for the sheet. */
function Legend({ sitting, wide }: { sitting: SittingDetail; wide: boolean }) {
  const vocabulary = useVocabulary();
  const asked = new Set(sitting.stations.flatMap((s) => s.station.asks.flatMap((a) => a.character ?? [])));
  const characters = [...asked].flatMap((id) => vocabulary?.get(id) ?? []).filter((c) => c.states.length > 0);
  const sure = !wide && sitting.stations.some((s) => s.station.asks.some((a) => a.kind === 'sureness'));
  if (characters.length === 0 && !sure) return null;
  return (
    <p className="answer-legend">
      Circle one:{' '}
      {characters.map((c) => (
        <span key={c.id}>
          <b>{c.plain}</b>{' '}
          {offered(c)
            .map((s) => `${s.number} ${s.plain}`)
            .join(', ')}
          .{' '}
        </span>
      ))}
      {characters.length > 0 ? '– does not apply.' : ''}
      {sure ? ' How sure: s sure, l leaning, g guessing.' : ''}
    </p>
  );
}

function AnswerSheet({
  sitting,
  code,
  start,
}: {
  sitting: SittingDetail;
  code: string | null;
  /** The station at which this student begins. */
  start: number | null;
}) {
  const { today } = useSession();
  const joining = sitting.state === 'open' ? sitting.code : null;
  const pages = pagesOf(sitting.stations);
  const { box } = sitting.plan;
  // Few stations have the whole width of the page.
  const wide = sitting.stations.length <= ONE_COLUMN;
  return pages.map((stations, page) => (
    <article key={stations[0]?.id} className="answer-sheet">
      <header>
        <b>{sitting.quizName}</b>
        <span>
          {sitting.sectionName}, {showDate(sitting.on, today)}
          {pages.length > 1 ? `, page ${page + 1} of ${pages.length}` : ''}
        </span>
      </header>
      <div className="answer-who">
        <span>Number {code === null ? <span className="answer-line short" /> : <b>{code}</b>}</span>
        <span className="answer-name">
          Name <span className="answer-line" />
        </span>
        <span>
          Start at station {start === null ? <span className="answer-line short" /> : <b>{start}</b>}
        </span>
        <span>
          Points <span className="answer-line short" />
        </span>
        {joining === null ? null : <span>By phone: code {joining}</span>}
      </div>
      <ol className={wide ? 'answer-lines wide' : 'answer-lines'}>
        {stations.map((s) => (
          <li key={s.id}>
            <b className="answer-number">{s.station.number}</b>
            {s.station.asks.map((a) => (
              <Answer key={a.id} ask={a} wide={wide} />
            ))}
            {box === 'not_sure' ? <span className="answer-circle">☐ not sure</span> : null}
          </li>
        ))}
      </ol>
      <Legend sitting={sitting} wide={wide} />
      {FOOTERS[box] === '' ? null : <p className="answer-legend">{FOOTERS[box]}</p>}
    </article>
  ));
}

/** One answer sheet for each student, alike but for number and start, and some spare ones. */
export function AnswerSheets() {
  return (
    <SittingPrint
      title="Answer sheets"
      about={`A sheet for each student with a start of their own, and ${SPARE} blank ones.`}
    >
      {(s) => {
        const starts = startsOf(s.people.length, s.stations.length);
        return (
          <div className="answer-sheets" aria-label={counted(s.people.length + SPARE, 'sheet')}>
            {s.people.map((p, i) => (
              <AnswerSheet
                key={p.student}
                sitting={s}
                code={p.code}
                start={s.stations[starts[i] ?? 0]?.station.number ?? null}
              />
            ))}
            {Array.from({ length: SPARE }, (_, i) => (
              <AnswerSheet key={`spare-${i}`} sitting={s} code={null} start={null} />
            ))}
          </div>
        );
      }}
    </SittingPrint>
  );
}
