import { add, along, lengthOf } from '../geometry.ts';
import type { pen } from '../geometry.ts';
import { wander } from '../random.ts';
import type { Chance } from '../random.ts';
import type { Point, Stroke } from '../types.ts';

/** A patch of bark, mm. */
export const PATCH = { width: 120, height: 150 } as const;
export const { width: W, height: H } = PATCH;

export type Pen = ReturnType<typeof pen>;

export const within = (points: readonly Point[]): Point[] =>
  points.map(([x, y]): Point => [Math.max(0, Math.min(W, x)), Math.max(0, Math.min(H, y))]);

/** Upright lines that wander side by side without crossing: the edges of ridges. */
export function columns(c: Chance, spacing: number, size: number): Point[][] {
  const count = Math.max(2, Math.round(W / spacing));
  return Array.from({ length: count + 1 }, (_, i) => {
    const own = wander(c.fork(`column ${i}`), size, 7);
    return Array.from({ length: 31 }, (__, k): Point => [(i * W) / count + own(k / 30), (k * H) / 30]);
  });
}

/** Short strokes across a dark furrow give it depth. */
export function hatch(ink: Pen, line: readonly Point[], depth: number, c: Chance): Stroke[] {
  const n = Math.round(lengthOf(line) / 2.2);
  return Array.from({ length: n }, (_, i) => {
    const { at } = along(line, (i + 0.5) / n);
    return ink.line(within([at, add(at, [depth * c.between(0.5, 1), depth * 0.35])]), 'fine');
  });
}
