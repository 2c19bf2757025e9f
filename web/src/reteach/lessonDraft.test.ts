import { describe, expect, test } from '@jest/globals';
import type { LessonRow } from '@hurrow/contract';
import { EMPTY_ITEM, bodyOf, draftOf, missingIn, withItem, withMore, withoutItem } from './lessonDraft.ts';

const lesson = {
  id: 'l',
  on: '2026-09-26',
  kind: 'taught',
  items: [{ taxon: { id: 'grand' }, other: null }],
  followed: [],
} as unknown as LessonRow;

describe('a lesson that is typed', () => {
  test('starts empty today, or as the one that is corrected', () => {
    expect(draftOf(null, '2026-10-01')).toEqual({ on: '2026-10-01', kind: 'retaught', items: [EMPTY_ITEM] });
    expect(bodyOf(draftOf(lesson, '2026-10-01'))).toEqual({
      on: '2026-09-26',
      kind: 'taught',
      items: [{ taxon: 'grand', other: null }],
    });
  });

  test('says what is missing, and counts no empty line', () => {
    const empty = draftOf(null, '2026-10-01');
    expect(missingIn(empty)).toBe('Choose what was taught.');
    const half = withItem(empty, 0, { taxon: 'grand' });
    expect(missingIn(half)).toMatch(/^What is taught again is a pair/);
    expect(missingIn({ ...half, kind: 'taught' })).toBeNull();
    const whole = withMore(withItem(half, 0, { other: 'subalpine' }));
    expect(missingIn(whole)).toBeNull();
    expect(bodyOf(whole).items).toEqual([{ taxon: 'grand', other: 'subalpine' }]);
    expect(missingIn({ ...withItem(empty, 0, { other: 'x' }), kind: 'taught' })).toBe(
      'Choose the first species of each line.',
    );
  });

  test('always keeps a line to type in', () => {
    const one = draftOf(lesson, '2026-10-01');
    expect(withoutItem(one, 0).items).toEqual([EMPTY_ITEM]);
    expect(withoutItem(withMore(one), 1)).toEqual(one);
  });
});
