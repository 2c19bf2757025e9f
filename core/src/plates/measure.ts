import { boxOf, distance, lengthOf } from './geometry.ts';
import { pointsOf } from './path.ts';
import type { Mark, Point } from './types.ts';

/** What can be measured back from the outline of a blade, mm and shares. */
export interface MeasuredBlade {
  readonly length: number;
  readonly width: number;
  /** Share of the length from the stalk. */
  readonly widest: number;
  /** Lobes of the whole blade, one for an unlobed one. */
  readonly lobes: number;
  /** Teeth of the right side. */
  readonly teeth: number;
  readonly uneven: boolean;
}

/** The two sides of an outline that begins at the stalk, each from the stalk to the tip. */
function sides(points: readonly Point[]): readonly [right: readonly Point[], left: readonly Point[]] {
  const origin = points[0] as Point;
  // The tip is the farthest place near the axis on which the blade stands.
  let tip = 1;
  let best = -Infinity;
  points.forEach((p, i) => {
    const up = origin[1] - p[1] - 3 * Math.abs(p[0] - origin[0]);
    if (up > best) [best, tip] = [up, i];
  });
  return [points.slice(0, tip + 1), [origin, ...points.slice(tip).reverse()]];
}

/** Places where a line turns from going out to coming back, at least so prominent. */
function peaks(values: readonly number[], prominence: number): readonly number[] {
  const found: number[] = [];
  let low = values[0] ?? 0;
  let high = -Infinity;
  let at = -1;
  values.forEach((v, i) => {
    if (at < 0 || v > high) {
      if (v - low >= prominence) [high, at] = [v, i];
    }
    if (at >= 0 && high - v >= prominence) {
      found.push(at);
      [low, high, at] = [v, -Infinity, -1];
    }
    if (at < 0) low = Math.min(low, v);
  });
  if (at >= 0 && at < values.length - 1 && high - (values.at(-1) ?? high) >= prominence) found.push(at);
  return found;
}

/** Distances of a side from its own smoothed course: out is positive, so that each tooth is a peak. */
function wrinkles(side: readonly Point[], window: number): number[] {
  return side.map((p, i) => {
    const near = side.slice(Math.max(0, i - window), Math.min(side.length, i + window + 1));
    const mean = near.reduce<readonly [number, number]>(
      (s, q) => [s[0] + q[0] / near.length, s[1] + q[1] / near.length],
      [0, 0],
    );
    const [a, b] = [near[0] as Point, near.at(-1) as Point];
    const step = distance(a, b) || 1;
    const n: Point = [-(b[1] - a[1]) / step, (b[0] - a[0]) / step];
    return (p[0] - mean[0]) * n[0] + (p[1] - mean[1]) * n[1];
  });
}

/**
 * Measures a blade from its path alone: it knows nothing of what drew it.
 * @param d the closed outline, beginning at the stalk with the tip up the page.
 */
export function measureBlade(d: string): MeasuredBlade {
  const { points } = pointsOf(d);
  const [right, left] = sides(points);
  const origin = points[0] as Point;
  const tip = right.at(-1) as Point;
  const length = origin[1] - tip[1];
  const box = boxOf(points);
  const across = (side: readonly Point[]): readonly (readonly [number, number])[] =>
    side.map((p) => [Math.abs(p[0] - origin[0]), (origin[1] - p[1]) / length]);
  // The middle of the places that reach nearly as far out as the farthest, so that one tooth does not decide.
  const far = across(right);
  const most = Math.max(...far.map(([x]) => x));
  const wide = far.filter(([x]) => x > 0.97 * most).map(([, y]) => y);
  const widest = (Math.min(...wide) + Math.max(...wide)) / 2;
  // Lobes stand out from the axis by far more than teeth do.
  const centre: Point = [origin[0], origin[1] - 0.06 * length];
  const reach = right.map((p) => distance(p, centre));
  const outs = peaks(
    right.map((p) => Math.abs(p[0] - origin[0])),
    Math.max(0.085 * most, 0.06 * length),
  );
  const radial = peaks(reach, 0.075 * length);
  // A blade has one widest place; where it goes out again and again, each time below the end lobe is a lobe.
  const share = (i: number): number => (origin[1] - (right[i] as Point)[1]) / length;
  const byWidth = outs.length > 1 ? outs.filter((i) => share(i) < END_LOBE).length : 0;
  const perSide = Math.max(byWidth, radial.filter((i) => i < right.length - 3).length);
  const lobed = perSide >= 1;
  const bumps = peaks(wrinkles(right, 5), Math.max((0.012 * lengthOf(right)) / 10, 0.05)).length;
  const teeth = bumps < FEWEST_TEETH ? 0 : bumps;
  const foot = (side: readonly Point[]): number => {
    const near = side.filter(
      (p) => origin[1] - p[1] < 0.25 * length && Math.abs(p[0] - origin[0]) > 0.3 * most,
    );
    return near.length === 0 ? 0 : Math.min(...near.map((p) => origin[1] - p[1]));
  };
  return {
    length,
    width: box.width,
    widest,
    lobes: lobed ? 2 * perSide + 1 : 1,
    teeth,
    uneven: Math.abs(foot(right) - foot(left)) > 0.03 * length,
  };
}

/** From this share of the length up a blade is its end lobe. */
const END_LOBE = 0.85;
/** The stalk, the shoulder and the tip wrinkle a smooth edge as well; fewer than this are no teeth. */
const FEWEST_TEETH = 4;

/** How many separate outlines of a part were drawn: leaflets, needles. */
export const countOf = (marks: readonly Mark[], part: string): number =>
  marks.filter((m) => m.part === part && m.d.endsWith('z') && m.ink !== 'none').length;
