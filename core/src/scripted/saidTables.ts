import { CHARACTERS, readCell, vocabularyOf } from '../characters/index.ts';
import type { Character, Statement, TaxonNode, Vocabulary } from '../characters/index.ts';
import { readCsv, readLibraryJson, withUnit } from '../formats/index.ts';
import type { Refusal } from '../formats/index.ts';
import { describeTaxa } from '../tells/index.ts';
import type { DescribedTaxon, LibraryData } from '../tells/index.ts';

/** A character table as a file: what it is called is the source of rows that name none. */
export interface NamedTable {
  readonly name: string;
  readonly text: string;
}

/** A row or a cell that is not read, with where and why; the rest of its file is. */
export interface NotRead {
  readonly table: string;
  readonly line: number;
  readonly column: number;
  readonly reason: string;
}

/** Where a statement stands. */
export interface SaidAt {
  readonly table: string;
  readonly line: number;
  readonly text: string;
}

/** What some tables say, cell by cell. */
export interface SaidTables {
  readonly vocabulary: Vocabulary;
  readonly data: LibraryData;
  /** Species in the order in which they are first named, without genera and families that have rows of their own. */
  readonly species: readonly string[];
  readonly described: readonly DescribedTaxon[];
  readonly at: ReadonlyMap<string, SaidAt>;
  /** Columns that are no character. */
  readonly ignored: readonly { readonly table: string; readonly column: string }[];
  readonly refused: readonly NotRead[];
}

export type ReadTables =
  | { readonly ok: true; readonly said: SaidTables }
  | { readonly ok: false; readonly refused: readonly Refusal[] };

const COLUMN = /^(\S+?)(?:\s*\(([^)]*)\))?$/;

interface Column {
  readonly index: number;
  readonly character: Character;
  readonly unit: string | null;
}

interface Gathered {
  readonly statements: Statement[];
  readonly at: Map<string, SaidAt>;
  readonly taxa: Set<string>;
  readonly ignored: { table: string; column: string }[];
  readonly refused: NotRead[];
}

/** Reads one table into what is gathered. @returns what is wrong with the file as a whole, if anything is. */
function readOne(table: NamedTable, vocabulary: Vocabulary, into: Gathered): readonly Refusal[] {
  const csv = readCsv(table.text, ['species']);
  if (!csv.ok) return csv.refused.map((r) => ({ ...r, message: `${table.name}: ${r.message}` }));
  const { head, rows } = csv.file;
  const [species, source] = [head.indexOf('species'), head.indexOf('source')];
  const columns = head.flatMap((h, index): Column[] => {
    if (index === species || index === source || h === '') return [];
    const m = COLUMN.exec(h);
    const character = vocabulary.get(m?.[1] ?? '');
    if (character) return [{ index, character, unit: m?.[2]?.trim() ?? null }];
    into.ignored.push({ table: table.name, column: h });
    return [];
  });
  for (const row of rows) {
    const taxon = row.cells[species] ?? '';
    const where = { table: table.name, line: row.line };
    if (taxon === '') {
      into.refused.push({ ...where, column: species + 1, reason: 'The row names no species.' });
      continue;
    }
    into.taxa.add(taxon);
    const cited = (source < 0 ? '' : (row.cells[source] ?? '')) || table.name;
    for (const { index, character, unit } of columns) {
      const cell = row.cells[index] ?? '';
      if (cell === '') continue;
      const written = withUnit(cell, unit);
      const read = 'wrong' in written ? null : readCell(character, written.text);
      if (!read?.ok) {
        const reason = read ? read.problem.message : `The column is in “${unit ?? ''}”, the cell is not.`;
        into.refused.push({ ...where, column: index + 1, reason });
        continue;
      }
      if (!read.value) continue;
      const id = String(into.statements.length);
      into.statements.push({ id, taxon, character: character.id, source: cited, value: read.value });
      into.at.set(id, { ...where, text: cell });
    }
  }
  return [];
}

/** Species under their genera, as their names say. */
function nodesOf(taxa: ReadonlySet<string>): readonly TaxonNode[] {
  const genera = new Set([...taxa].flatMap((t) => (t.includes(' ') ? [t.split(' ')[0] ?? ''] : [])));
  const all = new Set([...taxa, ...genera]);
  return [...all].map((id) => {
    const [genus = ''] = id.split(' ');
    return { id, label: id, parents: genus !== id ? [genus] : [] };
  });
}

/**
 * Reads character tables that may come from several sources: each row is said by its `source`, or by its file. One source
 * may say two things of a species. Columns that are no character are passed over and named; cells that cannot be read are
 * named with their place, and the rest is read. Source: docs/formats.md.
 * @param vocabulary a library file whose characters are used; the shipped ones where it is missing.
 */
export function readSaidTables(tables: readonly NamedTable[], vocabulary?: string): ReadTables {
  const words = vocabulary === undefined ? null : readLibraryJson(vocabulary);
  if (words && !words.ok) return words;
  const characters = vocabularyOf((words?.value.characters ?? CHARACTERS).filter((c) => !c.retired));
  const gathered: Gathered = { statements: [], at: new Map(), taxa: new Set(), ignored: [], refused: [] };
  const wrong = tables.flatMap((t) => readOne(t, characters, gathered));
  if (wrong.length > 0) return { ok: false, refused: wrong };
  const { statements, at, taxa, ignored, refused } = gathered;
  const data: LibraryData = { taxa: nodesOf(taxa), statements, windows: [], policy: 'widest' };
  const species = [...taxa].filter((t) => t.includes(' '));
  const described = describeTaxa(species, data, characters, null);
  return { ok: true, said: { vocabulary: characters, data, species, described, at, ignored, refused } };
}
