import { jeffreys } from '@hurrow/core/mixups';
import { expit, fitMisses, ratePrior } from '@hurrow/core/misses';
import type { MissData, MissForm } from '@hurrow/core/misses';
import { seeded } from '@hurrow/core/numbers';
import { USUAL_TERM, madeTerm, normal } from './madeLooks.ts';
import type { MadeTerm } from './madeLooks.ts';

/** How miss rates of made-up classes are drawn: from the prior, or all alike. */
export type Drawn = 'prior' | number;

/** One character of one class as a form has it. */
interface Found {
  readonly truth: number;
  readonly value: number;
  /** Null where the form has no interval. */
  readonly interval: { readonly low: number; readonly high: number } | null;
  readonly reported: boolean;
  /** Whether its class's answers could tell it, were everything else known. */
  readonly identifiable: boolean;
}

export interface FormOutcome {
  readonly form: string;
  readonly classes: number;
  readonly reported: number;
  /** Share of identifiable characters that are reported. */
  readonly share: number;
  /** Root of the mean squared error of what is reported, and of the prior at the same characters. */
  readonly error: number;
  readonly priorError: number;
  /** Spearman's rank correlation of truth and estimate over each class's reported characters, on average; null where all are alike. */
  readonly rank: number | null;
  readonly bias: number;
  /** Share of reported 90% intervals that hold the truth, with its error over classes. */
  readonly coverage: number | null;
  readonly coverageError: number | null;
}

const CHARACTERS = 14;
const PRIOR = 0.1;
const ESTIMATED = 0.6;
/** Fewest looks a plain rate is said of. */
const FEWEST = 20;

const drawnRates = (drawn: Drawn, seed: number): readonly number[] => {
  const random = seeded(seed + 1_000_000);
  const { mean, sd } = ratePrior(PRIOR);
  return Array.from({ length: CHARACTERS }, () =>
    drawn === 'prior' ? expit(mean + sd * normal(random)) : drawn,
  );
};

type Form = (data: MissData, rates: readonly number[]) => readonly Found[];

const fitted =
  (form: MissForm): Form =>
  (data, rates) =>
    fitMisses(data, undefined, form).rates.map((r, i) => ({
      truth: rates[i] ?? 0,
      value: r.m.value,
      interval: r.m,
      reported: r.verdict === 'estimated',
      identifiable: r.aloneSd < ESTIMATED * r.priorSd,
    }));

/** What the vocabulary says of learners in general. */
const vocabulary: Form = (data, rates) =>
  data.characters.map((c, i) => ({
    truth: rates[i] ?? 0,
    value: c.prior,
    interval: null,
    reported: true,
    identifiable: true,
  }));

/** Character questions alone: wrong of answered. */
const callsAlone: Form = (data, rates) =>
  data.characters.map((c, i) => {
    const calls = data.looks.flatMap((l) => l.calls.filter((k) => k.character === c.id));
    const wrong = calls.filter((k) => !k.right).length;
    const at = calls.length === 0 ? null : jeffreys(wrong, calls.length, 0.9);
    return {
      truth: rates[i] ?? 0,
      value: calls.length === 0 ? PRIOR : wrong / calls.length,
      interval: at,
      reported: calls.length >= FEWEST,
      identifiable: true,
    };
  });

/** Pairs that one character alone separates: half of those who miss it write the other name. */
const onePair: Form = (data, rates) => {
  const counts = new Map(data.characters.map((c) => [c.id, { k: 0, n: 0 }]));
  for (const look of data.looks) {
    for (const r of data.stations[look.station]?.rivals ?? []) {
      const [only] = r.tells;
      if (!only || r.tells.length !== 1 || only.overlap > 0) continue;
      const at = counts.get(only.character);
      if (!at) continue;
      at.n += 1;
      at.k += look.named === r.taxon ? 1 : 0;
    }
  }
  return data.characters.map((c, i) => {
    const { k, n } = counts.get(c.id) ?? { k: 0, n: 0 };
    const at = n === 0 ? null : jeffreys(k, n, 0.9);
    return {
      truth: rates[i] ?? 0,
      value: n === 0 ? PRIOR : Math.min(1, (2 * k) / n),
      interval: at && { low: Math.min(1, 2 * at.low), high: Math.min(1, 2 * at.high) },
      reported: n >= FEWEST,
      identifiable: true,
    };
  });
};

