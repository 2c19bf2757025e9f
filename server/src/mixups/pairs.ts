import type { MixUpRow, PairState } from '@hurrow/contract';
import { directionOf, jeffreys } from '@hurrow/core/mixups';
import type { Interval } from '@hurrow/core/mixups';
import type { Background } from './background.ts';
import type { Row } from './boardTypes.ts';

const key = (a: string, b: string): string => `${a}/${b}`;
const both = (a: string, b: string): string => (a < b ? key(a, b) : key(b, a));

/** Answers at trees of one species, all together. */
interface AtTruth {
  readonly n: number;
  readonly named: number;
}

export function countsAt(rows: readonly Row[]): ReadonlyMap<string, AtTruth> {
  const by = new Map<string, AtTruth>();
  for (const r of rows) {
    const had = by.get(r.truth) ?? { n: 0, named: 0 };
    by.set(r.truth, {
      n: had.n + r.looks,
      named: had.named + (r.named === 'right' || r.named === 'other' ? r.looks : 0),
    });
  }
  return by;
}

/** An interval of each k and n once: a board has thousands of pairs and few different counts. */
function intervals(): (k: number, n: number) => Interval {
  const known = new Map<number, Interval>();
  return (k, n) => {
    const at = n * 1e6 + k;
    const found = known.get(at) ?? jeffreys(k, n);
    known.set(at, found);
    return found;
  };
}

function rowOf(
  r: Row,
  b: Background,
  at: ReadonlyMap<string, AtTruth>,
  intervalOf: (k: number, n: number) => Interval,
): MixUpRow | null {
  const answerId = r.answer ?? '';
  const [truth, answer] = [b.headers.get(r.truth), b.headers.get(answerId)];
  const counts = at.get(r.truth);
  if (!truth || !answer || !counts) return null;
  const pair = key(r.truth, answerId);
  const test = b.tests.get(pair);
  const state = b.states.get(pair);
  const { low, high } = intervalOf(r.looks, counts.n);
  return {
    truth,
    answer,
    k: r.looks,
    n: counts.n,
    named: counts.named,
    low,
    high,
    guesses: r.guesses,
    students: r.students,
    withCalls: r.called,
    misread: r.misread,
    state: state?.state ?? null,
    since: state?.since ?? null,
    looked: b.looked.get(r.truth) ?? 0,
    slips: test
      ? {
          expected: test.expected,
          times: test.times,
          p: test.p,
          q: test.q,
          flagged: test.flagged,
          classes: test.classes,
        }
      : null,
    again: b.again.get(both(r.truth, answerId)) ?? { k: 0, n: 0 },
    at: null,
    next: b.next.get(r.truth) ?? null,
    ...behindOf(r, b.fitted.get(pair)),
    tagDoubt: b.doubts.get(pair) ?? null,
    retest: b.retest.has(pair),
  };
}

/** The character behind a pair: what was called wrong tells it better than a fit. */
function behindOf(r: Row, fitted: string | undefined): Pick<MixUpRow, 'character' | 'characterFrom'> {
  if (r.behind !== null) return { character: r.behind, characterFrom: 'called' };
  return fitted === undefined
    ? { character: null, characterFrom: null }
    : { character: fitted, characterFrom: 'fitted' };
}

const STATES = ['stubborn', 'repeat', 'new', 'fading', 'fixed'] as const;

/** A mix-up with what it is put in order by. */
export interface Ranked {
  readonly row: Row;
  readonly answer: string;
  readonly flagged: boolean;
  /** The less, the sooner. */
  readonly urgency: number;
}

const MOST_STUDENTS = 1e6;

function urgencyOf(state: PairState | null, isNext: boolean, flagged: boolean, students: number): number {
  const cameBack = state === 'stubborn' || state === 'repeat';
  const first = (cameBack ? 0 : 4) + (isNext ? 0 : 2) + (flagged ? 0 : 1);
  return (
    (first * MOST_STUDENTS + (MOST_STUDENTS - students)) * STATES.length + STATES.indexOf(state ?? 'fading')
  );
}

const byUrgency = (x: Ranked, y: Ranked): number =>
  x.urgency - y.urgency ||
  (x.row.truth < y.row.truth ? -1 : x.row.truth > y.row.truth ? 1 : x.answer < y.answer ? -1 : 1);

/** Every directed mix-up, what to act on first in front: came back, in the next quiz, flagged, most students. */
export const rank = (b: Background): readonly Ranked[] =>
  b.rows.flatMap((row) => rankedOf(row, b)).sort(byUrgency);

function rankedOf(row: Row, b: Background): readonly Ranked[] {
  const { answer } = row;
  if (row.named !== 'other' || answer === null || !b.headers.has(row.truth) || !b.headers.has(answer))
    return [];
  const pair = key(row.truth, answer);
  const state = b.states.get(pair)?.state ?? null;
  const flagged = b.tests.get(pair)?.flagged ?? false;
  const urgency = urgencyOf(state, b.next.has(row.truth), flagged, row.students);
  return [{ row, answer, flagged, urgency }];
}

/** Both directions of one pair, in full; null for one that nobody took. */
export function bothWays(
  b: Background,
  truth: string,
  answer: string,
): readonly [there: MixUpRow | null, back: MixUpRow | null] {
  const at = countsAt(b.rows);
  const intervalOf = intervals();
  const one = (t: string, a: string): MixUpRow | null => {
    const row = b.rows.find((r) => r.named === 'other' && r.truth === t && r.answer === a);
    return row ? rowOf(row, b, at, intervalOf) : null;
  };
  return [one(truth, answer), one(answer, truth)];
}

export interface Placed {
  readonly row: MixUpRow;
  /** The station where most wrote it. */
  readonly station: string | null;
  readonly k: number;
  readonly n: number;
}

/** Mix-ups in full, with the station where most wrote each. */
export function inFull(b: Background, ranked: readonly Ranked[]): readonly Placed[] {
  const at = countsAt(b.rows);
  const intervalOf = intervals();
  return ranked.flatMap(({ row: r }) => {
    const row = rowOf(r, b, at, intervalOf);
    return row ? [{ row, station: r.at_station, k: r.at_k ?? 0, n: r.at_n ?? 0 }] : [];
  });
}

/** Which way a pair is mixed up; null where one of the two was never asked. */
export function directionIn(b: Background, truth: string, answer: string): ReturnType<typeof directionOf> {
  const at = countsAt(b.rows);
  const k = (t: string, a: string): number =>
    b.rows.find((r) => r.named === 'other' && r.truth === t && r.answer === a)?.looks ?? 0;
  return directionOf(
    { k: k(truth, answer), n: at.get(truth)?.n ?? 0 },
    { k: k(answer, truth), n: at.get(answer)?.n ?? 0 },
  );
}
