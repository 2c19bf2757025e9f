import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readTyped } from './reading.ts';

const parts = (typed: string): readonly string[] =>
  readTyped(typed).parts.map((p) => p.words.map((w) => w.text).join(' '));

describe('a typed text taken apart', () => {
  test.each([
    ['grand fir', ['grand fir']],
    ['Abies grandis (grand fir)', ['abies grandis', 'grand fir']],
    ['grand fir, Abies grandis', ['grand fir', 'abies grandis']],
    ['Abies grandis / lasiocarpa', ['abies grandis', 'lasiocarpa']],
    ['Abies grandis or Abies lasiocarpa', ['abies grandis', 'abies lasiocarpa']],
    ['Platanus x, acerifolia', ['platanus acerifolia']],
    ['Platanus ×acerifolia', ['platanus acerifolia']],
    ['Abies grandis x lasiocarpa', ['abies grandis', 'lasiocarpa']],
    ['Salix cf. scouleriana', ['salix scouleriana']],
    ['Greene’s mountain-ash', ['greenes mountain ash']],
    ['SÁMBUCUS\u0000cerulea', ['sambucus', 'cerulea'].join(' ')],
    ['', []],
  ])('%j', (typed, expected) => {
    expect(parts(typed)).toEqual(typeof expected === 'string' ? [expected] : expected);
  });

  test.each<[string, Partial<ReturnType<typeof readTyped>>]>([
    ['grand fir or white fir', { hedged: true, negated: false, crossed: false }],
    ['grand fir / white fir', { hedged: true }],
    ['grand fir & white fir', { hedged: true }],
    ['not grand fir', { negated: true }],
    ['grand fir?', { unsure: true, hedged: false }],
    ['maybe grand fir', { unsure: true }],
    ['Abies grandis x lasiocarpa', { crossed: true }],
    ['Larix × marschlinsii', { crossed: false }],
    ['or', { hedged: false }],
  ])('what is said around the names of “%s”', (typed, expected) => {
    expect(readTyped(typed)).toMatchObject(expected);
  });

  test('keeps how a word was written: dots, capitals', () => {
    const [words] = readTyped('Pseud. MENZ. mirb').parts.map((p) => p.words);
    expect(words?.map((w) => [w.text, w.dotted, w.capital, w.capitals])).toEqual([
      ['pseud', true, true, false],
      ['menz', true, true, true],
      ['mirb', false, false, false],
    ]);
  });

  test('reads anything at all, and no part of it is empty', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 60 }), (typed) => {
        for (const p of readTyped(typed).parts) expect(p.words.length).toBeGreaterThan(0);
      }),
      { numRuns: 500 },
    );
  });
});
