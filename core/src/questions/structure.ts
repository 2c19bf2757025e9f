import { stateOf } from '../characters/index.ts';
import { daysForward, movesWith, within } from '../conditions/index.ts';
import type { SeasonWindow } from '../conditions/index.ts';
import { familiesOfGenus } from '../names/index.ts';
import type { Asked, AskedAmong, Question } from './types.ts';
import { rangeOf, usualStates } from './values.ts';

const COMPOUND = ['odd-pinnate', 'even-pinnate', 'pinnate', 'bipinnate'];
/** A leaf of at least this many leaflets is longer than this many of its leaflets. */
const LEAFLETS = 5;
const LENGTHS = 1.5;
/** Shorter than this, a leaf of many leaflets is hardly a whole leaf (mm). */
const SHORT_LEAF = 90;

/** A compound leaf whose length looks like that of a leaflet. */
export function leafOrLeaflet({ profile }: Asked): Question | null {
  if (!usualStates(profile, 'leaf.complexity').some((s) => COMPOUND.includes(s))) return null;
  const leaf = rangeOf(profile, 'leaf.length');
  const count = rangeOf(profile, 'leaf.leaflet_count');
  if (!leaf || (count && !count.more && count.high < LEAFLETS)) return null;
  const leaflet = rangeOf(profile, 'leaf.leaflet_length');
  const suspicious = leaflet ? leaf.high < LENGTHS * leaflet.high : leaf.high < SHORT_LEAF;
  return suspicious
    ? {
        code: 'leaf_or_leaflet',
        character: 'leaf.length',
        text: `The leaf is compound, but its length (${leaf.entered}) is about that of one leaflet.`,
        remedy: 'A leaf is measured to the tip of its end leaflet. Was a leaflet measured?',
      }
    : null;
}

/** Relative luminance of `#rrggbb`, 0 to 1, enough to say which of two is paler. */
function paleness(swatch: string): number {
  const at = (i: number): number => parseInt(swatch.slice(i, i + 2), 16) / 255;
  return 0.2126 * at(1) + 0.7152 * at(3) + 0.0722 * at(5);
}
const CLEARLY_PALER = 0.15;

/** Leaves are paler beneath; the other way round, two entries may have been swapped. */
export function surfacesSwapped({ profile }: Asked, { vocabulary }: AskedAmong): Question | null {
  const pale = (id: string): number | null => {
    const character = vocabulary.get(id);
    const shades = usualStates(profile, id).flatMap(
      (s) => (character && stateOf(character, s)?.swatch) ?? [],
    );
    return shades.length > 0 ? shades.reduce((sum, s) => sum + paleness(s), 0) / shades.length : null;
  };
  const [above, below] = [pale('leaf.colour_above'), pale('leaf.colour_below')];
  return above !== null && below !== null && above > below + CLEARLY_PALER
    ? {
        code: 'surfaces_swapped',
        character: 'leaf.colour_above',
        text: 'The upper side is recorded as clearly paler than the under side.',
        remedy: 'Leaves are mostly paler beneath. Were the two surfaces swapped?',
      }
    : null;
}

const meet = (a: SeasonWindow, b: SeasonWindow): boolean => within(a, b.start) || within(b, a.start);

/** Wind carries pollen for days: where it is shed and received months apart, one of the two windows is wrong. */
export function flowersApart({ profile, windows }: Asked): Question | null {
  const find = (kind: string): SeasonWindow | undefined => windows.find((w) => w.kind === kind);
  const [pollen, receptive] = [find('pollen'), find('receptive')];
  if (!pollen || !receptive || !usualStates(profile, 'flower.pollinator').includes('wind')) return null;
  return meet(pollen, receptive)
    ? null
    : {
        code: 'flowers_apart',
        character: 'flower.pollinator',
        text: 'It is pollinated by wind, but its seed flowers are not open while pollen is shed.',
        remedy: 'The two windows must meet. Is one of them the ripening of the fruit?',
      };
}

/** Fruit that begins to ripen this many days before the flower or fewer is taken for that of the same year. */
const SAME_YEAR = 120;

/** Fruit follows its flower: where it ripens shortly before, one window is wrong. What flowers in fall fruits a year on. */
export function fruitBeforeFlower({ windows }: Asked): Question | null {
  const ripening = windows.find((w) => w.kind === 'ripening');
  const flower = windows.find((w) => w.kind === 'receptive') ?? windows.find((w) => w.kind === 'pollen');
  if (!ripening || !flower || movesWith(flower) === 'fall') return null;
  const before = daysForward(ripening.start, flower.start);
  return before > 0 && before <= SAME_YEAR
    ? {
        code: 'fruit_before_flower',
        character: null,
        text: `Its fruit begins to ripen ${before} days before it flowers.`,
        remedy: 'Fruit follows its flower. Were the two windows swapped, or is the fruit that of last year?',
      }
    : null;
}