export const FORMS: readonly (readonly [name: string, form: Form])[] = [
  ['the vocabulary as it ships', vocabulary],
  ['character questions alone', callsAlone],
  ['pairs that one character separates', onePair],
  ['the model without readiness of names', fitted({ readiness: false, slips: true })],
  ['the model without slips', fitted({ readiness: true, slips: false })],
  ['the model', fitted({ readiness: true, slips: true })],
];

/** Ranks with ties shared. */
function ranksOf(xs: readonly number[]): readonly number[] {
  return xs.map((x) => xs.filter((y) => y < x).length + (xs.filter((y) => y === x).length - 1) / 2);
}

function correlation(xs: readonly number[], ys: readonly number[]): number | null {
  const mean = (v: readonly number[]): number => v.reduce((a, b) => a + b, 0) / v.length;
  const [mx, my] = [mean(xs), mean(ys)];
  let [xy, xx, yy] = [0, 0, 0];
  xs.forEach((x, i) => {
    const [a, b] = [x - mx, (ys[i] ?? 0) - my];
    xy += a * b;
    xx += a * a;
    yy += b * b;
  });
  return xx === 0 || yy === 0 ? null : xy / Math.sqrt(xx * yy);
}

const meanOf = (xs: readonly number[]): number => xs.reduce((a, b) => a + b, 0) / Math.max(1, xs.length);

function outcomeOf(form: string, classes: readonly (readonly Found[])[]): FormOutcome {
  const all = classes.flat();
  const reported = all.filter((f) => f.reported);
  const identifiable = all.filter((f) => f.identifiable);
  const ranks = classes.flatMap((c) => {
    const own = c.filter((f) => f.reported);
    const r = correlation(ranksOf(own.map((f) => f.truth)), ranksOf(own.map((f) => f.value)));
    return r === null ? [] : [r];
  });
  const held = classes.flatMap((c) => {
    const own = c.filter((f) => f.reported && f.interval);
    if (own.length === 0) return [];
    const inside = own.filter((f) => f.interval && f.interval.low <= f.truth && f.truth <= f.interval.high);
    return [{ k: inside.length, n: own.length }];
  });
  const n = held.reduce((sum, h) => sum + h.n, 0);
  const coverage = n === 0 ? null : held.reduce((sum, h) => sum + h.k, 0) / n;
  const spread = coverage === null ? 0 : held.reduce((sum, h) => sum + (h.k - h.n * coverage) ** 2, 0);
  return {
    form,
    classes: classes.length,
    reported: reported.length,
    share: identifiable.filter((f) => f.reported).length / Math.max(1, identifiable.length),
    error: Math.sqrt(meanOf(reported.map((f) => (f.value - f.truth) ** 2))),
    priorError: Math.sqrt(meanOf(reported.map((f) => (PRIOR - f.truth) ** 2))),
    rank: ranks.length === 0 ? null : meanOf(ranks),
    bias: meanOf(reported.map((f) => f.value - f.truth)),
    coverage,
    coverageError: coverage === null ? null : Math.sqrt(spread) / n,
  };
}

/**
 * Holds a form against classes whose answers are made up by elimination; see madeLooks.ts.
 * @param seeds the classes, one of each.
 * @param more how the classes are otherwise than usual.
 */
export function simulateMisses(
  [name, form]: (typeof FORMS)[number],
  drawn: Drawn,
  seeds: readonly number[],
  more: Partial<MadeTerm> = {},
): FormOutcome {
  return outcomeOf(
    name,
    seeds.map((seed) => {
      const rates = drawnRates(drawn, seed);
      return form(madeTerm({ ...USUAL_TERM, ...more, rates }, seed), rates);
    }),
  );
}
