import { expect, test } from '@jest/globals';
import type { TreeRow } from '@hurrow/contract';
import { CHARACTERS, vocabularyOf } from '@hurrow/core/characters';
import { EVERYTHING_AT_THE_TREE } from '@hurrow/core/conditions';
import type { Described } from '@hurrow/core/tells';
import { pairOf } from './pairOf.ts';
import type { GroundOf } from './useAskGround.ts';

const [own, other] = ['grandis', 'lasiocarpa'];
const ids = [own, other];
const named = (id: string) => ({ id, scientific: `Abies ${id}`, common: null });
const shown = (state: string): Described['values'] =>
  new Map([['twig.arrangement', { value: { kind: 'states', states: [{ state, freq: 'usual' }] } }]]);
const DESCRIBED = new Map<string, Described>([
  [own, { id: own, subject: { windows: [] }, values: shown('opposite') }],
  [other, { id: other, subject: { windows: [] }, values: shown('alternate') }],
]);
const tree = { taxon: named(own) } as TreeRow;
const groundWith =
  (closest: readonly string[]): GroundOf =>
  () => ({
    own: named(own),
    list: ids.map(named),
    described: DESCRIBED,
    vocabulary: vocabularyOf(CHARACTERS),
    conditions: { ...EVERYTHING_AT_THE_TREE, date: '2026-10-06' },
    closest,
    rules: [],
    elevM: 900,
    wording: { words: 'plain', units: 'customary' },
  });
const NAME = [{ kind: 'common', character: null, points: 1 }];

test('a tree with a look-alike is asked as one of two, the same for the same seed', () => {
  const [ask, ...more] = pairOf(groundWith([other]), tree, 3);
  expect(more).toEqual([]);
  expect(ask).toMatchObject({ kind: 'choice', points: 1 });
  expect(ask?.params?.options).toHaveLength(2);
  expect(pairOf(groundWith([other]), tree, 3)).toEqual([ask]);
});

test('its common name is asked where there is no look-alike, or nothing to make a question from', () => {
  expect(pairOf(groundWith([]), tree, 3)).toEqual(NAME);
  expect(pairOf(null, tree, 3)).toEqual(NAME);
  expect(pairOf(groundWith([other]), undefined, 3)).toEqual(NAME);
});
