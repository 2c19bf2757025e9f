import type { Box, Figure, Point, Stroke } from './types.ts';

export const add = (a: Point, b: Point): Point => [a[0] + b[0], a[1] + b[1]];
export const times = (a: Point, k: number): Point => [a[0] * k, a[1] * k];
export const mix = (a: Point, b: Point, f: number): Point => [
  a[0] + (b[0] - a[0]) * f,
  a[1] + (b[1] - a[1]) * f,
];
export const distance = (a: Point, b: Point): number => Math.hypot(a[0] - b[0], a[1] - b[1]);
/** The direction at an angle in degrees: 0 is up the page, 90 to the right. */
export const toward = (degrees: number, length = 1): Point => {
  const r = (degrees * Math.PI) / 180;
  return [length * Math.sin(r), -length * Math.cos(r)];
};
export const turn = (p: Point, degrees: number): Point => {
  const r = (degrees * Math.PI) / 180;
  return [p[0] * Math.cos(r) - p[1] * Math.sin(r), p[0] * Math.sin(r) + p[1] * Math.cos(r)];
};

/** Length of a polyline. */
export function lengthOf(points: readonly Point[]): number {
  let sum = 0;
  for (let i = 1; i < points.length; i += 1) sum += distance(points[i - 1] as Point, points[i] as Point);
  return sum;
}

/** The point a share of the way along a polyline, with the direction there (unit vector). */
export function along(points: readonly Point[], share: number): { readonly at: Point; readonly to: Point } {
  const wanted = lengthOf(points) * Math.max(0, Math.min(1, share));
  let gone = 0;
  for (let i = 1; i < points.length; i += 1) {
    const [a, b] = [points[i - 1] as Point, points[i] as Point];
    const step = distance(a, b);
    if (gone + step >= wanted || i === points.length - 1) {
      const f = step === 0 ? 0 : Math.min(1, (wanted - gone) / step);
      const to: Point = step === 0 ? [0, -1] : [(b[0] - a[0]) / step, (b[1] - a[1]) / step];
      return { at: mix(a, b, f), to };
    }
    gone += step;
  }
  return { at: points[0] ?? [0, 0], to: [0, -1] };
}

/** A polyline in even steps, its ends kept. */
export function resampled(points: readonly Point[], count: number): Point[] {
  const total = lengthOf(points);
  const made: Point[] = [points[0] as Point];
  let i = 1;
  let gone = 0;
  for (let k = 1; k < count; k += 1) {
    const wanted = (total * k) / count;
    while (i < points.length - 1 && gone + distance(points[i - 1] as Point, points[i] as Point) < wanted) {
      gone += distance(points[i - 1] as Point, points[i] as Point);
      i += 1;
    }
    const [a, b] = [points[i - 1] as Point, points[i] as Point];
    const step = distance(a, b);
    made.push(mix(a, b, step === 0 ? 0 : (wanted - gone) / step));
  }
  made.push(points.at(-1) as Point);
  return made;
}

/** A cubic Bézier curve as points, both ends included. */
export function bezier(a: Point, b: Point, c: Point, d: Point, steps = 14): Point[] {
  return Array.from({ length: steps + 1 }, (_, i) => {
    const t = i / steps;
    const u = 1 - t;
    const k = [u * u * u, 3 * u * u * t, 3 * u * t * t, t * t * t] as const;
    return [
      k[0] * a[0] + k[1] * b[0] + k[2] * c[0] + k[3] * d[0],
      k[0] * a[1] + k[1] * b[1] + k[2] * c[1] + k[3] * d[1],
    ];
  });
}

/** A curve from one point to another that bulges to its right by a share of its length. */
export function bow(a: Point, b: Point, bulge: number, steps = 8): Point[] {
  const side: Point = [-(b[1] - a[1]) * bulge, (b[0] - a[0]) * bulge];
  return bezier(a, add(mix(a, b, 0.33), side), add(mix(a, b, 0.67), side), b, steps);
}

