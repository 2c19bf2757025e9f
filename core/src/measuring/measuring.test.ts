import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { parseLength, parseNumber, showLength, showLengths } from './index.ts';

describe('numbers and lengths as people write them', () => {
  test.each([
    ['1.5', 1.5],
    ['1 1/2', 1.5],
    ['1-1/2', 1.5],
    ['½', 0.5],
    ['1½', 1.5],
    ['3/8', 0.375],
    ['1,200', 1200],
    ['.5', 0.5],
    ['1/0', null],
    ['1.2.3', null],
    ['-2', null],
    ['', null],
  ])('%j is %s', (text, value) => {
    expect(parseNumber(text)).toBe(value);
  });

  test.each([
    ['38 mm', 38],
    ['3.8 cm', 38],
    ['1 1/2 in', 38.1],
    ['1-1/2 inches', 38.1],
    ['5 ft 6 in', 1676.4],
    [`5'6"`, 1676.4],
    ['2 m', 2000],
    ['12', null],
    ['12 spans', null],
    ['', null],
  ])('%j is %s mm', (text, mm) => {
    const read = parseLength(text);
    if (mm === null) expect(read).toBeNull();
    else expect(read).toBeCloseTo(mm, 6);
  });

  test('are shown in the unit that fits the largest', () => {
    expect([showLength(38.1, 'customary'), showLength(38.1, 'metric')]).toEqual(['1.5 in', '38.1 mm']);
    expect(showLengths([30_000, 60_000], 'metric')).toBe('30–60 m');
    expect(showLengths([30_000, 60_000], 'customary')).toBe('98–197 ft');
  });

  test('what is shown in whole millimetres is read back as it was', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 99 }), (mm) => {
        expect(parseLength(showLength(mm, 'metric'))).toBeCloseTo(mm, 6);
      }),
    );
  });
});
