import { parseNameList, readUse } from '../names/index.ts';
import type { ListLine } from '../names/index.ts';
import { writeCsv } from '../csv/index.ts';
import type { LibraryPart, NamePart, TaxonPart } from './document.ts';
import { placesOf, refusal, START } from './place.ts';
import type { ReadFile, Refusal } from './place.ts';

const BINOMIAL = /^[A-Z][a-z-]+( × | )[a-z-]+( (subsp|var|f)\. [a-z-]+)?$/;

function rankOf(name: string): string | null {
  if (/^[A-Z][a-z]+aceae$/.test(name)) return 'family';
  if (/^[A-Z][a-z-]+$/.test(name)) return 'genus';
  if (!BINOMIAL.test(name)) return null;
  return / (subsp|var|f)\. /.test(name) ? 'infraspecies' : name.includes('×') ? 'hybrid' : 'species';
}

const namesOf = (line: ListLine): readonly NamePart[] => [
  ...(line.common === null
    ? []
    : line.common.split('|').map((text, i): NamePart => ({
        kind: 'common',
        ...readUse(text),
        preferred: i === 0,
        pronunciation: null,
      }))),
  ...line.synonyms.map((text): NamePart => ({
    kind: 'synonym',
    ...readUse(text),
    preferred: false,
    pronunciation: null,
  })),
  ...line.olderFamilies.map((text): NamePart => ({
    kind: 'older_family',
    text,
    preferred: false,
    pronunciation: null,
  })),
];

/**
 * Reads a list of names as a file: its species with their names, and one list of them. Source: docs/formats.md.
 * @param title what the list will be called.
 */
export function readNameDocument(text: string, title: string): ReadFile<LibraryPart> {
  const read = parseNameList(text);
  if (!read.ok) return { ok: false, refused: [refusal(START, read.problem.message, read.problem.remedy)] };
  const places = placesOf();
  const refused: Refusal[] = [];
  const seen = new Map<string, number>();
  const taxa = read.value.flatMap((line, i): TaxonPart[] => {
    const place = { line: line.line, column: 1 };
    const rank = rankOf(line.name);
    if (!rank) {
      refused.push(
        refusal(
          place,
          `“${line.name}” is no scientific name.`,
          'Write genus and epithet, as Abies grandis; paste loose names where a list is made.',
        ),
      );
      return [];
    }
    const before = seen.get(line.name.toLowerCase());
    if (before !== undefined) {
      refused.push(
        refusal(place, `${line.name} stands in line ${before} already.`, 'Keep one line for each.'),
      );
      return [];
    }
    seen.set(line.name.toLowerCase(), line.line);
    places.set(['taxa', i], place);
    const parent =
      rank === 'species' || rank === 'infraspecies' || rank === 'hybrid'
        ? line.name.split(' ')[0]
        : line.family;
    const names = namesOf(line);
    return [
      {
        name: line.name,
        rank,
        ...(names.length > 0 ? { names } : {}),
        ...(parent ? { parents: [{ name: parent, kind: 'classification' }] } : {}),
      },
    ];
  });
  if (refused.length > 0) return { ok: false, refused };
  const members = read.value.map((l) => ({ name: l.name, week: l.week, label: l.label }));
  return {
    ok: true,
    value: { taxa, lists: [{ name: title, members }] },
    where: places.where,
    left: [],
  };
}

export interface NameLine {
  readonly scientific: string;
  readonly family: string | null;
  readonly common: readonly string[];
  readonly synonyms: readonly string[];
  readonly olderFamilies: readonly string[];
  readonly week: number | null;
  readonly label: string | null;
}

/** A list of names as CSV, several values of a cell separated by ` | `. */
export const writeNames = (lines: readonly NameLine[]): string =>
  writeCsv([
    ['scientific', 'family', 'common', 'synonyms', 'older_families', 'week', 'label'],
    ...lines.map((l) => [
      l.scientific,
      l.family,
      l.common.join(' | '),
      l.synonyms.join(' | '),
      l.olderFamilies.join(' | '),
      l.week,
      l.label,
    ]),
  ]);
