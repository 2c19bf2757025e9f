import { describe, expect, test } from '@jest/globals';
import type { CharacterRate } from '@hurrow/contract';
import { VOCABULARY_RATES } from '@hurrow/core/tells';
import { CHARACTERS } from '@hurrow/core/characters';
import { ratesOf } from '../app/vocabulary.ts';
import { missedWords, rangeWords, shareWords } from '../parts/shareWords.ts';
import {
  baseWords,
  behindWords,
  changeWords,
  howWords,
  inBundles,
  leftOutWords,
  slopeWords,
  spanWords,
  splitWords,
  unknownWords,
} from './rateWords.ts';
import { READING_CHOICES, countWords, firstReading, readingWords } from './readingWords.ts';
import { countsWords, expectedWords, pooledWords } from './yearWords.ts';

const m = (value: number, low: number, high: number) => ({ m: { value, low, high } });
const TODAY = '2026-10-10';

describe('rates in words', () => {
  test.each([
    [0.37, '4 in 10'],
    [0.1, '1 in 10'],
    [0.095, '1 in 10'],
    [0.09, '9 in 100'],
    [0.031, '3 in 100'],
    [0.004, 'under 1 in 100'],
    [0.97, '10 in 10'],
  ])('%d is %s', (p, words) => {
    expect(shareWords(p)).toBe(words);
  });

  test('an interval is said by its ends, once where they are alike', () => {
    expect(rangeWords(0.2, 0.52)).toBe('2 to 5 in 10');
    expect(rangeWords(0.03, 0.2)).toBe('3 in 100 to 2 in 10');
    expect(rangeWords(0.38, 0.41)).toBe('4 in 10');
    expect(missedWords(m(0.37, 0.2, 0.52))).toBe('about 4 in 10 (2 to 5 in 10)');
  });

  test('what is not known is said, with what would tell it', () => {
    const name = (c: string): string => `the ${c}`;
    const of = (
      verdict: CharacterRate['verdict'],
      bundle: readonly string[] = [],
      ask: readonly string[] = [],
    ) => unknownWords({ verdict, bundle, ask }, name);
    expect(of('estimated')).toBeNull();
    expect(of('undetermined')).toBe('The answers cannot tell yet.');
    expect(of('not enough looks')).toBe('Not enough answers depend on it.');
    expect(of('undetermined', ['bud', 'bark'], ['bark'])).toBe(
      'These cannot be told from one another yet. A question about the bark would tell.',
    );
    expect(of('undetermined', ['bud', 'bark'], ['bud', 'bark'])).toBe(
      'These cannot be told from one another yet. A question about one of them would tell.',
    );
    expect(of('undetermined', ['bud', 'bark'])).toBe('These cannot be told from one another yet.');
  });

  test('characters that cannot be told apart share a row, that of the first', () => {
    const rate = (character: string, bundle: readonly string[] = []) =>
      ({ character, bundle }) as unknown as CharacterRate;
    const all = [rate('a', ['a', 'c']), rate('b'), rate('c', ['a', 'c'])];
    expect(inBundles(all).map((r) => r.character)).toEqual(['a', 'b']);
  });

  test('how it is missed is said where it is known, else what was called', () => {
    const split = { u: 0.3, e: 0.05 };
    expect(howWords({ verdict: 'estimated', split }, { k: 3, n: 18 })).toBe(
      'not used 3 in 10, seen wrong 5 in 100',
    );
    expect(howWords({ verdict: 'undetermined', split }, { k: 3, n: 18 })).toBe('called wrong 3 of 18 times');
    expect(howWords({ verdict: 'undetermined', split: null }, undefined)).toBe('');
  });

  test('a split is said where calls allow, and what a rate rests on', () => {
    expect(splitWords({ split: null })).toBe('');
    expect(splitWords({ split: { u: 0.3, e: 0.05 } })).toBe('not used 3 in 10, seen wrong 5 in 100');
    expect(baseWords({ indirect: 1, direct: 24 })).toBe('1 name, 24 calls');
    expect([behindWords(0.4), behindWords(11.6)]).toEqual(['none', 'about 12']);
  });

  test('a change is told only between ranges that do not meet', () => {
    const before = { value: 0.5, low: 0.4, high: 0.6, from: '2026-09-01', to: '2026-09-20' };
    expect(changeWords({ ...m(0.2, 0.1, 0.3), before }, TODAY)).toBe('fell: 5 in 10 until Sun, Sep 20');
    expect(changeWords({ ...m(0.8, 0.7, 0.9), before }, TODAY)).toBe('rose: 5 in 10 until Sun, Sep 20');
    expect(changeWords({ ...m(0.4, 0.3, 0.5), before }, TODAY)).toMatch(/^no clear change/);
    expect(changeWords({ ...m(0.4, 0.3, 0.5), before: null }, TODAY)).toBeNull();
  });

  test('the quizzes of a fit, and what it leaves out', () => {
    expect(spanWords({ from: '2026-09-01', to: '2026-09-29', sittings: 3 }, TODAY)).toBe(
      '3 quizzes, Tue, Sep 1 to Tue, Sep 29',
    );
    expect(spanWords({ from: '2026-09-01', to: '2026-09-01', sittings: 1 }, TODAY)).toBe(
      '1 quiz, Tue, Sep 1',
    );
    const none = { doubted: 0, not_named: 0, guessing: 0, met_before: 0, not_recorded: 0 };
    expect(leftOutWords(none)).toBe('');
    expect(leftOutWords({ ...none, guessing: 4, met_before: 12 })).toBe(
      'Left out: 4 marked as guesses; 12 at trees met before.',
    );
    const slope = (low: number, high: number) => slopeWords({ value: (low + high) / 2, low, high });
    expect([slope(0.1, 0.2), slope(-0.2, -0.1), slope(-0.1, 0.1), slopeWords(null)]).toEqual([
      'Characters are missed more often the longer ago a species was taught.',
      'Characters are missed less often the longer ago a species was taught.',
      'It makes no clear difference how long ago a species was taught.',
      null,
    ]);
  });

  test('rates that are applied take the place of the vocabulary’s, character by character', () => {
    const [first, second] = CHARACTERS;
    if (!first || !second) throw new Error('No characters.');
    const rates = ratesOf({ fit: 'f', rates: [{ character: first.id, rate: 0.42, weight: 31 }] });
    expect(rates(first)).toEqual({ rate: 0.42, weight: 31, base: 'fit' });
    expect(rates(second)).toEqual(VOCABULARY_RATES(second));
  });
});

