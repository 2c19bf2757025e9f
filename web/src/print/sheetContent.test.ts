import { describe, expect, test } from '@jest/globals';
import { AUDIENCES, wordingFor } from './audience.ts';
import { MOST_SPARING, measureOf } from './sheetContent.ts';

describe('how much stands on a sheet', () => {
  test.each(AUDIENCES)(
    'for %s it never grows as more is left out, and never comes to nothing',
    (audience) => {
      for (let n = 0; n < MOST_SPARING; n += 1) {
        const [now, next] = [n, n + 1].map((k) => measureOf(audience, { lines: k, alikes: k }));
        if (!now || !next) throw new Error('No measure');
        for (const part of ['lines', 'alikes', 'tells', 'topics'] as const) {
          expect(next[part]).toBeLessThanOrEqual(now[part]);
          expect(next[part]).toBeGreaterThan(0);
        }
      }
    },
  );

  test('one column that is too full leaves the other as it is', () => {
    const whole = measureOf('general', { lines: 0, alikes: 0 });
    expect(measureOf('general', { lines: 3, alikes: 0 })).toMatchObject({
      alikes: whole.alikes,
      tells: whole.tells,
    });
    expect(measureOf('general', { lines: 0, alikes: 3 }).lines).toBe(whole.lines);
  });

  test('technical readers get terms, others plain words, in the units asked for', () => {
    expect(AUDIENCES.map((a) => wordingFor(a, 'metric'))).toEqual([
      { words: 'plain', units: 'metric' },
      { words: 'plain', units: 'metric' },
      { words: 'technical', units: 'metric' },
    ]);
  });
});
