import { add, along, bow, mix, pen, ribbon, through, toward } from '../geometry.ts';
import type { Chance } from '../random.ts';
import type { Traits } from '../traits.ts';
import type { Point, Stroke } from '../types.ts';
import { CROWN, LIMBS, STANDING, WOOD } from './crown.ts';
import type { Crown } from './crown.ts';

const LEVELS = 11;

/** How the ends of branches point, degrees from upright. */
const ANGLE: Readonly<Record<string, number>> = {
  ascending: 50,
  horizontal: 88,
  drooping: 118,
  'drooping-with-upturned-ends': 106,
};

/** The foliage along a branch: thin at the trunk, deepest past its middle, ragged below, as sprays hang. */
function spray(branch: readonly Point[], depth: number, c: Chance): Stroke {
  const steps = 6;
  const at = (i: number): Point => along(branch, i / steps).at;
  const profile = (s: number): number => Math.sin(Math.PI * Math.min(1, 0.12 + 0.88 * s) ** 1.3) ** 0.7;
  // The upper side is smooth, so that half as many points draw it.
  const above = [0, 2, 4, 6].map((i): Point => {
    const [x, y] = at(i);
    return [x, y - depth * 0.22 * profile(i / steps)];
  });
  const below = Array.from({ length: steps + 1 }, (_, i): Point => {
    const [x, y] = at(i);
    const ragged = i % 2 === 0 ? 1 : c.between(0.45, 0.7);
    return [x, y + depth * 0.8 * profile(i / steps) * ragged];
  });
  return CROWN.shape([...above, ...below.reverse()], 'pale', 'fine');
}

/** A branch from the trunk to the edge of the crown; the edge is kept to, whatever its angle. */
function branchTo(crown: Crown, sign: number, s: number, t: Traits, c: Chance): readonly Point[] | null {
  const kind = t.state('form.branch_angle') ?? 'horizontal';
  const down = ANGLE[kind] ?? 88;
  const [x, y] = crown.edge(sign, s);
  const reach = Math.abs(x) * c.between(0.88, 1);
  if (reach < 1.2) return null;
  const from: Point = [0, y];
  const end = add(from, toward(sign * down, reach / Math.max(0.55, Math.sin((down * Math.PI) / 180))));
  return kind === 'drooping-with-upturned-ends'
    ? through([from, mix(from, end, 0.62), add(end, [0, -reach * 0.2])], false, 5)
    : bow(from, end, sign * (down > 95 ? 0.12 : -0.08), 4);
}

/** The leader at the top, nodding or straight. */
function leader(t: Traits): Stroke {
  const ink = pen('leader', 'form.leader');
  if (t.state('form.leader') !== 'nodding')
    return ink.line(
      [
        [0, -STANDING * 0.94],
        [0, -STANDING - 2.4],
      ],
      'main',
    );
  const nod: readonly Point[] = [
    [0, -STANDING * 0.94],
    [0.6, -STANDING * 1.02],
    [4.4, -STANDING * 1.01],
    [5.6, -STANDING * 0.97],
  ];
  return ink.line(through(nod, false, 5), 'contour');
}

/** A crown on one trunk that runs through to the top, whorl upon whorl, each hanging over the one below it. */
export function conifer(crown: Crown, t: Traits, c: Chance): Stroke[] {
  const trunk = WOOD.shape(
    ribbon(
      [
        [0, 0],
        [0, -STANDING * 0.97],
      ],
      2.9,
      0.5,
    ),
    'dark',
    'fine',
  );
  const strokes: Stroke[] = [trunk];
  const depth = ((1 - crown.foot) * STANDING) / LEVELS;
  for (let i = 0; i < LEVELS; i += 1) {
    const s = (i + 0.3) / LEVELS;
    // One side a little higher than the other, as branches are.
    for (const sign of i % 2 === 0 ? [1, -1] : [-1, 1]) {
      const branch = branchTo(crown, sign, Math.min(0.97, s + (sign > 0 ? 0 : 0.02)), t, c);
      if (!branch) continue;
      strokes.push(spray(branch, depth * 1.1, c));
      if (i % 2 === 0) strokes.push(LIMBS.line(branch, 'main'));
    }
  }
  strokes.push(leader(t));
  return strokes;
}
