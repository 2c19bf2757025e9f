import { describe, expect, test } from '@jest/globals';
import type { ListLibrary, Station, TaxonHeader } from '@hurrow/contract';
import { CHARACTERS, vocabularyOf } from '@hurrow/core/characters';
import type { Value } from '@hurrow/core/characters';
import { EVERYTHING_AT_THE_TREE } from '@hurrow/core/conditions';
import type { Setting } from '@hurrow/core/stations';
import { checkerOf } from './findings.ts';

const state = (s: string): Value => ({ kind: 'states', states: [{ state: s, freq: 'usual' }] });
const header = (id: string): TaxonHeader => ({
  id,
  rank: 'species',
  scientific: id,
  authority: null,
  common: null,
});
const says = (taxon: string, character: string, value: Value) => ({
  id: `${taxon}${character}`,
  taxon,
  character,
  source: 's',
  value,
});

const library: ListLibrary = {
  sightings: [],
  members: ['grand', 'alpine', 'bare', 'copy'].map(header),
  data: {
    policy: 'widest',
    taxa: ['grand', 'alpine', 'bare', 'copy', 'stranger'].map((id) => ({ id, label: id, parents: [] })),
    windows: [],
    statements: [
      // Enough to be no stranger, and nothing that would tell it from the firs.
      ...(['bark.smell', 'bark.peels_where', 'fruit.hangs', 'flower.smell'] as const).map((c, i) =>
        says('bare', c, state(['none', 'nowhere', 'for-years', 'none'][i] ?? '')),
      ),
      ...['grand', 'alpine', 'copy', 'stranger'].flatMap((t) => [
        says(t, 'leaf.kind', state('needle')),
        says(t, 'leaf.persistence', state('evergreen')),
        says(
          t,
          'needle.bands',
          state(t === 'alpine' ? 'both-sides' : t === 'stranger' ? 'none' : 'below-only'),
        ),
      ]),
    ],
  },
};

const station = (taxon: string, part: Partial<Station['tree']> = {}): Station => ({
  id: `at-${taxon}`,
  number: 1,
  asks: [],
  version: 1,
  tree: {
    id: 'tree',
    tag: 'T',
    site: { id: 'site', name: 'Site', lat: 47.9, lon: -115.9, elevM: 760 },
    trail: null,
    taxon: header(taxon),
    stage: null,
    condition: null,
    planted: false,
    hazards: [],
    access: null,
    cautions: [],
    retired: false,
    reach: { leaf: 'hand', twig: 'hand', form: 'hand', bark: 'hand' },
    certified: {},
    version: 1,
    ...part,
  },
});
const setting: Setting = { ...EVERYTHING_AT_THE_TREE, date: '2026-10-01', material: ['tree', 'leaf'] };
const check = checkerOf(library, vocabularyOf(CHARACTERS));

describe('what is said beside a station', () => {
  test('told, twins and unproven, each by name, and never the tree’s own species', () => {
    const found = check({ station: station('grand'), setting });
    expect(found.told).toBe(1);
    expect(found.twins.map((t) => t.id)).toEqual(['copy']);
    expect(found.unproven.map((u) => u.taxon.id)).toEqual(['bare']);
    expect(found.unproven[0]?.open.map((c) => c.id)).toContain('leaf.kind');
    expect(found.bare).toBe(0);
  });

  test('what the tree is certified to show stands before its species’ profile', () => {
    const found = check({
      station: station('grand', { certified: { 'needle.bands': state('both-sides') } }),
      setting,
    });
    expect(found.twins.map((t) => t.id)).toEqual(['alpine']);
    expect(found.told).toBe(1);
  });

  test('foliage out of reach tells nothing from the standing tree', () => {
    const found = check({
      station: station('grand', { reach: { leaf: 'out', form: 'far' } }),
      setting: { ...setting, material: ['tree'] },
    });
    expect(found.told).toBe(0);
  });

  test('what a caution forbids at the tree tells nothing apart there', () => {
    const feels = (t: string, feel: string) => says(t, 'needle.tip', state(feel));
    const felt: ListLibrary = {
      ...library,
      members: ['grand', 'copy'].map(header),
      data: {
        ...library.data,
        statements: [...library.data.statements, feels('grand', 'blunt'), feels('copy', 'sharp')],
      },
    };
    const touched = checkerOf(felt, vocabularyOf(CHARACTERS));
    const guarded = station('grand', {
      cautions: [{ hazard: 'irritant', forbids: ['touch'], text: 'Do not touch.' }],
    });
    expect(touched({ station: station('grand'), setting }).told).toBe(1);
    expect(touched({ station: guarded, setting }).twins.map((t) => t.id)).toEqual(['copy']);
  });

  test('a species of which almost nothing is recorded is counted, not named', () => {
    const statements = library.data.statements.filter((s) => s.taxon !== 'bare');
    const empty = checkerOf({ ...library, data: { ...library.data, statements } }, vocabularyOf(CHARACTERS));
    const found = empty({ station: station('grand'), setting });
    expect([found.bare, found.unproven]).toEqual([1, []]);
  });

  test('a tree of a species that is not listed is compared with all that are', () => {
    const found = check({ station: station('stranger'), setting });
    expect(found.told + found.twins.length + found.unproven.length + found.bare).toBe(4);
    expect(found.told).toBe(3);
  });
});
