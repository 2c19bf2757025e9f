import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { mapView } from './index.ts';

const box = (left: number, top: number, right: number, bottom: number) => ({
  box: [left, top, right, bottom] as const,
});

describe('the part of a map', () => {
  test('is as wide as a wide region with its margins, and centered on it', () => {
    expect(mapView([box(100, 100, 300, 120)], 2, 0.1)).toEqual([80, 50, 240, 120]);
  });

  test('is as tall as a tall one needs', () => {
    const [left, top, width, height] = mapView([box(0, 0, 10, 100)], 1.6, 0) ?? [];
    expect([left, top, width, height]).toEqual([-75, 0, 160, 100]);
  });

  test('is nothing where there is no region', () => {
    expect(mapView([], 1.6, 0.1)).toBeNull();
  });

  test('holds every region, in its shape', () => {
    const region = fc
      .tuple(
        fc.integer({ min: 0, max: 900 }),
        fc.integer({ min: 0, max: 600 }),
        fc.integer({ min: 1, max: 80 }),
        fc.integer({ min: 1, max: 80 }),
      )
      .map(([x, y, w, h]) => box(x, y, x + w, y + h));
    fc.assert(
      fc.property(
        fc.array(region, { minLength: 1, maxLength: 8 }),
        fc.double({ min: 0, max: 0.4, noNaN: true }),
        (regions, margin) => {
          const [left, top, width, height] = mapView(regions, 1.6, margin) ?? [0, 0, 0, 0];
          expect(width / height).toBeCloseTo(1.6);
          for (const { box: b } of regions) {
            expect(b[0]).toBeGreaterThanOrEqual(left - 1e-6);
            expect(b[1]).toBeGreaterThanOrEqual(top - 1e-6);
            expect(b[2]).toBeLessThanOrEqual(left + width + 1e-6);
            expect(b[3]).toBeLessThanOrEqual(top + height + 1e-6);
          }
        },
      ),
    );
  });
});
