import { Matrix } from 'ml-matrix';
import { bundlesOf } from './bundles.ts';
import { behindWrong } from './behind.ts';
import type { Behind } from './behind.ts';
import { grouper } from './groups.ts';
import type { LookGroup } from './groups.ts';
import { uncertaintyOf } from './information.ts';
import type { Uncertainty } from './information.ts';
import { WHOLE_FORM, layoutOf } from './layout.ts';
import type { Layout, MissForm } from './layout.ts';
import { minimize } from './lbfgs.ts';
import { objectiveOf } from './objective.ts';
import { expit } from './prior.ts';
import { splitOf } from './rates.ts';
import { settle } from './scoring.ts';
import type { MissData } from './types.ts';

/** A rate is estimated where its answers leave less than this share of the prior's spread. */
const ESTIMATED = 0.6;
/** The 90% interval of a normal. */
const Z90 = 1.6448536269514722;
/** Below so many looks nothing is said of a character. */
const FEWEST_LOOKS = 20;
/** Below so many calls a rate is not split. */
const FEWEST_CALLS = 10;
/** Passes over the answers: in all, before rivals are chosen again by the rates found, and before the information is taken. */
const MOST_PASSES = 60;
const FIRST_PASSES = 20;
const SECOND_PASSES = 12;
/** Far enough once no slope is larger, in units of the prior. */
const CLOSE = 0.01;

/** Told after each pass; what it throws ends the fit. */
export type FitProgress = (passes: number, most: number) => void;

interface Interval {
  readonly value: number;
  readonly low: number;
  readonly high: number;
}

/** How often one evidence group is missed, by the character that stands for it. */
export interface FittedRate extends Behind {
  readonly character: string;
  readonly group: string;
  readonly m: Interval;
  /** Not used and misread; null where too little was called to split the rate. */
  readonly split: { readonly u: number; readonly e: number } | null;
  /** Standard deviation of the logit, and that of the prior. */
  readonly sd: number;
  readonly priorSd: number;
  /** What the standard deviation would be were everything else known. */
  readonly aloneSd: number;
  /** Times it was called, and looks at which it separates a name that competed. */
  readonly direct: number;
  readonly indirect: number;
  readonly verdict: 'estimated' | 'undetermined' | 'not enough looks';
  /** Characters it cannot be told from, itself among them; empty where it can. */
  readonly bundle: readonly string[];
}

export interface MissFit {
  readonly rates: readonly FittedRate[];
  readonly slips: Interval;
  /** Change of the logit of a miss rate in a week; null where no two species were taught at different times. */
  readonly slope: Interval | null;
  /** How readily each name is given, 1 is usual. */
  readonly readiness: readonly { readonly species: string; readonly w: number }[];
  readonly looks: number;
  readonly students: number;
  readonly passes: number;
  readonly settled: boolean;
  readonly dispersion: number;
}

/** Which of a group's characters was used most, so that it can stand for all. */
function usualOf(data: MissData, l: Layout): readonly string[] {
  const uses = l.groups.map(() => new Map<string, number>());
  const looksAt = new Map<number, number>();
  for (const look of data.looks) looksAt.set(look.station, (looksAt.get(look.station) ?? 0) + 1);
  data.stations.forEach((s, i) => {
    for (const r of s.rivals)
      for (const t of r.tells) {
        const of = uses[l.groupOf.get(t.character) ?? -1];
        of?.set(t.character, (of.get(t.character) ?? 0) + (looksAt.get(i) ?? 0));
      }
  });
  const first = new Map(data.characters.map((c) => [c.group, c.id] as const).reverse());
  return l.groups.map((name, i) => {
    const most = [...(uses[i] ?? [])].sort((a, b) => b[1] - a[1] || a[0].localeCompare(b[0]))[0];
    return most?.[0] ?? first.get(name) ?? name;
  });
}

const thetaOf = (z: Float64Array, l: Layout): Float64Array =>
  z.map((v, i) => (l.mean[i] ?? 0) + (l.sd[i] ?? 1) * v);

interface Mode {
  readonly groups: readonly LookGroup[];
  readonly theta: Float64Array;
  readonly uncertainty: Uncertainty;
  readonly passes: number;
  readonly settled: boolean;
}

