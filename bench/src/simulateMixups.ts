import { flagsAfter, moreThanSlips, quasiIndependence } from '@hurrow/core/mixups';
import type { PairFlag, PairTest, StudentAt } from '@hurrow/core/mixups';
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
  /** Students who answer as one: one look of the group. */
  readonly groups?: number;
  /** Sheets whose lines stand one station off: how many, and whether somebody saw it, so that they wait. */
  readonly shifted?: { readonly share: number; readonly seen: boolean };
  /** Whether flags are worked out at each return, one after the other, as the program does. */
  readonly followed?: boolean;
}

export interface Outcome {
  readonly label: string;
  readonly classes: number;
  /** Share of planted pairs that are flagged. */
  readonly found: number;
  /** Share of flags that are no mix-up of the generator. */
  readonly falseShare: number;
  /** Share of classes that ever had such a flag. */
  readonly everFalse: number;
}

const LIST = 47;
const READILY = 4;
/** A pair is a real mix-up where its chance is above this many times what rows and columns alone would give. */
const REAL = 1.5;
const LEAST = 0.01;

interface Generator {
  readonly rates: readonly number[];
  readonly shares: readonly number[];
}

function generatorOf(c: MadeClass, random: () => number): Generator {
  const raw = Array.from({ length: LIST }, (_, i) =>
    i >= LIST - c.attractors ? READILY : 0.2 + 1.6 * random(),
  );
  const total = raw.reduce((a, b) => a + b, 0);
  return { shares: raw.map((x) => x / total), rates: raw.map(() => c.slips * (0.4 + 1.2 * random())) };
}

/** The chance that a look at one species names another, as the generator has it. */
function chanceOf({ rates, shares }: Generator, c: MadeClass, a: number, b: number): number {
  const planted = c.planted.find(([truth]) => truth === a);
  const slip = (rates[a] ?? 0) * (shares[b] ?? 0);
  return planted ? (planted[1] === b ? planted[2] : 0) + (1 - planted[2]) * slip : slip;
}

/**
 * Pairs that are no mix-up of the generator: their chance is at most one and a half times quasi-independence of its own
 * matrix, or under one in a hundred. Source: docs/formulas.md, More than slips.
 */
function falseIn(g: Generator, c: MadeClass): (truth: string, answer: string) => boolean {
  const species = Array.from({ length: LIST }, (_, i) => i);
  const matrix = new Map<string, ReadonlyMap<string, number>>(
    species.map((a) => [
      `s${a}`,
      new Map<string, number>(
        species.flatMap((b) => (b === a ? [] : [[`s${b}`, chanceOf(g, c, a, b)] as const])),
      ),
    ]),
  );
  const expected = quasiIndependence(matrix, NAMES);
  return (truth, answer) => {
    const p = matrix.get(truth)?.get(answer) ?? 0;
    return p < LEAST || p <= REAL * expected(truth, answer);
  };
}

interface Made {
  /** What each student, or each group that answers as one, did: after each quiz, all up to then together. */
  readonly through: readonly (readonly StudentAt[])[];
  readonly isFalse: (truth: string, answer: string) => boolean;
}

/** What one sheet says at each station of a quiz: a species, or null where it is right. */
function sheetOf(
  c: MadeClass,
  g: Generator,
  truths: readonly number[],
  random: () => number,
): readonly number[] {
  return truths.map((a) => {
    const planted = c.planted.find(([truth]) => truth === a);
    if (planted && random() < planted[2]) return planted[1];
    if (random() >= (g.rates[a] ?? 0)) return a;
    let [left, b] = [random(), 0];
    while (b < LIST - 1 && (left -= g.shares[b] ?? 0) > 0) b += 1;
    return b;
  });
}

