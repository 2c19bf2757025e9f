import { describe, expect, test } from '@jest/globals';
import { MADE_LESSONS, simulateLessons } from './simulateLessons.ts';

/** Other classes than those of the report. */
const LESSONS = Number(process.env['HURROW_LESSONS'] ?? 200);
const SEEDS = Array.from({ length: LESSONS }, (_, i) => 70_000 + i);
const helped = (name: string, seeds = SEEDS): number => {
  const made = MADE_LESSONS.find((m) => m.name === name);
  if (!made) throw new Error(`No lesson ${name}`);
  const { lessons, verdicts } = simulateLessons(made, seeds);
  expect(lessons).toBeGreaterThan(0.6 * seeds.length);
  expect(verdicts['too few']).toBe(0);
  return verdicts.helped / lessons;
};

describe('what lessons of made-up classes are said to have done', () => {
  // The other rows of the report are made by `npm run simulate`.
  test(`without an effect: helped in at most 5% of ${LESSONS}`, () => {
    expect(helped('no effect')).toBeLessThanOrEqual(0.05);
  });

  test(`from 0.33 to 0.08: helped in at least half of ${LESSONS}`, () => {
    expect(helped('from 0.33 to 0.08, one quiz after')).toBeGreaterThanOrEqual(0.5);
  });

  test('flagged by the only quiz before the lesson, it is never said to have helped', () => {
    expect(helped('from 0.33 to 0.08, flagged by the only quiz before', SEEDS.slice(0, 40))).toBe(0);
  });
});
