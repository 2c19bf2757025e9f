import type { Vocabulary } from '../characters/index.ts';
import type { Conditions } from '../conditions/index.ts';
import type { Described } from '../tells/index.ts';
import { inTeachingOrder } from './looking.ts';
import { tellCards } from './tellCards.ts';
import type { TellCard } from './tellCards.ts';

/** Two of several species by their places, with what tells them apart now, the first to look at first. */
export interface Contrasted {
  readonly a: number;
  readonly b: number;
  readonly tells: readonly TellCard[];
}

/**
 * Every two of several species with the tells that can be used now, each in a teacher's order.
 * @param most tells of one pair. @returns pairs in the order of the species; one that nothing tells apart has no tells.
 */
export function contrastsAmong(
  all: readonly Described[],
  vocabulary: Vocabulary,
  conditions: Conditions,
  most: number,
): readonly Contrasted[] {
  return all.flatMap((one, a) =>
    all.slice(a + 1).map((other, k): Contrasted => ({
      a,
      b: a + 1 + k,
      tells: inTeachingOrder(tellCards(one, other, vocabulary, conditions), conditions)
        .filter((t) => t.now === 'yes' && t.strength !== 'partial')
        .slice(0, most),
    })),
  );
}
