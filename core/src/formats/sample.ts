import { CHARACTERS, WORDS, vocabularyOf } from '../characters/index.ts';
import type { LibraryDocument, StatementPart, TaxonPart } from './document.ts';

/** A library of three taxa with every part of the format in it, for the tests of this folder. */
export const vocabulary = vocabularyOf(CHARACTERS);

const blank = {
  authority: null,
  pronunciation: null,
  status: 'draft',
  checkedOn: null,
  parents: [],
  names: [],
  roots: [],
  prose: [],
  cautions: [],
  range: [],
  areas: [],
  seasons: [],
  record: null,
  statements: [],
} as const;

export const said = (
  character: string,
  value: StatementPart['value'],
  source = 'A flora',
): StatementPart => ({
  character,
  source,
  value,
  life: null,
  n: null,
  note: null,
});

const FIR: Required<TaxonPart> = {
  ...blank,
  name: 'Abies grandis',
  rank: 'species',
  authority: '(Douglas ex D.Don) Lindl.',
  status: 'checked',
  checkedOn: '2026-09-01',
  parents: [{ name: 'Abies', kind: 'classification' }],
  names: [
    { kind: 'common', text: 'grand fir', preferred: true, pronunciation: null },
    { kind: 'synonym', text: 'Pinus grandis', preferred: false, pronunciation: null, use: 'in_part' },
  ],
  roots: [
    {
      name: 'Abies grandis',
      element: 'grandis',
      language: 'Latin',
      meaning: 'large',
      character: null,
      state: null,
      contested: false,
    },
  ],
  prose: [
    {
      topic: 'how_to_tell',
      audience: 'general',
      text: 'Flat sprays <of> needles & notched tips.',
      region: null,
      on: null,
      disputed: false,
    },
  ],
  cautions: [{ hazard: 'climbing', forbids: ['climbing'], text: 'Branches break.' }],
  range: [{ region: 'US-ID', presence: 'native', source: 'A flora' }],
  areas: [
    {
      presence: 'native',
      geometry: {
        type: 'Polygon',
        coordinates: [
          [
            [-116, 47],
            [-115, 47],
            [-115, 48],
            [-116, 47],
          ],
        ],
      },
      source: null,
    },
  ],
  seasons: [
    { kind: 'pollen', start: 130, end: 150, lat: 47.9, lon: -115.9, elevation: 900, source: 'A flora' },
  ],
  record: { girth: 5000, height: 60000, spread: 12000, place: 'Ledger Loop', year: 2020 },
  statements: [
    said('bark.texture', { kind: 'states', states: [{ state: 'smooth', freq: 'usual' }] }),
    said('needle.length', {
      kind: 'range',
      entered: '(15) 20-50 mm',
      numbers: { xlow: 15, low: 20, high: 50, xhigh: null, unit: 'mm' },
    }),
    said('bark.colour', { kind: 'states', states: [{ state: 'white', freq: 'never' }] }),
    said('form.height', {
      kind: 'range',
      entered: 'at least 40 m',
      numbers: { xlow: null, low: 40000, high: 40000, xhigh: null, more: true, unit: 'mm' },
    }),
    { ...said('leaf.margin', { kind: 'inapplicable' }), note: 'needles' },
  ],
};

export const LIBRARY: LibraryDocument = {
  characters: CHARACTERS,
  words: WORDS.slice(0, 3).map((w) => ({ ...w, audience: 'young' })),
  merge: 'widest',
  policies: [{ character: 'form.height', policy: 'preferred', source: 'A flora' }],
  sources: [
    { citation: 'A flora', kind: 'book', n: null, rank: 10 },
    { citation: 'Own measurements', kind: 'measurement', n: 30, rank: 20 },
  ],
  taxa: [
    { ...blank, name: 'Abies', rank: 'genus', parents: [{ name: 'Pinaceae', kind: 'classification' }] },
    FIR,
    { ...blank, name: 'Pinaceae', rank: 'family' },
  ],
  pairs: [
    {
      a: 'Abies',
      b: 'Abies grandis',
      character: 'bark.texture',
      text: 'Bark.',
      mnemonic: null,
      greater: 'Abies grandis',
    },
  ],
  lists: [{ name: 'First list', members: [{ name: 'Abies grandis', week: 1, label: 'fir 1' }] }],
};

/** Tells what a reader refused: place and words, one text each. */
export const refusedBy = (read: {
  ok: boolean;
  refused?: readonly { line: number; column: number; message: string }[];
}) => (read.refused ?? []).map((r) => `${r.line}:${r.column} ${r.message}`);
