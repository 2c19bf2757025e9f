import { barkFigure } from './bark/index.ts';
import { DRAWN_AS_ANOTHER, fruitFigure } from './fruit/index.ts';
import { needleDetail, needleFigure } from './needle/index.ts';
import { leafFigure } from './organs.ts';
import { chance } from './random.ts';
import { habitFigure, silhouetteFigure } from './tree/index.ts';
import { traitsFrom } from './traits.ts';
import { twigFigure } from './twig/index.ts';
import type { Box, Figure } from './types.ts';

type Shown = Readonly<Record<string, string | number>>;

const LEAF: Shown = {
  'leaf.kind': 'broad',
  'leaf.shape': 'ovate',
  'leaf.length': 60,
  'leaf.petiole_length': 12,
  'leaf.margin': 'entire',
};
const NEEDLES: Shown = {
  'leaf.kind': 'needle',
  'needle.attachment': 'disc',
  'needle.length': 24,
  'needle.section': 'flat',
};
const BUNDLE: Shown = {
  'leaf.kind': 'needle',
  'needle.attachment': 'in-bundles',
  'needle.bundle_count': 2,
  'needle.length': 60,
};
const SPRAY: Shown = { 'leaf.kind': 'scale', 'needle.spray': 'flattened' };
const TWIG: Shown = {
  'twig.arrangement': 'alternate',
  'twig.bud_shape': 'ovoid',
  'twig.bud_length': 8,
  'twig.bud_scales': 'imbricate',
  'twig.thickness': 'medium',
};
const TREE: Shown = { 'form.outline': 'conical', 'form.branching': 'excurrent' };
const BARK: Shown = { 'bark.texture': 'smooth' };
const CONE: Shown = { 'fruit.kind': 'cone', 'fruit.size': 60 };

/** What else must be shown for a character to be seen at all. */
const WITH: Readonly<Record<string, Shown>> = {
  'leaf.lobe_tip': { 'leaf.lobing': 'pinnately-lobed', 'leaf.shape': 'obovate' },
  'leaf.waist': { 'leaf.lobing': 'pinnately-lobed', 'leaf.shape': 'obovate' },
  'leaf.tooth_size': { 'leaf.margin': 'serrate' },
  'leaf.tooth_shape': { 'leaf.margin': 'serrate', 'leaf.tooth_size': 'coarse' },
  'leaf.toothed_where': { 'leaf.margin': 'serrate' },
  'leaf.lobing': { 'leaf.shape': 'obovate' },
  'leaf.leaflet_shape': { 'leaf.complexity': 'odd-pinnate', 'leaf.leaflet_count': 5, 'leaf.length': 120 },
  'leaf.leaflet_stalk': { 'leaf.complexity': 'odd-pinnate', 'leaf.leaflet_count': 5, 'leaf.length': 120 },
  'leaf.vein_ends': { 'leaf.margin': 'serrate' },
  'fruit.cap_cover': { 'fruit.kind': 'acorn', 'fruit.size': 22 },
  'fruit.cap_scales': { 'fruit.kind': 'acorn', 'fruit.size': 22, 'fruit.cap_cover': 'half' },
  'fruit.wings': { 'fruit.kind': 'paired-samara', 'fruit.size': 28 },
  'fruit.cluster': { 'fruit.kind': 'berry', 'fruit.size': 7 },
  'twig.armature_place': { 'twig.armature': 'thorn', 'twig.armature_length': 14 },
  'twig.bundle_scars': { 'twig.leaf_scar': 'half-round' },
  'bark.lenticel_direction': { 'bark.lenticel_shape': 'lines' },
  'bark.ridge_pattern': { 'bark.texture': 'furrowed' },
  'form.habit': { 'form.outline': 'rounded', 'form.branching': 'decurrent' },
  'form.branching': { 'form.outline': 'rounded' },
  'form.trunks': { 'form.outline': 'rounded', 'form.branching': 'decurrent' },
};

/** States that show nothing that can be drawn: what is merely not there. */
const UNSEEN = new Set(['none', 'no']);

const LEAF_DRAWN = [
  'shape',
  'lobing',
  'lobe_tip',
  'waist',
  'margin',
  'toothed_where',
  'tooth_size',
  'tooth_shape',
  'tip',
  'base',
  'base_symmetry',
  'venation',
  'vein_ends',
  'complexity',
  'leaflet_shape',
  'leaflet_stalk',
  'hairs',
  'margin_rolled',
  'widest',
  'glands',
];
const TWIG_DRAWN = [
  'arrangement',
  'zigzag',
  'hairs',
  'lenticels',
  'pith',
  'wings',
  'armature',
  'armature_place',
  'after_needle_fall',
  'bud_shape',
  'bud_scales',
  'bud_stalk',
  'bud_hairs',
  'terminal_bud',
  'leaf_scar',
  'stipules',
  'thickness',
];
const SHOOT = ['attachment', 'arrangement', 'length_variation', 'density'];
const DETAIL = ['section', 'tip', 'bands'];
const FRUIT_DRAWN = [
  'kind',
  'cluster',
  'cap_cover',
  'cap_scales',
  'wings',
  'bracts',
  'cone_posture',
  'scale_edge',
  'prickle',
  'symmetry',
];
const FORM_DRAWN = ['habit', 'outline', 'trunks', 'branching', 'leader', 'lean', 'branch_angle'];
const BARK_DRAWN = [
  'texture',
  'young_texture',
  'ridge_pattern',
  'lenticel_shape',
  'lenticel_direction',
  'branch_scar',
  'resin_blisters',
];

