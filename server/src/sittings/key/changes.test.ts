import { describe, expect, test } from '@jest/globals';
import { CHARACTERS, vocabularyOf } from '@hurrow/core/characters';
import type { Value } from '@hurrow/core/characters';
import { nameIndex } from '@hurrow/core/names';
import { POLICY } from '@hurrow/core/quizzes';
import { changesSince } from './changes.ts';
import type { WholeKey } from './changes.ts';
import type { Gathered, GatheredStation, KeyTaxon } from './types.ts';

const vocabulary = vocabularyOf(CHARACTERS);
const state = (s: string): Value => ({ kind: 'states', states: [{ state: s, freq: 'usual' }] });

const station = (part: Partial<GatheredStation> = {}): GatheredStation => ({
  sittingStation: 'ss',
  station: 'st',
  number: 3,
  individual: 'tree',
  taxon: 'grandis',
  why: { reason: null, note: null },
  accept: {
    tag: 'L03',
    genus: 'abies',
    scientific: 'Abies grandis',
    common: 'grand fir',
    names: ['Abies grandis', 'grand fir'],
    asks: [],
  },
  conditions: {
    date: '2026-10-01',
    material: ['tree'],
    takenOn: {},
    handling: ['look'],
    distance: 'hand',
    wet: false,
  },
  values: [{ character: 'needle.bands', profile: state('below-only'), certified: null }],
  rivals: [{ rival: 'lasiocarpa', verdict: 'told', tells: [] }],
  ...part,
});
const taxon = (part: Partial<KeyTaxon> = {}): KeyTaxon => ({
  taxon: 'grandis',
  week: 1,
  label: null,
  taught: true,
  profile: {},
  ...part,
});
const gathered = (s: GatheredStation, part: Partial<Gathered> = {}): Gathered => ({
  policy: POLICY,
  names: { hash: 'h1', text: '', index: nameIndex([]), genera: new Map() },
  list: [taxon()],
  stations: [s],
  judge: () => Promise.resolve(new Map()),
  ...part,
});
const key: WholeKey = {
  namesHash: 'h1',
  stations: new Map([['ss', { ...station(), rev: 1, validFrom: null, fairness: null }]]),
  values: new Map([['ss', station().values]]),
  rivals: new Map([['ss', station().rivals]]),
  list: [taxon()],
};
const changes = (now: Gathered): unknown =>
  changesSince(key, now, vocabulary).map((c) => [c.number, c.kind, c.character, c.was, c.is]);

describe('what has changed since a key was locked', () => {
  test('is nothing where nothing has', () => {
    expect(changes(gathered(station()))).toEqual([]);
  });

  test.each<[string, Gathered, unknown]>([
    [
      'another tree',
      gathered(station({ individual: 'other', accept: { ...station().accept, tag: 'L09' } })),
      [3, 'tree', null, 'L03', 'L09'],
    ],
    [
      'another identification',
      gathered(
        station({
          taxon: 'lasiocarpa',
          accept: { ...station().accept, scientific: 'Abies lasiocarpa', names: [] },
        }),
      ),
      [3, 'identification', null, 'Abies grandis', 'Abies lasiocarpa'],
    ],
    [
      'another accepted name',
      gathered(station({ accept: { ...station().accept, names: ['Abies grandis'] } })),
      [3, 'names', null, 'Abies grandis, grand fir', 'Abies grandis'],
    ],
    [
      'a caution',
      gathered(station({ conditions: { ...station().conditions, handling: ['look', 'touch'] } })),
      [3, 'conditions', null, 'the standing tree; looking', 'the standing tree; looking, touch'],
    ],
    [
      'what was checked at the tree',
      gathered(
        station({
          values: [{ character: 'needle.bands', profile: state('below-only'), certified: state('none') }],
        }),
      ),
      [3, 'character', 'needle.bands', 'below only', 'none'],
    ],
    [
      'a value that is gone',
      gathered(station({ values: [] })),
      [3, 'character', 'needle.bands', 'below only', 'not recorded'],
    ],
    [
      'what another species shows',
      gathered(station({ rivals: [{ rival: 'lasiocarpa', verdict: 'twins', tells: [] }] })),
      [
        3,
        'tells',
        null,
        'every other species can be told apart',
        '1 species cannot be told apart for certain',
      ],
    ],
    [
      'the list',
      gathered(station(), { list: [taxon(), taxon({ taxon: 'flexilis' })] }),
      [null, 'list', null, '1 species taught', '2 species taught'],
    ],
    [
      'names of other species',
      gathered(station(), { names: { ...gathered(station()).names, hash: 'h2' } }),
      [null, 'names', null, 'names of other species', 'changed since'],
    ],
  ])('is %s', (_, now, expected) => {
    expect(changes(now)).toEqual([expected]);
  });

  test('of another species says only what is asked there', () => {
    const asks = [
      {
        id: 'a',
        kind: 'call' as const,
        character: 'needle.bands',
        most: 1,
        ord: 1,
        accepted: { kind: 'name' as const },
      },
    ];
    const other = (asked: typeof asks) =>
      station({
        taxon: 'flexilis',
        accept: { ...station().accept, scientific: 'Pinus flexilis', asks: asked },
        values: [{ character: 'needle.bands', profile: state('none'), certified: null }],
      });
    const kinds = (s: GatheredStation) => changesSince(key, gathered(s), vocabulary).map((c) => c.kind);
    expect([kinds(other([])), kinds(other(asks))]).toEqual([
      ['identification'],
      ['identification', 'character'],
    ]);
  });

  test('does not say twice what one change brings with it', () => {
    const now = station({
      values: [{ character: 'needle.bands', profile: state('none'), certified: null }],
      rivals: [{ rival: 'lasiocarpa', verdict: 'twins', tells: [] }],
    });
    expect(changesSince(key, gathered(now), vocabulary).map((c) => c.kind)).toEqual(['character']);
  });

  test('a species that is on the list and not taught yet is no change of what was taught', () => {
    expect(
      changes(gathered(station(), { list: [taxon(), taxon({ taxon: 'flexilis', taught: false })] })),
    ).toEqual([]);
  });
});
