import { bladeForm, plainEdge } from './edge.ts';
import type { BladeForm } from './edge.ts';
import { add, along, bow, crossesItself, inside, mix, pen, ribbon, toward } from '../geometry.ts';
import { palmateLobes, pinnateLobes } from './lobes.ts';
import type { LobeForm, LobeTip } from './lobes.ts';
import type { Chance } from '../random.ts';
import type { Traits } from '../traits.ts';
import { pathOf, pointsOf } from '../path.ts';
import { toothCount, toothHeight, toothed } from './teeth.ts';
import type { Margin, ToothForm } from './teeth.ts';
import type { Figure, Point, Stroke } from '../types.ts';
import { veinsOf } from './veins.ts';

/** Drawn where no length is recorded, mm; the drawing is then marked as not to scale. */
export const USUAL_LEAF = 70;

/** What decides the outline of a blade; the first that is recorded answers when it is pressed. */
const OUTLINE = [
  'leaf.shape',
  'leaf.lobing',
  'leaf.margin',
  'leaf.length',
  'leaf.width',
  'leaf.base',
  'leaf.tip',
  'leaf.lobe_count',
  'leaf.sinus_depth',
  'leaf.lobe_tip',
  'leaf.tooth_size',
  'leaf.toothed_where',
  'leaf.base_symmetry',
  'leaf.widest',
  'leaf.waist',
] as const;

/** Leaflets shorter than this show their midrib only, mm. */
const TINY = 16;

export interface BladeSize {
  readonly length: number;
  readonly shape: string;
  readonly prefix: 'leaf' | 'leaflet';
  readonly by: readonly string[];
}

function lobeForm(t: Traits, lobing: string): LobeForm {
  const shallow = lobing === 'shallowly-lobed';
  const palmate = lobing === 'palmately-lobed';
  const depth = t.number('leaf.sinus_depth');
  // A sinus is recorded as a share of the way to the midrib, or in hundredths.
  const share = depth === null ? (shallow ? 0.24 : palmate ? 0.45 : 0.58) : depth > 1 ? depth / 100 : depth;
  return {
    count: t.number('leaf.lobe_count') ?? (palmate ? 5 : shallow ? 7 : 7),
    depth: Math.max(0.12, Math.min(0.85, share)),
    tip: (t.state('leaf.lobe_tip') as LobeTip | null) ?? (palmate ? 'pointed' : 'rounded'),
    waist: t.state('leaf.waist') === 'yes',
  };
}

function toothForm(t: Traits, length: number, lobed: boolean): ToothForm {
  const margin = ((t.state('leaf.margin') as Margin | null) ?? 'entire') satisfies Margin;
  const size = t.state('leaf.tooth_size');
  const plain = toothCount(size, t.number('leaf.vein_pairs'), t.number('leaf.teeth_per_vein'), length);
  const count =
    margin === 'wavy' || margin === 'spiny'
      ? Math.max(4, Math.round(plain / 2.6))
      : margin === 'doubly-serrate'
        ? Math.max(5, Math.round(plain / 1.7))
        : lobed
          ? Math.round(plain * 1.3)
          : plain;
  return {
    margin: margin === 'toothed' ? 'serrate' : margin,
    count,
    height: toothHeight(margin, size) * (lobed ? 0.8 : 1),
    from: t.state('leaf.toothed_where') === 'upper-half' ? 0.45 : 0.06,
    blunt: t.state('leaf.tooth_shape') === 'blunt',
  };
}

interface Sides {
  readonly right: Point[];
  readonly left: Point[];
  readonly tips: readonly Point[];
}

const outlineOf = ({ right, left }: Sides): Point[] => [...right, ...[...left].reverse().slice(1, -1)];

/** Whether an outline crosses itself, as it is or as it is written, where what nearly touches may be rounded across. */
const crosses = (outline: readonly Point[]): boolean =>
  crossesItself(outline) || crossesItself(pointsOf(pathOf(outline, true)).points);

/** Teeth that would meet across a sinus are drawn lower, and lobes that would shallower, until they do not. */
function sidesOf(t: Traits, form: BladeForm, leaflet: boolean, c: Chance): Sides {
  for (const ease of EASES) {
    const made = fitted(sidesAt(t, form, leaflet, c, ease), form.width);
    if (!crosses(outlineOf(made))) return made;
  }
  return fitted(sidesAt(t, form, true, c, { teeth: 0, lobes: 0 }), form.width);
}

