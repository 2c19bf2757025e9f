import type { Sql } from '../db/index.ts';
import type { Whose } from './answers.ts';

/** Where a written name stands in the grades in force: at which stations, by whom. */
export async function placesOf(
  sql: Sql,
  ws: string,
  sitting: string,
  folded: string,
): Promise<ReadonlyMap<string, Whose>> {
  const rows = await sql.query<{ station: string; students: readonly string[] }>(
    `select r.sitting_station as station, array_agg(distinct t.student) as students
     from grade g join response r on r.ws = g.ws and r.id = g.response join attempt t on t.ws = r.ws and t.id = r.attempt
     where g.ws = $1 and g.folded = $3 and g.last_seq is null and t.sitting = $2 group by r.sitting_station`,
    [ws, sitting, folded],
  );
  return new Map(rows.map((r) => [r.station, r.students]));
}
