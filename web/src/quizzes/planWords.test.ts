import { expect, test } from '@jest/globals';
import { PLAN, PRESETS, PRESET_SETTINGS, minutesOf } from '@hurrow/core/quizzes';
import { PRESET_WORDS, SHARES, SHARE_FIELDS, sizeDoubt } from './planWords.ts';

test('a preset says how many stations it is made for where a quiz has another number', () => {
  expect(sizeDoubt('college', 30)).toBeNull();
  expect(sizeDoubt('college', 12)).toBe('College is made for 30 stations.');
  expect(sizeDoubt('young', 12)).toBe('Young is made for 8 to 10 stations.');
  expect(sizeDoubt(null, 1)).toBeNull();
});

test('every preset has words, and every share it sets can be chosen again', () => {
  expect(Object.keys(PRESET_WORDS).sort()).toEqual([...PRESETS].sort());
  const shares = SHARES.map((s) => s.value);
  for (const p of PRESETS)
    for (const { key } of SHARE_FIELDS) expect(shares).toContain(PRESET_SETTINGS[p].policy[key]);
});

test('College: 30 stations of 90 seconds with 15 to move and 5 minutes free take 58 minutes; a free walk has no time', () => {
  // 30 · 90 s + 29 · 15 s = 3,135 s, which is 52.25 minutes.
  expect(minutesOf(PRESET_SETTINGS.college.plan, 30)).toBe(58);
  expect(minutesOf({ ...PLAN, walk: 'free' }, 30)).toBeNull();
  expect(minutesOf(PLAN, 0)).toBe(0);
});
