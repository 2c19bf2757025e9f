import { add, along, ellipse, pen, ribbon, toward } from '../geometry.ts';
import type { Traits } from '../traits.ts';
import type { Point, Stroke } from '../types.ts';

const SCAR: Readonly<Record<string, readonly [number, number]>> = {
  'narrow-line': [2.6, 0.5],
  crescent: [2.4, 1],
  'heart-shaped': [2.2, 1.9],
  'half-round': [2, 1.3],
  'shield-shaped': [2, 2.1],
  horseshoe: [2.4, 1.8],
  'raised-semicircle': [1.8, 1.2],
};

/** The scar a fallen leaf left below a bud, with the dots of its bundles. */
export function leafScar(t: Traits, at: Point, side: number): Stroke[] {
  const kind = t.state('twig.leaf_scar');
  if (kind === null) return [];
  const [w, h] = SCAR[kind] ?? [2, 1.2];
  const ink = pen('leaf scar', 'twig.leaf_scar');
  const centre = add(at, [side * 0.2, 1.4]);
  const dots = Math.max(1, Math.min(9, t.number('twig.bundle_scars') ?? 0));
  const low: Point[] = Array.from({ length: 9 }, (_, i): Point => {
    const a = Math.PI * (i / 8);
    return [centre[0] + w * Math.cos(a) * 0.9, centre[1] + h * Math.sin(a)];
  });
  const back: Point[] =
    kind === 'crescent' || kind === 'horseshoe' || kind === 'narrow-line'
      ? low.map(([x, y]): Point => [x, centre[1] + (y - centre[1]) * 0.3]).reverse()
      : [
          [centre[0] - w * 0.6, centre[1] - h * 0.3],
          [centre[0], centre[1] - h * (kind === 'heart-shaped' ? 0.1 : 0.4)],
          [centre[0] + w * 0.6, centre[1] - h * 0.3],
        ];
  return [
    ink.shape([...low, ...back], 'paper', 'side'),
    ...(t.has('twig.bundle_scars')
      ? Array.from({ length: dots }, (_, i) => {
          const a = Math.PI * ((i + 0.5) / dots);
          return pen('bundle scars', 'twig.bundle_scars').shape(
            ellipse(
              [centre[0] + w * 0.55 * Math.cos(a), centre[1] + h * 0.45 * Math.sin(a)],
              0.18,
              0.18,
              0,
              6,
            ),
            'dark',
            'none',
          );
        })
      : []),
  ];
}

export function armed(t: Traits, at: Point, side: number): Stroke[] {
  const kind = t.state('twig.armature');
  if (kind === null || kind === 'none') return [];
  const ink = pen('thorn', 'twig.armature', 'twig.armature_length', 'twig.armature_place');
  const length = t.number('twig.armature_length') ?? (kind === 'prickle' ? 6 : 22);
  const end = add(at, toward(side * (kind === 'prickle' ? 78 : 62), length));
  const foot = kind === 'prickle' ? 3 : 1.8;
  return [ink.shape([add(at, [0, -foot / 2]), end, add(at, [0, foot / 2])], 'paper', 'main')];
}

const CORE_TONE: Readonly<Record<string, 'paper' | 'mid' | 'dark'>> = {
  white: 'paper',
  cream: 'paper',
  tan: 'mid',
  brown: 'dark',
  green: 'mid',
};
/** Corners of the core by its outline; a star has every second one drawn in. */
const CORNERS: Readonly<Record<string, number>> = { triangular: 3, 'five-sided': 5, 'star-shaped': 10 };

/** The outline of the core as it lies in the cut end, seen aslant. */
function coreOutline(outline: string | null, at: Point, radius: number): Point[] {
  const corners = CORNERS[outline ?? ''];
  if (corners === undefined) return ellipse(at, radius, radius * 0.42);
  return Array.from({ length: corners }, (_, i): Point => {
    const r = radius * (outline === 'star-shaped' && i % 2 === 1 ? 0.44 : 1.2);
    const turn = (i * 2 * Math.PI) / corners;
    return [at[0] + r * Math.sin(turn), at[1] - 0.42 * r * Math.cos(turn)];
  });
}

/** The cut end: how wide the pith is, its outline and color, and whether walls cross it. */
export function cutEnd(t: Traits, at: Point, radius: number): Stroke[] {
  const pith = t.state('twig.pith');
  const outline = t.state('twig.pith_outline');
  const width = t.state('twig.pith_width');
  const ring = pen('twig', 'twig.thickness').shape(ellipse(at, radius, radius * 0.42), 'paper', 'main');
  if (pith === null && outline === null && width === null) return [ring];
  const ink = pen(
    'pith',
    pith !== null ? 'twig.pith' : outline !== null ? 'twig.pith_outline' : 'twig.pith_width',
  );
  const reach = radius * (width === 'wide' ? 0.62 : pith === 'hollow' ? 0.6 : 0.36);
  const tone = pith === 'hollow' ? 'dark' : (CORE_TONE[t.state('twig.pith_colour') ?? ''] ?? 'paper');
  const core = ink.shape(coreOutline(outline, at, reach), tone, 'side');
  const walls =
    pith === 'chambered' || pith === 'diaphragmed'
      ? [-0.5, 0, 0.5].map((x) =>
          ink.line(
            [
              [at[0] + x * reach, at[1] - 0.5],
              [at[0] + x * reach, at[1] + 0.5],
            ],
            pith === 'chambered' ? 'side' : 'fine',
          ),
        )
      : [];
  return [ring, core, ...walls];
}

/** What needles leave behind on a shoot. */
export function needleMarks(t: Traits, line: readonly Point[], width: number): Stroke[] {
  const kind = t.state('twig.after_needle_fall');
  if (kind === null) return [];
  const ink = pen('needle marks', 'twig.after_needle_fall');
  return Array.from({ length: 22 }, (_, i) => {
    const { at } = along(line, 0.05 + (0.88 * i) / 22);
    const x = (((i * 7) % 5) / 4 - 0.5) * width * 0.8;
    const p = add(at, [x, 0]);
    if (kind === 'pegs')
      return ink.shape(ribbon([p, add(p, toward(x >= 0 ? 40 : -40, 1.6))], 0.9, 0.7), 'dark', 'fine');
    if (kind === 'discs') return ink.shape(ellipse(p, 0.75, 0.75, 0, 10), 'paper', 'side');
    if (kind === 'spurs')
      return ink.shape(ribbon([p, add(p, toward(x >= 0 ? 80 : -80, 3))], 2.4, 2.6), 'mid', 'fine');
    return ink.line([add(p, [-0.6, 0]), add(p, [0.6, 0.2])], 'side');
  });
}
