import { expect, test } from '@jest/globals';
import { CHARACTERS, readCell, vocabularyOf } from '@hurrow/core/characters';
import { EVERYTHING_AT_THE_TREE } from '@hurrow/core/conditions';
import type { StationMet } from '@hurrow/core/fairness';
import type { Described } from '@hurrow/core/tells';
import { judgeStations, judgedBriefly } from './judgeStations.ts';

const vocabulary = vocabularyOf(CHARACTERS);
const species = (id: string, cells: Readonly<Record<string, string>>): Described => ({
  id,
  subject: { windows: [], persistence: 'evergreen' },
  values: new Map(
    Object.entries(cells).map(([c, cell]) => {
      const character = vocabulary.get(c);
      const read = character ? readCell(character, cell) : null;
      if (!read?.ok || !read.value) throw new Error(`${c}: ${cell}`);
      return [c, { value: read.value }];
    }),
  ),
});
const SAME = { 'bark.lenticel_shape': 'dots', 'twig.pith': 'solid', 'leaf.complexity': 'simple' };
const list = Array.from({ length: 30 }, (_, i) =>
  species(`s${i}`, { ...SAME, 'twig.arrangement': i % 2 === 0 ? 'opposite' : 'alternate' }),
);
const stations = list.slice(0, 20).map((tree): StationMet => ({
  id: `at ${tree.id}`,
  tree,
  taxon: tree.id,
  conditions: { ...EVERYTHING_AT_THE_TREE, date: '2026-07-01' },
  certified: new Set(),
  asked: { rank: 'species', characters: [], accepts: [], notTellable: false },
}));
const request = {
  competitors: list.map((d) => ({ taxon: d.id, genus: d.id, family: null })),
  described: list,
  vocabulary,
};

test('many stations are judged in a thread as they are here, and few at once', async () => {
  const many = await judgeStations({ ...request, stations });
  expect(many).toEqual(judgedBriefly({ ...request, stations }));
  expect(many.size).toBe(20);
  expect(many.get('at s0')).toMatchObject({ verdict: 'unfair', right: 0.5 });
  const [first] = stations;
  if (!first) throw new Error('No station');
  const few = await judgeStations({ ...request, stations: [first] });
  expect(few.get('at s0')).toEqual(many.get('at s0'));
});
