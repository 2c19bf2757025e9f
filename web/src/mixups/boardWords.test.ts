import { describe, expect, test } from '@jest/globals';
import type { Character } from '@hurrow/core/characters';
import type { MixUpRow, TaxonHeader } from '@hurrow/contract';
import {
  againWords,
  causeWords,
  effectWords,
  directionWords,
  freshWords,
  plainWords,
  quizzesWords,
  pooledWords,
  slipWords,
  stateWords,
  toActOn,
  unlistedWords,
  whereWords,
} from './boardWords.ts';
import { matrixOf } from './matrix.ts';
import { choiceOf, queryOf, withChoice } from './scope.ts';

const taxon = (id: string, common: string): TaxonHeader =>
  ({ id, scientific: id, common, rank: 'species' }) as TaxonHeader;
const GRAND = taxon('grandis', 'grand fir');
const SUBALPINE = taxon('lasiocarpa', 'subalpine fir');
const row = (part: Partial<MixUpRow> = {}): MixUpRow => ({
  truth: GRAND,
  answer: SUBALPINE,
  k: 9,
  n: 24,
  named: 22,
  low: 0.2,
  high: 0.6,
  guesses: 1,
  students: 7,
  withCalls: 4,
  misread: 3,
  state: 'repeat',
  since: '2026-09-29',
  looked: 24,
  slips: { expected: 0.6, times: 5, p: 0.0001, q: 0.002, flagged: true, classes: null },
  again: { k: 1, n: 6 },
  at: { k: 7, n: 24, quiz: 'First walk', on: '2026-09-22', station: 5 },
  next: null,
  character: 'needle.bands',
  characterFrom: 'called',
  tagDoubt: null,
  retest: false,
  ...part,
});
const day = (on: string): string => `day ${on.slice(8)}`;

describe('a mix-up in words', () => {
  test('is said plainly first, then where it showed most', () => {
    expect(plainWords(row())).toBe('7 of 24 students wrote subalpine fir; the tree was grand fir.');
    expect(whereWords(row(), day)).toBe('Most at station 5 of First walk, day 22: 7 of 24.');
    expect(whereWords(row({ at: null }), day)).toBe('');
  });

  test('says how it stands and since when', () => {
    expect(stateWords(row(), day)).toBe('came back since day 29.');
    expect(stateWords(row({ state: 'stubborn', since: null }), day)).toBe('still there after reteaching.');
    expect(stateWords(row({ state: null }), day)).toBe('');
  });

  test('names the character behind it, and keeps its line while the vocabulary is read', () => {
    const bands = { id: 'needle.bands', term: 'stomatal bands', plain: 'white lines' } as Character;
    const vocabulary = new Map([[bands.id, bands]]);
    const said = (part: Partial<MixUpRow>, known: ReadonlyMap<string, Character> | undefined = vocabulary) =>
      causeWords(row(part), known, 'plain');
    expect(said({})).toBe('Most likely white lines, seen wrong.');
    expect(said({ characterFrom: 'fitted' })).toBe('Most likely white lines, missed.');
    expect(causeWords(row(), vocabulary, 'technical')).toBe('Most likely stomatal bands, seen wrong.');
    expect(said({ character: null, characterFrom: null })).toBe('');
    expect(said({ character: 'bark.smell' })).toBe('');
    expect(causeWords(row(), undefined, 'plain').trim()).toBe('');
    expect(causeWords(row(), undefined, 'plain')).not.toBe('');
    expect(causeWords(row({ character: null }), undefined, 'plain')).toBe('');
  });

  test('says what slips would give, and nothing where a class is too small', () => {
    const slips = (times: number, flagged = true) =>
      slipWords(row({ slips: { expected: 1, times, p: 0, q: 0, flagged, classes: null } }));
    expect([slips(5), slips(1.6), slips(12), slips(3, false), slipWords(row({ slips: null }))]).toEqual([
      'About 5 times more than slips would give.',
      'About 2 times more than slips would give.',
      'More than 10 times more than slips would give.',
      'No more than slips would give.',
      '',
    ]);
  });

  test('says in how many of several classes', () => {
    const of = (classes: number) =>
      slipWords(row({ slips: { expected: 1, times: 4, p: 0, q: 0, flagged: classes > 0, classes } }));
    expect([of(1), of(3), of(0)]).toEqual([
      'More than slips in 1 class.',
      'More than slips in 3 classes.',
      'No more than slips would give.',
    ]);
  });

  test('says which way, or that nobody can know', () => {
    const more = (m: number) => directionWords(row(), { share: 0.5, low: 0, high: 1, more: m });
    expect(more(0.98)).toBe('grand fir is taken for subalpine fir more often than the other way round.');
    expect(more(0.02)).toBe('subalpine fir is taken for grand fir more often than the other way round.');
    expect(more(0.6)).toBe('Neither is clearly taken for the other more often.');
    expect(directionWords(row(), null)).toContain('was never asked');
  });

  test('keeps repeats, and new trees and trees met before, apart', () => {
    expect(againWords(row())).toBe('1 of 6 chances mixed up again after results were returned.');
    expect(againWords(row({ again: { k: 0, n: 0 } }))).toBe('No chance to mix it up again yet.');
    expect(freshWords({ fresh: { k: 4, n: 12 }, met: { k: 5, n: 12 } })).toContain(
      'not met before 4 of 12; on trees met before 5 of 12',
    );
    expect(freshWords({ fresh: { k: 4, n: 12 }, met: { k: 0, n: 0 } })).toBe('');
  });

  test('says how many pairs are not listed', () => {
    expect(unlistedWords(8097)).toContain('8097 more pairs');
  });

  test('names the newest quizzes and counts the rest', () => {
    const held = (n: number) =>
      Array.from({ length: n }, (_, i) => ({ id: `${i}`, quiz: `Quiz ${i}`, on: '2026-09-22' }));
    expect(quizzesWords(held(1), day)).toBe('1 quiz: Quiz 0, day 22.');
    expect(quizzesWords(held(9), day)).toContain('9 quizzes: Quiz 0, day 22; ');
    expect(quizzesWords(held(9), day)).toContain('; and 3 before.');
  });

  test.each([
    ['helped', 'The lesson helped.'],
    ['fell', 'Some fall is expected'],
    ['no sign', 'no sign that the lesson helped'],
    ['too few', 'too few answers on new trees'],
  ] as const)('says what followed a lesson: %s', (verdict, words) => {
    const said = effectWords(
      { on: '2026-09-26', verdict, before: { k: 9, n: 24 }, after: { k: 1, n: 22 } },
      day,
    );
    expect(said).toContain(
      'Before the lesson of day 26, 9 of 24 students at new trees; after it, 1 of 22 students at new trees.',
    );
    expect(said).toContain(words);
  });

  test('says in words that nobody was at a new tree, before a lesson or at all', () => {
    const of = (before: number, after: number) =>
      effectWords(
        { on: '2026-09-26', verdict: 'too few', before: { k: 0, n: before }, after: { k: 0, n: after } },
        day,
      );
    expect(of(0, 5)).toContain(
      'Before the lesson of day 26, nobody was at a new tree; after it, 0 of 5 students at new trees.',
    );
    expect(of(0, 0)).toBe(
      'Nobody met a new tree before or after the lesson of day 26, so it cannot be said what it did.',
    );
  });

  test('says that answer forms are counted together unless one is chosen', () => {
    const forms = [
      { form: 'typed', looks: 30 },
      { form: 'choice', looks: 4 },
    ];
    expect(pooledWords({ forms }, null)).toContain('30 typed names and 4 which of two are counted together');
    expect([pooledWords({ forms }, 'typed'), pooledWords({ forms: forms.slice(1) }, null)]).toEqual([
      null,
      null,
    ]);
  });
});

