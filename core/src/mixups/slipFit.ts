import gammaln from '@stdlib/math-base-special-gammaln';

/** Looks by which a species' rate of slips is drawn toward the rate of all. */
const RATE_WEIGHT = 2;
/** Wrong answers by which each name's share is drawn toward an equal one, where too few answers tell a better weight. */
const SHARE_WEIGHT = 0.5;
const ENOUGH_TO_WEIGH = 200;
const WEIGHTS = [0.1, 0.2, 0.35, 0.5, 0.75, 1, 1.5, 2, 3, 5, 10] as const;
const STEPS = 60;
const CLOSE = 1e-10;

/** Wrong names by species, all students together. Cells are `truth/answer`. */
export interface SlipTable {
  readonly truths: readonly string[];
  readonly names: readonly string[];
  /** Looks at each species. */
  readonly looks: ReadonlyMap<string, number>;
  /** Looks that named another species, by truth and then by answer. */
  readonly wrong: ReadonlyMap<string, ReadonlyMap<string, number>>;
}

/** How often a tree of a species is named wrong by a slip, and which names slips give. */
export interface SlipFit {
  readonly rate: (truth: string) => number;
  readonly share: (answer: string) => number;
  /** How uncertain each is: the square of its coefficient of variation. */
  readonly rateSpread: (truth: string) => number;
  readonly shareSpread: (answer: string) => number;
}

export interface LeftOut {
  readonly truth: string;
  readonly answer: string;
}

interface Sums {
  readonly byTruth: ReadonlyMap<string, number>;
  readonly byAnswer: ReadonlyMap<string, number>;
  readonly all: number;
}

function sumsWithout({ wrong }: SlipTable, without: LeftOut | null): Sums {
  const byTruth = new Map<string, number>();
  const byAnswer = new Map<string, number>();
  let all = 0;
  for (const [truth, answers] of wrong)
    for (const [answer, n] of answers) {
      if (without?.truth === truth && without.answer === answer) continue;
      byTruth.set(truth, (byTruth.get(truth) ?? 0) + n);
      byAnswer.set(answer, (byAnswer.get(answer) ?? 0) + n);
      all += n;
    }
  return { byTruth, byAnswer, all };
}

/** Log marginal likelihood of the counts of names where their shares are gamma with a weight (negative binomial). */
function logMarginal(
  counts: readonly number[],
  exposures: readonly number[],
  weight: number,
  names: number,
): number {
  const rate = weight * names;
  return counts.reduce((sum, c, i) => {
    const e = exposures[i] ?? 0;
    return (
      sum +
      gammaln(weight + c) -
      gammaln(weight) +
      weight * Math.log(rate / (rate + e)) +
      (c === 0 ? 0 : c * Math.log(e / (rate + e)))
    );
  }, 0);
}

/** The weight that the counts themselves speak for, where there are enough of them. */
function weightOf(sums: Sums, table: SlipTable, exposure: (answer: string) => number): number {
  if (sums.all < ENOUGH_TO_WEIGH) return SHARE_WEIGHT;
  const counts = table.names.map((b) => sums.byAnswer.get(b) ?? 0);
  const exposures = table.names.map(exposure);
  return WEIGHTS.reduce((best, w) =>
    logMarginal(counts, exposures, w, table.names.length) >
    logMarginal(counts, exposures, best, table.names.length)
      ? w
      : best,
  );
}

/**
 * Fits slips as quasi-independence: a rate for each tree, a share for each name, drawn toward the pooled rate and toward
 * equal shares. Source: docs/formulas.md, More than slips.
 * @param without a cell that is left out, so that what is planted in it does not hide itself.
 */
export function fitSlips(table: SlipTable, without: LeftOut | null): SlipFit {
  const sums = sumsWithout(table, without);
  const size = table.names.length;
  const looksAt = (a: string): number => table.looks.get(a) ?? 0;
  const allLooks = table.truths.reduce((n, a) => n + looksAt(a), 0);
  const pooled = allLooks === 0 ? 0 : sums.all / allLooks;
  const rate = new Map(table.truths.map((a) => [a, pooled]));
  const share = new Map(table.names.map((b) => [b, 1 / size]));
  const isOut = (a: string, b: string): boolean => without?.truth === a && without.answer === b;
  // A name's exposure is all slips but those at its own tree and in the cell that is left out.
  const exposureOf = (b: string): number => {
    const all = table.truths.reduce((n, a) => n + looksAt(a) * (rate.get(a) ?? 0), 0);
    const own = looksAt(b) * (rate.get(b) ?? 0);
    const out =
      without && isOut(without.truth, b) ? looksAt(without.truth) * (rate.get(without.truth) ?? 0) : 0;
    return Math.max(0, all - own - out);
  };
  let weight = SHARE_WEIGHT;
  for (let step = 0; step < STEPS; step += 1) {
    let moved = 0;
    for (const a of table.truths) {
      const free = 1 - (share.get(a) ?? 0) - (without?.truth === a ? (share.get(without.answer) ?? 0) : 0);
      const next =
        ((sums.byTruth.get(a) ?? 0) + RATE_WEIGHT * pooled) /
        (looksAt(a) * Math.max(1e-9, free) + RATE_WEIGHT);
      moved = Math.max(moved, Math.abs(next - (rate.get(a) ?? 0)));
      rate.set(a, next);
    }
    if (step === 5) weight = weightOf(sums, table, exposureOf);
    const all = table.truths.reduce((n, a) => n + looksAt(a) * (rate.get(a) ?? 0), 0);
    const raw = table.names.map((b) => {
      const own = looksAt(b) * (rate.get(b) ?? 0);
      const out =
        without && isOut(without.truth, b) ? looksAt(without.truth) * (rate.get(without.truth) ?? 0) : 0;
      return ((sums.byAnswer.get(b) ?? 0) + weight) / (Math.max(0, all - own - out) + weight * size);
    });
    const total = raw.reduce((n, x) => n + x, 0);
    table.names.forEach((b, i) => {
      const next = (raw[i] ?? 0) / total;
      moved = Math.max(moved, Math.abs(next - (share.get(b) ?? 0)));
      share.set(b, next);
    });
    if (moved < CLOSE && step > 5) break;
  }
  return {
    rate: (a) => rate.get(a) ?? pooled,
    share: (b) => share.get(b) ?? 0,
    rateSpread: (a) => 1 / Math.max(1e-6, (sums.byTruth.get(a) ?? 0) + RATE_WEIGHT * pooled),
    shareSpread: (b) => 1 / ((sums.byAnswer.get(b) ?? 0) + weight),
  };
}
