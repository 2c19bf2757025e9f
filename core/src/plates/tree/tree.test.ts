import { describe, expect, test } from '@jest/globals';
import { boxOfFigure } from '../geometry.ts';
import { chance } from '../random.ts';
import { traitsFrom } from '../traits.ts';
import type { Figure } from '../types.ts';
import { STANDING, habitFigure, silhouetteFigure } from './index.ts';

const drawn = (traits: Readonly<Record<string, string | number>>): Figure =>
  silhouetteFigure(traitsFrom(new Map(Object.entries(traits))), chance(3));
const parts = (f: Figure, part: string) => f.strokes.filter((s) => s.part === part);

/** How often the shapes of a part cross a height: one for one trunk, several for several stems. */
function across(f: Figure, part: string, y: number): number {
  return parts(f, part).filter((s) => {
    const ys = s.points.map((p) => p[1]);
    return Math.min(...ys) < y && Math.max(...ys) > y;
  }).length;
}

describe('a silhouette', () => {
  test('of a conifer has one trunk to the top and whorls on both sides that narrow upward', () => {
    const f = drawn({ 'form.outline': 'conical', 'form.branching': 'excurrent' });
    expect(parts(f, 'trunk')).toHaveLength(1);
    expect(across(f, 'trunk', -0.9 * STANDING)).toBe(1);
    const sprays = parts(f, 'crown').map((s) => s.points.map(([x, y]) => [x, y] as const));
    expect(sprays.some((p) => p.every(([x]) => x >= 0))).toBe(true);
    expect(sprays.some((p) => p.every(([x]) => x <= 0))).toBe(true);
    const reach = (low: number, high: number): number =>
      Math.max(
        ...sprays
          .filter((p) => p.every(([, y]) => y < -low * STANDING && y > -high * STANDING))
          .flatMap((p) => p.map(([x]) => Math.abs(x))),
      );
    expect(reach(0.05, 0.35)).toBeGreaterThan(1.5 * reach(0.6, 1));
  });

  test('of a broad tree has a trunk that ends within the crown and limbs that leave it', () => {
    const f = drawn({ 'form.outline': 'rounded', 'form.branching': 'decurrent' });
    expect(across(f, 'trunk', -0.1 * STANDING)).toBe(1);
    expect(across(f, 'trunk', -0.9 * STANDING)).toBe(0);
    expect(parts(f, 'branches').filter((s) => s.closed).length).toBeGreaterThanOrEqual(5);
  });

  test('has as many trunks as are recorded', () => {
    const stems = ['single', 'few', 'many'].map((trunks) =>
      across(drawn({ 'form.branching': 'decurrent', 'form.trunks': trunks }), 'trunk', -0.1 * STANDING),
    );
    expect(stems).toEqual([1, 3, 5]);
  });

  test('of a shrub is several stems from the ground, and no outline of a conifer', () => {
    const f = drawn({ 'form.habit': 'shrub', 'form.outline': 'rounded' });
    expect(across(f, 'trunk', -0.06 * STANDING)).toBeGreaterThanOrEqual(5);
    expect(parts(f, 'leader')).toHaveLength(0);
    const thickest = Math.max(
      ...parts(f, 'trunk').map((s) => {
        const foot = s.points.filter(([, y]) => y > -1).map(([x]) => x);
        return Math.max(...foot) - Math.min(...foot);
      }),
    );
    expect(thickest).toBeLessThan(2.5);
  });

  test('of a thicket shows the one root below the ground, and a vine the trunk it climbs', () => {
    const thicket = drawn({ 'form.habit': 'clonal-thicket' });
    expect(Math.min(...(parts(thicket, 'root')[0]?.points ?? []).map(([, y]) => y))).toBeGreaterThan(0.4);
    expect(parts(drawn({ 'form.habit': 'vine' }), 'support')).toHaveLength(1);
  });

  test('keeps to the spread that is recorded, and leans where it is recorded to', () => {
    const width = (spread: number): number =>
      boxOfFigure({
        strokes: parts(
          drawn({ 'form.branching': 'decurrent', 'form.height': 20_000, 'form.spread': spread }),
          'crown',
        ),
      }).width;
    expect(width(20_000)).toBeGreaterThan(1.6 * width(10_000));
    const top = (lean: string): number => {
      const points =
        parts(drawn({ 'form.branching': 'excurrent', 'form.lean': lean }), 'trunk')[0]?.points ?? [];
      return Math.max(...points.filter(([, y]) => y < -0.9 * STANDING).map(([x]) => x));
    };
    expect(top('leaning') - top('upright')).toBeGreaterThan(8);
  });

  test('of a habit has a person beside it, the taller the lower the plant is', () => {
    const tall = (habit: string): number => {
      const f = habitFigure(traitsFrom(new Map([['form.habit', habit]])), chance(3));
      return boxOfFigure({ strokes: f.strokes.filter((s) => s.part === 'person') }).height;
    };
    expect(tall('tree')).toBeCloseTo((STANDING * 6) / 60, 0);
    expect(tall('shrub')).toBeGreaterThan(2 * tall('small-tree'));
  });
});
