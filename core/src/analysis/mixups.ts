import {
  MIX_UP_SETTINGS,
  classThreshold,
  countMixUps,
  directionOf,
  jeffreys,
  moreThanSlips,
  pairStates,
  poissonTail,
  qValues,
  quasiIndependence,
  studentPairs,
} from '../mixups/index.ts';
import type { PairStateName, StudentAt } from '../mixups/index.ts';
import { retaughtIn } from './lessons.ts';
import type { Lesson } from './lessons.ts';
import { inOrder, sectionsOf } from './sections.ts';
import type { SectionRows } from './sections.ts';
import type { Row } from './types.ts';

export interface FoundMixUp {
  readonly truth: string;
  readonly answer: string;
  readonly k: number;
  readonly n: number;
  readonly n_listed: number;
  readonly low: number;
  readonly high: number;
  readonly students: number;
  readonly students_looked: number;
  readonly guesses: number;
  readonly expected: number | null;
  readonly times: number | null;
  readonly p: number | null;
  readonly q: number | null;
  readonly flagged: boolean;
  readonly state: PairStateName | null;
  readonly simple: { readonly expected: number; readonly p: number; readonly q: number } | null;
}

const key = (a: string, b: string): string => `${a}\u0000${b}`;

export function studentsAt(rows: readonly Row[]): readonly StudentAt[] {
  const by = new Map<string, { student: string; truth: string; looks: number; wrote: Map<string, number> }>();
  for (const r of rows) {
    const at = key(r.student, r.line.species);
    const had = by.get(at) ?? {
      student: r.student,
      truth: r.line.species,
      looks: 0,
      wrote: new Map<string, number>(),
    };
    had.looks += 1;
    if (r.named === 'other' && r.answer !== null) had.wrote.set(r.answer, (had.wrote.get(r.answer) ?? 0) + 1);
    by.set(at, had);
  }
  return [...by.values()];
}

const WORST: readonly PairStateName[] = ['stubborn', 'repeat', 'new', 'fading', 'fixed'];

/** How each pair stands now: in one section, or the worst of several. */
function statesOf(
  sections: readonly SectionRows[],
  lessons: readonly Lesson[],
  flagged: ReadonlySet<string>,
): ReadonlyMap<string, PairStateName> {
  const found = new Map<string, PairStateName>();
  for (const { section, sittings } of sections)
    for (const p of pairStates(sittings, retaughtIn(lessons, section), {
      settings: MIX_UP_SETTINGS,
      flagged,
    })) {
      if (p.toSeq !== null) continue;
      const at = key(p.a, p.b);
      const had = found.get(at);
      if (had === undefined || WORST.indexOf(p.state) < WORST.indexOf(had)) found.set(at, p.state);
    }
  return found;
}

/** Every directed mix-up, by truth and then by k. In a class under ten students there are counts alone. */
export function findMixUps(
  rows: readonly Row[],
  names: readonly string[],
  isSmall: boolean,
  lessons: readonly Lesson[],
): readonly FoundMixUp[] {
  const looks = rows.map((r, i) => ({
    id: String(i),
    student: r.student,
    truth: r.line.species,
    named: r.named,
    answer: r.answer,
    sure: r.line.sure,
  }));
  const counted = countMixUps(looks);
  const tests = new Map(
    (isSmall ? [] : moreThanSlips(studentsAt(rows), names)).map((t) => [key(t.truth, t.answer), t]),
  );
  const wrong = new Map<string, Map<string, number>>();
  for (const m of counted)
    wrong.set(m.truth, (wrong.get(m.truth) ?? new Map<string, number>()).set(m.answer, m.k));
  const expected = quasiIndependence(wrong, names);
  const ps = counted.map((m) => poissonTail(m.k, expected(m.truth, m.answer)));
  const truths = new Set(rows.map((r) => r.line.species));
  const qs = qValues(ps, truths.size * Math.max(0, names.length - 1));
  const flagged = new Set([...tests.values()].flatMap((t) => (t.flagged ? [`${t.truth}/${t.answer}`] : [])));
  const states = statesOf(sectionsOf(rows), lessons, flagged);
  const looked = new Map<string, Set<string>>();
  for (const r of rows) looked.set(r.line.species, (looked.get(r.line.species) ?? new Set()).add(r.student));
  return counted
    .map((m, i): FoundMixUp => {
      const t = tests.get(key(m.truth, m.answer));
      return {
        truth: m.truth,
        answer: m.answer,
        k: m.k,
        n: m.n,
        n_listed: m.named,
        low: m.interval.low,
        high: m.interval.high,
        students: m.students.length,
        students_looked: looked.get(m.truth)?.size ?? 0,
        guesses: m.guesses,
        expected: t?.expected ?? null,
        times: t?.times ?? null,
        p: t?.p ?? null,
        q: t?.q ?? null,
        flagged: t?.flagged ?? false,
        state: states.get(key(m.truth, m.answer)) ?? null,
        simple: isSmall ? null : { expected: expected(m.truth, m.answer), p: ps[i] ?? 1, q: qs[i] ?? 1 },
      };
    })
    .sort((a, b) => a.truth.localeCompare(b.truth) || b.k - a.k || a.answer.localeCompare(b.answer));
}

