import { familiesOfGenus } from '../names/index.ts';
import type { Asked, Competitor, NameRankAsked } from './types.ts';

/** A question, as far as it decides what is asked of a station's tree. */
export interface AskAt {
  readonly kind: string;
  readonly character: string | null;
}

const RANK_OF: Readonly<Record<string, NameRankAsked>> = {
  common: 'species',
  scientific: 'species',
  either: 'species',
  genus: 'genus',
  family: 'family',
};
const FINEST: readonly NameRankAsked[] = ['species', 'genus', 'family'];

/** What a station's questions ask: the finest rank of a name, and the characters. */
export function askedBy(asks: readonly AskAt[], accepts: readonly string[] = [], notTellable = false): Asked {
  const ranks = asks.flatMap((a) => RANK_OF[a.kind] ?? []);
  return {
    rank: FINEST.find((r) => ranks.includes(r)) ?? null,
    characters: asks.flatMap((a) => (a.kind === 'call' && a.character !== null ? a.character : [])),
    accepts,
    notTellable,
  };
}

/** A species as it competes, by its name: its genus is the first word, its family that of the genus. */
export function competitorOf({
  id,
  scientific,
}: {
  readonly id: string;
  readonly scientific: string;
}): Competitor {
  const genus = scientific.split(' ')[0] ?? null;
  return { taxon: id, genus, family: familiesOfGenus(scientific)?.family ?? null };
}
