import type { Vocabulary } from '../characters/index.ts';
import { conditionsKey, keptSights, rowReports, underFor, valuesOf, withMembers } from '../compare/index.ts';
import { expectedCharacters } from '../tells/index.ts';
import type { Described, PairReport } from '../tells/index.ts';
import type { StationShown } from './shown.ts';

/** What a station's tree can be told from: one report for every other species of a list, in the order of the list. */
export type StationComparer = (station: StationShown) => readonly PairReport[];

/**
 * Makes a comparer of stations with one list. The values of the list are numbered once, what two of them say is worked out once,
 * and stations met under the same conditions share what can be seen of the list. Source: docs/formulas.md, Tells and twins.
 * @param list the described species a tree is compared with; its own is left out.
 */
export function stationComparer(list: readonly Described[], vocabulary: Vocabulary): StationComparer {
  // The list as a whole says which characters are expected, the tree's own species too.
  const base = valuesOf(list, vocabulary, expectedCharacters(list));
  const row = list.length;
  const sightsAt = keptSights(row);
  return ({ tree, taxon, conditions }) => {
    const seen = sightsAt(conditionsKey(conditions));
    const matrix = underFor(withMembers(base, [tree], vocabulary), conditions, [row], seen);
    const others = list.flatMap((d, i) => (d.id === taxon ? [] : [i]));
    return rowReports(matrix, row, conditions, others);
  };
}