/** A smooth curve through points (Catmull-Rom), open or closed. */
export function through(points: readonly Point[], closed: boolean, steps = 6): Point[] {
  const n = points.length;
  if (n < 3) return [...points];
  const at = (i: number): Point => points[closed ? (i + n) % n : Math.max(0, Math.min(n - 1, i))] as Point;
  const made: Point[] = [];
  for (let i = 0; i < (closed ? n : n - 1); i += 1) {
    const [p, q, r, s] = [at(i - 1), at(i), at(i + 1), at(i + 2)];
    made.push(
      ...bezier(
        q,
        add(q, times([r[0] - p[0], r[1] - p[1]], 1 / 6)),
        add(r, times([s[0] - q[0], s[1] - q[1]], -1 / 6)),
        r,
        steps,
      ).slice(0, -1),
    );
  }
  if (!closed) made.push(points[n - 1] as Point);
  return made;
}

/** An ellipse around a point, turned by degrees. */
export function ellipse(center: Point, rx: number, ry: number, degrees = 0, steps = 28): Point[] {
  return Array.from({ length: steps }, (_, i) => {
    const a = (2 * Math.PI * i) / steps;
    return add(center, turn([rx * Math.cos(a), ry * Math.sin(a)], degrees));
  });
}

/** A line with a width at its start and at its end, as a closed outline. */
export function ribbon(points: readonly Point[], from: number, to: number): Point[] {
  const n = points.length;
  const right: Point[] = [];
  const left: Point[] = [];
  points.forEach((p, i) => {
    const [a, b] = [points[Math.max(0, i - 1)] as Point, points[Math.min(n - 1, i + 1)] as Point];
    const step = distance(a, b) || 1;
    const half = (from + ((to - from) * i) / Math.max(1, n - 1)) / 2;
    const side: Point = [(-(b[1] - a[1]) / step) * half, ((b[0] - a[0]) / step) * half];
    right.push(add(p, side));
    left.push([p[0] - side[0], p[1] - side[1]]);
  });
  return [...right, ...left.reverse()];
}

/** Is a point inside a closed outline (even-odd)? */
export function inside(p: Point, outline: readonly Point[]): boolean {
  let within = false;
  for (let i = 0, j = outline.length - 1; i < outline.length; j = i, i += 1) {
    const [a, b] = [outline[i] as Point, outline[j] as Point];
    if (a[1] > p[1] !== b[1] > p[1] && p[0] < ((b[0] - a[0]) * (p[1] - a[1])) / (b[1] - a[1]) + a[0])
      within = !within;
  }
  return within;
}

/** Do two segments cross, ends left out? */
function cross(a: Point, b: Point, c: Point, d: Point): boolean {
  const side = (p: Point, q: Point, r: Point): number =>
    (q[0] - p[0]) * (r[1] - p[1]) - (q[1] - p[1]) * (r[0] - p[0]);
  return side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;
}

/** Height of the bands by which segments are sorted, so that only near ones are compared, mm. */
const BAND = 1.5;

/** Does a closed outline cross itself? */
export function crossesItself(outline: readonly Point[]): boolean {
  const n = outline.length;
  const bands = new Map<number, number[]>();
  for (let i = 0; i < n; i += 1) {
    const [a, b] = [outline[i] as Point, outline[(i + 1) % n] as Point];
    const [low, high] = a[1] < b[1] ? [a[1], b[1]] : [b[1], a[1]];
    for (let k = Math.floor(low / BAND); k <= Math.floor(high / BAND); k += 1) {
      const here = bands.get(k);
      if (!here) {
        bands.set(k, [i]);
        continue;
      }
      for (const j of here) {
        if (j === i - 1 || (i === n - 1 && j === 0)) continue;
        if (cross(a, b, outline[j] as Point, outline[(j + 1) % n] as Point)) return true;
      }
      here.push(i);
    }
  }
  return false;
}

