import type { Conditions } from '../conditions/index.ts';
import { leftOpen, oneWayTells, verdictFrom } from '../tells/index.ts';
import type { OpenCharacter, PairReport, Strength, Tell } from '../tells/index.ts';
import { PARTLY, SAYS, isLeftOpen, overlapIn, says } from './matrix.ts';
import type { Column, Matrix } from './matrix.ts';

const STRENGTHS: Readonly<Partial<Record<number, Strength>>> = {
  [SAYS.clean]: 'clean',
  [SAYS.usual]: 'usual',
  [SAYS.partial]: 'partial',
};

/** What is missing where a character is open: a value on a side, or when it can be seen. */
function missingOf(c: Column, a: number, b: number): OpenCharacter['missing'] {
  const [hasA, hasB] = [(c.value[a] ?? -1) >= 0, (c.value[b] ?? -1) >= 0];
  const [valueA, valueB] = [c.values[c.value[a] ?? -1], c.values[c.value[b] ?? -1]];
  if (valueA && valueB) return isLeftOpen(c, a, b) ? leftOpen(valueA, valueB) : 'season';
  return hasA ? 'b' : hasB ? 'a' : 'both';
}

function reportOf(
  matrix: Matrix,
  columns: readonly Column[],
  a: number,
  b: number,
  conditions: Conditions,
): PairReport {
  const [one, other] = [matrix.list[a], matrix.list[b]];
  if (!one || !other) throw new Error('A pair outside the list');
  const tells: Tell[] = [];
  const open: OpenCharacter[] = [];
  const presumed: OpenCharacter[] = [];
  let compared = 0;
  for (const c of columns) {
    const found = says(c, a, b, matrix.gap);
    const character = c.character.id;
    if (found === SAYS.hidden) continue;
    if (found === SAYS.open) {
      open.push({ character, missing: missingOf(c, a, b) });
      continue;
    }
    compared += 1;
    if (c.shipped[a] === 1 || c.shipped[b] === 1)
      presumed.push({ character, missing: c.shipped[b] !== 1 ? 'a' : c.shipped[a] !== 1 ? 'b' : 'both' });
    const strength = STRENGTHS[found];
    const [valueA, valueB] = [c.values[c.value[a] ?? -1], c.values[c.value[b] ?? -1]];
    if (strength && valueA && valueB)
      tells.push({
        character,
        strength,
        overlap: overlapIn(c, a, b),
        a: valueA,
        b: valueB,
        partly: c.seen[a] === PARTLY || c.seen[b] === PARTLY,
      });
  }
  return {
    a: one.id,
    b: other.id,
    ...verdictFrom(tells, open, presumed, compared),
    oneWay: oneWayTells(one, other, conditions),
    compared,
  };
}

/**
 * Reports of one member of a matrix against each of the others, in the order of the list: says of each pair what
 * `comparePair` says of the two alone. Source: docs/formulas.md, Tells and twins.
 * @param others places of those it is compared with; all others where they are not given.
 */
export function rowReports(
  matrix: Matrix,
  row: number,
  conditions: Conditions,
  others: readonly number[] = matrix.list.flatMap((_, i) => (i === row ? [] : [i])),
): readonly PairReport[] {
  // The easiest first, as tells and what is open are told.
  const columns = [...matrix.columns].sort((x, y) => x.ease - y.ease);
  return others.map((other) => reportOf(matrix, columns, row, other, conditions));
}