const SPIRES = ['narrow-spire', 'conical', 'pyramidal', 'columnar'];

const SEED = 11;

/** Where to look on a twig to see one of its small parts: the second node, or the cut end. */
const NODE: Box = { x: -9, y: -39, width: 20, height: 20 };
const CUT: Box = { x: -5.5, y: -7, width: 11, height: 11 };
const NODES: Box = { x: -17, y: -64, width: 34, height: 46 };
const FOCUS: Readonly<Record<string, Box>> = {
  'twig.arrangement': NODES,
  'leaf.arrangement': NODES,
  'twig.zigzag': NODES,
  'twig.thickness': NODES,
  'twig.lenticels': NODES,
  'twig.hairs': NODES,
  'twig.wings': NODES,
  'twig.leaf_scar': { x: -5, y: -31, width: 11, height: 11 },
  'twig.bud_shape': NODE,
  'twig.bud_scales': NODE,
  'twig.bud_stalk': NODE,
  'twig.bud_hairs': NODE,
  'twig.stipules': NODE,
  'twig.pith': CUT,
  'twig.pith_outline': CUT,
  'twig.pith_width': CUT,
};

/** A drawing of a state, and the part of it that shows the state where that is small. */
export interface TermFigure {
  readonly figure: Figure;
  readonly focus: Box | null;
}

/** A small drawing of a state with where to look; null where it is nothing that a line can show. */
export function glossaryDrawing(character: string, state: string): TermFigure | null {
  const figure = drawingOf(character, state);
  return figure ? { figure, focus: FOCUS[character] ?? null } : null;
}

/** A small drawing of a state of a character; null where it is nothing that a line can show. Source: docs/formulas.md, Plates. */
function drawingOf(character: string, state: string): Figure | null {
  const [organ = '', what = ''] = character.split('.');
  const extra = WITH[character] ?? {};
  const show = (base: Shown): ReturnType<typeof traitsFrom> =>
    traitsFrom(new Map(Object.entries({ ...base, ...extra, [character]: state })));
  const c = chance(SEED);
  const plain = UNSEEN.has(state);
  if (character === 'fruit.kind' && DRAWN_AS_ANOTHER.has(state)) return null;
  if (character === 'leaf.arrangement')
    return twigFigure(traitsFrom(new Map(Object.entries({ ...TWIG, 'twig.arrangement': state }))), c);
  if (character === 'leaf.kind')
    return leafFigure(
      show(
        state === 'broad'
          ? LEAF
          : state === 'scale'
            ? SPRAY
            : { 'needle.length': state === 'awl' ? 10 : 24, 'needle.attachment': 'stalk' },
      ),
      c,
    );
  if (organ === 'leaf' && LEAF_DRAWN.includes(what) && !(plain && what !== 'leaflet_stalk')) {
    const narrow = what === 'shape' ? { ...LEAF, 'leaf.length': state === 'linear' ? 80 : 60 } : LEAF;
    return leafFigure(
      show(what === 'complexity' && state !== 'simple' ? { ...narrow, 'leaf.length': 140 } : narrow),
      c,
    );
  }
  if (organ === 'needle') {
    if (DETAIL.includes(what)) return needleDetail(show(NEEDLES));
    if (what === 'spray' || (what === 'scale_gland' && !plain)) return needleFigure(show(SPRAY), c);
    if (what === 'sheath' || what === 'twist' || (what === 'attachment' && state === 'in-bundles'))
      return needleFigure(show(BUNDLE), c);
    if (what === 'attachment' && state === 'clustered-on-spurs')
      return needleFigure(show({ ...NEEDLES, 'needle.length': 30 }), c);
    return SHOOT.includes(what) ? needleFigure(show(NEEDLES), c) : null;
  }
  if (organ === 'twig' && TWIG_DRAWN.includes(what) && !plain) {
    return twigFigure(
      show(
        what === 'after_needle_fall'
          ? { 'leaf.kind': 'needle', 'twig.thickness': 'medium', 'twig.bud_shape': 'ovoid' }
          : TWIG,
      ),
      c,
    );
  }
  if (organ === 'bark' && BARK_DRAWN.includes(what) && !plain)
    return barkFigure(show(what === 'young_texture' ? {} : BARK), c, what === 'young_texture');
  if (organ === 'fruit' && FRUIT_DRAWN.includes(what) && !plain) {
    const single = character === 'fruit.wings' && (state === 'one-at-the-end' || state === 'all-round');
    return fruitFigure(
      single
        ? traitsFrom(
            new Map<string, string | number>([
              ['fruit.kind', 'samara'],
              ['fruit.size', 28],
              ['fruit.wings', state],
            ]),
          )
        : show(CONE),
      c,
    );
  }
  if (character === 'flower.grouping') {
    const cluster = state === 'head' ? 'cluster' : state;
    return fruitFigure(
      traitsFrom(
        new Map<string, string | number>([
          ['fruit.kind', 'berry'],
          ['fruit.size', 5],
          ['fruit.colour', 'white'],
          ['fruit.cluster', cluster],
        ]),
      ),
      c,
    );
  }
  if (organ === 'form' && FORM_DRAWN.includes(what)) {
    if (what === 'habit') return habitFigure(show(TREE), c);
    // Broad crowns are those of trees whose trunk divides.
    const broad = what === 'outline' && !SPIRES.includes(state);
    return silhouetteFigure(show(broad ? { ...TREE, 'form.branching': 'decurrent' } : TREE), c);
  }
  return null;
}
