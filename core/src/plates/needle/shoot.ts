import { add, along, bow, ellipse, mix, pen, ribbon, toward } from '../geometry.ts';
import type { Chance } from '../random.ts';
import type { Traits } from '../traits.ts';
import type { Figure, Point, Stroke } from '../types.ts';
import { needle } from './one.ts';

/** A bundle from its sheath. */
export function bundle(t: Traits, length: number, count: number, c: Chance): Figure {
  const spread = Math.min(26, 7 * count);
  const strokes: Stroke[] = [];
  const mixed = t.state('needle.length_variation') === 'clearly-mixed';
  for (let i = 0; i < count; i += 1) {
    const angle = count === 1 ? 0 : (i / (count - 1) - 0.5) * spread;
    const own = c.fork(`needle ${i}`);
    strokes.push(...needle(t, length * (1 - (mixed ? 0.4 : 0.06) * own.next()), angle, own));
  }
  const sheath = pen('sheath', 'needle.sheath', 'needle.attachment', 'needle.bundle_count');
  const lasting = t.state('needle.sheath') === 'lasting';
  const foot: Point[] = lasting
    ? [
        [-1.1 - 0.22 * count, -7],
        [1.1 + 0.22 * count, -7],
        [1.3, 2.5],
        [-1.3, 2.5],
      ]
    : ellipse([0, 0.6], 1.4, 2);
  return {
    strokes: [
      ...strokes,
      sheath.shape(foot, lasting ? 'mid' : 'dark', 'side'),
      ...(lasting
        ? [-0.5, 0.2, 0.8].map((x) =>
            sheath.line(
              [
                [x, -6.6],
                [x * 0.9, 2],
              ],
              'fine',
            ),
          )
        : []),
    ],
  };
}

/** A piece of shoot as the axis of needles or scales. */
export function axis(length: number, width: number, c: Chance): { line: Point[]; strokes: Stroke[] } {
  const line = bow([0, 0], [c.between(-3, 3), -length], c.between(-0.04, 0.04), 20);
  const ink = pen('shoot', 'needle.arrangement');
  return { line, strokes: [ink.shape(ribbon(line, width, width * 0.7), 'mid', 'side')] };
}

function foot(t: Traits, at: Point, angle: number): Stroke[] {
  const ink = pen('attachment', 'needle.attachment', 'twig.after_needle_fall');
  switch (t.state('needle.attachment')) {
    case 'peg':
      return [ink.shape(ribbon([at, add(at, toward(angle, 1.7))], 1.1, 0.9), 'dark', 'fine')];
    case 'disc':
      return [ink.shape(ellipse(add(at, toward(angle, 0.5)), 1, 0.55, angle), 'dark', 'fine')];
    case 'stalk':
      return [ink.line([at, add(at, toward(angle, 2))], 'side')];
    case 'decurrent-base':
      return [ink.line([add(at, [0, 3.2]), at], 'side')];
    default:
      return [];
  }
}

/** Single needles on a shoot, laid as they are recorded to lie. */
export function singles(t: Traits, length: number, c: Chance): Figure {
  const shoot = 62;
  const { line, strokes } = axis(shoot, 2.6, c);
  const how = t.state('needle.arrangement') ?? 'all-round';
  const dense = { loose: 15, medium: 22, crowded: 30 }[t.state('needle.density') ?? 'medium'] ?? 22;
  const mixed = t.state('needle.length_variation') === 'clearly-mixed';
  const behind: Stroke[] = [];
  const front: Stroke[] = [];
  for (let i = 0; i < dense; i += 1) {
    const { at } = along(line, 0.04 + (0.93 * i) / dense);
    for (const sign of [1, -1]) {
      const own = c.fork(`needle ${i} ${sign}`);
      const reach = length * (mixed ? (i % 2 === 0 ? 1 : 0.62) : 1) * own.between(0.92, 1.04);
      const angle =
        how === 'flat-in-two-rows'
          ? sign * own.between(74, 84)
          : how === 'brushed-upward'
            ? sign * own.between(38, 58)
            : sign * own.between(44, 88);
      const from = add(at, toward(sign * 90, 1.1));
      const body = needle(t, reach, angle, own).map((s) => ({
        ...s,
        points: s.points.map((p) => add(p, add(from, toward(angle, 1)))),
      }));
      front.push(...foot(t, from, angle), ...body);
    }
    if (how === 'all-round' || how === 'brushed-upward') {
      const own = c.fork(`middle ${i}`);
      const angle = own.between(-24, 24);
      const reach = length * own.between(how === 'brushed-upward' ? 0.6 : 0.45, 0.8);
      const body = needle(t, reach, angle, own).map((s) => ({
        ...s,
        points: s.points.map((p) => add(p, at)),
      }));
      (i % 3 === 0 ? front : behind).push(...body);
    }
  }
  const { at: top } = along(line, 1);
  const bud = pen('bud', 'twig.bud_shape', 'twig.bud_scales');
  return {
    strokes: [
      ...behind,
      ...strokes,
      ...front,
      bud.shape(ellipse(add(top, [0, -1.4]), 1.5, 2.4), 'mid', 'side'),
    ],
  };
}

/** Tufts of needles on short spurs along a bare shoot. */
export function tufts(t: Traits, length: number, c: Chance): Figure {
  const { line, strokes } = axis(64, 3.4, c);
  const count = Math.max(8, Math.min(44, t.number('needle.per_spur') ?? 26));
  const spur = pen('spur', 'needle.attachment', 'twig.spurs');
  const made: Stroke[] = [];
  [0.18, 0.5, 0.82].forEach((s, i) => {
    const sign = i % 2 === 0 ? 1 : -1;
    const { at } = along(line, s);
    const head = add(at, toward(sign * 78, 5));
    for (let k = 0; k < count; k += 1) {
      const own = c.fork(`tuft ${i} ${k}`);
      const angle = sign * 78 + ((k + 0.5) / count - 0.5) * 205 + own.between(-5, 5);
      const body = needle(t, length * own.between(0.72, 1), angle, own);
      made.push(...body.map((b) => ({ ...b, points: b.points.map((p) => add(p, head)) })));
    }
    made.push(spur.shape(ribbon([at, head], 3.4, 4), 'mid', 'side'));
    for (const r of [0.35, 0.6, 0.85])
      made.push(spur.line([add(mix(at, head, r), [0, -1.7]), add(mix(at, head, r), [0, 1.7])], 'fine'));
  });
  return { strokes: [...strokes, ...made] };
}
