import { PRIORS, SLIP_PRIOR, logit, ratePrior } from './prior.ts';
import type { Normal } from './prior.ts';
import type { MissData } from './types.ts';

/**
 * Where each parameter is among all: logits of the miss rates, logits of how much of each is misreading, readiness of each
 * name, slips, what a question prompts, the slope in weeks, and the level of each pair that was taught again.
 */
export interface Layout {
  readonly groups: readonly string[];
  /** Place of an evidence group, by any of its characters. */
  readonly groupOf: ReadonlyMap<string, number>;
  readonly species: readonly string[];
  readonly speciesAt: ReadonlyMap<string, number>;
  /** Pairs taught again, as `a/b` in the order of their ids. */
  readonly retaught: ReadonlyMap<string, number>;
  readonly split: number;
  readonly ready: number;
  readonly slip: number;
  readonly prompt: number;
  readonly slope: number;
  readonly levels: number;
  readonly size: number;
  /** Times since a species was taught: weeks from the mean of all looks, so that a rate is that of a usual look. */
  readonly times: readonly number[];
  /** The place of each number of weeks among them; the first is for species of which nobody says when. */
  readonly timeAt: ReadonlyMap<number, number>;
  readonly mean: Float64Array;
  readonly sd: Float64Array;
}

/** What of the model is left out, to be compared with the whole. */
export interface MissForm {
  readonly readiness: boolean;
  readonly slips: boolean;
}
export const WHOLE_FORM: MissForm = { readiness: true, slips: true };

/** So little spread that a parameter stays where its prior has it. */
const HELD = 1e-6;
/** A chance of a slip that is none. */
const NO_SLIPS = -12;

export const pairKey = (a: string, b: string): string => (a < b ? `${a}/${b}` : `${b}/${a}`);

/** The weighted mean of the prior rates of a group's characters is taken of its first: the one that stands for it. */
function groupsOf({ characters }: MissData): {
  readonly names: readonly string[];
  readonly of: ReadonlyMap<string, number>;
  readonly priors: readonly Normal[];
} {
  const at = new Map<string, number>();
  const names: string[] = [];
  const priors: Normal[] = [];
  for (const c of characters)
    if (!at.has(c.group)) {
      at.set(c.group, names.length);
      names.push(c.group);
      priors.push(ratePrior(c.prior));
    }
  return { names, of: new Map(characters.map((c) => [c.id, at.get(c.group) ?? 0])), priors };
}

function meanWeeksOf({ stations, looks }: MissData): number {
  let [sum, n] = [0, 0];
  for (const l of looks) {
    const weeks = stations[l.station]?.weeks;
    if (weeks === null || weeks === undefined) continue;
    sum += weeks;
    n += 1;
  }
  return n === 0 ? 0 : sum / n;
}

/** Lays the parameters of a fit out, with the prior of each. Slips are on the logit. */
export function layoutOf(data: MissData, form: MissForm = WHOLE_FORM): Layout {
  const { names, of, priors } = groupsOf(data);
  const species = [
    ...new Set(data.stations.flatMap((s) => [s.truth, ...s.rivals.map((r) => r.taxon)])),
  ].sort();
  const pairs = [...new Set(data.stations.flatMap((s) => s.retaught.map((r) => pairKey(s.truth, r))))].sort();
  const g = names.length;
  const ready = 2 * g;
  const slip = ready + species.length;
  const levels = slip + 3;
  const size = levels + pairs.length;
  const usual = meanWeeksOf(data);
  const weeks = [...new Set(data.stations.flatMap((x) => (x.weeks === null ? [] : [x.weeks])))];
  const mean = new Float64Array(size);
  const sd = new Float64Array(size);
  const set = (i: number, p: Normal): void => {
    mean[i] = p.mean;
    sd[i] = p.sd;
  };
  priors.forEach((p, i) => {
    set(i, p);
    set(g + i, PRIORS.split);
  });
  species.forEach((_, i) => set(ready + i, form.readiness ? PRIORS.readiness : { mean: 0, sd: HELD }));
  const [a, b] = SLIP_PRIOR;
  // The Beta's own density is used; its mode and curvature on the logit scale the parameter.
  set(
    slip,
    form.slips
      ? { mean: logit(a / (a + b)), sd: Math.sqrt((a + b) / (a * b)) }
      : { mean: NO_SLIPS, sd: HELD },
  );
  set(slip + 1, PRIORS.prompt);
  set(slip + 2, PRIORS.slope);
  pairs.forEach((_, i) => set(levels + i, PRIORS.retaught));
  return {
    groups: names,
    groupOf: of,
    species,
    speciesAt: new Map(species.map((s, i) => [s, i])),
    retaught: new Map(pairs.map((p, i) => [p, i])),
    split: g,
    ready,
    slip,
    prompt: slip + 1,
    slope: slip + 2,
    levels,
    size,
    times: [0, ...weeks.map((w) => w - usual)],
    timeAt: new Map(weeks.map((w, i) => [w, i + 1])),
    mean,
    sd,
  };
}
