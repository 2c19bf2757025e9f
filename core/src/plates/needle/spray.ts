import { add, along, bow, ellipse, pen, toward } from '../geometry.ts';
import type { Chance } from '../random.ts';
import type { Traits } from '../traits.ts';
import type { Figure, Point, Stroke } from '../types.ts';
import { needle } from './one.ts';
import { axis } from './shoot.ts';

/** Overlapping scales along one branchlet. */
function scaled(line: readonly Point[], size: number, wide: number, gland: boolean): Stroke[] {
  const ink = pen('scales', 'leaf.kind', 'needle.scale_length', 'needle.spray');
  const n = Math.max(
    3,
    Math.round(
      (line.length > 1
        ? Math.hypot(
            (line.at(-1) as Point)[0] - (line[0] as Point)[0],
            (line.at(-1) as Point)[1] - (line[0] as Point)[1],
          )
        : 6) /
        (size * 0.8),
    ),
  );
  const strokes: Stroke[] = [];
  for (let i = 0; i < n; i += 1) {
    const { at, to } = along(line, i / n);
    const heading = (Math.atan2(to[0], -to[1]) * 180) / Math.PI;
    const place = (p: Point): Point => {
      const r = (heading * Math.PI) / 180;
      return [
        at[0] + p[0] * Math.cos(r) - p[1] * Math.sin(r),
        at[1] + p[0] * Math.sin(r) + p[1] * Math.cos(r),
      ];
    };
    const half: Point[] = [
      [0, 0.15 * size],
      [wide * 0.55, -0.2 * size],
      [wide * 0.5, -0.75 * size],
      [0, -1.1 * size],
      [-wide * 0.5, -0.75 * size],
      [-wide * 0.55, -0.2 * size],
    ];
    strokes.push(ink.shape(half.map(place), i % 2 === 0 ? 'pale' : 'paper', 'fine'));
    if (gland && i % 2 === 0)
      strokes.push(
        pen('gland', 'needle.scale_gland').shape(ellipse(place([0, -0.5 * size]), 0.2, 0.3), 'dark', 'none'),
      );
  }
  return strokes;
}

/** A spray of scale leaves: in one plane like a fern, or as round cords. */
export function spray(t: Traits, c: Chance): Figure {
  const flat = t.state('needle.spray') !== 'cord-like';
  const size = Math.max(1.4, Math.min(5, t.number('needle.scale_length') ?? 2.4));
  const wide = flat ? 2.6 : 1.5;
  const gland = t.state('needle.scale_gland') === 'clear';
  const strokes: Stroke[] = [];
  const main = bow([0, 0], [c.between(-2, 2), -68], 0.03, 24);
  const arms = flat ? 7 : 6;
  for (let i = 0; i < arms; i += 1) {
    const { at } = along(main, 0.1 + (0.8 * i) / arms);
    const sign = i % 2 === 0 ? 1 : -1;
    const own = c.fork(`arm ${i}`);
    const reach = (flat ? 32 : 26) * (1 - 0.55 * (i / arms));
    const angle = sign * (flat ? 46 : own.between(28, 52));
    const arm = bow(at, add(at, toward(angle, reach)), -sign * 0.08, 16);
    for (let k = 0; k < 4; k += 1) {
      const { at: from } = along(arm, 0.2 + 0.2 * k);
      const twig = bow(
        from,
        add(from, toward(angle + (k % 2 === 0 ? 38 : -34), reach * 0.36 * (1 - 0.15 * k))),
        0.05,
        8,
      );
      strokes.push(...scaled(twig, size, wide * 0.85, false));
    }
    strokes.push(...scaled(arm, size, wide, gland));
  }
  strokes.push(...scaled(main, size, wide, gland));
  return { strokes };
}

/** Awl leaves stand off in threes, short and sharp. */
export function awls(t: Traits, c: Chance): Figure {
  const length = t.number('needle.length') ?? 10;
  const { line, strokes } = axis(58, 1.8, c);
  const made: Stroke[] = [];
  for (let i = 0; i < 15; i += 1) {
    const { at } = along(line, 0.04 + i / 16);
    for (const angle of [58, -58, i % 2 === 0 ? 12 : -12]) {
      const own = c.fork(`awl ${i} ${angle}`);
      made.push(
        ...needle(t, length * own.between(0.85, 1.1), angle + own.between(-6, 6), own).map((s) => ({
          ...s,
          points: s.points.map((p) => add(p, at)),
        })),
      );
    }
  }
  return { strokes: [...strokes, ...made] };
}