interface Ease {
  readonly teeth: number;
  readonly lobes: number;
}
const EASES: readonly Ease[] = [
  { teeth: 1, lobes: 1 },
  { teeth: 0.6, lobes: 1 },
  { teeth: 0.3, lobes: 0.9 },
  { teeth: 0, lobes: 0.7 },
  { teeth: 0, lobes: 0.4 },
];

/** A width is recorded from tip to tip of what stands out, teeth and lobes with it. */
function fitted(sides: Sides, width: number): Sides {
  const reach = (side: readonly Point[]): number => Math.max(...side.map(([x]) => Math.abs(x)));
  const k = width / (reach(sides.right) + reach(sides.left));
  const fit = (side: readonly Point[]): Point[] => side.map(([x, y]) => [x * k, y]);
  return { right: fit(sides.right), left: fit(sides.left), tips: fit(sides.tips) };
}

function sidesAt(t: Traits, form: BladeForm, leaflet: boolean, c: Chance, ease: Ease): Sides {
  const lobing = leaflet ? 'unlobed' : (t.state('leaf.lobing') ?? 'unlobed');
  const lobed = lobing !== 'unlobed';
  const palmate =
    lobing === 'palmately-lobed' || (lobing === 'lobed' && t.state('leaf.venation') === 'palmate');
  const cut = toothForm(t, form.length, lobed);
  const teeth: ToothForm =
    ease.teeth === 0 ? { ...cut, margin: 'entire' } : { ...cut, height: cut.height * ease.teeth };
  const wanted = lobeForm(t, lobing);
  const lobes = { ...wanted, depth: wanted.depth * ease.lobes };
  const one = (name: string, drop: number): { edge: Point[]; tips: readonly Point[] } => {
    const own = c.fork(name);
    const made = !lobed
      ? { edge: plainEdge(form, own, drop), tips: [], sinuses: [] }
      : palmate
        ? palmateLobes(form, lobes, own)
        : pinnateLobes(form, lobes, own);
    return {
      edge: toothed(made.edge, { ...teeth, avoid: made.sinuses }, own.fork('teeth')),
      tips: made.tips,
    };
  };
  const right = one('right', 0);
  const left = one('left', form.uneven * form.length);
  const bristles = lobed && t.state('leaf.lobe_tip') === 'bristle' ? right.tips : [];
  return { right: right.edge, left: left.edge.map(([x, y]): Point => [-x, y]), tips: bristles };
}

/** Most strokes of a blade's texture; a leaflet is one of many and has fewer, so that a feathered leaf stays light. */
const MOST_HAIRS = { blade: 70, leaflet: 18 } as const;

/** Hairs and scales as texture: short strokes or dots strewn within the blade, denser where more is recorded. */
function texture(t: Traits, outline: readonly Point[], length: number, most: number, c: Chance): Stroke[] {
  const hairs = t.state('leaf.hairs');
  if (hairs === null || hairs === 'none' || hairs === 'in-vein-axils' || hairs === 'on-veins') return [];
  const ink = pen('surface', 'leaf.hairs', 'leaf.surface_below');
  const scaly = hairs.includes('scales');
  const strokes: Stroke[] = [];
  const count = Math.min(most, Math.round(length));
  for (let i = 0; i < count * 3 && strokes.length < count; i += 1) {
    const p: Point = [c.between(-length / 2, length / 2), -c.next() * length];
    if (!inside(p, outline) || !inside([p[0] * 1.12, p[1]], outline)) continue;
    strokes.push(
      scaly
        ? ink.line([p, add(p, [0.35, 0.1])], 'fine')
        : ink.line([p, add(p, toward(c.between(-40, 40), 1.1))], 'fine'),
    );
  }
  return strokes;
}

