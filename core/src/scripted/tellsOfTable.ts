import { CHARACTERS, valueWords, vocabularyOf } from '../characters/index.ts';
import type { Statement, TaxonNode, Vocabulary } from '../characters/index.ts';
import { dayOfYear } from '../conditions/index.ts';
import type { Conditions, WindowKind, Life } from '../conditions/index.ts';
import { planImport, readLibraryJson, readTable } from '../formats/index.ts';
import type { ImportPlan, LibraryDocument, LibraryPart, ReadFile, Refusal } from '../formats/index.ts';
import { SPECIES_RANKS } from '../names/index.ts';
import { comparePair, describeTaxa, expectedCharacters } from '../tells/index.ts';
import type { DescribedTaxon, LibraryData, Verdict, WindowRow } from '../tells/index.ts';

const EMPTY: LibraryDocument = {
  characters: CHARACTERS,
  words: [],
  merge: 'widest',
  policies: [],
  sources: [],
  taxa: [],
  pairs: [],
  lists: [],
};

export interface TellsRequest {
  /** A character table, or a library file; the latter also brings groups and seasons. */
  readonly table?: string;
  readonly library?: string;
  /** A library file whose characters are used; the shipped ones where it is missing. */
  readonly vocabulary?: string;
  /** The name of a list of the library; every species where it is missing. */
  readonly list?: string;
  readonly conditions: Conditions;
}

export interface PairTells {
  readonly a: string;
  readonly b: string;
  readonly verdict: Verdict;
  readonly tells: readonly {
    readonly character: string;
    readonly strength: string;
    readonly a: string;
    readonly b: string;
  }[];
  readonly open: readonly string[];
}

export type TellsFound =
  | { readonly ok: true; readonly pairs: readonly PairTells[] }
  | { readonly ok: false; readonly refused: readonly Refusal[] };

/** A plan of a file against nothing, as the data that core describes taxa from. */
function dataOf(plan: ImportPlan): LibraryData {
  const taxa = plan.taxa.map(({ part: t }): TaxonNode => ({
    id: t.name,
    label: t.name,
    parents: (t.parents ?? []).filter((p) => p.kind !== 'hybrid_parent').map((p) => p.name),
    isHybrid: t.rank === 'hybrid',
  }));
  const shipped = new Set(plan.sources.filter((s) => s.kind === 'shipped').map((s) => s.citation));
  const statements = plan.statements.map((s, i): Statement => ({
    id: String(i),
    taxon: s.taxon,
    character: s.part.character,
    source: s.part.source,
    value: s.value,
    ...(s.part.life === null ? {} : { life: s.part.life as Life }),
    ...(shipped.has(s.part.source) ? { shipped: true } : {}),
  }));
  const windows = plan.taxa.flatMap(({ part: t }) =>
    (t.seasons ?? []).map((w): WindowRow => ({
      taxon: t.name,
      kind: w.kind as WindowKind,
      start: w.start,
      end: w.end,
      ref: { lat: w.lat, lon: w.lon, elevM: w.elevation },
      ...(w.source !== null && shipped.has(w.source) ? { shipped: true } : {}),
    })),
  );
  return { taxa, statements, windows, policy: plan.merge ?? 'widest', policies: plan.policies };
}

function readRequest(r: Pick<TellsRequest, 'table' | 'library' | 'vocabulary'>): ReadFile<LibraryPart> {
  if (r.library !== undefined) return readLibraryJson(r.library);
  const words = r.vocabulary === undefined ? null : readLibraryJson(r.vocabulary);
  if (words && !words.ok) return words;
  const characters = words?.value.characters ?? CHARACTERS;
  const read = readTable(r.table ?? '', vocabularyOf(characters), 'the table');
  if (!read.ok) return read;
  const sources = [{ citation: 'the table', kind: 'book', n: null, rank: 100 }];
  return { ...read, value: { characters, sources, taxa: read.value } };
}

/** The species of a character table as they are compared, with the characters it is written in. */
export type DescribedTable =
  | {
      readonly ok: true;
      readonly described: readonly DescribedTaxon[];
      readonly vocabulary: Vocabulary;
      /** Whether the file brings any seasons; a table brings none. */
      readonly hasSeasons: boolean;
    }
  | { readonly ok: false; readonly refused: readonly Refusal[] };

/** Describes the species of a file as they are compared. */
export function describeFile(
  request: Pick<TellsRequest, 'table' | 'library' | 'vocabulary' | 'list'>,
): DescribedTable {
  const read = readRequest(request);
  if (!read.ok) return read;
  const plan = planImport(EMPTY, read.value, { adding: request.library === undefined, where: read.where });
  if (plan.refused.length > 0) return { ok: false, refused: plan.refused };
  const vocabulary: Vocabulary = vocabularyOf(
    (read.value.characters ?? CHARACTERS).filter((c) => !c.retired),
  );
  const list = request.list === undefined ? null : read.value.lists?.find((l) => l.name === request.list);
  if (request.list !== undefined && !list) {
    const refused = [
      {
        line: 1,
        column: 1,
        message: `The file has no list “${request.list}”.`,
        remedy: 'Name one of its lists.',
      },
    ];
    return { ok: false, refused };
  }
  const names = list
    ? list.members.map((m) => m.name)
    : plan.taxa.filter((t) => SPECIES_RANKS.includes(t.part.rank)).map((t) => t.part.name);
  const data = dataOf(plan);
  return {
    ok: true,
    described: describeTaxa(names, data, vocabulary, null),
    vocabulary,
    hasSeasons: data.windows.length > 0,
  };
}

/**
 * Every pair of species of a file with its tells under conditions, strongest and easiest first.
 * Source: docs/formats.md; docs/formulas.md, Tells and twins.
 */
export function tellsOfTable(request: TellsRequest): TellsFound {
  const file = describeFile(request);
  if (!file.ok) return file;
  const { described, vocabulary } = file;
  // A day that is none would make every season unknown.
  dayOfYear(request.conditions.date);
  const expected = expectedCharacters(described);
  const say = (character: string, value: Parameters<typeof valueWords>[1]): string => {
    const c = vocabulary.get(character);
    return c ? valueWords(c, value, { words: 'technical', units: 'metric' }) : '';
  };
  return {
    ok: true,
    pairs: described.flatMap((a, i) =>
      described.slice(i + 1).map((b): PairTells => {
        const r = comparePair(a, b, vocabulary, request.conditions, expected);
        return {
          a: a.id,
          b: b.id,
          verdict: r.verdict,
          tells: r.tells.map((t) => ({
            character: t.character,
            strength: t.strength,
            a: say(t.character, t.a),
            b: say(t.character, t.b),
          })),
          open: r.open.map((o) => o.character),
        };
      }),
    ),
  };
}
