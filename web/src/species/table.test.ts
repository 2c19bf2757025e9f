import { describe, expect, test } from '@jest/globals';
import type { LibraryTable, StatementRow, TaxonHeader } from '@hurrow/contract';
import { CHARACTERS, readCell, vocabularyOf } from '@hurrow/core/characters';
import type { Character } from '@hurrow/core/characters';
import { readTable } from '@hurrow/core/formats';
import { toCsv } from '../parts/csv.ts';
import {
  cellView,
  exportRows,
  patched,
  readEntry,
  readPaste,
  spreadsheetCells,
  tableModel,
} from './tableModel.ts';

const vocabulary = vocabularyOf(CHARACTERS);
const character = (id: string): Character => {
  const found = vocabulary.get(id);
  if (!found) throw new Error(`No character ${id}`);
  return found;
};
const header = (id: string, scientific: string, rank: TaxonHeader['rank'] = 'species'): TaxonHeader => ({
  id,
  rank,
  scientific,
  authority: null,
  common: null,
});
function row(taxon: string, id: string, text: string, source = 'own', version = 3): StatementRow {
  const read = readCell(character(id), text);
  if (!read.ok || !read.value) throw new Error(text);
  return {
    id: `${taxon}${id}${source}`,
    taxon,
    character: id,
    source,
    value: read.value,
    n: null,
    note: null,
    version,
  };
}
const table: LibraryTable = {
  members: [header('grandis', 'Abies grandis'), header('tenuifolia', 'Alnus incana')],
  taxa: [
    { id: 'grandis', label: 'Abies grandis', parents: ['abies'] },
    { id: 'tenuifolia', label: 'Alnus incana', parents: [] },
    { id: 'abies', label: 'Abies', parents: [] },
  ],
  windows: [],
  rows: [
    row('abies', 'leaf.kind', 'needle'),
    row('grandis', 'needle.bands', 'below-only'),
    row('grandis', 'needle.length', '20-50 mm', 'flora'),
  ],
  sources: [],
  policy: 'widest',
  policies: [],
};
const model = tableModel(table, vocabulary);
const wording = { words: 'technical', units: 'metric' } as const;
const view = (taxon: string, id: string) => cellView(model, taxon, character(id), 'own', wording);

describe('species by characters', () => {
  test('a cell says whose value it shows', () => {
    expect(view('grandis', 'needle.bands').from).toBe('own');
    expect(view('grandis', 'needle.length')).toMatchObject({ from: 'other', text: '20–50 mm' });
    expect(view('grandis', 'leaf.kind')).toMatchObject({ from: 'above', title: 'from Abies' });
    expect(view('tenuifolia', 'leaf.kind').from).toBe('none');
  });

  test('saved as CSV it is a character table: own values of the source chosen, under the head that is read again', () => {
    const characters = ['needle.bands', 'needle.length', 'leaf.kind'].map(character);
    const rows = exportRows(model, table.members, characters, 'own');
    expect(rows[0]).toEqual({
      species: 'Abies grandis',
      'needle.bands': 'below only',
      // Another source says this, and the genus that: neither comes back as the species' own.
      'needle.length': '',
      'leaf.kind': '',
    });
    const read = readTable(toCsv(rows), vocabulary, 'Own');
    expect(read.ok && read.value.map((t) => t.statements?.length ?? 0)).toEqual([1, 0]);
  });

  test('what is typed is an entry against the version that was read, nothing where it stands so, or a refusal', () => {
    const at = (id: string, text: string) => readEntry(model, 'grandis', character(id), 'own', text);
    expect(at('needle.bands', 'below-only')).toEqual({ kind: 'same' });
    expect(at('needle.bands', 'both')).toMatchObject({ kind: 'entry', entry: { version: 3 } });
    expect(at('needle.bands', '')).toMatchObject({ kind: 'entry', entry: { value: null, version: 3 } });
    expect(at('needle.length', '1-2 in')).toMatchObject({ kind: 'entry', entry: { version: null } });
    expect(at('needle.length', '5-2 in').kind).toBe('problem');
    // Typing began over version 2, and version 3 came in meanwhile: it is sent over 2, so the server tells of it.
    const begun = readEntry(model, 'grandis', character('needle.bands'), 'own', 'both', 2);
    expect(begun).toMatchObject({ kind: 'entry', entry: { version: 2 } });
    const nothing = readEntry(model, 'grandis', character('needle.bands'), 'own', 'both', null);
    expect(nothing).toMatchObject({ kind: 'entry', entry: { version: null } });
  });

  const paste = (text: string, row_ = 0, column = 0) =>
    readPaste(
      text,
      model,
      table.members,
      [character('needle.bands'), character('needle.length')],
      vocabulary,
      'own',
      {
        row: row_,
        column,
      },
    );

  test('a block without names goes down and right from the cell at hand; empty cells change nothing', () => {
    const read = paste('both-sides\t2-3 cm\n\t4 cm');
    expect(read.entries.map((e) => [e.taxon, e.character])).toEqual([
      ['grandis', 'needle.bands'],
      ['grandis', 'needle.length'],
      ['tenuifolia', 'needle.length'],
    ]);
    expect(paste('a\tb\tc', 1).strangers).toEqual(['c']);
  });

  test('a block with names goes where they say, whatever is at hand', () => {
    const read = paste(
      'species\tneedle length\tbark.texture\nAlnus incana\t\tsmooth\nabies GRANDIS\t3 cm\t',
      1,
      1,
    );
    expect(read.entries.map((e) => [e.taxon, e.character])).toEqual([
      ['tenuifolia', 'bark.texture'],
      ['grandis', 'needle.length'],
    ]);
    const strange = paste('species\tneedle length\tcolour of hats\nPicea nulla\t3 cm\tx');
    expect(strange.strangers).toEqual(['colour of hats', 'Picea nulla']);
    expect(strange.entries).toEqual([]);
  });

  test('one bad cell is named and stands beside what can be read', () => {
    const read = paste('sideways\t3 cm');
    expect(read.entries).toHaveLength(1);
    expect(read.problems).toMatchObject([{ taxon: 'grandis', character: 'needle.bands', text: 'sideways' }]);
  });

  test('quoted cells and both kinds of line end are read', () => {
    expect(spreadsheetCells('a\t"b ""c"""\r\nd\te\n')).toEqual([
      ['a', 'b "c"'],
      ['d', 'e'],
    ]);
  });

  test('rows that come back replace what stood, and a row taken back is gone', () => {
    const entry = (id: string) => ({
      taxon: 'grandis',
      character: id,
      source: 'own',
      value: null,
      version: 3,
    });
    const next = patched(
      table,
      [entry('needle.bands'), entry('needle.length')],
      [null, row('grandis', 'needle.length', '30 mm', 'own', 1)],
    );
    expect(next.rows.map((r) => `${r.character}/${r.source}`)).toEqual([
      'leaf.kind/own',
      'needle.length/flora',
      'needle.length/own',
    ]);
  });
});
