import { applies } from '../characters/index.ts';
import type { Vocabulary } from '../characters/index.ts';
import type { Described } from '../tells/index.ts';

/**
 * Species of a list that a character question rules out by being asked at all: those to which it does not apply.
 * Needles in a bundle are asked of nothing but pines.
 */
export function ruledOutByAsking(
  character: string,
  list: readonly Described[],
  vocabulary: Vocabulary,
): readonly string[] {
  const c = vocabulary.get(character);
  if (!c) return [];
  return list.flatMap((d) => {
    const value = d.values.get(character)?.value;
    const off = value ? value.kind === 'inapplicable' : applies(c, d.values, vocabulary) === 'no';
    return off ? [d.id] : [];
  });
}

/** A station as far as it may say something about another. */
export interface SaidAt {
  readonly id: string;
  readonly number: number;
  readonly individual: string;
  readonly taxon: string;
  /** Whether a name is asked there, so that it may be given away elsewhere. */
  readonly asksName: boolean;
  /** Species whose names are printed there. */
  readonly named: readonly string[];
}

/** Why two stations give each other away: one tree stands at both, or one prints the name that the other asks. */
export interface GivenAway {
  readonly station: string;
  readonly other: number;
  readonly why: 'same_tree' | 'same_species' | 'named_there';
}

/** Stations that give each other away, each told at the one whose answer is known from the other. */
export function givenAway(stations: readonly SaidAt[]): readonly GivenAway[] {
  return stations.flatMap((s) =>
    stations.flatMap((other): GivenAway[] => {
      if (other.id === s.id || !s.asksName) return [];
      if (other.individual === s.individual)
        return other.number < s.number ? [{ station: s.id, other: other.number, why: 'same_tree' }] : [];
      if (other.taxon === s.taxon && other.named.length > 0 && other.named.includes(s.taxon))
        return [{ station: s.id, other: other.number, why: 'named_there' }];
      if (other.taxon === s.taxon && other.number < s.number)
        return [{ station: s.id, other: other.number, why: 'same_species' }];
      return [];
    }),
  );
}

/** A tree that stood in so many of the sittings before is known by its place. */
export const OFTEN = 3;

/** Whether students of a class know a tree by its place. */
export const placeIsLearnt = (sittings: number): boolean => sittings >= OFTEN;
