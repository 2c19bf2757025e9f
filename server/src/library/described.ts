import type { StatementRow } from '@hurrow/contract';
import type { Statement, TaxonNode, Value } from '@hurrow/core/characters';
import type { LibraryData, WindowRow } from '@hurrow/core/tells';
import type { WindowKind, Life } from '@hurrow/core/conditions';
import type { Sql } from '../db/index.ts';
import { keptUnderStamp } from './kept.ts';
import { withAncestors } from './taxa.ts';

/** Columns of a statement without its value, for a query over `statement st`. */
const COLUMNS = `st.id, st.taxon, st.individual, st.character, st.source, st.kind, st.life, st.n, st.note, st.version,
  exists (select 1 from source x where x.ws = st.ws and x.id = st.source and x.kind = 'shipped') as shipped`;

interface RawStatement {
  id: string;
  taxon: string | null;
  individual: string | null;
  character: string;
  source: string | null;
  kind: 'states' | 'range' | 'inapplicable';
  life: Life | null;
  n: number | null;
  note: string | null;
  version: number;
  shipped: boolean;
}

type States = Extract<Value, { kind: 'states' }>['states'];
type Range = Omit<Extract<Value, { kind: 'range' }>, 'kind'>;

interface Valued extends RawStatement {
  readonly value: Value;
}

/**
 * Statements chosen by a condition over `statement st`, with their values. The values come in two further queries and
 * are put together here: gathering them row by row in SQL takes several times as long.
 */
async function readValued(sql: Sql, choose: string, params: readonly unknown[]): Promise<readonly Valued[]> {
  const rows = await sql.query<RawStatement>(`select ${COLUMNS} from ${choose}`, params);
  if (rows.length === 0) return [];
  const ids = rows.map((r) => r.id);
  const states = new Map<string, States[number][]>();
  for (const s of await sql.query<States[number] & { statement: string }>(
    `select statement, state, freq from statement_state where statement = any($1::uuid[])
     order by array_position(array['usual', 'sometimes', 'rare', 'never', 'mistaken_for'], freq), state`,
    [ids],
  )) {
    const had = states.get(s.statement);
    const state = { state: s.state, freq: s.freq };
    if (had) had.push(state);
    else states.set(s.statement, [state]);
  }
  const ranges = new Map<string, Range>();
  for (const { statement, more, ...range } of await sql.query<Range & { statement: string }>(
    'select statement, xlow, low, high, xhigh, more, entered from statement_range where statement = any($1::uuid[])',
    [ids],
  )) {
    ranges.set(statement, more ? { ...range, more } : range);
  }
  return rows.map((r): Valued => {
    const range = ranges.get(r.id);
    if (r.kind === 'states') return { ...r, value: { kind: 'states', states: states.get(r.id) ?? [] } };
    return {
      ...r,
      value: r.kind === 'range' && range ? { kind: 'range', ...range } : { kind: 'inapplicable' },
    };
  });
}

const asStatementRow = (r: Valued): StatementRow => ({
  id: r.id,
  taxon: r.taxon ?? '',
  character: r.character,
  source: r.source ?? '',
  value: r.value,
  n: r.n,
  note: r.note,
  version: r.version,
  ...(r.life ? { life: r.life } : {}),
  ...(r.shipped ? { shipped: true } : {}),
});

const asStatement = (r: StatementRow): Statement => ({
  id: r.id,
  taxon: r.taxon,
  character: r.character,
  source: r.source,
  value: r.value,
  ...(r.life ? { life: r.life } : {}),
  ...(r.shipped ? { shipped: true } : {}),
});

/** One statement of a taxon that stands; null where there is none. */
export async function readStatement(sql: Sql, ws: string, id: string): Promise<StatementRow | null> {
  const [row] = await readValued(
    sql,
    'statement st where st.ws = $1 and st.id = $2 and st.taxon is not null and st.retracted_at is null',
    [ws, id],
  );
  return row ? asStatementRow(row) : null;
}

/** Statements of taxa, best source first; of some characters only where they are given. */
async function readStatements(
  sql: Sql,
  ws: string,
  taxa: readonly string[],
  characters: readonly string[] | null,
): Promise<readonly StatementRow[]> {
  const rows = await readValued(
    sql,
    `statement st join source s on s.ws = st.ws and s.id = st.source
     where st.ws = $1 and st.taxon = any($2::uuid[]) and st.retracted_at is null
       and ($3::text[] is null or st.character = any($3::text[]))
     order by s.rank, st.id`,
    [ws, taxa, characters],
  );
  return rows.map(asStatementRow);
}

