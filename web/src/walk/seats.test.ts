import { expect, test } from '@jest/globals';
import type { WalkSeat } from '@hurrow/contract';
import { othersOf } from './seats.ts';

const seat = (part: Partial<WalkSeat>): WalkSeat => ({
  sitting: 's',
  on: '2026-10-01',
  student: '101',
  state: 'open',
  submitted: false,
  ...part,
});

test('the other quizzes of a phone are told by day, number and how they stand; the one at hand is left out', () => {
  const seats = [
    seat({ sitting: 'now' }),
    seat({ sitting: 'back', on: '2026-09-17', state: 'returned', submitted: true }),
    seat({ sitting: 'in', on: '2026-09-24', submitted: true }),
    seat({ sitting: 'shut', on: '2026-09-03', student: '7', state: 'closed' }),
  ];
  expect(othersOf(seats, 'now')).toEqual([
    { sitting: 'back', words: 'Thu, Sep 17, number 101: results are here' },
    { sitting: 'in', words: 'Thu, Sep 24, number 101: handed in' },
    { sitting: 'shut', words: 'Thu, Sep 3, number 7: closed' },
  ]);
  expect(othersOf([seat({ sitting: 'now' })], 'now')).toEqual([]);
});
