import type { MixUpRow } from '@hurrow/contract';
import { FLAGS, countMixUps, directionOf, moreThanSlips } from '@hurrow/core/mixups';
import type { Look, MixUp, PairTest, StudentAt } from '@hurrow/core/mixups';
import type { LookRow } from './looks.ts';
import type { Background } from './background.ts';
import { readingsOf } from './readings.ts';
import { pairsByStudent } from './students.ts';
import { tagDoubts } from './tags.ts';
import type { TagDoubt } from './tags.ts';

export const asLook = (l: LookRow): Look => ({
  id: l.id,
  student: l.student,
  truth: l.truth,
  named: l.named,
  answer: l.answer,
  sure: l.sure,
});

/** What each student did at trees of each species, for the test against slips. */
export function studentsAt(looks: readonly LookRow[]): readonly StudentAt[] {
  const by = new Map<string, { student: string; truth: string; looks: number; wrote: Map<string, number> }>();
  for (const l of looks) {
    const key = `${l.student}/${l.truth}`;
    const row = by.get(key) ?? {
      student: l.student,
      truth: l.truth,
      looks: 0,
      wrote: new Map<string, number>(),
    };
    row.looks += 1;
    if (l.named === 'other' && l.answer !== null) row.wrote.set(l.answer, (row.wrote.get(l.answer) ?? 0) + 1);
    by.set(key, row);
  }
  return [...by.values()];
}

const key = (a: string, b: string): string => `${a}/${b}`;
const both = (a: string, b: string): string => (a < b ? key(a, b) : key(b, a));

/** The station where most wrote it, of those who looked there. */
function whereMost(m: MixUp, looks: readonly LookRow[]): MixUpRow['at'] {
  const places = new Map<string, { k: number; n: number; row: LookRow }>();
  for (const l of looks) {
    if (l.truth !== m.truth) continue;
    const place = `${l.sitting}/${l.number}`;
    const had = places.get(place) ?? { k: 0, n: 0, row: l };
    places.set(place, { ...had, n: had.n + 1, k: had.k + (l.answer === m.answer ? 1 : 0) });
  }
  const [most] = [...places.values()].sort((a, b) => b.k - a.k || b.row.on_date.localeCompare(a.row.on_date));
  if (!most || most.k === 0) return null;
  const { k, n, row } = most;
  return { k, n, quiz: row.quiz_name, on: row.on_date, station: row.number };
}

/** The character that most of the looks called wrong. */
function characterBehind(readings: readonly (readonly { readonly kind: string }[])[]): string | null {
  const counts = new Map<string, number>();
  for (const r of readings.flat())
    if (r.kind === 'misread' && 'characters' in r)
      for (const c of r.characters as readonly string[]) counts.set(c, (counts.get(c) ?? 0) + 1);
  const [first] = [...counts].sort(([a, n], [b, m]) => m - n || a.localeCompare(b));
  return first?.[0] ?? null;
}

/** Everything counted once that every row of the board is read from. */
interface Counts {
  readonly tests: ReadonlyMap<string, PairTest>;
  readonly again: ReadonlyMap<string, { k: number; n: number }>;
  readonly looked: ReadonlyMap<string, ReadonlySet<string>>;
  readonly byId: ReadonlyMap<string, LookRow>;
  readonly all: ReadonlyMap<string, MixUp>;
  /** Stations whose answers speak for another species than the tag, by `tag/other`. */
  readonly doubts: ReadonlyMap<string, TagDoubt>;
}

function countsOf(b: Background, found: readonly MixUp[]): Counts {
  const tests =
    b.flags ??
    (b.small ? [] : moreThanSlips(studentsAt(b.looks), b.names, { ...b.settings, lowest: FLAGS.lowest }));
  const again = new Map<string, { k: number; n: number }>();
  for (const r of pairsByStudent(b.looks).values()) {
    const had = again.get(key(...r.pair)) ?? { k: 0, n: 0 };
    again.set(key(...r.pair), { k: had.k + r.repeats, n: had.n + r.chances });
  }
  const looked = new Map<string, Set<string>>();
  for (const l of b.looks) looked.set(l.truth, (looked.get(l.truth) ?? new Set()).add(l.student));
  return {
    tests: new Map(tests.map((t) => [key(t.truth, t.answer), t])),
    again,
    looked,
    byId: new Map(b.looks.map((l) => [l.id, l])),
    all: new Map(found.map((m) => [key(m.truth, m.answer), m])),
    doubts: tagDoubts(b.looks, b.foundRight),
  };
}

