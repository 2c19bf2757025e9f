/** How many looks the vocabulary's rate counts for. Source: docs/formulas.md, The miss model. */
const RATE_WEIGHT = 3;
/** Standard deviation of the logit of the share of a miss rate that is misreading. */
const SPLIT_SD = 1.5;
/** Readiness of a name: the logarithm of its weight. */
const READY_SD = 0.4;
/** Slips: Beta(1, 30). */
const SLIP: readonly [number, number] = [1, 30];
/** What a right character question adds to the logit of leaving it unused. */
const PROMPT: readonly [mean: number, sd: number] = [-1, 1];
/** Change of the logit of a miss rate with each week since a species was taught. */
const SLOPE_SD = 0.15;
/** What teaching a pair again adds to the readiness of its wrong name. */
const RETAUGHT_SD = 1;

/** A prior that is normal on the scale of its parameter. */
export interface Normal {
  readonly mean: number;
  readonly sd: number;
}

export const logit = (p: number): number => Math.log(p / (1 - p));
export const expit = (x: number): number => (x >= 0 ? 1 / (1 + Math.exp(-x)) : 1 - 1 / (1 + Math.exp(x)));

/**
 * The prior of the logit of a miss rate: normal, as wide as a Beta of weight 3 is at its own mean. The Beta itself would
 * put most of its mass at rates that no class can tell from none.
 */
export const ratePrior = (mean: number): Normal => {
  const m = Math.min(0.95, Math.max(0.01, mean));
  return { mean: logit(m), sd: 1 / Math.sqrt(RATE_WEIGHT * m * (1 - m)) };
};

export const PRIORS = {
  split: { mean: 0, sd: SPLIT_SD },
  readiness: { mean: 0, sd: READY_SD },
  prompt: { mean: PROMPT[0], sd: PROMPT[1] },
  slope: { mean: 0, sd: SLOPE_SD },
  retaught: { mean: 0, sd: RETAUGHT_SD },
} as const satisfies Readonly<Record<string, Normal>>;

export const SLIP_PRIOR = SLIP;
