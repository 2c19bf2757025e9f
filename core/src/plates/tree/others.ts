import { bow, ellipse, pen, ribbon, through } from '../geometry.ts';
import type { Chance } from '../random.ts';
import type { Point, Stroke } from '../types.ts';
import { LIMBS, STANDING, WOOD, clump } from './crown.ts';

/** Stems of one root side by side, tallest in the middle, with the root drawn below the ground. */
export function thicket(half: number, c: Chance): Stroke[] {
  const count = 7;
  const masses: Stroke[] = [];
  const wood: Stroke[] = [];
  for (let i = 0; i < count; i += 1) {
    const f = (2 * i) / (count - 1) - 1;
    const x = f * half * 0.92;
    const top = -STANDING * (0.9 - 0.45 * f * f) * c.between(0.92, 1);
    const stem = bow([x, 3.5], [x + c.between(-2, 2), top], 0.03 * f, 8);
    wood.push(WOOD.shape(ribbon(stem, 1.5, 0.5), 'dark', 'fine'));
    for (let k = 0; k < 4; k += 1) {
      const y = top * (0.55 + 0.15 * k);
      const end: Point = [x + (k % 2 === 0 ? 1 : -1) * half * 0.12, y - 3.5];
      masses.push(clump(end, half * 0.1 + 1, c));
      wood.push(LIMBS.line([[x, y], end], 'side'));
    }
  }
  const root = through(
    Array.from({ length: 9 }, (_, i): Point => [
      half * (-1.02 + (2.04 * i) / 8),
      4.2 + (i % 2 === 0 ? 0.9 : -0.5),
    ]),
    false,
    4,
  );
  return [...masses, pen('root', 'form.habit').shape(ribbon(root, 1.5, 1.1), 'mid', 'fine'), ...wood];
}

/** A stem that winds up a trunk that is not its own, with leaves along it. */
export function vine(): Stroke[] {
  const pole = pen('support', 'form.habit').shape(
    ribbon(
      [
        [0, 0],
        [0, -STANDING],
      ],
      9,
      6.5,
    ),
    'paper',
    'fine',
  );
  const turns = 5;
  const at = (f: number): Point => [7 * Math.sin(2 * Math.PI * turns * f), -STANDING * 0.96 * f];
  const steps = 100;
  const stem = Array.from({ length: steps + 1 }, (_, i) => at(i / steps));
  // Half of each turn passes in front of the trunk.
  const fronts = Array.from({ length: turns }, (_, k) =>
    stem.slice(Math.max(0, ((k - 0.25) * steps) / turns), ((k + 0.25) * steps) / turns + 1),
  );
  const leaves = Array.from({ length: 18 }, (_, i) => {
    const [x, y] = at((i + 1) / 18.5);
    const side = x >= 0 ? 1 : -1;
    return pen('leaves', 'form.habit').shape(
      ellipse([x + side * 3, y - 1], 3.2, 1.7, side * -24, 18),
      'pale',
      'side',
    );
  });
  return [
    WOOD.shape(ribbon(stem, 1.6, 0.8), 'dark', 'fine'),
    pole,
    ...leaves,
    ...fronts.map((f) => WOOD.shape(ribbon(f, 1.5, 1.4), 'dark', 'fine')),
  ];
}

/** A grown person beside it, six feet tall where the plant is as tall as said. @param feet height of the plant, ft. */
export function person(x: number, feet: number): Stroke[] {
  const tall = (STANDING * 6) / feet;
  const ink = pen('person', 'form.habit');
  const at = ([a, b]: readonly [number, number]): Point => [x + a * tall, b * tall];
  const half: readonly (readonly [number, number])[] = [
    [0.015, -0.44],
    [0.03, 0],
    [0.1, 0],
    [0.095, -0.5],
    [0.11, -0.72],
    [0.14, -0.42],
    [0.175, -0.43],
    [0.155, -0.76],
    [0.12, -0.82],
    [0.035, -0.84],
  ];
  const body = [...half, ...half.map(([a, b]) => [-a, b] as const).reverse()].map(at);
  return [
    ink.shape(body, 'dark', 'fine'),
    ink.shape(ellipse([x, -0.92 * tall], 0.06 * tall, 0.08 * tall, 0, 18), 'dark', 'fine'),
  ];
}