/** Fewer students than this are no pair of the class, whose direction is worked out only where it is looked at. */
const FEW = 3;

function rowOf(m: MixUp, b: Background, c: Counts, looked: (m: MixUp) => boolean): MixUpRow | null {
  const [truth, answer] = [b.headers.get(m.truth), b.headers.get(m.answer)];
  if (!truth || !answer) return null;
  const looks = m.looks.flatMap((id) => c.byId.get(id) ?? []);
  const called = looks.filter((l) => l.calls.length > 0);
  const readings = called.map((l) => readingsOf(l, b));
  const kinds = readings.map((r) => r.map((x) => x.kind));
  const students = new Map(
    looks.map((l) => [l.student, { id: l.student, code: l.code, firstName: l.first_name }]),
  );
  const test = c.tests.get(key(m.truth, m.answer));
  const onTruth = b.looks.filter((l) => l.truth === m.truth);
  const split = (met: boolean): { k: number; n: number } => ({
    k: looks.filter((l) => l.met_before === met).length,
    n: onTruth.filter((l) => l.met_before === met).length,
  });
  const turned = c.all.get(key(m.answer, m.truth));
  const state = b.states.get(key(m.truth, m.answer));
  return {
    truth,
    answer,
    k: m.k,
    n: m.n,
    named: m.named,
    low: m.interval.low,
    high: m.interval.high,
    guesses: m.guesses,
    students: [...students.values()],
    withCalls: called.length,
    misread: kinds.filter((k) => k.includes('misread')).length,
    linkMissing: kinds.filter((k) => k.includes('link_missing')).length,
    responses: m.looks,
    state: state?.state ?? null,
    since: state?.since ?? null,
    looked: c.looked.get(m.truth)?.size ?? 0,
    slips: test
      ? { expected: test.expected, times: test.times, p: test.p, q: test.q, flagged: test.flagged }
      : null,
    fresh: split(false),
    met: split(true),
    again: c.again.get(both(m.truth, m.answer)) ?? { k: 0, n: 0 },
    at: whereMost(m, b.looks),
    next: b.next.get(m.truth) ?? null,
    character: characterBehind(readings),
    direction:
      students.size >= FEW || looked(m)
        ? directionOf(
            { k: m.k, n: m.n },
            { k: turned?.k ?? 0, n: b.looks.filter((l) => l.truth === m.answer).length },
          )
        : null,
    tagDoubt: c.doubts.get(key(m.truth, m.answer)) ?? null,
    retest: b.retest.has(key(m.truth, m.answer)),
  };
}

const STATES = ['stubborn', 'repeat', 'new', 'fading', 'fixed'] as const;

/** What to act on first: in the next quiz, came back, flagged, most students. */
const urgency = (r: MixUpRow): readonly number[] => [
  r.state === 'stubborn' || r.state === 'repeat' ? 0 : 1,
  r.next ? 0 : 1,
  r.slips?.flagged ? 0 : 1,
  -r.students.length,
  STATES.indexOf(r.state ?? 'fading'),
];

function byUrgency(a: MixUpRow, b: MixUpRow): number {
  const [x, y] = [urgency(a), urgency(b)];
  for (const [i, v] of x.entries()) if (v !== y[i]) return v - (y[i] ?? 0);
  return (
    a.truth.scientific.localeCompare(b.truth.scientific) ||
    a.answer.scientific.localeCompare(b.answer.scientific)
  );
}

/**
 * Every directed mix-up of the looks, what to act on first in front.
 * @param looked whether a pair is looked at by itself.
 */
export function pairsOf(
  b: Background,
  looked: (m: Pick<MixUp, 'truth' | 'answer'>) => boolean = () => false,
): readonly MixUpRow[] {
  const found = countMixUps(b.looks.map(asLook));
  const counts = countsOf(b, found);
  return found.flatMap((m) => rowOf(m, b, counts, looked) ?? []).sort(byUrgency);
}