describe('readings in words', () => {
  const reading = (kind: 'misread' | 'guess', characters: readonly string[] = []) => ({
    kind,
    characters,
    as: null,
  });

  test('name their characters and what was taken for what', () => {
    expect(
      readingWords({ ...reading('misread', ['arrangement']), as: 'leaf_for_leaflet' }, (c) => `leaf ${c}`),
    ).toBe('saw it wrong: leaf arrangement (a leaflet taken for the leaf)');
    expect(readingWords(reading('guess'), (c) => c)).toBe('a guess');
  });

  test('what an instructor chose is shown before what was worked out', () => {
    const readings = [reading('misread'), reading('guess')];
    expect(firstReading({ readings, corrected: null })).toBe('misread');
    expect(
      firstReading({ readings, corrected: { reading: 'slip', insteadOf: 'misread', by: null, at: TODAY } }),
    ).toBe('slip');
    expect(firstReading({ readings: [], corrected: null })).toBe('single');
    expect(new Set(READING_CHOICES.map((c) => c.label)).size).toBe(READING_CHOICES.length);
  });

  test('are counted in answers and students, with those read by hand', () => {
    expect(countWords({ reading: 'slip', answers: 1, students: 1, corrected: 0 })).toBe(
      '1 answer of 1 student',
    );
    expect(countWords({ reading: 'slip', answers: 9, students: 4, corrected: 2 })).toBe(
      '9 answers of 4 students, 2 read by hand',
    );
  });
});

describe('other classes in words', () => {
  const header = { id: 'a', scientific: 'Abies grandis' } as never;
  const sections = [
    { id: 'x', name: 'Lab A', term: 'fall 2026', students: 24, first: '2026-09-01' },
    { id: 'y', name: 'Lab A', term: 'fall 2025', students: 23, first: '2025-09-01' },
  ];
  const pair = (more: object = {}) => ({
    truth: header,
    answer: header,
    material: 'standing',
    form: 'typed',
    at: [
      { section: 'x', k: 7, n: 24 },
      { section: 'y', k: 6, n: 23 },
    ],
    pooled: {
      rate: 0.29,
      low: 0.15,
      high: 0.45,
      weight: 20,
      weightFrom: 'fixed' as const,
      next: { of: 24, low: 2, high: 13 },
    },
    ...more,
  });

  test('plain counts first, this class before the others', () => {
    expect(countsWords(pair(), sections)).toBe('7 of 24 here; 6 of 23 in Lab A, fall 2025');
    expect(expectedWords(pair())).toBe('2 to 13 of 24');
    expect(pooledWords(pair())).toBe(
      'About 3 in 10 (2 to 5 in 10) over 2 classes; each counts by a fixed allowance for how classes differ, since fewer than five were asked.',
    );
  });
});
