import type { AskBody, TreeRow } from '@hurrow/contract';
import { makeQuestion } from '@hurrow/core/asking';
import { seeded } from '@hurrow/core/numbers';
import type { GroundOf } from './useAskGround.ts';

/**
 * A drawn choice between a tree and a look-alike, as young students are asked; where none can be made, the common name.
 * @param groundOf what questions are made from; null while it is read.
 */
export function pairOf(
  groundOf: GroundOf | null,
  tree: TreeRow | undefined,
  seed: number,
): readonly AskBody[] {
  const made =
    tree && groundOf
      ? makeQuestion('which_of_two', { ...groundOf(tree), drawn: true, next: seeded(seed) })
      : null;
  return made && 'params' in made
    ? [{ kind: 'choice', character: null, points: 1, params: made.params }]
    : [{ kind: 'common', character: null, points: 1 }];
}
