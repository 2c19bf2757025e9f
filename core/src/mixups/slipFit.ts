import gammaln from '@stdlib/math-base-special-gammaln';

/** Looks by which a species' rate of slips is drawn toward the rate of all. */
const RATE_WEIGHT = 2;
/** Wrong answers by which each name's share is drawn toward an equal one, where too few answers tell a better weight. */
const SHARE_WEIGHT = 0.5;
const ENOUGH_TO_WEIGH = 200;
const WEIGHTS = [0.1, 0.2, 0.35, 0.5, 0.75, 1, 1.5, 2, 3, 5, 10] as const;
const STEPS = 60;
const BEFORE_WEIGHING = 5;
const CLOSE = 1e-10;

/** Wrong names by species, all students together. */
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

/** A table in numbers: every species that was asked or could be named has one place. */
interface Ground {
  readonly at: ReadonlyMap<string, number>;
  readonly looks: Float64Array;
  readonly byTruth: Float64Array;
  readonly byAnswer: Float64Array;
  readonly wrong: number;
  readonly allLooks: number;
  /** Whether a place is of a name that could be given. */
  readonly isName: Uint8Array;
  readonly names: number;
}

function groundOf({ truths, names, looks, wrong }: SlipTable): Ground {
  const all = [...new Set([...names, ...truths])];
  const at = new Map(all.map((s, i) => [s, i]));
  const of = (s: string): number => at.get(s) ?? -1;
  const counts = new Float64Array(all.length);
  for (const t of truths) counts[of(t)] = looks.get(t) ?? 0;
  const [byTruth, byAnswer] = [new Float64Array(all.length), new Float64Array(all.length)];
  let sum = 0;
  for (const [truth, answers] of wrong)
    for (const [answer, n] of answers) {
      const [t, b] = [of(truth), of(answer)];
      if (t >= 0) byTruth[t] = (byTruth[t] ?? 0) + n;
      if (b >= 0) byAnswer[b] = (byAnswer[b] ?? 0) + n;
      sum += n;
    }
  const isName = new Uint8Array(all.length);
  for (const b of names) isName[of(b)] = 1;
  const allLooks = counts.reduce((n, x) => n + x, 0);
  return { at, looks: counts, byTruth, byAnswer, wrong: sum, allLooks, isName, names: names.length };
}

/** A cell that is left out of a fit: its places, and its wrong answers. */
interface Cell {
  readonly t: number;
  readonly b: number;
  readonly n: number;
}
const NONE: Cell = { t: -1, b: -1, n: 0 };

interface Parameters {
  readonly rate: Float64Array;
  readonly share: Float64Array;
  readonly weight: number;
}

const less = (counts: Float64Array, i: number, place: number, n: number): number =>
  (counts[i] ?? 0) - (i === place ? n : 0);

/** Slips that could have given each name: all but those at its own tree and in the cell that is left out. */
function exposureAt(g: Ground, rate: Float64Array, all: number, i: number, cell: Cell): number {
  const own = (g.looks[i] ?? 0) * (rate[i] ?? 0);
  const out = i === cell.b ? (g.looks[cell.t] ?? 0) * (rate[cell.t] ?? 0) : 0;
  return Math.max(0, all - own - out);
}

/** Log marginal likelihood of a name's count where shares are gamma with a weight (negative binomial). */
function logMarginal(count: number, exposure: number, weight: number, names: number): number {
  const rate = weight * names;
  return (
    gammaln(weight + count) -
    gammaln(weight) +
    weight * Math.log(rate / (rate + exposure)) +
    (count === 0 ? 0 : count * Math.log(exposure / (rate + exposure)))
  );
}

/** The weight that the counts themselves speak for, where there are enough of them. */
function weightOf(g: Ground, rate: Float64Array, all: number, cell: Cell): number {
  if (g.wrong - cell.n < ENOUGH_TO_WEIGH) return SHARE_WEIGHT;
  let [best, most] = [SHARE_WEIGHT, -Infinity];
  for (const w of WEIGHTS) {
    let sum = 0;
    for (let i = 0; i < g.looks.length; i += 1)
      if (g.isName[i] === 1)
        sum += logMarginal(
          less(g.byAnswer, i, cell.b, cell.n),
          exposureAt(g, rate, all, i, cell),
          w,
          g.names,
        );
    if (sum > most) [best, most] = [w, sum];
  }
  return best;
}