/** Finds the mode: rivals are chosen by the vocabulary's rates first, and once more by what was found. */
function modeOf(data: MissData, l: Layout, students: ReadonlyMap<string, number>, tell: FitProgress): Mode {
  let passes = 0;
  const counted = (groups: readonly LookGroup[]) => {
    const f = objectiveOf(groups, l);
    return (z: Float64Array, slope: Float64Array): number => {
      passes += 1;
      tell(passes, MOST_PASSES);
      return f(z, slope);
    };
  };
  const grouped = grouper(data, l, students);
  const rates = (theta: Float64Array): Float64Array => theta.slice(0, l.groups.length).map(expit);
  const first = grouped(rates(l.mean));
  const start = minimize(counted(first), new Float64Array(l.size), { most: FIRST_PASSES, close: CLOSE });
  const groups = grouped(rates(thetaOf(start.x, l)));
  const f = counted(groups);
  const near = minimize(f, start.x, { most: SECOND_PASSES, close: CLOSE });
  const uncertainty = uncertaintyOf(groups, thetaOf(near.x, l), l, students.size);
  const scaled = Matrix.diag([...l.sd].map((sd) => 1 / sd));
  const covariance = scaled.mmul(uncertainty.covariance).mmul(scaled);
  const end = settle(f, near.x, covariance, MOST_PASSES - passes);
  return { groups, theta: thetaOf(end.x, l), uncertainty, passes, settled: end.settled };
}

function between(x: number, sd: number): Interval {
  return { value: expit(x), low: expit(x - Z90 * sd), high: expit(x + Z90 * sd) };
}

/** Times each evidence group was called, and looks at which it separates a name that competed. */
function lookedAt(groups: readonly LookGroup[], l: Layout): readonly { direct: number; indirect: number }[] {
  const at = l.groups.map(() => ({ direct: 0, indirect: 0 }));
  for (const g of groups) {
    for (const c of g.calls) (at[c.group] ?? { direct: 0 }).direct += g.looks;
    for (const d of g.dims) (at[d] ?? { indirect: 0 }).indirect += g.looks;
  }
  return at;
}

function slopeOf(data: MissData, l: Layout, theta: Float64Array, u: Uncertainty): Interval | null {
  if (new Set(data.stations.flatMap((s) => (s.weeks === null ? [] : [s.weeks]))).size < 2) return null;
  const value = theta[l.slope] ?? 0;
  const sd = u.sd[l.slope] ?? 0;
  return { value, low: value - Z90 * sd, high: value + Z90 * sd };
}

/**
 * Fits how often a class misses each character to the names it gave and to what it called. Every character of a data set has
 * a rate; where the answers say little of it, that is its verdict and never a high value.
 * Source: docs/formulas.md, The miss model.
 * @param tell told how many passes were made; throws to stop the fit.
 * @param form what of the model is left out, to be compared with the whole.
 */
export function fitMisses(
  data: MissData,
  tell: FitProgress = () => undefined,
  form: MissForm = WHOLE_FORM,
): MissFit {
  const l = layoutOf(data, form);
  const students = new Map([...new Set(data.looks.map((k) => k.student))].map((s, i) => [s, i]));
  const mode = modeOf(data, l, students, tell);
  const { groups, theta, uncertainty: u } = mode;
  const usual = usualOf(data, l);
  const at = lookedAt(groups, l);
  const bundles = bundlesOf(groups, l, u);
  const behind = behindWrong(groups, theta, l);
  const rates = l.groups.map((group, i): FittedRate => {
    const { direct, indirect } = at[i] ?? { direct: 0, indirect: 0 };
    const [sd, priorSd] = [u.sd[i] ?? 0, l.sd[i] ?? 1];
    const m = between(theta[i] ?? 0, sd);
    return {
      character: usual[i] ?? group,
      group,
      m,
      split: direct >= FEWEST_CALLS ? splitOf(m.value, expit(theta[l.split + i] ?? 0)) : null,
      sd,
      priorSd,
      aloneSd: u.aloneSd[i] ?? 0,
      direct,
      indirect,
      verdict:
        direct + indirect < FEWEST_LOOKS
          ? 'not enough looks'
          : sd < ESTIMATED * priorSd
            ? 'estimated'
            : 'undetermined',
      bundle: (bundles[i] ?? []).map((k) => usual[k] ?? ''),
      ...(behind[i] ?? { avoided: 0, pairs: [] }),
    };
  });
  return {
    rates,
    slips: between(theta[l.slip] ?? 0, u.sd[l.slip] ?? 0),
    slope: slopeOf(data, l, theta, u),
    readiness: l.species.map((species, i) => ({ species, w: Math.exp(theta[l.ready + i] ?? 0) })),
    looks: data.looks.length,
    students: students.size,
    passes: mode.passes,
    settled: mode.settled,
    dispersion: u.dispersion,
  };
}