export function twoSexualSystems({ profile }: Asked): Question | null {
  const states = usualStates(profile, 'flower.sexual_system');
  return states.includes('bisexual') && (states.includes('monoecious') || states.includes('dioecious'))
    ? {
        code: 'two_sexual_systems',
        character: 'flower.sexual_system',
        text: 'It is said to have both bisexual flowers and flowers of one sex only.',
        remedy: 'If one tree bears both, record “mixed”; else take one of them out.',
      }
    : null;
}

export function oneZone({ profile }: Asked): Question | null {
  const zones = rangeOf(profile, 'site.zones');
  return zones && zones.low === zones.high && zones.xlow === null && zones.xhigh === null
    ? {
        code: 'one_zone',
        character: 'site.zones',
        text: `Only one hardiness zone (${zones.entered}) is given.`,
        remedy: 'Is this the coldest zone it bears? Write the range, such as 4-8.',
      }
    : null;
}

/** Needles counted in bundles on a genus whose needles stand in tufts on spurs. */
export function bundlesOnSpurs({ profile }: Asked): Question | null {
  const onSpurs = usualStates(profile, 'needle.attachment').includes('clustered-on-spurs');
  const counted =
    profile.get('needle.bundle_count')?.statements.some((s) => s.value.kind === 'range') ?? false;
  return onSpurs && counted
    ? {
        code: 'bundles_on_spurs',
        character: 'needle.bundle_count',
        text: 'Needles per bundle are given for a plant whose needles stand in tufts on spurs.',
        remedy: 'A tuft is no bundle. Is it the number of needles on a spur?',
      }
    : null;
}

/** Families of trees and shrubs whose flowers have both sexes, all but a few. */
const PERFECT: ReadonlySet<string> = new Set([
  'Magnoliaceae',
  'Rosaceae',
  'Malvaceae',
  'Ericaceae',
  'Cornaceae',
  'Hydrangeaceae',
  'Bignoniaceae',
  'Fabaceae',
  'Styracaceae',
  'Theaceae',
  'Caprifoliaceae',
  'Calycanthaceae',
  'Berberidaceae',
  'Paulowniaceae',
  'Grossulariaceae',
]);

/** Flowers of one sex in a family of perfect ones. */
export function perfectFamily({ profile, scientific, id }: Asked): Question | null {
  const states = usualStates(profile, 'flower.sexual_system');
  const oneSex = states.find((s) => s === 'monoecious' || s === 'dioecious');
  const family = familiesOfGenus(scientific)?.family ?? '';
  const own = profile.get('flower.sexual_system')?.origin === id;
  return oneSex !== undefined && own && PERFECT.has(family)
    ? {
        code: 'perfect_family',
        character: 'flower.sexual_system',
        text: `It is said to be ${oneSex}, but flowers of the ${family} mostly have both sexes.`,
        remedy: 'Do its flowers have stamens and a pistil together? Then it is bisexual.',
      }
    : null;
}

const FLESHY = ['berry', 'drupe', 'pome', 'hip', 'fleshy-cone', 'aril'];
const DRY = [
  'capsule',
  'follicle',
  'samara',
  'paired-samara',
  'acorn',
  'nut',
  'nut-in-a-husk',
  'nut-in-a-bur',
  'pod',
  'achene',
  'papery-sac',
  'cone',
  'woody-cone-like-catkin',
];

/** A fruit that is fleshy and dry at once. */
export function fleshyAndDry({ profile }: Asked, { vocabulary }: AskedAmong): Question | null {
  const states = usualStates(profile, 'fruit.kind');
  const fleshy = states.find((s) => FLESHY.includes(s));
  const dry = states.find((s) => DRY.includes(s));
  if (fleshy === undefined || dry === undefined) return null;
  const character = vocabulary.get('fruit.kind');
  const name = (state: string): string => (character ? (stateOf(character, state)?.term ?? state) : state);
  return {
    code: 'fleshy_and_dry',
    character: 'fruit.kind',
    text: `Its fruit is said to be a ${name(fleshy)} and a ${name(dry)}, one fleshy and one dry.`,
    remedy: 'Is one of them what people call it, and the other what it is?',
  };
}

/** Fruit that begins to ripen after this day has no fall left to sprout in (1 December). */
const FALL_ENDS = 335;

/** Seed that sprouts in the fall it drops must be ripe by then. */
export function sproutsUnripe({ profile, windows }: Asked): Question | null {
  const ripening = windows.find((w) => w.kind === 'ripening');
  return ripening &&
    ripening.start >= FALL_ENDS &&
    usualStates(profile, 'fruit.germination').includes('same-fall')
    ? {
        code: 'sprouts_unripe',
        character: 'fruit.germination',
        text: 'Its seed is said to sprout in the fall, but the fruit only begins to ripen after it.',
        remedy: 'Does it sprout the next spring, or is the window of ripening wrong?',
      }
    : null;
}
