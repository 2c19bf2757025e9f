// Pines, and lists of made-up species, for the tests of comparing.
import fc from 'fast-check';
import { expectedCharacters } from '../tells/index.ts';
import { few, july, taxon, vocabulary } from './fixture.ts';
import { matrixOf, pairTable } from './index.ts';
import type { Described } from '../tells/index.ts';

export const PLAIN = { words: 'plain', units: 'metric' } as const;
export const NEEDLES = { 'leaf.kind': 'needle', 'leaf.persistence': 'evergreen' };
export const three = taxon('three', { ...NEEDLES, 'needle.bundle_count': '3', 'bark.texture': 'plated' });
export const two = taxon('two', { ...NEEDLES, 'needle.bundle_count': '2', 'bark.texture': 'scaly' });
export const white = taxon('white', { ...NEEDLES, 'needle.bundle_count': '5', 'bark.texture': 'smooth' });
export const limber = taxon('limber', { ...NEEDLES, 'needle.bundle_count': '5', 'bark.texture': 'smooth' });
export const pines = [three, two, white, limber];
export const named = (all: readonly Described[], i: number): string => all[i]?.id ?? '';

export const matrixFor = (list: readonly Described[], conditions = july) =>
  matrixOf(list, vocabulary, conditions, expectedCharacters(list));
export const tableFor = (list: readonly Described[], conditions = july) => {
  const table = pairTable(matrixFor(list, conditions));
  if (!table) throw new Error('The table was stopped');
  return table;
};

/** Lists of a few species over five plain characters, some values missing, some varying. */
export const SIMPLE = few('bark.texture', 'bark.colour', 'leaf.shape', 'form.outline', 'needle.length');
const cell = (id: string): fc.Arbitrary<string | null> => {
  const c = SIMPLE.get(id);
  const states = (c?.states ?? []).filter((s) => !c?.states.some((t) => t.parent === s.id)).slice(0, 4);
  if (states.length === 0) {
    return fc.oneof(
      { weight: 1, arbitrary: fc.constant(null) },
      {
        weight: 4,
        arbitrary: fc
          .tuple(fc.integer({ min: 5, max: 60 }), fc.integer({ min: 1, max: 30 }))
          .map(([l, w]) => `${l}-${l + w} mm`),
      },
      { weight: 1, arbitrary: fc.integer({ min: 5, max: 60 }).map((l) => `at least ${l} mm`) },
    );
  }
  const state = fc.constantFrom(...states.map((s) => s.id));
  return fc.oneof(
    { weight: 1, arbitrary: fc.constant(null) },
    { weight: 4, arbitrary: state },
    { weight: 1, arbitrary: fc.tuple(state, state).map(([a, b]) => (a === b ? a : `${a} | ${b} ?`)) },
    { weight: 1, arbitrary: state.map((s) => `not ${s}`) },
    { weight: 1, arbitrary: fc.tuple(state, state).map(([a, b]) => (a === b ? a : `${a} | not ${b}`)) },
  );
};
const species = fc
  .tuple(...[...SIMPLE.keys()].map((id) => cell(id).map((text) => [id, text] as const)))
  .map((cells) => Object.fromEntries(cells.flatMap(([id, text]) => (text === null ? [] : [[id, text]]))));
export const lists = fc
  .array(species, { minLength: 2, maxLength: 7 })
  .map((all) => all.map((cells, i) => taxon(`s${i}`, cells)));
export const simple = (list: readonly Described[]) => matrixOf(list, SIMPLE, july, expectedCharacters(list));
