import { lessonEffect } from '@hurrow/core/mixups';
import type { EffectOf, EffectVerdict, FreshCount } from '@hurrow/core/mixups';
import { seeded } from '@hurrow/core/numbers';

/** A made-up class with a lesson: how often its pairs are mixed up before and after, and when it was asked. */
export interface MadeLesson {
  readonly name: string;
  readonly students: number;
  /** How often each pair is mixed up at a look before the lesson. */
  readonly rates: readonly number[];
  /** How often the pair that is taught is mixed up after the lesson, from how often it was before. */
  readonly taught: (before: number) => number;
  /** The same of every other pair. */
  readonly others: (before: number) => number;
  /** Sittings before the lesson and after it; every one asks every pair at a new tree. */
  readonly before: number;
  readonly after: number;
}

const same = (rate: number): number => rate;
const FEW = [0.33, 0.33, 0.33, 0.2, 0.2, 0.1, 0.05, 0.05, 0.05, 0.05, 0.05, 0.05];
const ALIKE = Array.from({ length: 12 }, () => 0.15);

/** The lessons of the report: three without an effect, then three with one. */
export const MADE_LESSONS: readonly MadeLesson[] = [
  { name: 'no effect', students: 24, rates: FEW, taught: same, others: same, before: 2, after: 1 },
  {
    name: 'no effect, all pairs alike and the worst taught',
    students: 24,
    rates: ALIKE,
    taught: same,
    others: same,
    before: 2,
    after: 2,
  },
  {
    name: 'no effect, the whole class gets better by itself',
    students: 24,
    rates: FEW,
    taught: (r) => 0.7 * r,
    others: (r) => 0.7 * r,
    before: 2,
    after: 2,
  },
  {
    name: 'from 0.33 to 0.08, one quiz after',
    students: 24,
    rates: FEW,
    taught: () => 0.08,
    others: same,
    before: 2,
    after: 1,
  },
  {
    name: 'from 0.33 to 0.08, two quizzes after',
    students: 24,
    rates: FEW,
    taught: () => 0.08,
    others: same,
    before: 2,
    after: 2,
  },
  {
    name: 'from 0.33 to 0.08, flagged by the only quiz before',
    students: 24,
    rates: FEW,
    taught: () => 0.08,
    others: same,
    before: 1,
    after: 2,
  },
];

/** Students of 24 who must have mixed a pair up at one sitting before it is taken for flagged. */
const FLAGGED = 5;
const FEWEST = 20;
const LESSON_ON = '2026-10-15';
const dayOf = (seq: number, before: number): string =>
  new Date(Date.UTC(2026, 9, 15 + 7 * (seq - before) - (seq <= before ? 3 : 4))).toISOString().slice(0, 10);

export interface LessonOutcome {
  readonly name: string;
  /** Classes in which a pair was flagged and taught. */
  readonly lessons: number;
  readonly verdicts: Readonly<Record<EffectVerdict, number>>;
}

interface PairOf extends EffectOf {
  readonly rate: number;
  readonly pooled: number;
}

/** The answers of one class; the pair that most students mixed up before the lesson is taught, of those that were flagged. */
function oneLesson(made: MadeLesson, seed: number): EffectVerdict | null {
  const random = seeded(seed);
  const draw = (rate: number): number => {
    let k = 0;
    for (let i = 0; i < made.students; i += 1) if (random() < rate) k += 1;
    return k;
  };
  const sittings = made.before + made.after;
  const count = (seq: number, k: number): FreshCount => ({
    seq,
    on: dayOf(seq, made.before),
    material: 'standing',
    k,
    n: made.students,
  });
  const earlier = made.rates.map((rate) => Array.from({ length: made.before }, () => draw(rate)));
  const pairs = made.rates.flatMap((rate, i): PairOf[] => {
    const own = earlier[i] ?? [];
    const at = own.findIndex((k) => k >= FLAGGED);
    return at < 0
      ? []
      : [
          {
            rate,
            fresh: own.map((k, s) => count(s + 1, k)),
            flaggedBy: at + 1,
            pooled: own.reduce((sum, k) => sum + k, 0),
          },
        ];
  });
  // What is asked before the lesson is that of the pair with the planted rate where an effect is planted.
  const [taught] = [...pairs].sort((a, b) => b.pooled - a.pooled);
  if (!taught) return null;
  const followed = (p: PairOf): EffectOf => ({
    flaggedBy: p.flaggedBy,
    fresh: [
      ...p.fresh,
      ...Array.from({ length: sittings - made.before }, (_, s) =>
        count(made.before + s + 1, draw(p === taught ? made.taught(p.rate) : made.others(p.rate))),
      ),
    ],
  });
  const own = followed(taught);
  const rest = pairs.filter((p) => p !== taught).map(followed);
  return lessonEffect(own, LESSON_ON, rest, FEWEST).verdict;
}

/** Runs one kind of lesson in many made-up classes, always the same ones for the same seeds. */
export function simulateLessons(made: MadeLesson, seeds: readonly number[]): LessonOutcome {
  const verdicts = { helped: 0, fell: 0, 'no sign': 0, 'too few': 0 };
  let lessons = 0;
  for (const seed of seeds) {
    const verdict = oneLesson(made, seed);
    if (verdict === null) continue;
    lessons += 1;
    verdicts[verdict] += 1;
  }
  return { name: made.name, lessons, verdicts };
}
