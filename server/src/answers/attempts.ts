import { v7 } from 'uuid';
import { one } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { columns } from './columns.ts';
import type { LoggedAnswer } from './line.ts';

type AttemptOf = Pick<LoggedAnswer, 'ws' | 'sitting' | 'student' | 'takeover'>;

export const attemptKey = (a: AttemptOf): string => `${a.sitting}/${a.student}/${a.takeover}`;

/**
 * The attempts of answers, by sitting, student and device number; made where the database does not know them.
 * They are locked, so that one batch sent twice at the same moment is stored by one and recognized by the other.
 */
export async function attemptsFor(
  sql: Sql,
  answers: readonly AttemptOf[],
): Promise<ReadonlyMap<string, string>> {
  const wanted = [...new Map(answers.map((a) => [attemptKey(a), a])).values()].sort((a, b) =>
    attemptKey(a) < attemptKey(b) ? -1 : 1,
  );
  const [ws, sitting, student, takeover] = columns(
    wanted,
    (a) => a.ws,
    (a) => a.sitting,
    (a) => a.student,
    (a) => a.takeover,
  );
  await sql.query(
    `insert into attempt (ws, id, sitting, student, takeover)
     select * from unnest($1::uuid[], $2::uuid[], $3::uuid[], $4::uuid[], $5::integer[])
     on conflict (ws, sitting, student, takeover) do nothing`,
    [ws, wanted.map(() => v7()), sitting, student, takeover],
  );
  const rows = await sql.query<{ id: string; sitting: string; student: string; takeover: number }>(
    `select t.id, t.sitting, t.student, t.takeover
     from unnest($1::uuid[], $2::uuid[], $3::uuid[], $4::integer[]) w(ws, sitting, student, takeover)
     join attempt t on t.ws = w.ws and t.sitting = w.sitting and t.student = w.student and t.takeover = w.takeover
     order by t.id for update of t`,
    [ws, sitting, student, takeover],
  );
  return new Map(rows.map((r) => [attemptKey({ ...r, ws: '' }), r.id]));
}

/** The attempt of a student on one device. */
export async function attemptFor(sql: Sql, a: AttemptOf): Promise<string> {
  const id = (await attemptsFor(sql, [a])).get(attemptKey(a));
  if (!id) throw new Error('The attempt could not be made');
  return id;
}

/** The takeover of paper sheets, above the numbers of all phones, so that neither is ever written over the other. */
export const PAPER_TAKEOVER = 1000;

/** The highest number of a phone that joined; 0 where none did. */
export async function lastTakeover(sql: Sql, a: Omit<AttemptOf, 'takeover'>): Promise<number> {
  const { last } = await one<{ last: number }>(
    sql,
    `select coalesce(max(takeover), 0) as last from attempt
     where ws = $1 and sitting = $2 and student = $3 and takeover < $4`,
    [a.ws, a.sitting, a.student, PAPER_TAKEOVER],
  );
  return last;
}
