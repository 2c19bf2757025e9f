import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { roundedLengths, systemOf } from './index.ts';
import type { UnitSystem } from './index.ts';

const say = (mm: readonly number[], system: UnitSystem, kind: 'length' | 'elevation' = 'length'): string => {
  const { texts, unit } = roundedLengths(mm, system, kind);
  return `${texts.join('–')} ${unit}`;
};

describe('lengths rounded as a person would write them', () => {
  test.each([
    // Under an inch to an eighth, to six to a quarter, to twelve to a half.
    [[15], 'customary', '⅝ in'],
    [[50, 110], 'customary', '2–4¼ in'],
    [[200, 290], 'customary', '8–11½ in'],
    [[400, 700], 'customary', '16–28 in'],
    // Under ten feet to a half, to fifty to a foot, above to five.
    [[1000, 2000], 'customary', '3½–6½ ft'],
    [[6096, 9144], 'customary', '20–30 ft'],
    [[29_900, 50_000], 'customary', '100–165 ft'],
    [[12], 'metric', '12 mm'],
    [[41, 83], 'metric', '40–85 mm'],
    [[50, 113], 'metric', '5–11.5 cm'],
    [[18_300, 24_700], 'metric', '18–25 m'],
  ] as const)('%j, %s: %s', (mm, system, words) => {
    expect(say(mm, system)).toBe(words);
  });

  test('elevations go by hundreds of feet and fifties of meters', () => {
    expect(say([762_000, 1_930_000], 'customary', 'elevation')).toBe('2,500–6,300 ft');
    expect(say([762_000, 1_930_000], 'metric', 'elevation')).toBe('750–1,950 m');
  });

  test('two that differ are never said alike', () => {
    expect(say([38, 40.5], 'customary')).toBe('1½–1⅝ in');
    expect(say([15, 17], 'customary')).toBe('9/16–11/16 in');
    expect(say([41, 42], 'metric')).not.toBe('40–40 mm');
  });

  test('no order is lost, no length becomes nothing, and none is off by more than its step', () => {
    const lengths = fc.array(fc.double({ min: 0.5, max: 90_000, noNaN: true }), {
      minLength: 1,
      maxLength: 4,
    });
    const sizes = { in: 25.4, ft: 304.8, mm: 1, cm: 10, m: 1000 } as const;
    const read = (text: string): number => {
      const sixteenth = /^(?:(\d+) )?(\d+)\/16$/.exec(text);
      if (sixteenth) return Number(sixteenth[1] ?? 0) + Number(sixteenth[2]) / 16;
      const part = { '⅛': 1, '¼': 2, '⅜': 3, '½': 4, '⅝': 5, '¾': 6, '⅞': 7 }[text.slice(-1)];
      const whole = Number(text.replace(/[⅛¼⅜½⅝¾⅞]/, '').replace(/,/g, '') || '0');
      return whole + (part ?? 0) / 8;
    };
    fc.assert(
      fc.property(lengths, fc.constantFrom<UnitSystem>('metric', 'customary'), (mm, system) => {
        const { texts, unit } = roundedLengths(mm, system);
        const size = sizes[unit as keyof typeof sizes];
        const back = texts.map((t) => read(t) * size);
        mm.forEach((v, i) => {
          expect(Math.abs((back[i] ?? 0) - v)).toBeLessThanOrEqual(2.5 * size + 0.01 * v);
          mm.forEach((w, k) => {
            if (v - w > 0.02 * size) expect(back[i] ?? 0).toBeGreaterThanOrEqual(back[k] ?? 0);
          });
        });
      }),
    );
  });
});

test.each([
  ['20-30 ft', 'customary'],
  ['2 to 4½ in', 'customary'],
  [`5'6"`, 'customary'],
  ['38 mm', 'metric'],
  ['1.5-2 m', 'metric'],
  ['12', null],
])('%j is written in %s', (entered, system) => {
  expect(systemOf(entered)).toBe(system);
});
