import type { Profile, Value } from '../characters/index.ts';
import { barkFigure } from './bark/index.ts';
import { compoundLeaf } from './leaf/index.ts';
import { fruitFigure } from './fruit/index.ts';
import { simpleLeaf } from './leaf/index.ts';
import { NEEDLE_DETAIL_SCALE, needleDetail, needleFigure } from './needle/index.ts';
import type { Chance } from './random.ts';
import { STANDING, silhouetteFigure } from './tree/index.ts';
import type { Traits } from './traits.ts';
import { twigFigure } from './twig/index.ts';
import type { Figure } from './types.ts';

/** What a plate is made of. */
export const PIECES = ['tree', 'bark', 'leaf', 'detail', 'twig', 'fruit'] as const;
export type PieceKind = (typeof PIECES)[number];

/** Any one of these recorded lets a piece be drawn; the first is opened when what is missing is pressed. */
const NEEDED: Readonly<Record<PieceKind, readonly string[]>> = {
  tree: ['form.outline', 'form.branching', 'form.height'],
  bark: ['bark.texture', 'bark.young_texture'],
  leaf: ['leaf.shape', 'leaf.complexity', 'leaf.lobing', 'leaf.leaflet_shape', 'leaf.length'],
  detail: ['needle.bands', 'needle.section', 'needle.tip'],
  twig: [
    'twig.arrangement',
    'twig.bud_shape',
    'twig.bud_scales',
    'twig.after_needle_fall',
    'twig.thickness',
    'twig.armature',
  ],
  fruit: ['fruit.kind'],
};
const NEEDLE_NEEDED = [
  'needle.attachment',
  'needle.length',
  'needle.bundle_count',
  'needle.spray',
  'leaf.kind',
];

export const hasNeedles = (t: Traits): boolean =>
  ['needle', 'scale', 'awl'].includes(t.state('leaf.kind') ?? '') ||
  (t.state('leaf.kind') === null && (t.has('needle.length') || t.has('needle.attachment')));

/** The characters that would let a piece be drawn. */
export const neededFor = (kind: PieceKind, t: Traits): readonly string[] =>
  kind === 'leaf' && hasNeedles(t) ? NEEDLE_NEEDED : NEEDED[kind];

export const canDraw = (kind: PieceKind, t: Traits): boolean => neededFor(kind, t).some((c) => t.has(c));

/** Pieces that belong to a plant: a needle's detail only where it has needles. */
export const piecesFor = (t: Traits): readonly PieceKind[] =>
  PIECES.filter(
    (p) =>
      p !== 'detail' ||
      t.state('leaf.kind') === 'needle' ||
      (t.state('leaf.kind') === null && t.has('needle.length')),
  );

export interface Drawn {
  readonly figure: Figure;
  /** True mm for each mm drawn: 1 in true size, 0.25 four times enlarged, null where it has no size. */
  readonly ratio: number | null;
}

const COMPOUND = [
  'compound',
  'trifoliolate',
  'pinnate',
  'odd-pinnate',
  'even-pinnate',
  'bipinnate',
  'palmate',
];

/** The foliage leaf of a plant, simple or compound, or its needles. */
export function leafFigure(t: Traits, c: Chance): Figure {
  if (hasNeedles(t)) return needleFigure(t, c.fork('needle'));
  const complexity = t.state('leaf.complexity') ?? (t.has('leaf.leaflet_count') ? 'odd-pinnate' : 'simple');
  return COMPOUND.includes(complexity)
    ? compoundLeaf(t, complexity, c.fork('leaf'))
    : simpleLeaf(t, c.fork('leaf'));
}

const sized = (t: Traits, ...characters: readonly string[]): number | null =>
  characters.some((c) => t.has(c)) ? 1 : null;

/** Draws one piece; null where nothing that it is drawn from is recorded. */
export function drawPiece(kind: PieceKind, t: Traits, c: Chance): Drawn | null {
  if (!canDraw(kind, t)) return null;
  switch (kind) {
    case 'tree': {
      const height = t.number('form.height');
      return {
        figure: silhouetteFigure(t, c.fork('tree')),
        ratio: height === null ? null : height / STANDING,
      };
    }
    case 'bark':
      return { figure: barkFigure(t, c.fork('bark'), !t.has('bark.texture')), ratio: 1 };
    case 'leaf':
      return {
        figure: leafFigure(t, c),
        ratio: sized(t, 'leaf.length', 'leaf.leaflet_length', 'needle.length', 'needle.scale_length'),
      };
    case 'detail':
      return { figure: needleDetail(t), ratio: 1 / NEEDLE_DETAIL_SCALE };
    case 'twig':
      return { figure: twigFigure(t, c.fork('twig')), ratio: 1 };
    case 'fruit':
      return { figure: fruitFigure(t, c.fork('fruit')), ratio: sized(t, 'fruit.size') };
  }
}

export type Described = Profile | ReadonlyMap<string, { readonly value: Value }>;
