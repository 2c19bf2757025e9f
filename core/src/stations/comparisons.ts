import type { Vocabulary } from '../characters/index.ts';
import { matrixOf, rowReports } from '../compare/index.ts';
import { expectedCharacters } from '../tells/index.ts';
import type { Described, PairReport } from '../tells/index.ts';
import type { StationShown } from './shown.ts';

/**
 * What a station's tree can be told from: one report for every other species of a list, in the order of the list,
 * over the matrix of all of them. Source: docs/formulas.md, Tells and twins.
 * @param list the described species it is compared with; its own is left out.
 */
export function compareStation(
  { tree, taxon, conditions }: StationShown,
  list: readonly Described[],
  vocabulary: Vocabulary,
): readonly PairReport[] {
  const rivals = list.filter((d) => d.id !== taxon);
  // The list as a whole says which characters are expected, its own species too.
  const matrix = matrixOf([tree, ...rivals], vocabulary, conditions, expectedCharacters(list));
  return rowReports(matrix, 0, conditions);
}
