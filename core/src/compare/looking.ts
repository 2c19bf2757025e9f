import { easeOf } from '../tells/index.ts';
import type { Strength } from '../tells/index.ts';
import { isSubjective } from '../characters/index.ts';
import type { Character, Vocabulary } from '../characters/index.ts';
import type { Conditions, Organ } from '../conditions/index.ts';
import type { TellCard } from './tellCards.ts';

/**
 * Steps of a look at a plant, in the order in which they are taken; `*` stands for whatever follows. The first step that
 * fits counts.
 */
const STEPS: readonly (readonly string[])[] = [
  ['leaf.kind', 'leaf.persistence'],
  ['leaf.arrangement', 'twig.arrangement', 'needle.attachment', 'needle.arrangement', 'twig.two_ranked'],
  ['leaf.complexity', 'leaf.leaflet_*', 'leaf.end_leaflet_stalk', 'leaf.rachis_wing'],
  ['needle.bundle_count', 'needle.per_spur', 'needle.sheath', 'needle.spray'],
  ['leaf.lob*', 'leaf.sinus_depth', 'leaf.waist'],
  ['leaf.margin', 'leaf.tooth*', 'leaf.teeth_per_vein', 'needle.margin'],
  ['leaf.base*', 'leaf.tip', 'needle.tip', 'leaf.shape', 'leaf.widest'],
  ['leaf.surface_*', 'leaf.hair*', 'needle.bands'],
  ['leaf.length', 'leaf.width', 'needle.length', 'leaf.petiole_length'],
  ['leaf.colour_*', 'needle.colour', 'leaf.autumn_colour'],
  ['leaf.*', 'needle.*'],
];
const fits = (id: string, pattern: string): boolean =>
  pattern.endsWith('*') ? id.startsWith(pattern.slice(0, -1)) : id === pattern;
const ORGANS_AFTER: readonly Organ[] = ['twig', 'flower', 'fruit', 'bark', 'smell', 'form', 'wood', 'site'];

/** What nobody looks at on a plant in front of them: it is read somewhere, counted over years or dug for. */
const ON_PAPER: ReadonlySet<string> = new Set([
  'form.canopy_layer',
  'form.growth_rate',
  'form.life_span',
  'site.soil_texture',
  'site.soil_reaction',
  'site.shade_tolerance',
  'site.flood_tolerance',
  'site.zones',
  'site.nativeness',
  'site.coast',
]);

/** Characters that say one thing in other words; of each, one is enough. */
const RESTATED: Readonly<Record<string, readonly string[]>> = {
  blade: ['leaf.leaflet_length', 'leaf.petiole_length'],
  underside: ['leaf.surface_below', 'leaf.colour_below', 'leaf.hairs', 'leaf.hair_kind'],
  teeth: ['leaf.margin', 'leaf.toothed_where', 'leaf.tooth_size', 'leaf.tooth_shape', 'leaf.teeth_per_vein'],
  lobes: [
    'leaf.lobing',
    'leaf.lobe_regularity',
    'leaf.lobe_form',
    'leaf.lobe_count',
    'leaf.sinus_depth',
    'leaf.lobe_tip',
  ],
  furrows: [
    'bark.texture',
    'bark.furrow_depth',
    'bark.furrow_width',
    'bark.ridge_top',
    'bark.ridge_pattern',
    'bark.plate_size',
  ],
  ranks: ['twig.two_ranked', 'needle.arrangement'],
  crown: ['form.outline', 'form.branching', 'form.branch_angle', 'form.leader'],
  'tree size': ['form.height', 'form.trunk_diameter', 'form.spread'],
  stature: ['form.habit', 'form.trunks'],
  'bud scales': ['twig.bud_scales', 'twig.bud_scale_count'],
  'twig color': ['twig.colour', 'twig.winter_colour'],
  'cone size': ['fruit.size', 'fruit.scale_count', 'fruit.scale_width'],
  smell: ['needle.smell', 'leaf.smell', 'smell.leaf', 'smell.touch', 'twig.smell', 'bark.smell'],
};
const RESTATES = new Map(Object.entries(RESTATED).flatMap(([group, all]) => all.map((c) => [c, group])));

