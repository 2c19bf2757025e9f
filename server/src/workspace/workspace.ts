import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';

export interface Workspace {
  readonly id: string;
  readonly name: string;
  readonly mergePolicy: 'widest' | 'typical' | 'preferred';
  readonly demo: boolean;
  /** The date of the workspace: its override, or the day at its first site. */
  readonly today: string;
}

interface Row {
  id: string;
  name: string;
  merge_policy: Workspace['mergePolicy'];
  settings: { demo?: boolean };
  today_override: string | null;
  tz: string | null;
}

function localDate(now: Date, tz: string): string {
  try {
    return new Intl.DateTimeFormat('en-CA', { timeZone: tz, dateStyle: 'short' }).format(now);
  } catch {
    return now.toISOString().slice(0, 10);
  }
}

/** The workspace of an installation; null before it is set up. */
export async function readWorkspace(sql: Sql, now: Date): Promise<Workspace | null> {
  const row = await maybe<Row>(
    sql,
    `select w.id, w.name, w.merge_policy, w.settings, w.today_override,
       (select s.tz from site s where s.ws = w.id order by s.id limit 1) as tz
     from workspace w order by w.id limit 1`,
  );
  if (!row) return null;
  return {
    id: row.id,
    name: row.name,
    mergePolicy: row.merge_policy,
    demo: row.settings.demo === true,
    today: row.today_override ?? localDate(now, row.tz ?? 'UTC'),
  };
}
