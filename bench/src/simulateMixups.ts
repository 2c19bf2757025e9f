import { moreThanSlips } from '@hurrow/core/mixups';
import type { PairTest, StudentAt } from '@hurrow/core/mixups';
import { seeded } from '@hurrow/core/numbers';

/** A class as it is made up. */
export interface MadeClass {
  readonly label: string;
  readonly students: number;
  readonly stations: number;
  readonly quizzes: number;
  /** Pairs that are planted, by place in the list, each with the share of students who mix it up at a look. */
  readonly planted: readonly (readonly [truth: number, answer: number, share: number])[];
  /** Names given readily. */
  readonly attractors: number;
  /** How often a look is a slip, on average. */
  readonly slips: number;
}

export interface Outcome {
  readonly label: string;
  readonly classes: number;
  /** Share of planted pairs that are flagged. */
  readonly found: number;
  /** Share of flags that were not planted. */
  readonly falseShare: number;
  /** Share of classes with a flag that was not planted. */
  readonly everFalse: number;
}

const LIST = 47;
const READILY = 4;

/** What one made-up class writes: slips at a rate of each species with shares of each name, and the planted pairs. */
export function madeAnswers(c: MadeClass, seed: number): readonly StudentAt[] {
  const random = seeded(seed);
  const shares = Array.from({ length: LIST }, (_, i) =>
    i >= LIST - c.attractors ? READILY : 0.2 + 1.6 * random(),
  );
  const total = shares.reduce((a, b) => a + b, 0);
  const rates = shares.map(() => c.slips * (0.4 + 1.2 * random()));
  const free = 2 * c.planted.length;
  const by = new Map<string, { student: string; truth: string; looks: number; wrote: Map<string, number> }>();
  for (let quiz = 0; quiz < c.quizzes; quiz += 1) {
    const truths = Array.from(
      { length: c.stations },
      (_, i) => c.planted[i]?.[0] ?? free + Math.floor(random() * (LIST - free)),
    );
    for (let s = 0; s < c.students; s += 1)
      for (const a of truths) {
        const key = `${s}/${a}`;
        const row = by.get(key) ?? {
          student: `p${s}`,
          truth: `s${a}`,
          looks: 0,
          wrote: new Map<string, number>(),
        };
        by.set(key, row);
        row.looks += 1;
        const write = (b: number): void => void row.wrote.set(`s${b}`, (row.wrote.get(`s${b}`) ?? 0) + 1);
        const planted = c.planted.find(([truth]) => truth === a);
        if (planted && random() < planted[2]) {
          write(planted[1]);
          continue;
        }
        if (random() >= (rates[a] ?? 0)) continue;
        let [left, b] = [random() * total, 0];
        while (b < LIST - 1 && (left -= shares[b] ?? 0) > 0) b += 1;
        if (b !== a) write(b);
      }
  }
  return [...by.values()];
}

const NAMES = Array.from({ length: LIST }, (_, i) => `s${i}`);

/** How often planted pairs are found in so many made-up classes, and how often others are flagged. */
export function simulate(c: MadeClass, classes: number): Outcome {
  const isPlanted = (t: PairTest): boolean =>
    c.planted.some(([a, b]) => t.truth === `s${a}` && t.answer === `s${b}`);
  let [found, flags, wrong, ever] = [0, 0, 0, 0];
  for (let i = 0; i < classes; i += 1) {
    const flagged = moreThanSlips(madeAnswers(c, 7 * i + 1), NAMES).filter((t) => t.flagged);
    const others = flagged.filter((t) => !isPlanted(t)).length;
    found += flagged.length - others;
    flags += flagged.length;
    wrong += others;
    ever += others > 0 ? 1 : 0;
  }
  return {
    label: c.label,
    classes,
    found: c.planted.length === 0 ? NaN : found / (classes * c.planted.length),
    falseShare: flags === 0 ? 0 : wrong / flags,
    everFalse: ever / classes,
  };
}

const ONE = [[0, 1, 0.25]] as const;
const BASE: MadeClass = {
  label: 'one pair planted at 0.25, 24 students, one quiz of 12 stations',
  students: 24,
  stations: 12,
  quizzes: 1,
  planted: ONE,
  attractors: 0,
  slips: 0.12,
};

/** The rows of the report. */
export const MADE: readonly MadeClass[] = [
  BASE,
  { ...BASE, label: 'nothing planted', planted: [] },
  { ...BASE, label: '12 students', students: 12 },
  { ...BASE, label: 'three names given readily', attractors: 3 },
  { ...BASE, label: 'three pairs planted', planted: [...ONE, [2, 3, 0.25], [4, 5, 0.25]] },
  { ...BASE, label: 'twice as many slips', slips: 0.25 },
  { ...BASE, label: 'a wrong tag: everybody writes another species', planted: [[0, 1, 0.95]] },
  { ...BASE, label: 'eight quizzes together', quizzes: 8 },
];
