import type { Outline } from './outline.ts';

/** Left, top, width and height of a part of the map. */
export type MapView = readonly [left: number, top: number, width: number, height: number];

/**
 * The part of the map that holds some regions in the middle of ground around them, in a given shape.
 * @param shape width against height. @param margin ground on each side, as a share of the width.
 * @returns null where there is no region.
 */
export function mapView(
  regions: readonly Pick<Outline, 'box'>[],
  shape: number,
  margin: number,
): MapView | null {
  if (regions.length === 0) return null;
  const least = (at: 0 | 1): number => Math.min(...regions.map((r) => r.box[at]));
  const most = (at: 2 | 3): number => Math.max(...regions.map((r) => r.box[at]));
  const [left, top, right, bottom] = [least(0), least(1), most(2), most(3)];
  const width = Math.max(right - left, (bottom - top) * shape) * (1 + 2 * margin);
  const height = width / shape;
  return [(left + right - width) / 2, (top + bottom - height) / 2, width, height];
}
