import type { Sql } from '../db/index.ts';

export interface Answer {
  id: string;
  student: string;
  sitting_station: string;
  station: string;
  ask: string;
  typed: string | null;
  value: { state?: string } | null;
  sure: string | null;
}

/** The answers that count: the latest of each student to each ask, of the newest device; paper counts last of all. */
export async function countedAnswers(sql: Sql, ws: string, sitting: string): Promise<readonly Answer[]> {
  return sql.query<Answer>(
    `select distinct on (t.student, r.sitting_station, r.ask) r.id, t.student, r.sitting_station, ss.station, r.ask, r.typed, r.value, r.sure
     from response r join attempt t on t.ws = r.ws and t.id = r.attempt
     join sitting_station ss on ss.ws = r.ws and ss.id = r.sitting_station
     where r.ws = $1 and t.sitting = $2
     order by t.student, r.sitting_station, r.ask, t.takeover desc, r.seq desc`,
    [ws, sitting],
  );
}
