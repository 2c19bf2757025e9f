import { ALL_BUT_GONE, FALLING, fruitBelow, inSeason } from './seasons.ts';
import { DISTANCES, DISTANCE_NAMES } from './types.ts';
import type {
  Conditions,
  Distance,
  Handling,
  Material,
  Season,
  Seen,
  Subject,
  Viewing,
  Visibility,
} from './types.ts';

const RANK: Readonly<Record<Seen, number>> = { no: 0, unknown: 1, partly: 2, yes: 3 };

const MATERIAL_WORDS: Readonly<Record<Material, string>> = {
  tree: 'the standing tree',
  twig: 'a twig',
  leaf: 'a leaf',
  fruit: 'a fruit or cone',
  litter: 'the litter beneath',
  bark: 'bark',
  section: 'a stem section',
  rubbing: 'a rubbing',
  pressed: 'a pressed sheet',
  photo: 'a photograph',
  plate: 'a drawn plate',
};

const NEEDS_WORDS: Readonly<Record<Handling, string>> = {
  look: 'looking',
  lens: 'a hand lens',
  touch: 'touch',
  smell: 'smelling',
  taste: 'tasting',
  cut: 'cutting',
  measure: 'measuring',
};

/** A material in words with its article, for sentences. */
export const materialWords = (material: Material): string => MATERIAL_WORDS[material];

/** What a handling lets a person do, in words. */
export const handlingWords = (handling: Handling): string => NEEDS_WORDS[handling];

const near = (d: Distance): number => DISTANCES.indexOf(d);

/** Parts that lie in the hand whatever the distance of the tree. */
const IN_HAND: readonly Material[] = ['twig', 'leaf', 'fruit', 'section', 'rubbing', 'pressed'];
const yes: Visibility = { seen: 'yes', reason: '' };

function fromDistance(subject: Subject, character: Viewing, material: Material, c: Conditions): Visibility {
  if (IN_HAND.includes(material) || material === 'plate' || material === 'photo') {
    return { seen: 'yes', reason: '' };
  }
  let distance = near(c.distance);
  if (subject.reach && material === 'tree') {
    const reach = subject.reach[character.organ];
    if (reach === undefined) return { seen: 'unknown', reason: 'reach of this tree not recorded' };
    if (reach === 'out') return { seen: 'no', reason: 'out of reach on this tree' };
    distance = Math.min(distance, near(reach));
  }
  if (distance >= near(character.distance)) return { seen: 'yes', reason: '' };
  return { seen: 'no', reason: `can be made out only from ${DISTANCE_NAMES[character.distance]}` };
}

function worse(a: Visibility, b: Visibility): Visibility {
  return RANK[b.seen] < RANK[a.seen] ? b : a;
}

function better(a: Visibility, b: Visibility): Visibility {
  return RANK[b.seen] > RANK[a.seen] ? b : a;
}

/** What is printed, drawn or pressed: nothing to feel, smell or cut. */
const ON_PAPER: readonly Material[] = ['photo', 'plate', 'pressed', 'rubbing'];
const BY_HAND: readonly Handling[] = ['touch', 'smell', 'taste', 'cut'];

/** What paper leaves of a character: no touch, smell or cut; a lens hardly helps; colors fade on a pressed sheet. */
function onPaper(character: Viewing, material: Material): Visibility {
  if (!ON_PAPER.includes(material)) return yes;
  const hand = character.needs.find((n) => BY_HAND.includes(n));
  if (hand)
    return { seen: 'no', reason: `${NEEDS_WORDS[hand]} does not work on ${MATERIAL_WORDS[material]}` };
  if (character.needs.includes('lens')) {
    return { seen: 'partly', reason: `a lens hardly helps on ${MATERIAL_WORDS[material]}` };
  }
  const fades = material === 'pressed' && character.kind === 'colour';
  return fades ? { seen: 'partly', reason: 'colors fade on a pressed sheet' } : yes;
}

/** Leaves in the hand are whole while others fall; only leaves that are still opening are not yet what they will be. */
const LEAF_IN_HAND: readonly Material[] = ['leaf', 'pressed'];

function atSeason(
  subject: Subject,
  character: Viewing,
  season: Season,
  material: Material,
  date: string,
): Visibility {
  const found = inSeason(subject, season, date, character.onBrownLeaf ?? false);
  const isFalling = found.reason === FALLING || found.reason === ALL_BUT_GONE;
  return season === 'leaf-on' && isFalling && LEAF_IN_HAND.includes(material) ? yes : found;
}

/** What lies below was dropped at some time of the year before; it is brown by now, and fruit may be gone. */
function inLitter(subject: Subject, character: Viewing, date: string): Visibility {
  const below = character.organ === 'fruit' ? fruitBelow(subject, date) : yes;
  if (below.seen !== 'yes' || character.kind !== 'colour') return below;
  return { seen: 'partly', reason: 'browned on the ground' };
}

function onMaterial(subject: Subject, character: Viewing, material: Material, c: Conditions): Visibility {
  const taken = material === 'tree' || material === 'bark' ? c.date : (c.takenOn?.[material] ?? c.date);
  const season: Visibility =
    material === 'plate'
      ? yes
      : material === 'litter'
        ? inLitter(subject, character, taken)
        : character.season.map((s) => atSeason(subject, character, s, material, taken)).reduce(better);
  return [fromDistance(subject, character, material, c), onPaper(character, material)].reduce(worse, season);
}

/**
 * Can a character be seen on a taxon or an individual under these conditions?
 * Source: docs/formulas.md, What can be seen; docs/domain.md, Cautions. `unknown` means a window or a reach that would decide is not recorded.
 * @returns yes, partly, no or unknown, with the reason in words.
 */
export function visible(subject: Subject, character: Viewing, conditions: Conditions): Visibility {
  const first = visibleBy(subject, character, conditions);
  if (!character.orBy || first.seen === 'yes') return first;
  return better(first, visibleBy(subject, { ...character, needs: character.orBy.needs }, conditions));
}

/** Can it be seen with all the handling it needs? */
function visibleBy(subject: Subject, character: Viewing, conditions: Conditions): Visibility {
  if (character.id !== undefined && subject.hides?.includes(character.id))
    return { seen: 'no', reason: 'hidden by its bag' };
  const missing = character.needs.find((n) => n !== 'look' && !conditions.handling.includes(n));
  if (missing) return { seen: 'no', reason: `${NEEDS_WORDS[missing]} is not allowed here` };
  const barred = character.needs.find((n) => n !== 'look' && subject.forbids?.includes(n));
  if (barred) return { seen: 'no', reason: `a caution forbids ${NEEDS_WORDS[barred]} here` };
  if (conditions.wet && character.wet === 'lost') return { seen: 'no', reason: 'lost when wet' };
  if (character.material.length === 0) return { seen: 'no', reason: 'not something to be seen' };
  const usable = character.material.filter((m) => conditions.material.includes(m));
  if (usable.length === 0) {
    const first = character.material.slice(0, 2).map(materialWords).join(' or ');
    return { seen: 'no', reason: `needs ${first}` };
  }
  const best = usable.map((m) => onMaterial(subject, character, m, conditions)).reduce(better);
  if (conditions.wet && character.wet === 'blurred' && best.seen === 'yes') {
    return { seen: 'partly', reason: 'blurred when wet' };
  }
  return best;
}