/** One made-up class with its seed: slips at a rate of each species with shares of each name, and the planted pairs. */
export function madeClass(c: MadeClass, seed: number): Made {
  const random = seeded(seed);
  const g = generatorOf(c, random);
  const free = 2 * c.planted.length;
  const by = new Map<string, { student: string; truth: string; looks: number; wrote: Map<string, number> }>();
  const through: StudentAt[][] = [];
  const writers = Math.floor(c.students / (c.groups ?? 1));
  for (let quiz = 0; quiz < c.quizzes; quiz += 1) {
    const truths = Array.from(
      { length: c.stations },
      (_, i) => c.planted[i]?.[0] ?? free + Math.floor(random() * (LIST - free)),
    );
    for (let s = 0; s < writers; s += 1) {
      const sheet = sheetOf(c, g, truths, random);
      const isShifted = random() < (c.shifted?.share ?? 0);
      // A sheet whose lines may stand one off waits until somebody decides; one that nobody saw counts as it was written.
      if (isShifted && c.shifted?.seen) continue;
      truths.forEach((a, i) => {
        const key = `${s}/${a}`;
        const row = by.get(key) ?? {
          student: `p${s}`,
          truth: `s${a}`,
          looks: 0,
          wrote: new Map<string, number>(),
        };
        by.set(key, row);
        row.looks += 1;
        const b = isShifted ? (sheet[i + 1] ?? a) : (sheet[i] ?? a);
        if (b !== a) row.wrote.set(`s${b}`, (row.wrote.get(`s${b}`) ?? 0) + 1);
      });
    }
    through.push([...by.values()].map((r) => ({ ...r, wrote: new Map(r.wrote) })));
  }
  return { through, isFalse: falseIn(g, c) };
}

/** The answers of a made-up class, all its quizzes together. */
export const madeAnswers = (c: MadeClass, seed: number): readonly StudentAt[] =>
  madeClass(c, seed).through.at(-1) ?? [];

const NAMES = Array.from({ length: LIST }, (_, i) => `s${i}`);

/** The pairs flagged at the end; and all that ever were, where flags are followed from return to return. */
function flaggedIn(
  c: MadeClass,
  made: Made,
): { readonly last: readonly PairTest[]; readonly ever: readonly PairTest[] } {
  if (!c.followed) {
    const last = moreThanSlips(made.through.at(-1) ?? [], NAMES).filter((t) => t.flagged);
    return { last, ever: last };
  }
  let flags: readonly PairFlag[] = [];
  const ever = new Map<string, PairTest>();
  for (const rows of made.through) {
    flags = flagsAfter(flags, moreThanSlips(rows, NAMES));
    for (const f of flags) if (f.flagged) ever.set(`${f.truth}/${f.answer}`, f);
  }
  return { last: flags.filter((f) => f.flagged), ever: [...ever.values()] };
}

/** How often planted pairs are found in so many made-up classes, and how often others are flagged. */
export function simulate(c: MadeClass, classes: number): Outcome {
  const isPlanted = (t: PairTest): boolean =>
    c.planted.some(([a, b]) => t.truth === `s${a}` && t.answer === `s${b}`);
  let [found, flags, wrong, ever] = [0, 0, 0, 0];
  for (let i = 0; i < classes; i += 1) {
    const made = madeClass(c, 7 * i + 1);
    const flagged = flaggedIn(c, made);
    found += flagged.last.filter(isPlanted).length;
    flags += flagged.last.length;
    wrong += flagged.last.filter((t) => made.isFalse(t.truth, t.answer)).length;
    ever += flagged.ever.some((t) => made.isFalse(t.truth, t.answer)) ? 1 : 0;
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
  { ...BASE, label: '48 students who answer in groups of two', students: 48, groups: 2 },
  { ...BASE, label: 'one sheet in twelve shifted, seen and waiting', shifted: { share: 1 / 12, seen: true } },
  {
    ...BASE,
    label: 'one sheet in twelve shifted, and nobody saw it',
    shifted: { share: 1 / 12, seen: false },
  },
  { ...BASE, label: 'eight quizzes together', quizzes: 8 },
  { ...BASE, label: 'eight quizzes, flags followed from return to return', quizzes: 8, followed: true },
  {
    ...BASE,
    label: 'the same with three names given readily',
    quizzes: 8,
    followed: true,
    attractors: 3,
  },
  { ...BASE, label: 'the same with nothing planted', quizzes: 8, followed: true, planted: [] },
];
