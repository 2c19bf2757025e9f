import { describe, expect, test } from '@jest/globals';
import type { SheetAsk } from '@hurrow/contract';
import type { Given } from './entry.ts';
import { cellOf, linesOf, placeOf, shiftWords, slotOf, totalOf } from './lines.ts';

const ask = (part: Partial<SheetAsk> = {}): SheetAsk => ({
  sittingStation: 's1',
  number: 1,
  ask: 'a1',
  kind: 'common',
  character: null,
  key: 'grand fir',
  typed: null,
  as: null,
  origin: null,
  disputed: false,
  gave: null,
  points: null,
  most: 2,
  ...part,
});
const on = (a: SheetAsk, as: Given['as'], typed: string | null = null): ReadonlyMap<string, Given> =>
  new Map([
    [
      slotOf(a),
      { sittingStation: a.sittingStation, ask: a.ask, typed, correction: false, ...(as ? { as } : {}) },
    ],
  ]);
const none: ReadonlyMap<string, Given> = new Map();

describe('the lines of a sheet', () => {
  test('are its stations in order, each with its questions', () => {
    const asks = [
      ask(),
      ask({ ask: 'a2', kind: 'family' }),
      ask({ sittingStation: 's2', ask: 'a3', typed: 'x' }),
    ];
    const lines = linesOf({ asks }, undefined, none);
    expect(lines.map((l) => [l.id, l.asks.map((a) => [a.answered, a.picks])])).toEqual([
      [
        's1',
        [
          [false, true],
          [false, false],
        ],
      ],
      ['s2', [[true, true]]],
    ]);
  });

  test('what is on its way is answered, what was moved away is free again', () => {
    const a = ask();
    expect(linesOf({ asks: [a] }, undefined, on(a, 'blank'))[0]?.asks[0]?.answered).toBe(true);
    expect(linesOf({ asks: [ask({ typed: 'moved' })] }, undefined, none)[0]?.asks[0]?.answered).toBe(false);
  });

  test('add up to the points entered so far', () => {
    const [right, part, open] = [ask(), ask({ ask: 'a2', typed: 'x', points: 0.5 }), ask({ ask: 'a3' })];
    expect(totalOf({ asks: [right, part, open] }, on(right, 'right'))).toEqual({
      points: 2.5,
      most: 6,
      left: 1,
    });
    expect(totalOf({ asks: [right] }, on(right, 'misspelled'))).toEqual({ points: 0, most: 2, left: 0 });
  });

  test('a cell says what was entered, before the server answers as well', () => {
    const a = ask();
    const name = (id: string): string => `name of ${id}`;
    expect([
      cellOf(a, none, name),
      cellOf(ask({ typed: '' }), none, name),
      cellOf(ask({ typed: 'limber pine (entered by staff)', as: 'species' }), none, name),
      cellOf(a, on(a, 'right'), name),
      cellOf(a, on(a, 'species', 'lasiocarpa'), name),
      cellOf(a, on(a, 'not_reached'), name),
      cellOf(a, on(a, undefined, 'gran fur'), name),
    ]).toEqual([
      '',
      'left blank',
      'limber pine',
      'grand fir',
      'name of lasiocarpa',
      'not reached',
      'gran fur',
    ]);
  });

  test('a refused entry is found again with its text', () => {
    const lines = linesOf({ asks: [ask(), ask({ sittingStation: 's2', ask: 'a2' })] }, undefined, none);
    const given = { sittingStation: 's2', ask: 'a2', typed: 'maybe' };
    expect(placeOf(lines, given)).toMatchObject({ line: 1, ask: 0, text: 'maybe' });
    expect(placeOf(lines, { ...given, as: 'species' })).toMatchObject({ text: '' });
    expect([placeOf(lines, undefined), placeOf(lines, { ...given, ask: 'other' })]).toEqual([null, null]);
  });

  test('lines that look one station off are asked about in one sentence', () => {
    expect(shiftWords({ first: 12, last: 20, by: -1 })).toBe(
      'Lines 12 to 20 look one station off. They fit the key one line up.',
    );
  });
});
