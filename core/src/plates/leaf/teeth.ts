import { lengthOf, resampled } from '../geometry.ts';
import type { Chance } from '../random.ts';
import type { Point } from '../types.ts';

export type Margin =
  | 'entire'
  | 'toothed'
  | 'serrate'
  | 'doubly-serrate'
  | 'crenate'
  | 'dentate'
  | 'bristle-toothed'
  | 'wavy'
  | 'spiny';

/** The margin as it is drawn. */
export interface ToothForm {
  readonly margin: Margin;
  /** Teeth on one side. */
  readonly count: number;
  /** Height of a tooth as a share of its length. */
  readonly height: number;
  /** Share of the edge from the stalk that stays smooth. */
  readonly from: number;
  readonly blunt: boolean;
  /** Places near which teeth have no room. */
  readonly avoid?: readonly Point[];
}

/** Teeth on one side where neither veins nor a count decide, by size. */
const BY_SIZE: Readonly<Record<string, number>> = { fine: 34, medium: 20, coarse: 10 };
const LARGE_LEAF = 60;

/**
 * How many teeth a side has: by vein pairs and teeth per vein where both are recorded, else by their size, with more
 * of them on a large leaf.
 */
export function toothCount(
  size: string | null,
  pairs: number | null,
  perVein: number | null,
  length: number,
): number {
  if (pairs !== null && perVein !== null) return Math.max(3, Math.round(pairs * perVein));
  const base = BY_SIZE[size ?? 'medium'] ?? 20;
  return Math.max(4, Math.round(base * Math.min(1.4, Math.max(0.6, Math.sqrt(length / LARGE_LEAF)))));
}

/** The outward normal of a step; outward is to the right of the way from the stalk to the tip. */
function outward(a: Point, b: Point): Point {
  const step = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1;
  return [-(b[1] - a[1]) / step, (b[0] - a[0]) / step];
}

type Bite = readonly (readonly [along: number, out: number])[];

/** Points of one tooth between two valleys: along it from 0 to 1, and out as a share of its height. */
function bite(f: ToothForm): Bite {
  switch (f.margin) {
    case 'crenate':
      return [0.12, 0.3, 0.5, 0.7, 0.88].map((s) => [s, Math.sin(Math.PI * s) ** 0.7] as const);
    case 'wavy':
      return [0.17, 0.33, 0.5, 0.67, 0.83].map((s) => [s, (1 - Math.cos(2 * Math.PI * s)) / 2] as const);
    case 'dentate':
      return [
        [0.25, 0.5],
        [0.5, 1],
        [0.75, 0.5],
      ];
    case 'bristle-toothed':
      return [
        [0.4, 0.3],
        [0.7, 0.5],
        [0.8, 1.2],
        [0.86, 0.5],
      ];
    case 'spiny':
      return [
        [0.2, -0.12],
        [0.45, -0.06],
        [0.66, 0.22],
        [0.78, 1],
        [0.86, 0.25],
      ];
    case 'doubly-serrate':
      return [
        [0.2, 0.34],
        [0.24, 0.18],
        [0.44, 0.64],
        [0.48, 0.46],
        [0.8, 1],
        [0.9, 0.34],
      ];
    default:
      return f.blunt
        ? [
            [0.45, 0.62],
            [0.68, 0.98],
            [0.8, 0.9],
          ]
        : [
            [0.4, 0.5],
            [0.8, 1],
          ];
  }
}

/**
 * An edge with its margin cut: teeth point to the tip, grow smaller toward both ends, and stand where they are
 * recorded to stand. A smooth margin is given back as it came.
 */
export function toothed(edge: readonly Point[], f: ToothForm, c: Chance): Point[] {
  if (f.margin === 'entire') return [...edge];
  const [from, to] = [Math.max(0.05, f.from), 0.975];
  const per = 6;
  const total = Math.max(8, Math.round((f.count * per) / (to - from)));
  const line = resampled(edge, total);
  const shape = bite(f);
  const firstAt = Math.round(from * total);
  const made: Point[] = line.slice(0, firstAt + 1);
  const pitch = (lengthOf(edge) * (to - from)) / f.count;
  for (let k = 0; k < f.count; k += 1) {
    const start = firstAt + ((total * to - firstAt) * k) / f.count;
    const end = firstAt + ((total * to - firstAt) * (k + 1)) / f.count;
    const fade = Math.min(1, 0.55 + (1.4 * Math.min(k + 0.5, f.count - k - 0.5)) / f.count);
    const middle = line[Math.round((start + end) / 2)] as Point;
    const near = Math.min(
      Infinity,
      ...(f.avoid ?? []).map((p) => Math.hypot(p[0] - middle[0], p[1] - middle[1])),
    );
    const room = Math.max(0, Math.min(1, near / pitch - 0.35));
    const height = pitch * f.height * fade * room * (1 + c.between(-0.14, 0.14));
    // On a flank that runs back to a sinus teeth still point to the lobe's tip, and are lower.
    const [p, q] = [
      line[Math.floor(start)] as Point,
      line[Math.min(line.length - 1, Math.ceil(end))] as Point,
    ];
    const back = q[1] - p[1] > 0.35 * Math.hypot(q[0] - p[0], q[1] - p[1]);
    const bites = back ? shape.map(([s, out]) => [1 - s, out * 0.5] as const).reverse() : shape;
    for (const [s, out] of bites) {
      const x = start + (end - start) * s;
      const i = Math.min(line.length - 2, Math.floor(x));
      const [a, b] = [line[i] as Point, line[i + 1] as Point];
      const g = x - i;
      const n = outward(a, b);
      made.push([
        a[0] + (b[0] - a[0]) * g + n[0] * height * out,
        a[1] + (b[1] - a[1]) * g + n[1] * height * out,
      ]);
    }
    const j = Math.min(line.length - 1, Math.round(end));
    made.push(line[j] as Point);
  }
  made.push(...line.slice(Math.round(total * to) + 1));
  return made.map(([x, y]) => [Math.max(0, x), y]);
}

/** How high teeth stand against their length, by kind and size. */
export function toothHeight(margin: Margin, size: string | null): number {
  const base = {
    entire: 0,
    toothed: 0.36,
    serrate: 0.36,
    'doubly-serrate': 0.42,
    crenate: 0.26,
    dentate: 0.4,
    'bristle-toothed': 0.5,
    wavy: 0.14,
    spiny: 0.6,
  }[margin];
  return base * (size === 'coarse' ? 1.25 : size === 'fine' ? 0.95 : 1);
}
