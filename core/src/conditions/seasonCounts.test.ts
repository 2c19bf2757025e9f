import { expect, test } from '@jest/globals';
import type { Subject } from './index.ts';
import { seasonCounts } from './index.ts';

const pine: Subject = { persistence: 'evergreen', windows: [] };
const maple = {
  persistence: 'deciduous',
  windows: [
    { kind: 'leaf_out', start: 121, end: 140, confidence: 'recorded' },
    { kind: 'leaf_fall', start: 274, end: 295, confidence: 'recorded' },
  ],
} as unknown as Subject;

test('weeks of a year count the species that show a season, and none of which nothing is recorded', () => {
  const weeks = seasonCounts([pine, maple], ['leaf-on', 'flower'], '2026');
  expect(weeks).toHaveLength(52);
  expect(weeks[0]).toMatchObject({ on: '2026-01-01', seen: { 'leaf-on': 1, flower: 0 } });
  const july = weeks.find((w) => w.on >= '2026-07-01');
  expect(july?.seen['leaf-on']).toBe(2);
  expect(weeks.every((w) => w.seen['flower'] === 0)).toBe(true);
  expect(seasonCounts([], ['leaf-on'], '2026').every((w) => w.seen['leaf-on'] === 0)).toBe(true);
});
