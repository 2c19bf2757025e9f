import type { BatchEntry, LibraryTable, StatementRow, TaxonHeader } from '@hurrow/contract';
import {
  foldWords,
  asEntered,
  characterWords,
  readCell,
  resolver,
  sameValue,
  valueWords,
  writeCell,
} from '@hurrow/core/characters';
import type { Character, Profile, Vocabulary, Wording } from '@hurrow/core/characters';
import { completeCell } from './entry.ts';

/** A table of species by characters, ready to be asked for any cell. */
export interface TableModel {
  readonly members: readonly TaxonHeader[];
  readonly profileOf: (taxon: string) => Profile;
  readonly ownOf: (taxon: string, character: string, source: string) => StatementRow | undefined;
  /** Of the species itself, whatever the source. */
  readonly anyOwn: (taxon: string, character: string) => readonly StatementRow[];
  readonly nameOf: (taxon: string) => string;
}

const NONE: readonly StatementRow[] = [];

export function tableModel(table: LibraryTable, vocabulary: Vocabulary): TableModel {
  const own = new Map<string, StatementRow[]>();
  for (const row of table.rows) {
    // A stage of life is said in a file and shown on the profile; the table writes what is said of none.
    if (row.life !== undefined) continue;
    const key = `${row.taxon}/${row.character}`;
    const had = own.get(key);
    if (had) had.push(row);
    else own.set(key, [row]);
  }
  const labels = new Map(table.taxa.map((t) => [t.id, t.label]));
  const anyOwn = (taxon: string, character: string): readonly StatementRow[] =>
    own.get(`${taxon}/${character}`) ?? NONE;
  return {
    members: table.members,
    profileOf: resolver({
      taxa: new Map(table.taxa.map((t) => [t.id, t])),
      statements: table.rows,
      vocabulary,
      policy: table.policy,
      policyOf: new Map(table.policies.map((p) => [p.character, p])),
    }),
    anyOwn,
    ownOf: (taxon, character, source) => anyOwn(taxon, character).find((s) => s.source === source),
    nameOf: (taxon) => labels.get(taxon) ?? 'above',
  };
}

export interface CellView {
  readonly text: string;
  /** own: said under the source chosen; other: by another source of the species; above: inherited. */
  readonly from: 'own' | 'other' | 'above' | 'none' | 'off';
  readonly title: string;
}

/** What stands in one cell, and where it comes from. */
export function cellView(
  model: TableModel,
  taxon: string,
  character: Character,
  source: string,
  wording: Wording,
): CellView {
  const own = model.ownOf(taxon, character.id, source);
  if (own) return { text: valueWords(character, own.value, wording), from: 'own', title: '' };
  const resolved = model.profileOf(taxon).get(character.id);
  if (!resolved) return { text: '', from: 'none', title: 'not recorded' };
  if (resolved.value.kind === 'inapplicable') return { text: '–', from: 'off', title: 'does not apply' };
  const text = valueWords(character, resolved.value, wording);
  return resolved.origin === taxon
    ? { text, from: 'other', title: 'said by another source' }
    : { text, from: 'above', title: `from ${model.nameOf(resolved.origin)}` };
}

/**
 * The table as a character table that can be imported again: one row a species under `species`, and only what the
 * chosen source says of the species itself. What is inherited or said by another source would come back as its own.
 */
export const exportRows = (
  model: TableModel,
  members: readonly TaxonHeader[],
  characters: readonly Character[],
  source: string,
): readonly Readonly<Record<string, string>>[] =>
  members.map((m) =>
    Object.fromEntries([
      ['species', m.scientific],
      ...characters.map((c) => [c.id, writeCell(c, model.ownOf(m.id, c.id, source)?.value)]),
    ]),
  );

/** What a cell starts from when it is edited: the own statement as it is written in a character table. */
export const editText = (own: StatementRow | undefined, character: Character): string =>
  writeCell(character, own?.value);

export interface CellProblem {
  readonly taxon: string;
  readonly character: string;
  readonly text: string;
  readonly problem: string;
}

export type ReadEntry =
  | { readonly kind: 'same' }
  | { readonly kind: 'entry'; readonly entry: BatchEntry }
  | { readonly kind: 'problem'; readonly problem: CellProblem };

/**
 * A typed or pasted text of one cell as an entry of a batch. It goes over the version that was `seen` when typing began
 * (null: nothing stood there), so that what came in meanwhile is never written over unseen.
 */
