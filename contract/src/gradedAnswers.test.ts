import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { gradedAnswers, sentGrades } from './gradedAnswers.ts';
import type { GradedAnswer } from './gradedAnswers.ts';

const fir = {
  id: 'a',
  rank: 'species',
  scientific: 'Abies grandis',
  authority: null,
  common: 'grand fir',
} as const;
const renamed = { ...fir, common: 'giant fir' };
const pine = {
  id: 'b',
  rank: 'species',
  scientific: 'Pinus flexilis',
  authority: 'E. James',
  common: null,
} as const;
const answer = (
  response: string,
  truth: GradedAnswer['truth'],
  taxon: GradedAnswer['taxon'],
): GradedAnswer => ({
  response,
  student: 's',
  code: '11',
  firstName: null,
  station: 1,
  truth,
  kind: 'common',
  character: null,
  typed: 'fir',
  origin: 'phone',
  outcome: 'exact',
  points: 2,
  most: 2,
  taxon,
  why: 'As written.',
  late: false,
  override: null,
  ruled: false,
});

test('a species is sent once, and twice where it was renamed after the key was locked', () => {
  const sent = sentGrades([answer('1', fir, renamed), answer('2', fir, pine), answer('3', pine, null)]);
  expect(sent.species).toEqual([fir, renamed, pine]);
  expect(sent.rows.map((r) => [r.response, r.truth, r.taxon])).toEqual([
    ['1', 0, 1],
    ['2', 0, 2],
    ['3', 2, null],
  ]);
});

test('answers come back as they were, whatever they name', () => {
  const species = fc.constantFrom(fir, renamed, pine);
  const answers = fc.array(
    fc.tuple(fc.uuid(), species, fc.option(species)).map(([id, truth, taxon]) => answer(id, truth, taxon)),
  );
  fc.assert(fc.property(answers, (all) => expect(gradedAnswers(sentGrades(all))).toEqual(all)));
});

test('a place beyond the species sent is a fault', () => {
  const sent = sentGrades([answer('1', fir, pine)]);
  expect(() => gradedAnswers({ ...sent, species: [fir] })).toThrow('No species 1 of 1');
});
