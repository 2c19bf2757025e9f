import { describe, expect, test } from '@jest/globals';
import type { WalkStation } from '@hurrow/contract';
import { SITTING } from './engine/testing.ts';
import { stationsText, waitingLines } from './waitingLines.ts';

const station = (number: number): WalkStation => ({
  ...(SITTING.stations[0] as WalkStation),
  number,
  asks: [
    { id: `name${number}`, kind: 'common', points: 2 },
    { id: `sure${number}`, kind: 'sureness', points: 0 },
  ],
});
const sitting = { stations: [station(1), station(2), station(3)] };
const late = { why: 'It came late.', remedy: '', kept: true };

describe('answers that do not count as they are', () => {
  test('are put together by reason, each station once', () => {
    const refused = new Map([
      ['name3', late],
      ['name1', late],
      ['sure1', late],
      ['name2', { why: 'Not offered.', remedy: '', kept: false }],
    ]);
    expect(waitingLines(sitting, refused)).toEqual([
      { why: 'It came late.', stations: [1, 3], kept: true },
      { why: 'Not offered.', stations: [2], kept: false },
    ]);
  });

  test('none are none', () => {
    expect(waitingLines(sitting, new Map())).toEqual([]);
  });

  test.each([
    [[3], 'Station 3'],
    [[3, 5], 'Stations 3 and 5'],
    [[1, 3, 5], 'Stations 1, 3 and 5'],
  ])('%j', (stations, text) => {
    expect(stationsText(stations)).toBe(text);
  });
});