export function readEntry(
  model: TableModel,
  taxon: string,
  character: Character,
  source: string,
  text: string,
  seen: number | null = model.ownOf(taxon, character.id, source)?.version ?? null,
): ReadEntry {
  const own = model.ownOf(taxon, character.id, source);
  const whole = completeCell(character, text);
  if (whole === editText(own, character)) return { kind: 'same' };
  const read = readCell(character, whole);
  if (!read.ok) {
    const problem = `${read.problem.message} ${read.problem.remedy}`;
    return { kind: 'problem', problem: { taxon, character: character.id, text, problem } };
  }
  const standing = own?.value ?? null;
  const alike =
    read.value === null || standing === null
      ? read.value === standing
      : read.value.kind === 'states' && sameValue(read.value, standing);
  if (alike) return { kind: 'same' };
  const value = read.value === null ? null : asEntered(read.value);
  return {
    kind: 'entry',
    entry: { taxon, character: character.id, source, value, version: seen },
  };
}

export interface Pasted {
  readonly entries: readonly BatchEntry[];
  readonly problems: readonly CellProblem[];
  readonly same: number;
  /** Species and characters of the paste that the table does not have. */
  readonly strangers: readonly string[];
}

function characterNamed(all: readonly Character[], text: string): Character | undefined {
  const wanted = foldWords(text);
  return all.find((c) => [c.id, c.term, c.plain].some((t) => foldWords(t) === wanted));
}

/** Cells of a spreadsheet: rows by line, columns by tab. */
export const spreadsheetCells = (text: string): readonly (readonly string[])[] =>
  text
    .replace(/\r\n?/g, '\n')
    .replace(/\n$/, '')
    .split('\n')
    .map((line) => line.split('\t').map((c) => c.replace(/^"(.*)"$/s, '$1').replaceAll('""', '"')));

/**
 * A block pasted from a spreadsheet. Where its first row names characters and its first column species, cells go where
 * they are named; else they go down and right from the cell that is at hand. Empty cells of a block change nothing.
 */
export function readPaste(
  text: string,
  model: TableModel,
  rows: readonly TaxonHeader[],
  columns: readonly Character[],
  vocabulary: Vocabulary,
  source: string,
  at: { readonly row: number; readonly column: number },
): Pasted {
  const cells = spreadsheetCells(text);
  const head = cells[0] ?? [];
  const every = [...vocabulary.values()];
  const named = head.length > 1 && head.slice(1).some((h) => characterNamed(every, h) !== undefined);
  const strangers: string[] = [];
  const entries: BatchEntry[] = [];
  const problems: CellProblem[] = [];
  let same = 0;
  const put = (taxon: TaxonHeader | undefined, character: Character | undefined, cell: string): void => {
    if (!taxon || !character || cell.trim() === '') return;
    const read = readEntry(model, taxon.id, character, source, cell);
    if (read.kind === 'entry') entries.push(read.entry);
    else if (read.kind === 'problem') problems.push(read.problem);
    else same += 1;
  };
  if (named) {
    const characters = head.map((h, i) => (i === 0 ? undefined : characterNamed(every, h)));
    characters.forEach((c, i) => {
      if (i > 0 && !c && (head[i] ?? '').trim() !== '') strangers.push(head[i] ?? '');
    });
    for (const line of cells.slice(1)) {
      const name = foldWords(line[0] ?? '');
      const taxon = model.members.find(
        (m) => foldWords(m.scientific) === name || foldWords(m.common ?? '') === name,
      );
      if (!taxon && name !== '') strangers.push(line[0] ?? '');
      line.forEach((cell, i) => put(taxon, characters[i], cell));
    }
  } else {
    cells.forEach((line, dy) =>
      line.forEach((cell, dx) => {
        const [taxon, character] = [rows[at.row + dy], columns[at.column + dx]];
        if (cell.trim() !== '' && (!taxon || !character)) strangers.push(cell);
        put(taxon, character, cell);
      }),
    );
  }
  return { entries, problems, same, strangers };
}

/** The table with rows that came back from the server put in; a null row was taken back. */
export function patched(
  table: LibraryTable,
  entries: readonly BatchEntry[],
  rows: readonly (StatementRow | null)[],
): LibraryTable {
  const keyOf = (r: { taxon: string; character: string; source: string }): string =>
    `${r.taxon}/${r.character}/${r.source}`;
  const touched = new Map(entries.map((e, i) => [keyOf(e), rows[i] ?? null]));
  const kept = table.rows.filter((r) => !touched.has(keyOf(r)));
  return { ...table, rows: [...kept, ...[...touched.values()].filter((r) => r !== null)] };
}

/** Characters named in the chosen words, for the head of a column. */
export const columnWords = (c: Character, wording: Wording): string => characterWords(c, wording.words);
