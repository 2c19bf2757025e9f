import { Suspense, lazy, useEffect, useRef } from 'react';
import Button from 'antd/es/button';
import type { Evidence, MixUpRow } from '@hurrow/contract';
import { showDate } from '@hurrow/core/conditions';
import { layOnly, useGo, useSession } from '../app/index.ts';
import { useRead, useWrite } from '../api/index.ts';
import { Later, Loaded, ProblemNote, TaxonName, useInTurn } from '../parts/index.ts';
import { Answers } from './Answers.tsx';
import { Reminders, Splits, Who } from './PairMore.tsx';
import { Interval } from './Pairs.tsx';
import { Tells } from './Tells.tsx';
import {
  againWords,
  directionWords,
  effectWords,
  freshWords,
  plain,
  plainWords,
  slipWords,
  stateWords,
  tagWords,
} from './boardWords.ts';

const PairDrawings = lazy(async () => ({ default: (await import('./PairDrawings.tsx')).PairDrawings }));
const ThroughChart = lazy(async () => ({ default: (await import('./ThroughChart.tsx')).ThroughChart }));

function DirectionLine({ row }: { row: MixUpRow }) {
  return (
    <li>
      <span>
        <TaxonName taxon={row.truth} /> taken for <TaxonName taxon={row.answer} />
      </span>
      <b className="number">
        {row.k} of {row.n} answers
      </b>
      <Interval row={row} />
      <span className="quiet number">
        {row.students} of {row.looked} students{row.guesses > 0 ? `, ${row.guesses} guessing` : ''}
      </span>
    </li>
  );
}

function Counts({ evidence, onTurn }: { evidence: Evidence; onTurn: () => void }) {
  const { pair, direction, turned, through, lessons, plainTest } = evidence;
  const { today } = useSession();
  const day = (on: string): string => showDate(on, today);
  const lines = [
    tagWords(pair),
    stateWords(pair, day),
    slipWords(pair),
    directionWords(pair, direction),
    againWords(pair),
    freshWords(evidence),
    ...evidence.effects.map((e) => effectWords(e, day)),
    ...lessons
      .filter((l) => !evidence.effects.some((e) => e.on === l.on))
      .map((l) => `${l.kind === 'retaught' ? 'Taught again' : 'Taught'} on ${day(l.on)}.`),
  ].filter((l) => l !== '');
  return (
    <section className="panel" aria-label="Counts">
      <h2>Counts</h2>
      <ul className="direction-lines">
        <DirectionLine row={pair} />
        {turned ? (
          <>
            <DirectionLine row={turned} />
            <li>
              <Button size="small" onClick={onTurn}>
                Open the other direction
              </Button>
            </li>
          </>
        ) : (
          <li className="quiet">
            Nobody wrote {plain(pair.truth)} for {plain(pair.answer)}.
          </li>
        )}
      </ul>
      {lines.map((l) => (
        <p key={l}>{l.charAt(0).toUpperCase() + l.slice(1)}</p>
      ))}
      {through.length > 1 ? (
        <Suspense fallback={<p className="quiet">Drawing…</p>}>
          <Later>
            {() => <ThroughChart pair={pair} through={through} lessons={lessons} today={today} />}
          </Later>
        </Suspense>
      ) : null}
      {pair.slips && pair.slips.classes === null ? (
        <details>
          <summary>More than slips?</summary>
          <p className="quiet number">
            {pair.students} students did; slips alone would give {pair.slips.expected.toFixed(2)}. Chance of
            so many {pair.slips.p < 0.001 ? 'under 0.001' : pair.slips.p.toFixed(3)}, corrected for all pairs{' '}
            {pair.slips.q < 0.001 ? 'under 0.001' : pair.slips.q.toFixed(3)}.
          </p>
          {plainTest ? (
            <p className="quiet number">
              The plainer test, from row and column totals alone: {plainTest.expected.toFixed(2)} answers
              expected, {pair.k} given, chance {plainTest.p < 0.001 ? 'under 0.001' : plainTest.p.toFixed(3)}.
            </p>
          ) : null}
        </details>
      ) : null}
      <Splits splits={evidence.splits} />
      <Who who={evidence.who} />
    </section>
  );
}

