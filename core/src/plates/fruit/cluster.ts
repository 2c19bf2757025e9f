import type { Chance } from '../random.ts';
import type { Point } from '../types.ts';

/** Where fruits hang in a cluster, and the stalks that bear them. */
export function cluster(
  kind: string,
  size: number,
  c: Chance,
): { at: Point; angle: number }[] & { stalks?: Point[][] } {
  const gap = size * 1.05;
  switch (kind) {
    case 'raceme':
      return Array.from({ length: 12 }, (_, i) => ({
        at: [(i % 2 === 0 ? 1 : -1) * gap * 0.7, 8 + i * gap * 0.46] as Point,
        angle: (i % 2 === 0 ? -1 : 1) * 24,
      }));
    case 'panicle':
      return Array.from({ length: 15 }, (_, i) => {
        const row = Math.floor(i / 3);
        return {
          at: [
            ((i % 3) - 1) * gap * (1.5 - 0.2 * row),
            12 + row * gap * 0.95 + Math.abs((i % 3) - 1) * gap * 0.3,
          ] as Point,
          angle: (1 - (i % 3)) * 20,
        };
      });
    case 'corymb':
    case 'umbel':
      return Array.from({ length: 13 }, (_, i) => {
        const f = (i / 12) * 2 - 1;
        const back = i % 2;
        return {
          at: [
            f * gap * 3,
            24 + Math.abs(f) * gap * (kind === 'umbel' ? 0.9 : 0.35) + back * gap * 0.7 + c.between(-1, 1),
          ] as Point,
          angle: -f * 26,
        };
      });
    case 'pairs':
      return [-1, 1].map((side) => ({ at: [side * gap * 0.55, 12] as Point, angle: -8 * side }));
    case 'cluster':
      return Array.from({ length: 5 }, (_, i) => ({
        at: [(i - 2) * gap * 0.62, 10 + (i % 2) * gap * 0.5] as Point,
        angle: (2 - i) * 12,
      }));
    case 'catkin':
      return Array.from({ length: 18 }, (_, i) => ({
        at: [(i % 2 === 0 ? 1 : -1) * gap * 0.34, 5 + i * gap * 0.4] as Point,
        angle: (i % 2 === 0 ? -1 : 1) * 55,
      }));
    default:
      return [{ at: [0, 9], angle: 0 }];
  }
}
