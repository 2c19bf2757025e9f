import { describe, expect, test } from '@jest/globals';
import type { Station, TaxonHeader } from '@hurrow/contract';
import { CHARACTERS, vocabularyOf } from '@hurrow/core/characters';
import type { Value } from '@hurrow/core/characters';
import { EVERYTHING_AT_THE_TREE } from '@hurrow/core/conditions';
import type { LibraryData } from '@hurrow/core/tells';
import { stationJudge } from './fairness.ts';
import type { CheckAt } from './fairness.ts';

const vocabulary = vocabularyOf(CHARACTERS);
const state = (of: string): Value => ({ kind: 'states', states: [{ state: of, freq: 'usual' }] });
const header = (id: string): TaxonHeader =>
  ({
    id,
    scientific: `Abies ${id}`,
    common: id,
    rank: 'species',
    parents: [],
    families: [],
  }) as unknown as TaxonHeader;

const ALIKE = [
  ['leaf.kind', 'needle'],
  ['leaf.persistence', 'evergreen'],
  ['bark.texture', 'smooth'],
  ['needle.attachment', 'disk'],
  ['fruit.type', 'cone'],
  ['bark.smell', 'none'],
  ['twig.texture', 'smooth'],
] as const;
const data = {
  taxa: ['grandis', 'lasiocarpa', 'unknown'].map((id) => ({ id, parents: [] })),
  // As much alike as a species needs before it is compared, and one difference.
  statements: ['grandis', 'lasiocarpa'].flatMap((taxon) =>
    [...ALIKE, ['twig.arrangement', taxon === 'grandis' ? 'opposite' : 'alternate'] as const].map(
      ([character, of]) => ({ taxon, character, source: 's', value: state(of) }),
    ),
  ),
  windows: [],
  sources: [{ id: 's', rank: 1 }],
  policy: 'widest',
} as unknown as LibraryData;
const library = { data, sightings: [], members: ['grandis', 'lasiocarpa'].map(header) };
const judge = () => stationJudge({ library, compared: ['grandis', 'lasiocarpa'] }, vocabulary);

const station = {
  id: 'first',
  number: 1,
  tree: {
    id: 'tree',
    tag: '101',
    taxon: { id: 'grandis', scientific: 'Abies grandis', common: 'grand fir' },
    site: { id: 'site', name: 'Larkspur Draw', lat: 46.9, lon: -116.2, elevM: 800 },
    certified: {},
    cautions: [],
    reach: {},
    stage: null,
  },
  asks: [{ id: 'a', kind: 'common', character: null, points: 1 }],
  accepts: [],
  notTellable: false,
} as unknown as Station;
const at = (more: Partial<CheckAt['setting']> = {}): CheckAt => ({
  station,
  setting: { ...EVERYTHING_AT_THE_TREE, date: '2026-10-01', ...more },
});

describe('the judge of stations', () => {
  test('does not judge a station again that is met as before, and judges it where anything differs', () => {
    const { check } = judge();
    const first = check(at());
    expect(first.pairs.map((p) => p.rival)).toEqual(['lasiocarpa']);
    expect(check(at())).toBe(first);
    // Nothing is left to see of either, so that the two are told apart less often.
    const bare = check(at({ material: [] }));
    expect(bare.pairs[0]?.right ?? 0).toBeLessThan(first.pairs[0]?.right ?? 0);
    expect(check(at())).toBe(first);
    expect(judge().check(at())).toEqual(first);
  });

  test('says the same as a judge that remembers nothing, station by station', () => {
    const kept = judge();
    for (const more of [{}, { distance: 'far' as const }, { material: ['bark' as const] }, {}])
      expect(kept.check(at(more))).toEqual(judge().check(at(more)));
  });

  test('draws the species asked for, once each, and none of which nothing to draw is recorded', () => {
    const { drawings } = judge();
    const drawn = drawings(['grandis', 'unknown', 'grandis']);
    expect([...drawn.keys()]).toEqual(['grandis']);
    expect(drawn.get('grandis')?.lines.length).toBeGreaterThan(0);
    expect(drawings(['grandis']).get('grandis')).toBe(drawn.get('grandis'));
    expect(drawings([]).size).toBe(0);
  });
});
