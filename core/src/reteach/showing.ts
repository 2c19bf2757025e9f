import type { Value, Vocabulary } from '../characters/index.ts';
import { gapFor, separate } from '../tells/index.ts';
import type { DescribedTaxon } from '../tells/index.ts';
import { visible } from '../conditions/index.ts';
import type { Conditions } from '../conditions/index.ts';
import { stationShown } from '../stations/index.ts';
import type { Shown } from '../stations/index.ts';
import { minutesOnFoot } from './onFoot.ts';
import type { Place } from './onFoot.ts';

/** A tree or a cut specimen that may show a look. */
export interface Candidate extends Shown {
  readonly individual: string;
  readonly place: Place | null;
  /** Of a specimen: what there is of it, since when, and the last day it is good; null for a tree. */
  readonly cut: {
    readonly material: Conditions['material'];
    readonly takenOn: string | null;
    readonly goodUntil: string | null;
  } | null;
}

/** An individual with the looks that it shows now, in the order asked. */
export interface Showing {
  readonly individual: string;
  readonly characters: readonly string[];
}

/** The conditions at a candidate: a tree as it stands, of which nothing is cut, or what was cut of it. */
function conditionsAt(c: Candidate, conditions: Conditions): Conditions {
  if (!c.cut) return { ...conditions, material: ['tree'] };
  const { takenOn, material } = c.cut;
  return {
    ...conditions,
    material,
    distance: 'hand',
    ...(takenOn === null ? {} : { takenOn: Object.fromEntries(material.map((m) => [m, takenOn])) }),
  };
}

/** A species described where a candidate stands and for its stage of life; as elsewhere where that is not known. */
export type DescribedAt = (c: Candidate) => DescribedTaxon | null;

/**
 * Which individuals of a species show what separates it from another on a day: the look can be seen on them then, and what
 * they show, as checked at the tree before the profile, is separate from what the other species shows. Specimens that are no
 * longer good show nothing. Source: docs/formulas.md, Where a look is shown.
 * @param own the species of the candidates, `other` the one it is taken for.
 * @param describedAt the species at the site and stage of each: seasons differ from trail to trail, and a pole has other bark.
 * @param looks characters in the order they are taught.
 */
export function showing(
  candidates: readonly Candidate[],
  own: DescribedTaxon,
  other: DescribedTaxon,
  looks: readonly string[],
  vocabulary: Vocabulary,
  conditions: Conditions,
  describedAt: DescribedAt = () => null,
): readonly Showing[] {
  const gap = gapFor(conditions);
  return candidates.flatMap((c): Showing[] => {
    if (c.taxon !== own.id) return [];
    if (c.cut && c.cut.goodUntil !== null && c.cut.goodUntil < conditions.date) return [];
    const at = stationShown(c, conditionsAt(c, conditions), describedAt(c) ?? own);
    const characters = looks.filter((id) => {
      const character = vocabulary.get(id);
      const [here, there]: readonly (Value | undefined)[] = [
        at.tree.values.get(id)?.value,
        other.values.get(id)?.value,
      ];
      if (!character || visible(at.tree.subject, character, at.conditions).seen !== 'yes') return false;
      const s = separate(character, here, there, gap);
      return s.kind === 'tell' && s.strength !== 'partial';
    });
    return characters.length === 0 ? [] : [{ individual: c.individual, characters }];
  });
}

/** Two trees to stand between. */
export interface TwoTrees {
  readonly a: string;
  readonly b: string;
  readonly minutes: number;
  /** Looks that both show, in the order they are taught. */
  readonly characters: readonly string[];
}

/**
 * The two trees nearest to each other, one of each species, that both show a look: the fewest minutes on foot, then the
 * more looks. Null where no look is shown by a tree of each whose place is known. Source: docs/formulas.md, Where a look is shown.
 */
export function nearestTwo(
  ofA: readonly Showing[],
  ofB: readonly Showing[],
  placeOf: (individual: string) => Place | null,
): TwoTrees | null {
  let best: TwoTrees | null = null;
  for (const a of ofA)
    for (const b of ofB) {
      const characters = a.characters.filter((c) => b.characters.includes(c));
      const [from, to] = [placeOf(a.individual), placeOf(b.individual)];
      if (characters.length === 0 || !from || !to) continue;
      const minutes = minutesOnFoot(from, to);
      if (
        !best ||
        minutes < best.minutes ||
        (minutes === best.minutes && characters.length > best.characters.length)
      )
        best = { a: a.individual, b: b.individual, minutes, characters };
    }
  return best;
}
