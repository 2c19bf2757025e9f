import type { StatementRow } from '@hurrow/contract';
import type { Statement, TaxonNode, Value } from '@hurrow/core/characters';
import type { LibraryData, WindowRow } from '@hurrow/core/tells';
import type { WindowKind } from '@hurrow/core/conditions';
import type { Sql } from '../db/index.ts';
import { withAncestors } from './taxa.ts';

/** Columns of a statement with its value, for a query over `statement st`. */
export const STATEMENT = `st.id, st.taxon, st.individual, st.character, st.source, st.kind, st.n, st.note, st.version, st.at,
  (select jsonb_agg(jsonb_build_object('state', ss.state, 'freq', ss.freq) order by array_position(array['usual','sometimes','rare','mistaken_for'], ss.freq), ss.state)
   from statement_state ss where ss.ws = st.ws and ss.statement = st.id) as states,
  (select jsonb_build_object('xlow', sr.xlow, 'low', sr.low, 'high', sr.high, 'xhigh', sr.xhigh, 'entered', sr.entered)
   from statement_range sr where sr.ws = st.ws and sr.statement = st.id) as range`;

export interface RawStatement {
  id: string;
  taxon: string | null;
  individual: string | null;
  character: string;
  source: string | null;
  kind: 'states' | 'range' | 'inapplicable';
  n: number | null;
  note: string | null;
  version: number;
  at: string;
  states: Extract<Value, { kind: 'states' }>['states'] | null;
  range: Omit<Extract<Value, { kind: 'range' }>, 'kind'> | null;
}

export function valueOf(r: Pick<RawStatement, 'kind' | 'states' | 'range'>): Value {
  if (r.kind === 'states') return { kind: 'states', states: r.states ?? [] };
  if (r.kind === 'range' && r.range) return { kind: 'range', ...r.range };
  return { kind: 'inapplicable' };
}

export const asStatementRow = (r: RawStatement): StatementRow => ({
  id: r.id,
  taxon: r.taxon ?? '',
  character: r.character,
  source: r.source ?? '',
  value: valueOf(r),
  n: r.n,
  note: r.note,
  version: r.version,
});

export const asStatement = (r: StatementRow): Statement => ({
  id: r.id,
  taxon: r.taxon,
  character: r.character,
  source: r.source,
  value: r.value,
});

/** Statements of taxa, best source first. */
export async function readStatements(
  sql: Sql,
  ws: string,
  taxa: readonly string[],
): Promise<readonly StatementRow[]> {
  const rows = await sql.query<RawStatement>(
    `select ${STATEMENT} from statement st join source s on s.ws = st.ws and s.id = st.source
     where st.ws = $1 and st.taxon = any($2::uuid[]) and st.retracted_at is null and st.life is null
     order by s.rank, st.id`,
    [ws, taxa],
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
  }>(
    'select taxon, kind, start_doy, end_doy, ref_lat, ref_lon, ref_elev from season_window where ws = $1 and taxon = any($2::uuid[]) order by id',
    [ws, ids],
  );
  return rows.map((r) => ({
    taxon: r.taxon,
    kind: r.kind,
    start: r.start_doy,
    end: r.end_doy,
    ref: { lat: r.ref_lat, lon: r.ref_lon, elevM: r.ref_elev },
  }));
}

/** All that is recorded of some taxa and of the groups above them, as core resolves it. */
export async function readLibrary(
  sql: Sql,
  ws: string,
  taxa: readonly string[],
): Promise<LibraryData & { readonly rows: readonly StatementRow[] }> {
  const ids = await withAncestors(sql, ws, taxa);
  const [nodes, rows, windows, policies] = [
    await readTaxa(sql, ws, ids),
    await readStatements(sql, ws, ids),
    await readWindows(sql, ws, ids),
    await sql.query<{ merge_policy: LibraryData['policy'] }>(
      'select merge_policy from workspace where id = $1',
      [ws],
    ),
  ];
  return {
    taxa: nodes,
    statements: rows.map(asStatement),
    windows,
    policy: policies[0]?.merge_policy ?? 'widest',
    rows,
  };
}

/** What individuals are certified to show, the newest statement of a character first. */
export async function readCertified(
  sql: Sql,
  ws: string,
  individuals: readonly string[],
): Promise<ReadonlyMap<string, Readonly<Record<string, Value>>>> {
  const rows = await sql.query<RawStatement>(
    `select ${STATEMENT} from statement st where st.ws = $1 and st.individual = any($2::uuid[]) and st.retracted_at is null
     order by st.at, st.id`,
    [ws, individuals],
  );
  const found = new Map<string, Record<string, Value>>();
  for (const r of rows) {
    const key = r.individual ?? '';
    found.set(key, { ...(found.get(key) ?? {}), [r.character]: valueOf(r) });
  }
  return found;
}