/** One blade with its veins, the stalk's end at the origin, the tip up the page. */
export function blade(t: Traits, size: BladeSize, c: Chance): Figure {
  const form = bladeForm(t, size.length, size.shape, size.prefix);
  const leaflet = size.prefix === 'leaflet';
  const sides = sidesOf(t, form, leaflet, c);
  const { right, left, tips } = sides;
  const outline = outlineOf(sides);
  const lobing = leaflet ? 'unlobed' : (t.state('leaf.lobing') ?? 'unlobed');
  const palmate = lobing === 'palmately-lobed';
  const lobes = t.number('leaf.lobe_count') ?? 5;
  const venation = leaflet ? 'pinnate' : (t.state('leaf.venation') ?? (palmate ? 'palmate' : 'pinnate'));
  const pairs =
    t.number('leaf.vein_pairs') ??
    (lobing !== 'unlobed' && !palmate ? Math.floor((lobes - 1) / 2) + 2 : venation === 'arcuate' ? 5 : 7);
  const veins = veinsOf(
    { length: size.length, right, left, outline },
    {
      venation,
      pairs: leaflet ? Math.min(size.length < 25 ? 4 : 8, pairs) : pairs,
      inTeeth: t.state('leaf.vein_ends') === 'in-the-teeth',
      lobes: Math.max(3, lobes),
      lobed: lobing !== 'unlobed',
      fine: !leaflet && size.length >= 35 && form.width >= 24,
    },
    c.fork('veins'),
  );
  const edge = pen('blade', ...size.by);
  const vein = pen('veins', 'leaf.venation', 'leaf.vein_pairs', 'leaf.vein_ends');
  const bristle = pen('bristles', 'leaf.lobe_tip');
  return {
    strokes: [
      edge.shape(outline, toneOf(t)),
      ...texture(t, outline, size.length, MOST_HAIRS[leaflet ? 'leaflet' : 'blade'], c.fork('hairs')),
      ...veins.fine.map((l) => vein.line(l, 'fine')),
      ...(leaflet && size.length < TINY
        ? []
        : veins.side.map((l) => vein.line(l, leaflet ? 'fine' : 'side'))),
      ...veins.main.map((l) => vein.line(l, leaflet ? 'side' : 'main')),
      ...tips.flatMap((p) => [
        bristle.line([p, add(p, toward(35, 2.4))], 'fine'),
        bristle.line([[-p[0], p[1]], add([-p[0], p[1]], toward(-35, 2.4))], 'fine'),
      ]),
      ...(t.state('leaf.margin_rolled') === 'yes'
        ? [
            pen('blade', 'leaf.margin_rolled').line(inset(right), 'fine'),
            pen('blade', 'leaf.margin_rolled').line(inset(left), 'fine'),
          ]
        : []),
    ],
  };
}

/** Silver and pale leaves stay white paper, dark ones take the palest grey. */
function toneOf(t: Traits): 'paper' | 'pale' {
  const colour = t.state('leaf.colour_above');
  return colour === 'dark-green' || colour === 'mid-green' ? 'pale' : 'paper';
}

const inset = (edge: readonly Point[]): Point[] => edge.slice(2, -2).map(([x, y]) => [x * 0.94, y]);

/** A stalk from a point down the page, slightly bent; its tip is where the next part joins. */
export function stalk(
  length: number,
  width: number,
  c: Chance,
  ...by: readonly string[]
): { figure: Figure; end: Point } {
  const end: Point = [c.between(-0.08, 0.08) * length, length];
  const line = bow([0, 0], end, c.between(-0.06, 0.06));
  return {
    figure: { strokes: [pen('stalk', ...by).shape(ribbon(line, width * 0.8, width), 'paper', 'side')] },
    end: along(line, 1).at,
  };
}

/** A simple leaf in true size with its stalk. */
export function simpleLeaf(t: Traits, c: Chance): Figure {
  const length = t.number('leaf.length') ?? USUAL_LEAF;
  const shape =
    t.state('leaf.shape') ?? (t.state('leaf.lobing') === 'palmately-lobed' ? 'orbicular' : 'ovate');
  const petiole = t.number('leaf.petiole_length') ?? length * 0.22;
  const made = stalk(
    petiole,
    Math.max(0.8, length * 0.014),
    c.fork('stalk'),
    'leaf.petiole_length',
    'leaf.petiole_section',
  );
  const own = blade(t, { length, shape, prefix: 'leaf', by: OUTLINE }, c.fork('blade'));
  const glands =
    t.state('leaf.glands') === 'on-the-petiole'
      ? [1, -1].map((s) =>
          pen('glands', 'leaf.glands').shape(
            Array.from({ length: 10 }, (_, i): Point =>
              add(mix([0, 0], made.end, 0.14), [
                s * (1 + 0.7 * Math.cos((i * Math.PI) / 5)),
                0.7 * Math.sin((i * Math.PI) / 5),
              ]),
            ),
            'mid',
            'side',
          ),
        )
      : [];
  return { strokes: [...made.figure.strokes, ...glands, ...own.strokes] };
}
