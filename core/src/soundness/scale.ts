import { QUADRATURE, abilities, fitRasch, logistic, posterior } from './raschFit.ts';
import type { Alike } from './raschFit.ts';
import { raschErrors } from './raschErrors.ts';
import { FEWEST } from './types.ts';
import type { Scores } from './types.ts';

export interface Placed {
  readonly id: string;
  /** Logits: a student at the height of a station names it right half of the time. */
  readonly value: number;
  readonly se: number;
}

export type Scale =
  | {
      readonly is: 'known';
      /** Spread of ability, logits. */
      readonly sigma: number;
      readonly stations: readonly Placed[];
      readonly students: readonly Placed[];
      /** Mean ability of each class; the first is 0, by which the scale is fixed. */
      readonly classes: readonly { readonly value: number; readonly se: number }[];
    }
  | { readonly is: 'undefined'; readonly why: 'too_few' };

function alikeOf(at: Scores['at'], classOf: (student: number) => number): readonly Alike[] {
  const found = new Map<string, Alike & { readonly students: number[] }>();
  at.forEach((row, i) => {
    const there = row.flatMap((v, j) => (v === null ? [] : [j]));
    if (there.length === 0) return;
    const score = there.reduce((sum, j) => sum + (row[j] ?? 0), 0);
    const group = classOf(i);
    const key = `${group}/${there.join()}/${score}`;
    const had = found.get(key);
    if (had) had.students.push(i);
    else found.set(key, { there, score, group, students: [i] });
  });
  return [...found.values()];
}

/**
 * Difficulty of stations and ability of students on one scale: Rasch's model by marginal maximum a posteriori, ability
 * N(μ of the class, σ²) with σ and μ estimated and the first class at 0, difficulty N(0, 2²), 31 points.
 * Source: docs/formulas.md, Was the quiz sound.
 * @param scores right (1) or wrong (0); a share counts as right from a half on.
 * @param classOf the class of each row, from 0 without a gap.
 */
export function scaleOf(
  { students, stations, at }: Scores,
  classOf: (student: number) => number = () => 0,
): Scale {
  const halves = at.map((row) => row.map((v) => (v === null ? null : v >= 0.5 ? 1 : 0)));
  const groups = alikeOf(halves, classOf);
  const n = groups.reduce((sum, g) => sum + g.students.length, 0);
  if (n < FEWEST.students || stations.length < FEWEST.stations) return { is: 'undefined', why: 'too_few' };
  const right = stations.map((_, j) => halves.reduce<number>((sum, row) => sum + (row[j] ?? 0), 0));
  const model = fitRasch(groups, right, Math.max(...groups.map((g) => g.group)) + 1);
  const errors = raschErrors(groups, model);
  const placed = groups.flatMap((g) => {
    const weights = posterior(g, model);
    const thetas = abilities(model, g.group);
    const value = weights.reduce((sum, w, q) => sum + w * (thetas[q] ?? 0), 0);
    const about = weights.reduce((sum, w, q) => sum + w * ((thetas[q] ?? 0) - value) ** 2, 0);
    return g.students.map((i) => ({ i, value, se: Math.sqrt(about) }));
  });
  return {
    is: 'known',
    sigma: model.sigma,
    stations: stations.map((id, j) => ({ id, value: model.b[j] ?? 0, se: errors.b[j] ?? 0 })),
    students: placed
      .sort((a, b) => a.i - b.i)
      .map(({ i, value, se }) => ({ id: students[i] ?? '', value, se })),
    classes: model.means.map((value, g) => ({ value, se: errors.means[g] ?? 0 })),
  };
}

/**
 * The share of stations that a class of some mean and spread would name right.
 * @param difficulties of the stations, logits.
 */
export function expectedShare(mean: number, sigma: number, difficulties: readonly number[]): number {
  const total = difficulties.reduce(
    (sum, b) => sum + QUADRATURE.reduce((s, { z, weight }) => s + weight * logistic(mean + sigma * z - b), 0),
    0,
  );
  return total / difficulties.length;
}
