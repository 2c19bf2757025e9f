import type { MaterialClass } from '../quizzes/index.ts';
import { expectedShare, scaleOf } from './scale.ts';
import type { Scores } from './types.ts';

/** Stations in common from which two quizzes share a scale. */
export const FEWEST_COMMON = 5;
/** Days within which a tree is taken to look the same. */
const DATE_CLASS = 14;
const DAY = 86_400_000;

/** What was shown at a station of a sitting. */
export interface Given {
  readonly station: string;
  readonly individual: string | null;
  readonly truth: string;
  readonly material: MaterialClass;
  /** ISO. */
  readonly on: string;
}

/** Whether two days show a tree in one state, for the purpose of comparing answers. */
export const sameDateClass = (a: string, b: string): boolean =>
  Math.abs(Date.parse(a) - Date.parse(b)) <= DATE_CLASS * DAY;

const alike = (a: Given, b: Given): boolean =>
  a.truth === b.truth && a.material === b.material && sameDateClass(a.on, b.on);

/** Whether two sittings gave the same trees with the same material at the same season, so that their answers are one set. */
export const sameStations = (a: readonly Given[], b: readonly Given[]): boolean =>
  a.length === b.length &&
  a.every((x, j) => {
    const y = b[j];
    return y !== undefined && x.individual !== null && x.individual === y.individual && alike(x, y);
  });

/**
 * Stations that two sittings have in common: the same tree first, then the same species with the same material at the
 * same season. Each station is used once.
 * @returns pairs of places, in `a` and in `b`.
 */
export function commonStations(
  a: readonly Given[],
  b: readonly Given[],
): readonly (readonly [number, number])[] {
  const free = new Set(b.keys());
  const found: (readonly [number, number])[] = [];
  const take = (fits: (x: Given, y: Given) => boolean): void => {
    a.forEach((x, i) => {
      if (found.some(([at]) => at === i)) return;
      const j = [...free].find((at) => {
        const y = b[at];
        return y !== undefined && alike(x, y) && fits(x, y);
      });
      if (j === undefined) return;
      free.delete(j);
      found.push([i, j]);
    });
  };
  take((x, y) => x.individual !== null && x.individual === y.individual);
  take(() => true);
  return found.sort(([i], [j]) => i - j);
}

/** A sitting to be put on a scale with others. */
export interface Sat {
  readonly sitting: string;
  readonly given: readonly Given[];
  /** Right (1) or wrong (0). */
  readonly scores: Scores;
}

export interface ClassAbility {
  /** The mean of its students with its error, logits; the sitting that is looked at is 0. */
  readonly mean: number;
  readonly se: number;
  /** The share of the stations of the sitting that is looked at which it would have named right, with a 95% interval. */
  readonly share: number;
  readonly low: number;
  readonly high: number;
}

export interface OnScale {
  readonly sitting: string;
  readonly common: number;
  /** How able the class was; null where no scale is shared. */
  readonly ability: ClassAbility | null;
}

/** One table of all sittings on a scale: a row for every student at every sitting, a column for every different station. */
function together(
  own: Sat,
  others: readonly { readonly sat: Sat; readonly common: ReturnType<typeof commonStations> }[],
): { readonly scores: Scores; readonly classes: readonly number[] } {
  const stations = [...own.scores.stations];
  const rows: {
    readonly id: string;
    readonly group: number;
    readonly row: ReadonlyMap<number, number | null>;
  }[] = [];
  const add = (sat: Sat, group: number, columnOf: (j: number) => number): void =>
    sat.scores.at.forEach((row, i) =>
      rows.push({
        id: sat.scores.students[i] ?? '',
        group,
        row: new Map(row.map((v, j) => [columnOf(j), v])),
      }),
    );
  add(own, 0, (j) => j);
  others.forEach(({ sat, common }, g) => {
    const known = new Map(common.map(([i, j]) => [j, i]));
    const column = sat.scores.stations.map(
      (s, j) => known.get(j) ?? stations.push(`${sat.sitting}/${s}`) - 1,
    );
    add(sat, g + 1, (j) => column[j] ?? 0);
  });
  return {
    scores: {
      students: rows.map((r) => r.id),
      stations,
      at: rows.map(({ row }) => stations.map((_, j) => row.get(j) ?? null)),
    },
    classes: rows.map((r) => r.group),
  };
}

/**
 * The class through several sittings on one scale, where they have enough stations in common with the first; else only
 * how many they have. The sitting that is looked at is 0. Source: docs/formulas.md, Was the quiz sound.
 * @param own the sitting that is looked at.
 */
export function throughTime(own: Sat, earlier: readonly Sat[]): readonly OnScale[] {
  const all = earlier.map((sat) => ({ sat, common: commonStations(own.given, sat.given) }));
  const linked = all.filter((o) => o.common.length >= FEWEST_COMMON && o.sat.scores.at.length > 0);
  const table = linked.length === 0 ? null : together(own, linked);
  const scale = table ? scaleOf(table.scores, (i) => table.classes[i] ?? 0) : null;
  const abilityOf = (group: number): ClassAbility | null => {
    const found = scale?.is === 'known' ? scale.classes[group] : undefined;
    if (scale?.is !== 'known' || !found) return null;
    const at = (mean: number): number =>
      expectedShare(
        mean,
        scale.sigma,
        scale.stations.slice(0, own.scores.stations.length).map((s) => s.value),
      );
    const { value: mean, se } = found;
    return { mean, se, share: at(mean), low: at(mean - 1.96 * se), high: at(mean + 1.96 * se) };
  };
  return [
    ...all.map((o) => ({
      sitting: o.sat.sitting,
      common: o.common.length,
      ability: linked.includes(o) ? abilityOf(linked.indexOf(o) + 1) : null,
    })),
    { sitting: own.sitting, common: own.given.length, ability: abilityOf(0) },
  ];
}
