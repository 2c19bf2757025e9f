import type {
  AreaPart,
  CautionPart,
  CharacterPart,
  LibraryDocument,
  ListPart,
  NamePart,
  PairPart,
  ProsePart,
  RangePart,
  RecordPart,
  RootPart,
  SeasonPart,
  SourcePart,
  StatementPart,
  TaxonPart,
  WordPart,
} from '@hurrow/core/formats';
import { inNameOrder, inRegionOrder } from '@hurrow/core/formats';
import { FREQUENCIES } from '@hurrow/core/characters';
import type { Frequency } from '@hurrow/core/characters';
import type { Sql } from '../db/index.ts';
import { readPolicies, readWholeVocabulary } from '../library/index.ts';

type Of<T> = T & { taxon: string };

/** Rows by the taxon they belong to, in the order they came, without its id. */
function byTaxon<T>(rows: readonly Of<T>[]): ReadonlyMap<string, readonly T[]> {
  const found = new Map<string, T[]>();
  for (const { taxon, ...row } of rows) {
    const had = found.get(taxon);
    if (had) had.push(row as T);
    else found.set(taxon, [row as T]);
  }
  return found;
}

interface TaxonRow {
  id: string;
  rank: string;
  authority: string | null;
  status: string;
  checked_on: string | null;
  name: string;
  pronunciation: string | null;
}

const compare = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);

/** Many rows as one text: over a hundred thousand of them, taking rows apart one by one costs several times as much. */
async function manyRows<T>(sql: Sql, columns: string, from: string, ws: string): Promise<readonly T[]> {
  const [row] = await sql.query<{ rows: string | null }>(
    `select json_agg(json_build_array(${columns}))::text as rows from ${from}`,
    [ws],
  );
  return row?.rows ? (JSON.parse(row.rows) as T[]) : [];
}

type StatementRow = readonly [
  id: string,
  taxon: string,
  character: string,
  kind: 'states' | 'range' | 'inapplicable',
  source: string,
  life: string | null,
  n: number | null,
  note: string | null,
];
type StateRow = readonly [statement: string, state: string, freq: Frequency];
type RangeRow = readonly [
  statement: string,
  xlow: number | null,
  low: number,
  high: number,
  xhigh: number | null,
  more: boolean,
  entered: string,
];

/** What is written of taxa, in an order that depends on nothing but what is written. */
async function readStatements(
  sql: Sql,
  ws: string,
  characters: readonly CharacterPart[],
): Promise<ReadonlyMap<string, readonly StatementPart[]>> {
  const rows = await manyRows<StatementRow>(
    sql,
    'st.id, st.taxon, st.character, st.kind, s.citation, st.life, st.n, st.note',
    `statement st join source s on s.ws = st.ws and s.id = st.source
     where st.ws = $1 and st.taxon is not null and st.retracted_at is null`,
    ws,
  );
  const states = new Map<string, { state: string; freq: Frequency }[]>();
  for (const [statement, state, freq] of await manyRows<StateRow>(
    sql,
    'statement, state, freq',
    'statement_state where ws = $1',
    ws,
  )) {
    const had = states.get(statement);
    if (had) had.push({ state, freq });
    else states.set(statement, [{ state, freq }]);
  }
  for (const of of states.values())
    of.sort((a, b) => FREQUENCIES.indexOf(a.freq) - FREQUENCIES.indexOf(b.freq) || compare(a.state, b.state));
  const ranges = new Map(
    (
      await manyRows<RangeRow>(
        sql,
        'statement, xlow, low, high, xhigh, more, entered',
        'statement_range where ws = $1',
        ws,
      )
    ).map((r) => [r[0], r]),
  );
  const at = new Map(characters.map((c, i) => [c.id, { ord: i, unit: c.kind === 'length' ? 'mm' : c.unit }]));
  const sorted = [...rows].sort(
    (a, b) =>
      (at.get(a[2])?.ord ?? 0) - (at.get(b[2])?.ord ?? 0) ||
      compare(a[5] ?? '', b[5] ?? '') ||
      compare(a[4], b[4]),
  );
  return byTaxon(
    sorted.map(([id, taxon, character, kind, source, life, n, note]): Of<StatementPart> => {
      const range = ranges.get(id);
      const value: StatementPart['value'] =
        kind === 'states'
          ? { kind, states: states.get(id) ?? [] }
          : kind === 'range' && range
            ? {
                kind,
                entered: range[6],
                numbers: {
                  xlow: range[1],
                  low: range[2],
                  high: range[3],
                  xhigh: range[4],
                  ...(range[5] ? { more: true } : {}),
                  unit: at.get(character)?.unit ?? '',
                },
              }
            : { kind: 'inapplicable' };
      return { taxon, character, source, value, life, n, note };
    }),
  );
}

