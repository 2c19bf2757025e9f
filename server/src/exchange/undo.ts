import { insertRows, one } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, stale } from '../http/index.ts';
import { IN_ORDER, WRITTEN, digestsOf } from './recorder.ts';
import type { Left, Undo, WrittenTable } from './recorder.ts';
import { undoResponses } from './undoResponses.ts';

/** PostgreSQL's code for a row that another one still refers to. */
const STILL_REFERRED_TO = '23503';

const columns = (table: WrittenTable): string => WRITTEN[table].join(', ');

/** Takes away the rows with some keys. */
async function takeAway(
  sql: Sql,
  ws: string,
  table: WrittenTable,
  keys: readonly (readonly unknown[])[],
): Promise<void> {
  const named = keys.map((k) => Object.fromEntries(WRITTEN[table].map((c, i) => [c, k[i]])));
  const same = WRITTEN[table].map((c) => `t.${c} = k.${c}`).join(' and ');
  await sql.query(
    `delete from "${table}" t using jsonb_populate_recordset(null::public."${table}", $2::jsonb) k where t.ws = $1 and ${same}`,
    [ws, JSON.stringify(named)],
  );
}

async function putBack(sql: Sql, table: WrittenTable, rows: readonly object[]): Promise<void> {
  const [first] = rows;
  if (!first) return;
  const others = Object.keys(first).filter(
    (c) => c !== 'ws' && !(WRITTEN[table] as readonly string[]).includes(c),
  );
  const set =
    others.length === 0
      ? 'nothing'
      : `update set ${others.map((c) => `"${c}" = excluded."${c}"`).join(', ')}`;
  await insertRows(
    sql,
    table,
    rows as Readonly<Record<string, unknown>>[],
    `on conflict (ws, ${columns(table)}) do ${set}`,
  );
}

/** What of an import's work has been changed since, as the number of its rows by table. */
async function changedSince(sql: Sql, ws: string, left: readonly Left[]): Promise<readonly string[]> {
  const changed: string[] = [];
  for (const { table, column, digests } of left) {
    const now = await digestsOf(sql, ws, table, column, Object.keys(digests));
    const n = Object.entries(digests).filter(([v, d]) => (now[v] ?? '') !== d).length;
    if (n > 0) changed.push(`${table.replaceAll('_', ' ')} (${n})`);
  }
  return changed;
}

/** How many of the statements an import made have been changed or taken back since. */
async function statementsChanged(sql: Sql, ws: string, batch: string, undo: Undo): Promise<number> {
  const ids = (undo.after.statement ?? []).map(([id]) => id);
  const brought = ids.length + (undo.brought ?? 0);
  if (brought === 0) return 0;
  const { standing } = await one<{ standing: number }>(
    sql,
    `select count(*)::integer as standing from statement
     where ws = $1 and (brought_by = $2 or id = any($3::uuid[])) and version = 1 and retracted_at is null`,
    [ws, batch, ids],
  );
  return brought - standing;
}

/** @throws where a student an import enrolled has been at a sitting since: what they did would go with them. */
async function refuseWhereStudentsCame(sql: Sql, ws: string, undo: Undo): Promise<void> {
  const ids = (undo.after.student ?? []).map(([id]) => id);
  if (ids.length === 0) return;
  const { n } = await one<{ n: number }>(
    sql,
    `select count(distinct student)::integer as n from (
       select student from attempt where ws = $1 and student = any($2::uuid[])
       union all select student from attendance where ws = $1 and student = any($2::uuid[])) x`,
    [ws, ids],
  );
  if (n === 0) return;
  throw conflict(`${n} of the students it enrolled ${n === 1 ? 'has' : 'have'} been at a sitting since.`, {
    remedy: 'Keep the roster; a student can be erased under Classes, with everything they did.',
  });
}

/**
 * Puts back what an import did. @throws where something it wrote has been changed since, or something newer rests on
 * it; then nothing is changed.
 */
export async function undoImport(sql: Sql, ws: string, batch: string, undo: Undo): Promise<void> {
  if (undo.imported) await undoResponses(sql, ws, undo.imported);
  await refuseWhereStudentsCame(sql, ws, undo);
  const rewritten = await statementsChanged(sql, ws, batch, undo);
  const changed = [
    ...(rewritten > 0 ? [`statement (${rewritten})`] : []),
    ...(await changedSince(sql, ws, undo.left)),
  ];
  if (changed.length > 0) {
    throw stale(`Something the import wrote has been changed since: ${changed.join(', ')}.`, {
      remedy: 'Change it by hand, or undo what came after first.',
    });
  }
  try {
    await sql.query('delete from statement where ws = $1 and brought_by = $2', [ws, batch]);
    for (const table of [...IN_ORDER].reverse()) {
      const keys = undo.after[table] ?? [];
      for (let i = 0; i < keys.length; i += 5000) await takeAway(sql, ws, table, keys.slice(i, i + 5000));
    }
    for (const table of IN_ORDER) await putBack(sql, table, undo.before[table] ?? []);
  } catch (error) {
    if ((error as { code?: unknown }).code !== STILL_REFERRED_TO) throw error;
    throw conflict('Something made since rests on what the import brought.', {
      remedy: 'Take away what was made with it first: a tree, a statement, a place in a list.',
    });
  }
  if (undo.merge !== undefined)
    await sql.query('update workspace set merge_policy = $2 where id = $1', [ws, undo.merge]);
}
