import type { Sql } from '../db/index.ts';
import type { LoggedAnswer } from './line.ts';

/** An answer as the database has it. */
export interface Known {
  id: string;
  student: string;
  sitting_station: string;
  ask: string;
  typed: string | null;
  value: { state?: string } | null;
  sure: string | null;
}

const same = (a: LoggedAnswer, k: Known): boolean =>
  k.student === a.student &&
  k.sitting_station === a.sittingStation &&
  k.ask === a.ask &&
  k.typed === a.typed &&
  (k.value?.state ?? null) === ((a.value?.['state'] as string | undefined) ?? null) &&
  k.sure === a.sure;

/** Answers by the workspace they are of; an installation has one. */
function byWorkspace<T extends Pick<LoggedAnswer, 'ws'>>(
  answers: readonly T[],
): ReadonlyMap<string, readonly T[]> {
  const groups = new Map<string, T[]>();
  for (const a of answers) groups.set(a.ws, [...(groups.get(a.ws) ?? []), a]);
  return groups;
}

/**
 * The answers under some ids that are stored already.
 * Ids go in as one array: joined row by row, a table that has grown since it was last analyzed would be read whole
 * for every one of them.
 */
export async function knownAnswers(
  sql: Sql,
  answers: readonly Pick<LoggedAnswer, 'ws' | 'id'>[],
): Promise<{ readonly stored: ReadonlyMap<string, Known>; readonly kept: ReadonlySet<string> }> {
  const stored = new Map<string, Known>();
  const kept = new Set<string>();
  for (const [ws, group] of byWorkspace(answers)) {
    const ids = group.map((a) => a.id);
    const rows = await sql.query<Known>(
      `select r.id, r.sitting_station, r.ask, r.typed, r.value, r.sure,
         (select t.student from attempt t where t.ws = r.ws and t.id = r.attempt) as student
       from response r where r.ws = $1 and r.id = any($2::uuid[])`,
      [ws, ids],
    );
    for (const r of rows) stored.set(r.id, r);
    const conflicts = await sql.query<{ id: string }>(
      `select payload ->> 'id' as id from conflict where payload ->> 'id' = any($1::text[])`,
      [ids],
    );
    for (const c of conflicts) kept.add(c.id);
  }
  return { stored, kept };
}

/** Whether an answer is stored just as it is. */
export const isStored = (a: LoggedAnswer, stored: ReadonlyMap<string, Known>): boolean => {
  const k = stored.get(a.id);
  return k !== undefined && same(a, k);
};