async function readTaxa(
  sql: Sql,
  ws: string,
  characters: readonly CharacterPart[],
): Promise<readonly TaxonPart[]> {
  const read = async <T>(text: string): Promise<ReadonlyMap<string, readonly T[]>> =>
    byTaxon(await sql.query<Of<T>>(text, [ws]));
  const taxa = await sql.query<TaxonRow>(
    `select t.id, t.rank, t.authority, t.status, t.checked_on, n.text as name, n.pronunciation
     from taxon t join name n on n.ws = t.ws and n.taxon = t.id and n.kind = 'accepted' where t.ws = $1`,
    [ws],
  );
  const parents = await read<{ name: string; kind: string }>(
    `select p.child as taxon, n.text as name, p.kind from taxon_parent p
     join name n on n.ws = p.ws and n.taxon = p.parent and n.kind = 'accepted'
     where p.ws = $1 order by p.kind, p.ord, n.text collate "C"`,
  );
  const names = await read<NamePart>(
    `select taxon, kind, text, preferred, pronunciation, use from name where ws = $1 and kind <> 'accepted'`,
  );
  const roots = await read<RootPart>(
    `select n.taxon, n.text as name, r.element, r.language, r.meaning, r.character, r.state, r.contested
     from name_root_of o join name n on n.ws = o.ws and n.id = o.name join name_root r on r.ws = o.ws and r.id = o.root
     where o.ws = $1 order by n.text collate "C", r.element collate "C", r.meaning collate "C"`,
  );
  const prose = await read<ProsePart>(
    `select taxon, topic, audience, text, region, on_date as "on", disputed from prose where ws = $1
     order by topic, audience, text collate "C"`,
  );
  const cautions = await read<CautionPart>(
    `select taxon, hazard, forbids, text from caution where ws = $1 and taxon is not null
     order by hazard, text collate "C"`,
  );
  const range = await read<RangePart>(
    `select r.taxon, r.region, r.presence, s.citation as source
     from range_record r left join source s on s.ws = r.ws and s.id = r.source where r.ws = $1`,
  );
  const areas = await read<AreaPart>(
    `select a.taxon, a.presence, a.geometry, s.citation as source
     from range_area a left join source s on s.ws = a.ws and s.id = a.source where a.ws = $1 order by a.id`,
  );
  const seasons = await read<SeasonPart>(
    `select w.taxon, w.kind, w.start_doy as start, w.end_doy as "end", w.ref_lat as lat, w.ref_lon as lon,
       w.ref_elev as elevation, s.citation as source
     from season_window w left join source s on s.ws = w.ws and s.id = w.source where w.ws = $1
     order by w.kind, w.start_doy, w.end_doy, s.citation collate "C"`,
  );
  const record = await read<RecordPart>(
    `select taxon, girth_mm as girth, height_mm as height, spread_mm as spread, place, year from record_tree where ws = $1`,
  );
  const statements = await readStatements(sql, ws, characters);
  return [...taxa]
    .sort((a, b) => compare(a.name, b.name))
    .map((t) => ({
      name: t.name,
      rank: t.rank,
      authority: t.authority,
      pronunciation: t.pronunciation,
      status: t.status,
      checkedOn: t.checked_on,
      parents: parents.get(t.id) ?? [],
      names: inNameOrder((names.get(t.id) ?? []).map(({ use, ...n }) => (use ? { ...n, use } : n))),
      roots: roots.get(t.id) ?? [],
      prose: prose.get(t.id) ?? [],
      cautions: cautions.get(t.id) ?? [],
      range: inRegionOrder(range.get(t.id) ?? []),
      areas: areas.get(t.id) ?? [],
      seasons: seasons.get(t.id) ?? [],
      record: record.get(t.id)?.[0] ?? null,
      statements: statements.get(t.id) ?? [],
    }));
}

async function readLists(sql: Sql, ws: string): Promise<readonly ListPart[]> {
  const lists = await sql.query<{ id: string; name: string }>(
    'select id, name from list where ws = $1 order by name collate "C", id',
    [ws],
  );
  const members = await sql.query<{ list: string } & ListPart['members'][number]>(
    `select m.list, n.text as name, m.week, m.label from list_member m
     join name n on n.ws = m.ws and n.taxon = m.taxon and n.kind = 'accepted' where m.ws = $1 order by m.ord, n.text collate "C"`,
    [ws],
  );
  return lists.map((l) => ({
    name: l.name,
    members: members.filter((m) => m.list === l.id).map(({ list: _, ...m }) => m),
  }));
}

/**
 * The whole library as a document: the same library gives the same document, whenever and wherever it is read. Ids,
 * versions and times stay out of it.
 */
export async function readDocument(sql: Sql, ws: string): Promise<LibraryDocument> {
  const characters = (await readWholeVocabulary(sql, ws)).map(({ version: _, ...c }): CharacterPart => c);
  const { policy, policies } = await readPolicies(sql, ws);
  const sources = await sql.query<SourcePart & { id: string }>(
    'select id, citation, kind, n, rank from source where ws = $1 order by rank, citation collate "C"',
    [ws],
  );
  const citation = new Map(sources.map((s) => [s.id, s.citation]));
  const pairRows = await sql.query<PairPart>(
    `select least(a.text collate "C", b.text collate "C") as a, greatest(a.text collate "C", b.text collate "C") as b,
       p.character, p.text, p.mnemonic, case p.greater when p.a then a.text when p.b then b.text end as greater
     from pair_note p join name a on a.ws = p.ws and a.taxon = p.a and a.kind = 'accepted'
     join name b on b.ws = p.ws and b.taxon = p.b and b.kind = 'accepted' where p.ws = $1 order by 1, 2, 3 nulls first, 4`,
    [ws],
  );
  return {
    characters,
    words: await sql.query<WordPart>(
      `select text, character, state, audience from word where ws = $1
       order by folded collate "C", character collate "C", state collate "C" nulls first, text collate "C"`,
      [ws],
    ),
    merge: policy,
    policies: policies.map((p) => ({
      character: p.character,
      policy: p.policy,
      source: p.source ? (citation.get(p.source) ?? null) : null,
    })),
    sources: sources.map(({ id: _, ...s }) => s),
    taxa: await readTaxa(sql, ws, characters),
    pairs: pairRows.map(({ greater, ...p }) => (greater ? { ...p, greater } : p)),
    lists: await readLists(sql, ws),
  };
}
