import { expect, test } from '@jest/globals';
import type { Device, Hold } from '@hurrow/contract';
import { devicesToShow } from './devices.ts';
import { byReason, giveAwayWords, heldWords, releasedWords, stationWords, untilWords } from './holdWords.ts';

const hold = (number: number, more: Partial<Hold> = {}): Hold => ({
  station: `st-${number}`,
  number,
  until: '2026-10-06',
  released: null,
  because: {
    sitting: 's',
    quiz: 'Leaf quiz',
    section: 'Thursday lab',
    on: '2026-10-06',
    reason: 'same_quiz',
  },
  ...more,
});

test('station numbers read as people write them', () => {
  expect([[], [4], [2, 1], [3, 1, 2, 4], [1, 3, 4], [1, 3]].map((n) => stationWords(n))).toEqual([
    'no station',
    'station 4',
    'stations 1 and 2',
    'stations 1 to 4',
    'stations 1, 3 and 4',
    'stations 1 and 3',
  ]);
});

test('a hold says until when and what it keeps secret', () => {
  expect(untilWords(hold(1))).toBe('until Tue, Oct 6');
  expect(untilWords(hold(1, { until: null }))).toBe('until that sitting is closed');
  expect(giveAwayWords(hold(1))).toBe(
    'Thursday lab (Leaf quiz, Tue, Oct 6) still has this quiz ahead and would learn the answer.',
  );
  expect(giveAwayWords(hold(1, { because: { ...hold(1).because, reason: 'same_tree' } }))).toContain(
    'uses this tree',
  );
});

test('holds stand together by what holds them, without those released', () => {
  const other = { ...hold(3), because: { ...hold(3).because, sitting: 't', reason: 'same_tree' as const } };
  expect(
    byReason([
      hold(1),
      hold(2),
      other,
      hold(4, { released: { by: 'Ilse Varn', at: '2026-10-01T18:00:00.000Z' } }),
    ]).map((g) => g.numbers),
  ).toEqual([[1, 2], [3]]);
});

test('staff see the phones that ask, then students with more than one', () => {
  const device = (id: string, student: string, state: Device['state']): Device => ({
    id,
    student,
    code: student,
    firstName: null,
    state,
    askedAt: '2026-10-01T18:00:00.000Z',
    decidedBy: null,
    lastAnswerAt: null,
    answers: 0,
  });
  const { shown, joined } = devicesToShow({
    devices: [
      device('a', '1', 'in'),
      device('b', '2', 'in'),
      device('c', '2', 'in'),
      device('d', '3', 'ended'),
      device('e', '1', 'asked'),
    ],
  });
  expect(joined).toBe(3);
  expect(shown.map((s) => [s.device.id, s.others])).toEqual([
    ['e', 1],
    ['b', 1],
    ['c', 1],
  ]);
});

test('how many are held reads as a sentence', () => {
  expect([heldWords(1, 1), heldWords(6, 6), heldWords(1, 6), heldWords(2, 6)]).toEqual([
    'The only station is held back.',
    'All 6 stations are held back.',
    '1 of 6 stations is held back.',
    '2 of 6 stations are held back.',
  ]);
});

test('stations returned early are named with who returned them', () => {
  const released = { by: 'Odile Marsh', at: '2026-10-01T18:00:00.000Z' };
  expect(releasedWords([hold(1)])).toBeNull();
  expect(releasedWords([hold(1, { released }), hold(2), hold(3, { released })])).toBe(
    'Odile Marsh returned stations 1 and 3 before another class was done.',
  );
});