/** Whether a character is looked at on a plant in front of one. */
export const isLookedAt = (c: Pick<Character, 'id' | 'organ'>): boolean =>
  c.organ !== 'wood' && !ON_PAPER.has(c.id);

/** The step at which a character is looked at, from 0; site is last. Source: docs/formulas.md, The order of tells. */
export function lookingStep(c: Pick<Character, 'id' | 'organ'>): number {
  const step = STEPS.findIndex((patterns) => patterns.some((p) => fits(c.id, p)));
  return step >= 0 ? step : STEPS.length + Math.max(0, ORGANS_AFTER.indexOf(c.organ));
}

/** Shades of green, and the color of a leaf that dies: both vary from branch to branch. */
const SHADES: ReadonlySet<string> = new Set(['leaf.colour_above', 'needle.colour', 'leaf.autumn_colour']);

/** Whether a character is a matter of judgement, which a teacher says after what anybody sees alike. */
export const isJudged = (c: Pick<Character, 'id'>): boolean => isSubjective(c.id) || SHADES.has(c.id);

/** What a character says; two of the same say one thing. */
export const saidBy = (c: Pick<Character, 'id' | 'evidenceGroup'>): string =>
  RESTATES.get(c.id) ?? c.evidenceGroup ?? c.id;

const STRENGTH: Readonly<Record<Strength, number>> = { clean: 0, usual: 1, partial: 2 };

/** A tell as it is put in order: what is looked at, how strong it is, and whether only part of it can be seen. */
interface Ordered {
  readonly character: Character;
  readonly strength: Strength;
  readonly partly: boolean;
}

/** Whatever holds tells, in the order in which a teacher would say them. */
function inOrder<T>(
  tells: readonly T[],
  of: (tell: T) => Ordered | null,
  handling: Conditions['handling'],
): readonly T[] {
  const strengthOf = (o: Ordered): number => (o.partly ? STRENGTH.partial : STRENGTH[o.strength]);
  const ordered = tells
    .flatMap((tell) => {
      const o = of(tell);
      return o && isLookedAt(o.character) ? [{ tell, ...o }] : [];
    })
    .sort(
      (s, t) =>
        strengthOf(s) - strengthOf(t) ||
        Number(isJudged(s.character)) - Number(isJudged(t.character)) ||
        lookingStep(s.character) - lookingStep(t.character) ||
        easeOf(s.character, handling) - easeOf(t.character, handling),
    );
  const said = new Set<string>();
  return ordered
    .filter((t) => {
      const what = saidBy(t.character);
      return !said.has(what) && said.add(what).size > 0;
    })
    .map((t) => t.tell);
}

/**
 * Tells as a teacher would say them: the strongest first, then what anybody sees alike, by the order of looking, then the
 * easier; of several that say one thing the first. What is not looked at on a plant is left out. Source: docs/formulas.md, The order of tells.
 */
export const inTeachingOrder = (
  tells: readonly TellCard[],
  { handling }: Pick<Conditions, 'handling'>,
): readonly TellCard[] =>
  inOrder(
    tells,
    (t) => ({ character: t.character, strength: t.strength, partly: t.now === 'partly' }),
    handling,
  );

/** Tells of a locked key in the same order; one whose character is not in the vocabulary any more is left out. */
export const lockedInOrder = <
  T extends { readonly character: string; readonly strength: Strength; readonly partly: boolean },
>(
  tells: readonly T[],
  vocabulary: Vocabulary,
  { handling }: Pick<Conditions, 'handling'>,
): readonly T[] =>
  inOrder(
    tells,
    (t) => {
      const character = vocabulary.get(t.character);
      return character ? { character, strength: t.strength, partly: t.partly } : null;
    },
    handling,
  );