async function readTaxa(sql: Sql, ws: string, ids: readonly string[]): Promise<readonly TaxonNode[]> {
  const rows = await sql.query<{ id: string; label: string | null; rank: string; parents: string[] | null }>(
    `select t.id, t.rank, (select n.text from name n where n.ws = t.ws and n.taxon = t.id and n.kind = 'accepted') as label,
       (select jsonb_agg(p.parent order by (p.kind = 'group') desc, p.ord) from taxon_parent p
        where p.ws = t.ws and p.child = t.id and p.kind <> 'hybrid_parent') as parents
     from taxon t where t.ws = $1 and t.id = any($2::uuid[])`,
    [ws, ids],
  );
  return rows.map((r) => ({
    id: r.id,
    label: r.label ?? 'unnamed',
    parents: r.parents ?? [],
    ...(r.rank === 'hybrid' ? { isHybrid: true } : {}),
  }));
}

async function readWindows(sql: Sql, ws: string, ids: readonly string[]): Promise<readonly WindowRow[]> {
  const rows = await sql.query<{
    taxon: string;
    kind: WindowKind;
    start_doy: number;
    end_doy: number;
    ref_lat: number;
    ref_lon: number;
    ref_elev: number;
    shipped: boolean;
  }>(
    `select w.taxon, w.kind, w.start_doy, w.end_doy, w.ref_lat, w.ref_lon, w.ref_elev, coalesce(s.kind = 'shipped', false) as shipped
     from season_window w left join source s on s.ws = w.ws and s.id = w.source
     where w.ws = $1 and w.taxon = any($2::uuid[]) order by s.rank nulls last, w.id`,
    [ws, ids],
  );
  return rows.map((r) => ({
    taxon: r.taxon,
    kind: r.kind,
    start: r.start_doy,
    end: r.end_doy,
    ref: { lat: r.ref_lat, lon: r.ref_lon, elevM: r.ref_elev },
    ...(r.shipped ? { shipped: true } : {}),
  }));
}

/** How sources are merged in this workspace, and the characters merged otherwise. */
export async function readPolicies(
  sql: Sql,
  ws: string,
): Promise<{
  readonly policy: LibraryData['policy'];
  readonly policies: NonNullable<LibraryData['policies']>;
}> {
  const [workspace] = await sql.query<{ merge_policy: LibraryData['policy'] }>(
    'select merge_policy from workspace where id = $1',
    [ws],
  );
  const policies = await sql.query<NonNullable<LibraryData['policies']>[number]>(
    'select character, policy, preferred_source as source from policy_override where ws = $1 order by character',
    [ws],
  );
  return { policy: workspace?.merge_policy ?? 'widest', policies };
}

export type Library = LibraryData & { readonly rows: readonly StatementRow[] };

/**
 * All that is recorded of some taxa and of the groups above them, as core resolves it.
 * @param characters only these, where they are given; with them must stand what decides whether they apply.
 */
export function readLibrary(
  sql: Sql,
  ws: string,
  taxa: readonly string[],
  characters: readonly string[] | null = null,
): Promise<Library> {
  const what = `library/${[...taxa].sort().join()}/${characters === null ? '*' : [...characters].sort().join()}`;
  return keptUnderStamp(sql, ws, what, () => readFromTables(sql, ws, taxa, characters));
}

async function readFromTables(
  sql: Sql,
  ws: string,
  taxa: readonly string[],
  characters: readonly string[] | null,
): Promise<Library> {
  const ids = await withAncestors(sql, ws, taxa);
  const nodes = await readTaxa(sql, ws, ids);
  const rows = await readStatements(sql, ws, ids, characters);
  const windows = await readWindows(sql, ws, ids);
  return {
    taxa: nodes,
    statements: rows.map(asStatement),
    windows,
    ...(await readPolicies(sql, ws)),
    rows,
  };
}

/** What individuals are certified to show, the newest statement of a character first. */
export async function readCertified(
  sql: Sql,
  ws: string,
  individuals: readonly string[],
): Promise<ReadonlyMap<string, Readonly<Record<string, Value>>>> {
  if (individuals.length === 0) return new Map();
  return keptUnderStamp(sql, ws, `certified/${[...individuals].sort().join()}`, () =>
    certifiedFromTables(sql, ws, individuals),
  );
}

async function certifiedFromTables(
  sql: Sql,
  ws: string,
  individuals: readonly string[],
): Promise<ReadonlyMap<string, Readonly<Record<string, Value>>>> {
  const rows = await readValued(
    sql,
    'statement st where st.ws = $1 and st.individual = any($2::uuid[]) and st.retracted_at is null order by st.seq',
    [ws, individuals],
  );
  const found = new Map<string, Record<string, Value>>();
  for (const r of rows) {
    const key = r.individual ?? '';
    found.set(key, { ...(found.get(key) ?? {}), [r.character]: r.value });
  }
  return found;
}
