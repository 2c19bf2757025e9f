import type { Character } from '../characters/index.ts';
import { SAYS, says } from './matrix.ts';
import type { Matrix } from './matrix.ts';

/** What a character does for a list under the conditions. */
export interface Earning {
  readonly character: Character;
  /** Pairs it tells cleanly or mostly. */
  readonly tells: number;
  /** Pairs that nothing else seen now tells. */
  readonly alone: number;
  /** Members it is recorded of. */
  readonly recorded: number;
}

/**
 * Characters that can be seen now by what they do for the list: how many pairs they tell, and how many they alone
 * tell. Those that tell no pair stand at the end.
 */
export function earnings({ list, columns, gap }: Matrix): readonly Earning[] {
  const tells = new Uint32Array(columns.length);
  const alone = new Uint32Array(columns.length);
  for (let a = 0; a < list.length; a += 1) {
    for (let b = a + 1; b < list.length; b += 1) {
      let found = -1;
      let count = 0;
      for (let c = 0; c < columns.length; c += 1) {
        const column = columns[c];
        if (!column) continue;
        const said = says(column, a, b, gap);
        if (said !== SAYS.usual && said !== SAYS.clean) continue;
        tells[c] = (tells[c] ?? 0) + 1;
        count += 1;
        found = c;
      }
      if (count === 1) alone[found] = (alone[found] ?? 0) + 1;
    }
  }
  return columns
    .map(({ character, value }, c) => ({
      character,
      tells: tells[c] ?? 0,
      alone: alone[c] ?? 0,
      recorded: value.reduce((n, v) => n + (v >= 0 ? 1 : 0), 0),
    }))
    .filter((e) => e.recorded > 0)
    .sort((x, y) => y.alone - x.alone || y.tells - x.tells);
}