/** Where a ray from a point first meets a polyline; null where it does not. */
export function hit(from: Point, direction: Point, line: readonly Point[]): Point | null {
  let best: number | null = null;
  for (let i = 1; i < line.length; i += 1) {
    const [a, b] = [line[i - 1] as Point, line[i] as Point];
    const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
    const det = direction[0] * dy - direction[1] * dx;
    if (Math.abs(det) < 1e-9) continue;
    const t = ((a[0] - from[0]) * dy - (a[1] - from[1]) * dx) / det;
    const s = ((a[0] - from[0]) * direction[1] - (a[1] - from[1]) * direction[0]) / det;
    if (t > 1e-6 && s >= 0 && s <= 1 && (best === null || t < best)) best = t;
  }
  return best === null ? null : add(from, times(direction, best));
}

export function boxOf(points: Iterable<Point>): Box {
  let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const [x, y] of points) {
    if (x < left) left = x;
    if (x > right) right = x;
    if (y < top) top = y;
    if (y > bottom) bottom = y;
  }
  if (left > right) return { x: 0, y: 0, width: 0, height: 0 };
  return { x: left, y: top, width: right - left, height: bottom - top };
}

export const boxOfFigure = (f: Figure): Box => boxOf(f.strokes.flatMap((s) => s.points));

/**
 * A polyline without the points that lie within a tolerance of the line between those that are kept
 * (Douglas and Peucker 1973).
 */
export function simplified(points: readonly Point[], tolerance: number): Point[] {
  if (points.length < 3) return [...points];
  const keep = new Uint8Array(points.length);
  keep[0] = 1;
  keep[points.length - 1] = 1;
  const spans: [number, number][] = [[0, points.length - 1]];
  for (let span = spans.pop(); span; span = spans.pop()) {
    const [from, to] = span;
    const [a, b] = [points[from] as Point, points[to] as Point];
    const long = distance(a, b);
    let [most, at] = [0, -1];
    for (let i = from + 1; i < to; i += 1) {
      const p = points[i] as Point;
      const off =
        long === 0
          ? distance(a, p)
          : Math.abs((b[0] - a[0]) * (a[1] - p[1]) - (a[0] - p[0]) * (b[1] - a[1])) / long;
      if (off > most) [most, at] = [off, i];
    }
    if (at < 0 || most <= tolerance) continue;
    keep[at] = 1;
    spans.push([from, at], [at, to]);
  }
  return points.filter((_, i) => keep[i] === 1);
}

/** A figure scaled about its origin, turned by degrees and set down at a point. */
export function placed(f: Figure, at: Point, degrees = 0, scale = 1): Figure {
  const r = (degrees * Math.PI) / 180;
  const [cos, sin] = [Math.cos(r) * scale, Math.sin(r) * scale];
  return {
    strokes: f.strokes.map((s) => ({
      ...s,
      points: s.points.map(([x, y]): Point => [at[0] + x * cos - y * sin, at[1] + x * sin + y * cos]),
    })),
  };
}

export const mirrored = (f: Figure): Figure => ({
  strokes: f.strokes.map((s) => ({ ...s, points: s.points.map(([x, y]): Point => [-x, y]) })),
});

export const together = (...figures: readonly Figure[]): Figure => ({
  strokes: figures.flatMap((f) => f.strokes),
});

/** Makes strokes of one part by the same characters. */
export function pen(part: string, ...by: readonly string[]) {
  const stroke = (
    points: readonly Point[],
    closed: boolean,
    ink: Stroke['ink'],
    tone: Stroke['tone'],
  ): Stroke => ({ points, closed, ink, tone, part, by });
  return {
    line: (points: readonly Point[], ink: Stroke['ink'] = 'side'): Stroke =>
      stroke(points, false, ink, 'none'),
    shape: (
      points: readonly Point[],
      tone: Stroke['tone'] = 'paper',
      ink: Stroke['ink'] = 'contour',
    ): Stroke => stroke(points, true, ink, tone),
    gap: (points: readonly Point[], closed = true): Stroke => ({
      ...stroke(points, closed, 'fine', 'none'),
      gap: true,
    }),
  };
}
