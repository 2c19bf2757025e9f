import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { barIn } from './bar.ts';

describe('a scale bar', () => {
  test('is as it was made in metric units', () => {
    expect(barIn({ page: 26, mm: 20 }, 'metric')).toEqual({ page: 26, mm: 20, words: '2 cm' });
    expect(barIn({ page: 10, mm: 5 }, 'metric').words).toBe('5 mm');
  });

  test('stands for a round length in inches, at the scale it had', () => {
    const bar = barIn({ page: 20, mm: 25 }, 'customary');
    expect(bar.words).toBe('1 in');
    expect(bar.page).toBeCloseTo(20.32);
    expect(barIn({ page: 30, mm: 10 }, 'customary').words).toBe('½ in');
    expect(barIn({ page: 30, mm: 200 }, 'customary').words).toBe('6 in');
  });

  test('keeps its scale and stays within half and double its length, for every bar a plate can have', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(5, 10, 20, 25, 50, 100, 200),
        fc.double({ min: 1, max: 80, noNaN: true }),
        (mm, page) => {
          const bar = barIn({ page, mm }, 'customary');
          expect(bar.page / bar.mm).toBeCloseTo(page / mm, 9);
          expect(bar.page).toBeGreaterThan(page / 2);
          expect(bar.page).toBeLessThan(page * 2);
        },
      ),
    );
  });
});
