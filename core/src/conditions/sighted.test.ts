import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { bySight, daysForward, within } from './index.ts';

const window = { kind: 'leaf_fall', start: 280, end: 310 } as const;
const seen = (day: number, present: boolean) => bySight(window, [{ day, present }]);

describe('what was seen overrides what was shifted', () => {
  test('something standing outside stretches the nearer bound to that day', () => {
    expect(seen(270, true)).toEqual({ kind: 'leaf_fall', start: 270, end: 310, seen: 'start' });
    expect(seen(320, true)).toEqual({ kind: 'leaf_fall', start: 280, end: 320, seen: 'end' });
  });

  test('something missing inside draws the nearer bound back past that day', () => {
    expect(seen(284, false)).toEqual({ kind: 'leaf_fall', start: 285, end: 310, seen: 'start' });
    expect(seen(305, false)).toEqual({ kind: 'leaf_fall', start: 280, end: 304, seen: 'end' });
  });

  test('what agrees changes nothing', () => {
    expect(seen(290, true).seen).toBe('none');
    expect(seen(200, false).seen).toBe('none');
  });

  test('the latest sighting is always obeyed, over new year too', () => {
    const day = fc.integer({ min: 1, max: 365 });
    fc.assert(
      fc.property(
        day,
        day,
        fc.array(fc.record({ day, present: fc.boolean() }), { minLength: 1, maxLength: 4 }),
        (start, end, all) => {
          const last = all.at(-1);
          const moved = bySight({ kind: 'hanging', start, end }, all);
          // A window of one day cannot be emptied: nothing would be left to say where it was.
          if (!last || (!last.present && daysForward(moved.start, moved.end) === 0)) return;
          expect(within(moved, last.day)).toBe(last.present);
        },
      ),
    );
  });
});
