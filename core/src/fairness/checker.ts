import type { Vocabulary } from '../characters/index.ts';
import { stationDescriber, stationShown } from '../stations/index.ts';
import type { StationAt } from '../stations/index.ts';
import type { DescribedTaxon, LibraryData } from '../tells/index.ts';
import { fixesFor, forbiddenAt } from './fixes.ts';
import type { FixResult, Judge } from './fixes.ts';
import { fairnessJudge } from './judge.ts';
import type { StationFairness } from './judge.ts';
import { FAIRNESS } from './types.ts';
import type { Asked, Competitor, FairnessSettings, StationMet } from './types.ts';

/** A station as it is met at its site, with what is asked there. */
export interface StationAsked extends StationAt {
  readonly id: string;
  readonly asked: Asked;
}

/** Where nothing is described of a station's own species, nothing can be judged. */
const UNKNOWN: StationFairness = {
  verdict: 'unproven',
  pairs: [],
  whole: null,
  calls: [],
  bare: [],
  missed: null,
  near: false,
};

export interface FairnessChecker {
  /** The verdict on one station. */
  readonly check: (station: StationAsked) => StationFairness;
  /** Verdicts on many, in their order; those at one site are judged together. */
  readonly checkAll: (stations: readonly StationAsked[]) => readonly StationFairness[];
  /** What would make a station come out better, the best and cheapest first. */
  readonly fixes: (station: StationAsked) => readonly FixResult[];
}

/**
 * Makes a checker of stations against the species that compete. Source: docs/formulas.md, Fairness of a station.
 * @param list species taught by that date, and hazardous ones.
 * @param others species that are not on the list but stand at a station, so that their genus and family are known.
 */
export function fairnessChecker(
  list: readonly Competitor[],
  others: readonly Competitor[],
  data: LibraryData,
  vocabulary: Vocabulary,
  settings: FairnessSettings = FAIRNESS,
): FairnessChecker {
  const describe = stationDescriber(
    list.map((c) => c.taxon),
    data,
    vocabulary,
  );
  const everyone = [...list, ...others.filter((o) => !list.some((c) => c.taxon === o.taxon))];
  const judges = new Map<readonly DescribedTaxon[], Judge>();
  const judgeOf = (described: readonly DescribedTaxon[]): Judge => {
    const had = judges.get(described);
    if (had) return had;
    const made = fairnessJudge(everyone, described, vocabulary, settings);
    judges.set(described, made);
    return made;
  };
  const trees = new Map<string, StationMet['tree']>();
  const met = (s: StationAsked, own: DescribedTaxon): StationMet => {
    const { tree, taxon, conditions } = stationShown(s.shown, s.setting, own);
    // The same tree stays one place of the comparison, however often it is judged.
    const key = JSON.stringify([s.site, s.shown]);
    const kept = trees.get(key) ?? tree;
    trees.set(key, kept);
    const certified = new Set(Object.keys(s.shown.certified));
    return { id: s.id, tree: kept, taxon, conditions, certified, asked: s.asked };
  };
  const checkAll = (stations: readonly StationAsked[]): readonly StationFairness[] => {
    const found = new Map<string, StationFairness>();
    const bySite = new Map<readonly DescribedTaxon[], StationMet[]>();
    for (const s of stations) {
      const { list: described, own } = describe(s);
      if (own) bySite.set(described, [...(bySite.get(described) ?? []), met(s, own)]);
    }
    for (const [described, together] of bySite)
      judgeOf(described)(together).forEach((f, i) => {
        const station = together[i];
        if (station) found.set(station.id, f);
      });
    return stations.map((s) => found.get(s.id) ?? UNKNOWN);
  };
  const check = (s: StationAsked): StationFairness => checkAll([s])[0] ?? UNKNOWN;
  const fixes = (s: StationAsked): readonly FixResult[] => {
    const { list: described, own } = describe(s);
    if (!own) return [];
    const among = (ids: readonly string[]): Judge => {
      const wanted = new Set(ids);
      return fairnessJudge(
        everyone.filter((c) => wanted.has(c.taxon) || c.taxon === s.shown.taxon),
        described.filter((d) => wanted.has(d.id)),
        vocabulary,
        settings,
      );
    };
    const all = judgeOf(described);
    const station = met(s, own);
    const [now] = all([station]);
    return now ? fixesFor(station, now, forbiddenAt(s.shown.cautions), among, all, settings.fair) : [];
  };
  return { check, checkAll, fixes };
}
