import type { Vocabulary } from '../characters/index.ts';
import type { Conditions } from '../conditions/index.ts';
import { comparePair } from '../tells/index.ts';
import type { Verdict } from '../tells/index.ts';
import { POSSIBLE } from './nextLook.ts';
import type { Named, Naming } from './posterior.ts';

/** A member the leader cannot be told from with what is at hand. */
export interface NotTold {
  readonly member: number;
  readonly verdict: Exclude<Verdict, 'told'>;
}

/**
 * Members still possible that nothing that can be seen now tells from the leader: "cannot be told from ... with this".
 * Source: docs/formulas.md, Naming a tree.
 * @param expected as for `comparePair`.
 */
export function cannotBeTold(
  naming: Naming,
  named: Named,
  vocabulary: Vocabulary,
  conditions: Conditions,
  expected: ReadonlySet<string>,
): readonly NotTold[] {
  const [leader] = named.ranking;
  const first = leader === undefined ? undefined : naming.list[leader];
  if (!first) return [];
  return named.ranking.slice(1).flatMap((member): NotTold[] => {
    const other = naming.list[member];
    if (!other || (named.posterior[member] ?? 0) < POSSIBLE) return [];
    const { verdict } = comparePair(first, other, vocabulary, conditions, expected);
    return verdict === 'told' ? [] : [{ member, verdict }];
  });
}