/** Keeps the pair to be asked again on another tree; the quiz page offers it. */
function AskAgain({ section, pair }: { section: string; pair: MixUpRow }) {
  const keep = useWrite('retestKeep');
  return (
    <>
      <Button
        disabled={pair.retest}
        loading={keep.isPending}
        onClick={() =>
          keep.mutate({ params: { id: section }, body: { truth: pair.truth.id, answer: pair.answer.id } })
        }
      >
        {pair.retest ? 'Kept to retest' : 'Keep to retest'}
      </Button>
      <ProblemNote error={keep.error} />
    </>
  );
}

/** Counts, tells, reminders, drawings, answers. */
const PARTS = 5;

/** The three blocks of a pair, one drawn after the other; its head takes the focus when it opens. */
function Pair({
  section,
  list,
  evidence: e,
  onTurn,
  onClose,
}: {
  section: string;
  list: string | null;
  evidence: Evidence;
  onTurn: () => void;
  onClose: () => void;
}) {
  const go = useGo();
  const head = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    // After the page was painted: the focus asks for the layout, which would else be worked out within the same task.
    const later = setTimeout(() => head.current?.focus());
    return () => clearTimeout(later);
  }, []);
  const drawn = useInTurn(PARTS);
  const truth = e.pair.truth.id;
  const answer = e.pair.answer.id;
  return (
    <div className="stack">
      <div className="page-head">
        <div>
          <h2 ref={head} tabIndex={-1} className="pair-head">
            Students wrote <TaxonName taxon={e.pair.answer} />; the tree was{' '}
            <TaxonName taxon={e.pair.truth} />
          </h2>
          <p className="quiet">{plainWords(e.pair)}</p>
        </div>
        <div className="button-row">
          <Button onClick={onClose}>Back to the board</Button>
          <AskAgain section={section} pair={e.pair} />
          <Button
            onClick={() => {
              layOnly(truth, answer);
              go('/compare');
            }}
          >
            Compare the two
          </Button>
          <Button type="primary" onClick={() => go(`/reteach?pin=${[truth, answer].sort().join('/')}`)}>
            Plan reteach
          </Button>
        </div>
      </div>
      <div className="pair-layout">
        {drawn > 0 ? <Counts evidence={e} onTurn={onTurn} /> : null}
        <div className="stack">
          {drawn > 1 ? <Tells section={section} tells={e.tells} k={e.pair.k} /> : null}
          {drawn > 2 ? <Reminders notes={e.notes} /> : null}
          {list === null || drawn < 4 ? null : (
            <Suspense fallback={<p className="quiet">Drawing…</p>}>
              <PairDrawings list={list} truth={truth} answer={answer} />
            </Suspense>
          )}
        </div>
      </div>
      {drawn < PARTS ? null : <Later>{() => <Answers section={section} evidence={e} />}</Later>}
    </div>
  );
}

/** One directed pair: counts, tells, answers. */
export function PairView({
  section,
  list,
  query,
  truth,
  answer,
  onTurn,
  onClose,
}: {
  section: string;
  /** The list of the class; null where it is not known. */
  list: string | null;
  query: Readonly<Record<string, string>>;
  truth: string;
  answer: string;
  /** Opens the pair the other way round. */
  onTurn: () => void;
  onClose: () => void;
}) {
  const evidence = useRead('evidence', { id: section, truth, answer }, true, query);
  return (
    <Loaded query={evidence}>
      {(e) => (
        <Pair
          key={`${truth}/${answer}`}
          section={section}
          list={list}
          evidence={e}
          onTurn={onTurn}
          onClose={onClose}
        />
      )}
    </Loaded>
  );
}
