import { readCell, readOlderCell, writeCell } from '../characters/index.ts';
import type { Character, Value, Vocabulary } from '../characters/index.ts';
import { normalise } from '../names/index.ts';
import { writeCsv } from '../csv/index.ts';
import { readCsv } from './csv.ts';
import type { StatementPart, TaxonPart } from './document.ts';
import { MOST_REFUSALS, placesOf, refusal } from './place.ts';
import type { ReadFile, Refusal } from './place.ts';

const SPECIES = 'species';

/** A unit in the head of a column, as `leaf.length (mm)`: it must be the one the cells are written in. */
function columnOf(
  head: string,
  vocabulary: Vocabulary,
): { character: Character; unit: string | null } | null {
  const m = /^(\S+?)(?:\s*\(([^)]*)\))?$/.exec(head);
  const character = vocabulary.get(m?.[1] ?? '');
  return character ? { character, unit: m?.[2]?.trim() ?? null } : null;
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
  const csv = readCsv(text, [SPECIES]);
  if (!csv.ok) return csv;
  const { head, rows, at } = csv.file;
  const refused: Refusal[] = [];
  const places = placesOf();
  const columns = head.map((h) => columnOf(h, vocabulary));
  const name = head.indexOf(SPECIES);
  head.forEach((h, i) => {
    if (i === name || h === '' || columns[i]) return;
    refused.push(
      refusal(
        { line: 1, column: i + 1 },
        `There is no character “${h}”.`,
        'Use a column name such as leaf.margin. The glossary lists them.',
      ),
    );
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
