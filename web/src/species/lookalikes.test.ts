import { describe, expect, test } from '@jest/globals';
import type { ListLibrary, PairNote, TaxonHeader } from '@hurrow/contract';
import { CHARACTERS, readCell, vocabularyOf } from '@hurrow/core/characters';
import type { Statement } from '@hurrow/core/characters';
import { checkDeclared } from '@hurrow/core/compare';
import { EVERYTHING_AT_THE_TREE } from '@hurrow/core/conditions';
import type { Conditions } from '@hurrow/core/conditions';
import { besideLines } from './beside.ts';
import { lookalikesOf, viewList } from './lookalikes.ts';

const vocabulary = vocabularyOf(CHARACTERS);
const july: Conditions = { ...EVERYTHING_AT_THE_TREE, date: '2026-07-01' };
const header = (id: string): TaxonHeader => ({
  id,
  rank: 'species',
  scientific: `Abies ${id}`,
  authority: null,
  common: null,
});

const CELLS: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  grandis: {
    'leaf.persistence': 'evergreen',
    'needle.bands': 'below-only',
    'bark.texture': 'smooth',
    'form.leader': 'erect',
    'fruit.size': '60-100 mm',
  },
  alpine: {
    'leaf.persistence': 'evergreen',
    'needle.bands': 'both-sides',
    'bark.texture': 'smooth',
    'form.leader': 'erect',
    'fruit.size': '60-100 mm',
  },
  spruce: {
    'leaf.persistence': 'evergreen',
    'needle.bands': 'all-four-sides',
    'bark.texture': 'scaly',
    'form.leader': 'nodding',
  },
  // Little is recorded of it, so little can tell it: that does not make it close.
  stranger: { 'bark.texture': 'papery' },
};

const library: ListLibrary = {
  sightings: [],
  members: Object.keys(CELLS).map(header),
  data: {
    policy: 'widest',
    windows: [],
    taxa: Object.keys(CELLS).map((id) => ({ id, label: id, parents: [] })),
    statements: Object.entries(CELLS).flatMap(([taxon, cells]) =>
      Object.entries(cells).map(([character, text]): Statement => {
        const c = vocabulary.get(character);
        const read = c ? readCell(c, text) : null;
        if (!read?.ok || !read.value) throw new Error(text);
        return { id: `${taxon}${character}`, taxon, character, source: 's', value: read.value };
      }),
    ),
  },
};
const list = viewList(library, vocabulary, null);
const taxon = (id: string) => {
  const found = list.described.get(id);
  if (!found) throw new Error(id);
  return found;
};

describe('a declared tell held against what is recorded', () => {
  const verdict = (character: string | null, other: string, at = july) =>
    checkDeclared(character, taxon('grandis'), taxon(other), vocabulary, at).verdict;

  test('holds, is contradicted, is not proven, or says nothing', () => {
    expect(verdict('needle.bands', 'alpine')).toBe('supported');
    expect(verdict('bark.texture', 'alpine')).toBe('contradicted');
    expect(verdict('needle.bands', 'stranger')).toBe('unsupported');
    expect(verdict(null, 'alpine')).toBe('unsaid');
  });

  test('and cannot be used where the conditions hide it', () => {
    expect(verdict('needle.bands', 'alpine', { ...july, distance: 'far', material: ['tree'] })).toBe(
      'not_now',
    );
  });
});

describe('look-alikes of a species', () => {
  test('the declared one stands first, then those nearest by what they share, whatever little is recorded of others', () => {
    const note: PairNote = {
      id: 'n',
      other: header('spruce'),
      character: 'form.leader',
      text: null,
      mnemonic: null,
      greater: null,
    };
    const found = lookalikesOf(taxon('grandis'), [note], list, vocabulary, july, 3);
    expect(found.map((l) => l.other.id)).toEqual(['spruce', 'alpine', 'stranger']);
    expect(found[0]?.declared?.verdict).toBe('supported');
    const computed = lookalikesOf(taxon('grandis'), [], list, vocabulary, july, 1);
    expect(computed.map((l) => l.other.id)).toEqual(['alpine']);
  });

  test('without a list only what was declared is shown, and nothing is claimed of it', () => {
    const note: PairNote = {
      id: 'n',
      other: header('spruce'),
      character: null,
      text: 'leader',
      mnemonic: null,
      greater: null,
    };
    const [only, ...rest] = lookalikesOf(taxon('grandis'), [note], null, vocabulary, july, 3);
    expect([only?.report, only?.declared, rest.length]).toEqual([null, null, 0]);
  });
});

describe('two species side by side', () => {
  test('only what differs, or all that either has recorded, organ by organ', () => {
    const ids = (all: boolean) =>
      besideLines(taxon('grandis'), taxon('alpine'), vocabulary, july, all).flatMap((o) =>
        o.lines.map((l) => l.character.id),
      );
    expect(ids(false)).toEqual(['needle.bands']);
    expect(ids(true)).toEqual([
      'form.leader',
      'bark.texture',
      'leaf.persistence',
      'needle.bands',
      'fruit.size',
    ]);
  });

  test('what the conditions hide says so', () => {
    const far: Conditions = { ...july, distance: 'far', material: ['tree'] };
    const lines = besideLines(taxon('grandis'), taxon('alpine'), vocabulary, far, false).flatMap(
      (o) => o.lines,
    );
    expect(lines.map((l) => [l.character.id, l.seen])).toEqual([['needle.bands', 'no']]);
  });
});
