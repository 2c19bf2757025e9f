import { EXPORT_FORMATS } from '@hurrow/contract';
import type { ExportFormat } from '@hurrow/contract';
import {
  notInSdd,
  writeLibraryJson,
  writeNames,
  writeRangeMap,
  writeRangeTable,
  writeRoster,
  writeSdd,
  writeTable,
} from '@hurrow/core/formats';
import type { LibraryDocument, NameLine, TaxonPart } from '@hurrow/core/formats';
import { SPECIES_RANKS, writeUse } from '@hurrow/core/names';
import { describeTaxa } from '@hurrow/core/tells';
import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { invalid, notFound } from '../http/index.ts';
import type { CallOf, ReplyOf } from '../http/index.ts';
import { readLibrary, vocabularyToRead } from '../library/index.ts';
import { readDocument } from './document.ts';
import { readRosterLines } from './roster.ts';

const isSpecies = (t: TaxonPart): boolean => SPECIES_RANKS.includes(t.rank);

/** The family a taxon stands in, by its classification. */
function familyOf(document: LibraryDocument): (name: string) => string | null {
  const of = new Map(document.taxa.map((t) => [t.name, t]));
  return (name) => {
    const seen = new Set<string>();
    let at = of.get(name);
    while (at && at.rank !== 'family' && !seen.has(at.name)) {
      seen.add(at.name);
      at = of.get(at.parents?.find((p) => p.kind === 'classification')?.name ?? '');
    }
    return at?.rank === 'family' ? at.name : null;
  };
}

/** A list, or every species, as lines of names. */
export function nameLines(document: LibraryDocument, list: string | null): readonly NameLine[] {
  const family = familyOf(document);
  const of = new Map(document.taxa.map((t) => [t.name, t]));
  const members =
    list === null
      ? document.taxa.filter(isSpecies).map((t) => ({ name: t.name, week: null, label: null }))
      : (document.lists.find((l) => l.name === list)?.members ?? []);
  return members.map((m) => {
    const names = of.get(m.name)?.names ?? [];
    const text = (kind: string): readonly string[] =>
      names.filter((n) => n.kind === kind).map((n) => writeUse(n.text, n.use));
    return {
      scientific: m.name,
      family: family(m.name),
      common: text('common'),
      synonyms: text('synonym'),
      olderFamilies: text('older_family'),
      week: m.week,
      label: m.label,
    };
  });
}

/** Values in use of species, own and inherited, as a character table. */
async function tableOf(sql: Sql, ws: string, list: string | null): Promise<string> {
  const taxa = await sql.query<{ id: string; name: string }>(
    `select t.id, n.text as name from taxon t join name n on n.ws = t.ws and n.taxon = t.id and n.kind = 'accepted'
     where t.ws = $1 and t.rank = any($3::text[])
       and ($2::text is null or exists (select 1 from list_member m join list l on l.ws = m.ws and l.id = m.list
         where m.ws = t.ws and m.taxon = t.id and l.name = $2))
     order by n.text collate "C"`,
    [ws, list, SPECIES_RANKS],
  );
  const vocabulary = await vocabularyToRead(sql, ws);
  const ids = taxa.map((t) => t.id);
  const described = describeTaxa(ids, await readLibrary(sql, ws, ids), vocabulary, null);
  const profile = new Map(described.map((d) => [d.id, d.profile]));
  return writeTable(
    taxa.map((t) => ({
      name: t.name,
      values: new Map([...(profile.get(t.id) ?? new Map())].map(([c, r]) => [c, r.value])),
    })),
    vocabulary,
  );
}

interface Chosen {
  readonly list: string | null;
  readonly section: string | null;
  readonly version: string;
  readonly created: string;
}

/** The text of a file in one of the formats, and what of the library the format cannot hold. */
export async function exportText(
  sql: Sql,
  ws: string,
  format: ExportFormat,
  { list, section, version, created }: Chosen,
): Promise<{ readonly text: string; readonly left: readonly string[] }> {
  const whole = { left: [] as readonly string[] };
  if (format === 'roster') return { text: writeRoster(await readRosterLines(sql, ws, section)), ...whole };
  if (format === 'table') {
    return { text: await tableOf(sql, ws, list), left: ['who said a value, and where it was said'] };
  }
  const document = await readDocument(sql, ws);
  switch (format) {
    case 'library':
      return { text: writeLibraryJson(document, version), ...whole };
    case 'names':
      return { text: writeNames(nameLines(document, list)), ...whole };
    case 'sdd':
      return { text: writeSdd(document, version, created), left: notInSdd(document) };
    case 'ranges':
      return {
        text: writeRangeTable(document.taxa.map((t) => ({ name: t.name, range: t.range ?? [] }))),
        ...whole,
      };
    case 'areas':
      return {
        text: writeRangeMap(document.taxa.map((t) => ({ name: t.name, areas: t.areas ?? [] }))),
        ...whole,
      };
  }
}

const FORMATS = Object.keys(EXPORT_FORMATS) as readonly ExportFormat[];

export async function exportFile(call: CallOf<'exportFile'>): Promise<ReplyOf<'exportFile'>> {
  const { ws } = call.who;
  const format = FORMATS.find((f) => f === call.params['format']);
  if (!format) {
    throw invalid(`“${call.params['format'] ?? ''}” is no format.`, {
      field: 'format',
      remedy: `Choose one of ${FORMATS.join(', ')}.`,
    });
  }
  const listId = call.query['list'] ?? null;
  const section = call.query['section'] ?? null;
  const list =
    listId === null
      ? null
      : await maybe<{ name: string }>(call.app.db, 'select name from list where ws = $1 and id::text = $2', [
          ws,
          listId,
        ]);
  if (listId !== null && !list)
    throw notFound('There is no such list.', { remedy: 'Choose one under Classes.' });
  if (
    section !== null &&
    !(await maybe(call.app.db, 'select 1 from section where ws = $1 and id::text = $2', [ws, section]))
  )
    throw notFound('This class was deleted.', { remedy: 'Choose one under Classes.' });
  const { text } = await exportText(call.app.db, ws, format, {
    list: list?.name ?? null,
    section,
    version: call.app.version,
    created: call.app.clock().toISOString(),
  });
  const { file, type } = EXPORT_FORMATS[format];
  return { file: { type: `${type}; charset=utf-8`, bytes: text, name: `hurrow-${file}` } };
}
