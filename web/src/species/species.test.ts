import { describe, expect, test } from '@jest/globals';
import type { SpeciesProfile, StatementRow } from '@hurrow/contract';
import { CHARACTERS, vocabularyOf } from '@hurrow/core/characters';
import type { Value } from '@hurrow/core/characters';
import { EVERYTHING_AT_THE_TREE, ORGANS } from '@hurrow/core/conditions';
import { readProfile } from './useProfile.ts';

const vocabulary = vocabularyOf(CHARACTERS);
const state = (s: string): Value => ({ kind: 'states', states: [{ state: s, freq: 'usual' }] });
const says = (id: string, taxon: string, character: string, value: Value): StatementRow => ({
  id,
  taxon,
  character,
  source: 'flora',
  value,
  n: null,
  note: null,
  version: 1,
});

const profile: SpeciesProfile = {
  header: {
    id: 'larch',
    rank: 'species',
    scientific: 'Larix occidentalis',
    authority: null,
    common: 'western larch',
  },
  version: 1,
  status: 'draft',
  checkedBy: null,
  checkedOn: null,
  parents: ['family'],
  names: [],
  shared: [],
  above: [],
  congeners: [],
  prose: [],
  cautions: [],
  roots: [],
  pairs: [],
  photos: [],
  record: null,
  settled: [],
  seasons: [],
  policies: [],
  lists: [],
  range: [],
  sources: [],
  policy: 'widest',
  taxa: [
    { id: 'larch', label: 'Larix occidentalis', parents: ['family'] },
    { id: 'family', label: 'Pinaceae', parents: [] },
  ],
  statements: [
    says('1', 'family', 'leaf.kind', state('needle')),
    says('2', 'larch', 'leaf.persistence', state('deciduous')),
    says('3', 'larch', 'needle.bands', state('none')),
    says('4', 'family', 'leaf.margin', state('entire')),
    says('5', 'larch', 'bark.texture', state('plated')),
  ],
  windows: [
    { taxon: 'larch', kind: 'leaf_out', start: 105, end: 130, ref: { lat: 47.9, lon: -115.9, elevM: 760 } },
    { taxon: 'larch', kind: 'leaf_fall', start: 293, end: 316, ref: { lat: 47.9, lon: -115.9, elevM: 760 } },
  ],
};

const read = (date: string, site = { lat: 47.9, lon: -115.9, elevM: 760 }) => {
  const r = readProfile(profile, vocabulary, { ...EVERYTHING_AT_THE_TREE, date }, site);
  if (!r) throw new Error('The profile was not read');
  return r;
};
const line = (date: string, character: string, site?: { lat: number; lon: number; elevM: number }) =>
  read(date, site)
    .organs.flatMap((o) => o.lines)
    .find((l) => l.character.id === character);

describe('a profile read under conditions', () => {
  test('stands organ by organ in the order used everywhere', () => {
    expect(read('2026-07-01').organs.map((o) => o.organ)).toEqual(ORGANS);
  });

  test('a date hides what is not there, with the reason, and leaves the rest', () => {
    expect(line('2026-07-01', 'needle.bands')?.seen.seen).toBe('yes');
    expect(line('2027-01-15', 'needle.bands')?.seen).toEqual({
      seen: 'no',
      reason: 'no leaves between Nov 12 and Apr 15',
    });
    expect(line('2027-01-15', 'bark.texture')?.seen.seen).toBe('yes');
  });

  test('up the hill the leaves come later', () => {
    const high = { lat: 47.9, lon: -115.9, elevM: 760 + 5 * 121.92 };
    expect(line('2026-05-12', 'needle.bands')?.seen.seen).toBe('yes');
    expect(line('2026-05-12', 'needle.bands', high)?.seen.seen).toBe('partly');
  });

  test('what does not apply is neither shown nor missed; what might be recorded is named', () => {
    const leaf = read('2026-07-01').organs.find((o) => o.organ === 'leaf');
    expect(leaf?.lines.map((l) => l.character.id)).not.toContain('leaf.margin');
    expect(leaf?.missing.map((c) => c.id)).not.toContain('leaf.shape');
    expect(leaf?.missing.map((c) => c.id)).toContain('needle.length');
    expect(line('2026-07-01', 'leaf.kind')?.resolved?.origin).toBe('family');
    expect(line('2026-07-01', 'needle.bands')?.own).toHaveLength(1);
  });
});