export interface FoundDirection {
  readonly a: string;
  readonly b: string;
  readonly share: number;
  readonly low: number;
  readonly high: number;
  readonly p_a_more: number;
}

/** Which way each pair is mixed up where both species were asked. */
export function findDirections(
  mixups: readonly FoundMixUp[],
  rows: readonly Row[],
): readonly FoundDirection[] {
  const asked = new Map<string, number>();
  for (const r of rows) asked.set(r.line.species, (asked.get(r.line.species) ?? 0) + 1);
  const k = new Map(mixups.map((m) => [key(m.truth, m.answer), m.k]));
  const pairs = new Map(
    mixups.map((m) => {
      const [a, b] = m.truth < m.answer ? [m.truth, m.answer] : [m.answer, m.truth];
      return [key(a, b), [a, b] as const];
    }),
  );
  return [...pairs.values()]
    .sort(([a, b], [c, d]) => a.localeCompare(c) || b.localeCompare(d))
    .flatMap(([a, b]): FoundDirection[] => {
      const found = directionOf(
        { k: k.get(key(a, b)) ?? 0, n: asked.get(a) ?? 0 },
        { k: k.get(key(b, a)) ?? 0, n: asked.get(b) ?? 0 },
      );
      return found
        ? [{ a, b, share: found.share, low: found.low, high: found.high, p_a_more: found.more }]
        : [];
    });
}

/** Mix-ups of each student with their chances and repeats; a tree is met again where the quiz and station are the same. */
export function findRepeats(rows: readonly Row[]) {
  const dated = inOrder(rows).map(({ row: r, metBefore }) => ({
    student: r.student,
    truth: r.line.species,
    answer: r.answer,
    on: r.line.on,
    returnedOn: r.line.returned,
    fresh: metBefore ? 0 : 1,
  }));
  return studentPairs(dated)
    .map((p) => ({
      student: p.student,
      pair: p.pair,
      first: p.first,
      opportunities: p.chances,
      repeats: p.repeats,
    }))
    .sort(
      (a, b) =>
        a.student.localeCompare(b.student, 'en', { numeric: true }) ||
        a.pair.join().localeCompare(b.pair.join()),
    );
}

/** Pairs of a class in at least two sittings, a later one held after results of an earlier were returned. */
export function findClassRepeats(rows: readonly Row[]) {
  const found = new Map<
    string,
    { pair: readonly [string, string]; quizzes: number; students: Set<string> }
  >();
  for (const { rows: own, sittings } of sectionsOf(rows)) {
    const pairs = new Set(sittings.flatMap((s) => [...s.wrote.keys()]));
    for (const pair of pairs) {
      const [a = '', b = ''] = pair.split('/');
      const shown = sittings.filter(
        (s) => (s.wrote.get(pair) ?? 0) >= classThreshold(s.lookedAt.get(a) ?? 0) && s.students >= 10,
      );
      const again = shown.filter((s) => shown.some((x) => x.returnedOn !== null && x.returnedOn < s.on));
      if (again.length === 0) continue;
      const at = key(...((a < b ? [a, b] : [b, a]) as [string, string]));
      const had = found.get(at) ?? { pair: a < b ? [a, b] : [b, a], quizzes: 0, students: new Set<string>() };
      for (const r of own) if (r.line.species === a && r.answer === b) had.students.add(r.student);
      found.set(at, { ...had, quizzes: had.quizzes + 1 + again.length });
    }
  }
  return [...found.values()]
    .map(({ pair, quizzes, students }) => ({ pair, quizzes, students: students.size }))
    .sort((a, b) => a.pair.join().localeCompare(b.pair.join()));
}

/** The rate of wrong names over all answers, with its interval. */
export function slipRate(
  rows: readonly Row[],
): { readonly rate: number; readonly low: number; readonly high: number } | null {
  if (rows.length === 0) return null;
  const k = rows.filter((r) => r.named === 'other').length;
  const { low, high } = jeffreys(k, rows.length);
  return { rate: k / rows.length, low, high };
}
