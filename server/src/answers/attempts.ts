import { v7 } from 'uuid';
import { one } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { columns } from './columns.ts';
import type { LoggedAnswer } from './line.ts';

type AttemptOf = Pick<LoggedAnswer, 'ws' | 'sitting' | 'student' | 'origin' | 'takeover'>;

export const attemptKey = (a: AttemptOf): string => `${a.sitting}/${a.student}/${a.origin}/${a.takeover}`;

/**
 * The attempts of answers, by sitting, student, origin and number; made where the database does not know them.
 * They are locked, so that one batch sent twice at the same moment is stored by one and recognized by the other.
 */
export async function attemptsFor(
  sql: Sql,
  answers: readonly AttemptOf[],
): Promise<ReadonlyMap<string, string>> {
  const wanted = [...new Map(answers.map((a) => [attemptKey(a), a])).values()].sort((a, b) =>
    attemptKey(a) < attemptKey(b) ? -1 : 1,
  );
  const [ws, sitting, student, origin, takeover] = columns(
    wanted,
    (a) => a.ws,
    (a) => a.sitting,
    (a) => a.student,
    (a) => a.origin,
    (a) => a.takeover,
  );
  const read = () =>
    sql.query<{
      id: string;
      sitting: string;
      student: string;
      origin: LoggedAnswer['origin'];
      takeover: number;
    }>(
      `select t.id, t.sitting, t.student, t.origin, t.takeover
       from unnest($1::uuid[], $2::uuid[], $3::uuid[], $4::text[], $5::integer[]) w(ws, sitting, student, origin, takeover)
       join attempt t on t.ws = w.ws and t.sitting = w.sitting and t.student = w.student
         and t.origin = w.origin and t.takeover = w.takeover
       order by t.id for update of t`,
      [ws, sitting, student, origin, takeover],
    );
  let rows = await read();
  if (rows.length < wanted.length) {
    await sql.query(
      `insert into attempt (ws, id, sitting, student, origin, takeover)
       select * from unnest($1::uuid[], $2::uuid[], $3::uuid[], $4::uuid[], $5::text[], $6::integer[])
       on conflict (ws, sitting, student, origin, takeover) do nothing`,
      [ws, wanted.map(() => v7()), sitting, student, origin, takeover],
    );
    rows = await read();
  }
  return new Map(rows.map((r) => [attemptKey({ ...r, ws: '' }), r.id]));
}

/** The attempt of a student on one device. */
export async function attemptFor(sql: Sql, a: AttemptOf): Promise<string> {
  const id = (await attemptsFor(sql, [a])).get(attemptKey(a));
  if (!id) throw new Error('The attempt could not be made');
  return id;
}

/** The highest number of a phone that joined; 0 where none did. */
export async function lastTakeover(
  sql: Sql,
  a: Pick<AttemptOf, 'ws' | 'sitting' | 'student'>,
): Promise<number> {
  const { last } = await one<{ last: number }>(
    sql,
    `select coalesce(max(takeover), 0) as last from attempt
     where ws = $1 and sitting = $2 and student = $3 and origin = 'phone'`,
    [a.ws, a.sitting, a.student],
  );
  return last;
}
