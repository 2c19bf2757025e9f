import { characterWords } from '../characters/index.ts';
import type { Character, RangeValue } from '../characters/index.ts';
import { showLength } from '../measuring/index.ts';
import type { Asked, AskedAmong, Question } from './types.ts';

const M = 1000;

/**
 * What the numbers of trees and shrubs lie between, in the unit of each character, wide enough for every one on record: the
 * tallest stands at 116 m, the longest leaf of a palm reaches 25 m, the oldest single tree lived some 5,000 years. Beyond them
 * a unit or a digit is more likely wrong than the tree out of the ordinary.
 */
const LIMITS: Readonly<Record<string, readonly [low: number, high: number]>> = {
  'form.height': [20, 120 * M],
  'form.trunk_diameter': [1, 15 * M],
  'form.spread': [20, 100 * M],
  'form.life_span': [1, 6000],
  'bark.furrow_depth': [0, 400],
  'bark.furrow_width': [0, 300],
  'bark.plate_size': [1, 2 * M],
  'twig.armature_length': [0.2, 300],
  'twig.bud_length': [0.2, 100],
  'twig.bud_scale_count': [0, 60],
  'twig.bundle_scars': [1, 60],
  'leaf.leaflet_count': [1, 1200],
  'leaf.leaflet_length': [1, 600],
  'leaf.length': [0.5, 8 * M],
  'leaf.width': [0.3, 4 * M],
  'leaf.ratio': [0.1, 60],
  'leaf.lobe_count': [0, 60],
  'leaf.sinus_depth': [0, 1],
  'leaf.teeth_per_vein': [0, 20],
  'leaf.vein_pairs': [1, 80],
  'leaf.petiole_length': [0, 2 * M],
  'needle.bundle_count': [1, 60],
  'needle.per_spur': [2, 80],
  'needle.length': [1, 500],
  'needle.resin_canals': [0, 20],
  'needle.scale_length': [0.5, 40],
  'flower.size': [0.3, 500],
  'flower.petals': [0, 60],
  'fruit.size': [0.5, 700],
  'fruit.stalk': [0, 400],
  'fruit.scale_count': [1, 400],
  'fruit.crop_interval': [1, 20],
  'fruit.first_fruit': [1, 80],
  'fruit.scale_width': [1, 100],
  'wood.density': [80, 1450],
  'site.elevation': [0, 5000 * M],
  'site.zones': [1, 13],
};

/** A bound as it is said: lengths in the unit a reader knows them by. */
const said = (character: Character, value: number): string =>
  character.kind === 'length'
    ? `${showLength(value, 'metric')} (${showLength(value, 'customary')})`
    : `${value.toLocaleString('en')} ${character.unit}`.trim();

/**
 * What to ask of a number that lies beyond what trees and shrubs are known to have; null where it does not, or where
 * nothing is known of the character. Source: docs/domain.md, Questions.
 */
export function beyondLimits(
  character: Character,
  value: RangeValue,
): { text: string; remedy: string } | null {
  const limits = LIMITS[character.id];
  if (!limits) return null;
  const [least, most] = limits;
  const high = value.xhigh ?? value.high;
  const term = characterWords(character, 'technical');
  const name = `${term.charAt(0).toUpperCase()}${term.slice(1)}`;
  if (high > most)
    return {
      text: `${name} (${value.entered}) is beyond the most that trees and shrubs are known to have, ${said(character, most)}.`,
      remedy: 'Is a digit or the unit wrong?',
    };
  // Nought is where “up to” begins.
  if (high < least)
    return {
      text: `${name} (${value.entered}) is below the least that trees and shrubs are known to have, ${said(character, least)}.`,
      remedy: 'Is a digit or the unit wrong?',
    };
  return null;
}

/** Every number of a profile's own that lies beyond them. */
export const numbersBeyond = ({ id, profile }: Asked, { vocabulary }: AskedAmong): readonly Question[] =>
  [...profile.values()].flatMap((r): Question[] => {
    const character = vocabulary.get(r.character);
    if (!character || r.value.kind !== 'range' || r.origin !== id) return [];
    const found = beyondLimits(character, r.value);
    return found ? [{ code: 'beyond_limits', character: r.character, ...found }] : [];
  });