test('what to act on came back, is more than slips, or is three students’', () => {
  const none = { state: null, slips: null } as const;
  const all = [
    row({ ...none, students: 2 }),
    row({ ...none, students: 3 }),
    row({ ...none, state: 'repeat', students: 1 }),
    row({ ...none, state: 'fading', students: 1 }),
  ];
  expect(toActOn(all).map((r) => all.indexOf(r))).toEqual([1, 2]);
});

describe('the matrix', () => {
  const data = {
    order: ['grandis', 'lasiocarpa', 'flexilis'],
    clusters: [['grandis', 'lasiocarpa']],
    pairs: [row(), row({ truth: SUBALPINE, answer: taxon('flexilis', 'limber pine') })],
  };
  test('has truth down and what was written across, and frames a cluster', () => {
    const { cells, frames } = matrixOf(data, null);
    expect(cells.map((c) => [c.y, c.x])).toEqual([
      [0, 1],
      [1, 2],
    ]);
    expect(frames).toEqual([{ from: 0, to: 1 }]);
  });

  test('of one cluster has its species and pairs alone', () => {
    const zoomed = matrixOf(data, 0);
    expect([zoomed.species, zoomed.cells.length, zoomed.frames]).toEqual([['grandis', 'lasiocarpa'], 1, []]);
    expect(matrixOf(data, 7).species).toEqual(data.order);
  });
});

describe('the choice in the address', () => {
  test('is the class at hand where the address names none, and only classes that are there', () => {
    const none = choiceOf(new URLSearchParams(''), ['a', 'b'], 'b');
    expect(none).toEqual({ sections: ['b'], from: null, to: null, material: null, form: null });
    expect(choiceOf(new URLSearchParams('section=a,x,b&from=2026-09-01'), ['a', 'b'], 'b')).toMatchObject({
      sections: ['a', 'b'],
      from: '2026-09-01',
    });
    expect(choiceOf(new URLSearchParams('section=x'), [], null).sections).toEqual([]);
  });

  test('comes back from the address it was written to, and leaves what else is there', () => {
    const choice = { sections: ['a', 'b'], from: '2026-09-01', to: null, material: 'cut', form: null };
    const search = withChoice(new URLSearchParams('pair=x.y&to=2026-01-01'), choice);
    expect(choiceOf(search, ['a', 'b'], null)).toEqual(choice);
    expect([search.get('pair'), search.get('to')]).toEqual(['x.y', null]);
    expect(queryOf(choice)).toEqual({ with: 'b', from: '2026-09-01', material: 'cut' });
  });
});
