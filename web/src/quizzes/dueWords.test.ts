import { describe, expect, test } from '@jest/globals';
import type { DecisionDue, TaxonHeader } from '@hurrow/contract';
import { dueWords, equallyNear, nameOf, sameRight, stakeWords } from './dueWords.ts';
import { whoWords } from './hideNames.ts';

const taxon = (id: string, common: string | null = null): TaxonHeader => ({
  id,
  rank: 'species',
  scientific: `Larix ${id}`,
  common,
  authority: null,
});
const due = (part: Partial<DecisionDue> = {}): DecisionDue => ({
  text: 'tamarack',
  folded: 'tamarack',
  kind: 'common',
  answers: 17,
  students: 17,
  stations: [{ number: 5, truth: taxon('occidentalis', 'western larch'), students: 17 }],
  atStake: 34,
  outcome: 'unlisted',
  why: 'no name known',
  candidates: [],
  ...part,
});

describe('a decision that is due', () => {
  test('is one line: who wrote what where', () => {
    expect(dueWords(due())).toBe('17 students wrote “tamarack” at station 5');
    const at = (number: number) => ({ number, truth: taxon('laricina'), students: 1 });
    expect(dueWords(due({ students: 1, stations: [at(2), at(4), at(9)] }))).toBe(
      '1 student wrote “tamarack” at stations 2, 4 and 9',
    );
  });

  test('names both where a text is equally near two names', () => {
    const [west, sub] = [taxon('occidentalis', 'western larch'), taxon('lyallii')];
    const near = (edits: readonly number[]): string | null =>
      equallyNear({ candidates: [west, sub].map((t, i) => ({ taxon: t, edits: edits[i] ?? 0 })) });
    expect(near([2, 2])).toBe('It is as near to western larch as to Larix lyallii.');
    expect(near([1, 2])).toBeNull();
    expect(equallyNear({ candidates: [] })).toBeNull();
  });

  test('knows whether the species stands where it was written', () => {
    expect([sameRight(due(), 'occidentalis'), sameRight(due(), 'lyallii')]).toEqual([true, false]);
    expect([stakeWords(0), stakeWords(1), stakeWords(2.5)]).toEqual([
      'no points at stake',
      '1 point at stake',
      '2.5 points at stake',
    ]);
    expect(nameOf(taxon('lyallii', 'alpine larch'))).toBe('Larix lyallii, alpine larch');
  });

  test('says nothing of a student while names are hidden', () => {
    expect(whoWords({ code: '104', firstName: 'Nola' }, false)).toBe('104 Nola');
    expect(whoWords({ code: '104', firstName: null }, false)).toBe('104');
    expect(whoWords({ code: '104', firstName: 'Nola' }, true)).toBe('hidden');
  });
});
