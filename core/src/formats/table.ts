import { readCell, readOlderCell, writeCell } from '../characters/index.ts';
import type { Character, Value, Vocabulary } from '../characters/index.ts';
import { normalise } from '../names/index.ts';
import { writeCsv } from '../csv/index.ts';
import { readCsv } from './csv.ts';
import type { StatementPart, TaxonPart } from './document.ts';
import { MOST_REFUSALS, placesOf, refusal } from './place.ts';
import type { ReadFile, Refusal } from './place.ts';

const SPECIES = 'species';
/** What else the column with the species may be called, as the screens and other tables do. */
const SPECIES_AS = { scientific: SPECIES, 'scientific name': SPECIES, scientific_name: SPECIES };

interface Column {
  readonly character: Character;
  /** A unit in the head, as `leaf.length (mm)`: it must be the one the cells are written in. */
  readonly unit: string | null;
}

/** Characters by what a head may call them: id, term, plain words. */
function headsOf(vocabulary: Vocabulary): ReadonlyMap<string, readonly Character[]> {
  const heads = new Map<string, Character[]>();
  for (const c of vocabulary.values()) {
    for (const key of new Set([c.id, c.term, c.plain].map((t) => normalise(t)))) {
      const had = heads.get(key);
      if (had) had.push(c);
      else heads.set(key, [c]);
    }
  }
  return heads;
}

/** The character a head names, several where it does not say which, or none. */
function columnOf(
  head: string,
  vocabulary: Vocabulary,
  heads: ReadonlyMap<string, readonly Character[]>,
): Column | readonly Character[] {
  const m = /^(.+?)\s*\(([^)]*)\)$/.exec(head);
  const ways: readonly (readonly [string, string | null])[] = [
    [head, null],
    ...(m ? [[m[1] ?? '', (m[2] ?? '').trim()] as const] : []),
  ];
  for (const [text, unit] of ways) {
    const own = vocabulary.get(text);
    if (own) return { character: own, unit };
    const named = heads.get(normalise(text)) ?? [];
    const [only, ...others] = named;
    if (only && others.length === 0) return { character: only, unit };
    if (only) return named;
  }
  return [];
}

/** What is wrong with a head that names no character, or several, and what is right. */
function strangeHead(
  head: string,
  found: Column | readonly Character[] | undefined,
): readonly [message: string, remedy: string] {
  const several = found && !('character' in found) ? found : [];
  if (several.length === 0) {
    return [
      `There is no character “${head}”.`,
      'Use a name from the glossary, such as leaf length or leaf.length.',
    ];
  }
  return [
    `“${head}” means ${several.length} characters.`,
    `Write one of ${several.map((c) => c.id).join(', ')}.`,
  ];
}

/** A bare number under a head with a unit takes that unit; a cell that says another one is refused. */
export function withUnit(cell: string, unit: string | null): { text: string } | { wrong: string } {
  if (unit === null || cell === '' || cell === '-') return { text: cell };
  const said = /([a-z/³3]+)\.?$/i.exec(cell.replace(/\)\s*$/, '').trim())?.[1] ?? null;
  if (said === null || /^\d/.test(said)) return { text: `${cell} ${unit}` };
  return said.toLowerCase() === unit.toLowerCase() ? { text: cell } : { wrong: said };
}

/**
 * Reads a character table: one row a species, one column a character id. States are separated by ` | `, a trailing
 * `?` means sometimes and `??` rare; lengths need their unit; `-` is does not apply, empty is not recorded.
 * Source: docs/formats.md.
 * @param source the citation every cell is said by.
 */
export function readTable(
  text: string,
  vocabulary: Vocabulary,
  source: string,
): ReadFile<readonly TaxonPart[]> {
  const csv = readCsv(text, [SPECIES], SPECIES_AS);
  if (!csv.ok) return csv;
  const { head, rows, at } = csv.file;
  const refused: Refusal[] = [];
  const places = placesOf();
  const heads = headsOf(vocabulary);
  const found = head.map((h) => columnOf(h, vocabulary, heads));
  const columns = found.map((c) => ('character' in c ? c : null));
  const name = head.indexOf(SPECIES);
  head.forEach((h, i) => {
    if (i === name || h === '' || columns[i]) return;
    refused.push(refusal({ line: 1, column: i + 1 }, ...strangeHead(h, found[i])));
  });
  const seen = new Map<string, number>();
  const taxa = rows.map((row, t): TaxonPart => {
    const species = row.cells[name] ?? '';
    const key = normalise(species);
    places.set(['taxa', t], at(row, name));
    if (key === '')
      refused.push(refusal(at(row, name), 'The row names no species.', 'Write its scientific name.'));
    else if (seen.has(key)) {
      refused.push(
        refusal(
          at(row, name),
          `${species} stands in line ${seen.get(key) ?? 0} already.`,
          'Keep one row for each species.',
        ),
      );
    }
    seen.set(key, row.line);
    const statements = row.cells.flatMap((cell, i): StatementPart[] => {
      const column = columns[i];
      if (!column || i === name || cell === '' || refused.length > MOST_REFUSALS) return [];
      const { character, unit } = column;
      const written = withUnit(cell, unit);
      if ('wrong' in written) {
        refused.push(
          refusal(
            at(row, i),
            `The column is in “${unit ?? ''}”, the cell in “${written.wrong}”.`,
            'Write both in the same unit.',
          ),
        );
        return [];
      }
      const older = readOlderCell(character, written.text);
      if (older) {
        places.set(['taxa', t, 'statements', character.id], at(row, i));
        const value = { kind: 'states' as const, states: older };
        return [{ character: character.id, source, value, life: null, n: null, note: null }];
      }
      const read = readCell(character, written.text);
      if (!read.ok) {
        refused.push(refusal(at(row, i), `${character.term}: ${read.problem.message}`, read.problem.remedy));
        return [];
      }
      if (!read.value) return [];
      places.set(['taxa', t, 'statements', character.id], at(row, i));
      return [{ character: character.id, source, value: read.value, life: null, n: null, note: null }];
    });
    return {
      name: species,
      // Only a species that is new takes this place; one that stands keeps its own.
      parents: species.includes(' ') ? [{ name: species.split(' ')[0] ?? '', kind: 'classification' }] : [],
      rank: /\s(subsp|var|f)\.\s/.test(species) ? 'infraspecies' : 'species',
      statements,
    };
  });
  if (refused.length > 0) return { ok: false, refused: refused.slice(0, MOST_REFUSALS) };
  const where: typeof places.where = (path) => {
    const [a, t, b, s] = path;
    if (b !== 'statements' || typeof s !== 'number') return places.where(path);
    return places.where([a ?? '', t ?? '', b, taxa[Number(t)]?.statements?.[s]?.character ?? '']);
  };
  return { ok: true, value: taxa, where, left: [] };
}

/** Values in use of some species as a character table; columns are the characters that any of them has. */
export function writeTable(
  species: readonly { readonly name: string; readonly values: ReadonlyMap<string, Value> }[],
  vocabulary: Vocabulary,
): string {
  const columns = [...vocabulary.values()].filter((c) => species.some((s) => s.values.has(c.id)));
  return writeCsv([
    [SPECIES, ...columns.map((c) => c.id)],
    ...species.map((s) => [s.name, ...columns.map((c) => writeCell(c, s.values.get(c.id)))]),
  ]);
}