const slipsOf = (g: Ground, rate: Float64Array): number => {
  let all = 0;
  for (let i = 0; i < g.looks.length; i += 1) all += (g.looks[i] ?? 0) * (rate[i] ?? 0);
  return all;
};

const pooledOf = (g: Ground, cell: Cell): number => (g.allLooks === 0 ? 0 : (g.wrong - cell.n) / g.allLooks);

/** One step of the fit; how far anything moved. */
function step(g: Ground, p: Parameters, cell: Cell, weight: number): number {
  const { rate, share } = p;
  const pooled = pooledOf(g, cell);
  let moved = 0;
  for (let i = 0; i < g.looks.length; i += 1) {
    const looks = g.looks[i] ?? 0;
    if (looks === 0) continue;
    const free = 1 - (share[i] ?? 0) - (i === cell.t ? (share[cell.b] ?? 0) : 0);
    const next =
      (less(g.byTruth, i, cell.t, cell.n) + RATE_WEIGHT * pooled) /
      (looks * Math.max(1e-9, free) + RATE_WEIGHT);
    moved = Math.max(moved, Math.abs(next - (rate[i] ?? 0)));
    rate[i] = next;
  }
  const all = slipsOf(g, rate);
  const raw = new Float64Array(share.length);
  let total = 0;
  for (let i = 0; i < share.length; i += 1) {
    if (g.isName[i] !== 1) continue;
    raw[i] =
      (less(g.byAnswer, i, cell.b, cell.n) + weight) / (exposureAt(g, rate, all, i, cell) + weight * g.names);
    total += raw[i] ?? 0;
  }
  for (let i = 0; i < share.length; i += 1) {
    const next = (raw[i] ?? 0) / total;
    moved = Math.max(moved, Math.abs(next - (share[i] ?? 0)));
    share[i] = next;
  }
  return moved;
}

/** Fits until nothing moves, from where a fit of nearly the same table ended or from the pooled rate and equal shares. */
function fitFrom(g: Ground, cell: Cell, from: Parameters | null): Parameters {
  const p = from
    ? { rate: from.rate.slice(), share: from.share.slice() }
    : {
        rate: new Float64Array(g.looks.length).fill(pooledOf(g, cell)),
        share: new Float64Array(g.looks.length).fill(1 / g.names),
      };
  let weight = from?.weight ?? SHARE_WEIGHT;
  const weighAt = from ? 1 : BEFORE_WEIGHING;
  for (let i = 0; i < STEPS; i += 1) {
    const moved = step(g, { ...p, weight }, cell, weight);
    if (i === weighAt && (!from || cell.n * 20 > g.wrong))
      weight = weightOf(g, p.rate, slipsOf(g, p.rate), cell);
    else if (moved < CLOSE && i > weighAt) break;
  }
  return { ...p, weight };
}

function told(g: Ground, cell: Cell, { rate, share, weight }: Parameters): SlipFit {
  const pooled = pooledOf(g, cell);
  const place = (s: string): number => g.at.get(s) ?? -1;
  return {
    rate: (a) => rate[place(a)] ?? pooled,
    share: (b) => share[place(b)] ?? 0,
    rateSpread: (a) => 1 / Math.max(1e-6, less(g.byTruth, place(a), cell.t, cell.n) + RATE_WEIGHT * pooled),
    shareSpread: (b) => 1 / (less(g.byAnswer, place(b), cell.b, cell.n) + weight),
  };
}

/**
 * Fits slips as quasi-independence: a rate for each tree, a share for each name, drawn toward the pooled rate and toward
 * equal shares. Source: docs/formulas.md, More than slips.
 * @returns the fit without a cell, so that what is planted in it does not hide itself; of everything for null. Each begins
 * where the fit of everything ended, which takes a tenth of the steps.
 */
export function slipFits(table: SlipTable): (without: LeftOut | null) => SlipFit {
  const g = groundOf(table);
  const whole = fitFrom(g, NONE, null);
  return (without) => {
    if (without === null) return told(g, NONE, whole);
    const cell: Cell = {
      t: g.at.get(without.truth) ?? -1,
      b: g.at.get(without.answer) ?? -1,
      n: table.wrong.get(without.truth)?.get(without.answer) ?? 0,
    };
    return told(g, cell, fitFrom(g, cell, whole));
  };
}

/** One fit of a table, without a cell or of everything. */
export const fitSlips = (table: SlipTable, without: LeftOut | null): SlipFit => slipFits(table)(without);
