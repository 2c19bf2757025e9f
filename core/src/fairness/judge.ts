import { conditionsKey, keptSights, underFor, valuesOf, withMembers } from '../compare/index.ts';
import type { Matrix } from '../compare/index.ts';
import type { Vocabulary } from '../characters/index.ts';
import { expectedCharacters } from '../tells/index.ts';
import type { Described } from '../tells/index.ts';
import { judgeCalls } from './calls.ts';
import type { CallFairness } from './calls.ts';
import { expectedMiss } from './difficulty.ts';
import { judgePairs } from './pairs.ts';
import type { PairAt, PairFairness } from './pairs.ts';
import { FAIRNESS, NEAR, worstOf } from './types.ts';
import type { Asked, Competitor, FairnessSettings, FairnessVerdict, StationMet } from './types.ts';
import { againstAll } from './wholeList.ts';
import type { WholeList } from './wholeList.ts';

/** Whether a station may be used, and why. */
export interface StationFairness {
  readonly verdict: FairnessVerdict;
  /** Look-alikes that compete, the closest first. */
  readonly pairs: readonly PairFairness[];
  /** Against all that compete at once; null where no name is asked. */
  readonly whole: WholeList | null;
  readonly calls: readonly CallFairness[];
  /** Species of which almost nothing is recorded, so that they are left out. */
  readonly bare: readonly string[];
  /** The share of a class that is expected to name it wrong, by how often learners miss what tells; 0 to 1. */
  readonly missed: number | null;
  /** A figure lies so close to a limit that it is shown. */
  readonly near: boolean;
}

/** A species with fewer characters than these has no data to speak of. */
const FEWEST = 4;

/** The species that compete for the name that is asked. */
export function competing(
  list: readonly Competitor[],
  own: Competitor,
  { rank, accepts }: Pick<Asked, 'rank' | 'accepts'>,
): readonly Competitor[] {
  return list.filter((c) => {
    if (c.taxon === own.taxon || accepts.includes(c.taxon)) return false;
    if (rank === 'genus') return c.genus === null || c.genus !== own.genus;
    return rank !== 'family' || c.family === null || c.family !== own.family;
  });
}

/**
 * The verdict on the name: the worst pair, and no better than hard to be sure where all at once come below 0.80. Where
 * the right answer is that it cannot be told, a pair that cannot be told is what makes it fair.
 */
function nameVerdict(
  pairs: readonly PairFairness[],
  whole: WholeList,
  asked: Asked,
  settings: FairnessSettings,
  nothing: boolean,
): FairnessVerdict {
  if (asked.notTellable) {
    const verdicts = pairs.map((p) => p.verdict);
    return verdicts.includes('unfair') ? 'fair' : verdicts.includes('unproven') ? 'unproven' : 'unfair';
  }
  // Of nobody it competes with is anything recorded.
  if (pairs.length === 0 && nothing) return 'unproven';
  const worst = worstOf(pairs.map((p) => p.verdict));
  return whole.expected < settings.sure ? worstOf([worst, 'shaky']) : worst;
}

/** Judges one station whose tree stands at a place of a matrix that is under the station's conditions. */
function judgeOne(
  matrix: Matrix,
  row: number,
  places: ReadonlyMap<string, number>,
  station: StationMet,
  list: readonly Competitor[],
  vocabulary: Vocabulary,
  settings: FairnessSettings,
): StationFairness {
  const { asked, taxon, conditions, certified } = station;
  const calls = judgeCalls(station, vocabulary);
  const called = worstOf(calls.map((c) => c.verdict));
  const none = { pairs: [], whole: null, calls, bare: [], missed: null, near: false };
  if (asked.rank === null) return { verdict: called, ...none };
  const own = list.find((c) => c.taxon === taxon) ?? { taxon, genus: null, family: null };
  // Those that are not compared that day are known only by their groups.
  const rivals = competing(list, own, asked).filter((r) => places.has(r.taxon));
  const isBare = (id: string): boolean => (matrix.list[places.get(id) ?? -1]?.values.size ?? 0) < FEWEST;
  const at = rivals.flatMap((r) => (isBare(r.taxon) ? [] : (places.get(r.taxon) ?? [])));
  const judged: readonly PairAt[] = judgePairs(matrix, row, at, conditions, certified, settings);
  const pairs = judged
    .map((j) => j.fairness)
    .sort((a, b) => a.expected - b.expected || (a.rival < b.rival ? -1 : 1));
  const whole = againstAll(
    row,
    judged.map((j) => ({
      place: j.place,
      expected: j.fairness.expected,
      columns: () => [...j.columns, ...j.off()],
    })),
    settings,
  );
  const least = pairs[0]?.expected ?? 1;
  const limits = [
    [least, settings.fair],
    [least, settings.sure],
    [whole.expected, settings.sure],
  ] as const;
  return {
    verdict: worstOf([nameVerdict(pairs, whole, asked, settings, at.length < rivals.length), called]),
    pairs,
    whole,
    calls,
    bare: rivals.map((r) => r.taxon).filter(isBare),
    missed: expectedMiss(matrix, row, judged),
    near: limits.some(([figure, limit]) => Math.abs(figure - limit) < NEAR),
  };
}

/**
 * Makes a judge of stations against one list of described species. Stations that are met under the same conditions share
 * what can be seen of the list, from one time it is asked to the next.
 * @param list the species that compete, with their groups; their descriptions are of one site.
 */
export function fairnessJudge(
  list: readonly Competitor[],
  described: readonly Described[],
  vocabulary: Vocabulary,
  settings: FairnessSettings = FAIRNESS,
): (stations: readonly StationMet[]) => readonly StationFairness[] {
  const base = valuesOf(described, vocabulary, expectedCharacters(described));
  const places = new Map(described.map((d, i) => [d.id, i] as const));
  const sightsAt = keptSights(described.length);
  return (stations) => {
    // Stations that differ only in how they are met are one place.
    const trees = [...new Set(stations.map((s) => s.tree))];
    const rowOf = new Map(trees.map((t, i) => [t, described.length + i] as const));
    const whole = withMembers(base, trees, vocabulary);
    const met = new Map<string, { readonly station: StationMet; readonly at: number }[]>();
    stations.forEach((station, at) => {
      const key = conditionsKey(station.conditions);
      met.set(key, [...(met.get(key) ?? []), { station, at }]);
    });
    const found = new Map<number, StationFairness>();
    for (const [key, together] of met) {
      const [first] = together;
      if (!first) continue;
      const row = (s: StationMet): number => rowOf.get(s.tree) ?? 0;
      const rows = [...new Set(together.map((t) => row(t.station)))];
      const matrix = underFor(whole, first.station.conditions, rows, sightsAt(key));
      for (const { station, at } of together)
        found.set(at, judgeOne(matrix, row(station), places, station, list, vocabulary, settings));
    }
    return stations.map((_, i) => found.get(i)).filter((f) => f !== undefined);
  };
}
