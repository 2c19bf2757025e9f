import { answerText } from '@hurrow/core/answers';
import type { AnswerValue } from '@hurrow/core/answers';
import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';

export interface StudentRecord {
  readonly code: string;
  readonly firstName: string | null;
  readonly schoolId: string | null;
  readonly sections: readonly {
    readonly section: string;
    readonly from: string;
    readonly to: string | null;
  }[];
  readonly sittings: readonly Readonly<Record<string, unknown>>[];
  readonly answers: readonly Readonly<Record<string, unknown>>[];
}

/** All that is kept of one student, in words the student can read; null where there is none. */
export async function readRecord(sql: Sql, ws: string, student: string): Promise<StudentRecord | null> {
  const head = await maybe<Pick<StudentRecord, 'code' | 'firstName' | 'schoolId'>>(
    sql,
    'select code, first_name as "firstName", school_id as "schoolId" from student where ws = $1 and id = $2',
    [ws, student],
  );
  if (!head) return null;
  return {
    ...head,
    sections: await sql.query(
      `select c.name as section, e.from_on as "from", e.to_on as "to" from enrolment e
       join section c on c.ws = e.ws and c.id = e.section where e.ws = $1 and e.student = $2 order by e.from_on, c.name`,
      [ws, student],
    ),
    sittings: await sql.query(
      `select q.name as quiz, s.on_date as "on", t.joined_at as "joinedAt", t.submitted_at as "handedInAt", a.status as attendance
       from attempt t join sitting s on s.ws = t.ws and s.id = t.sitting join quiz q on q.ws = s.ws and q.id = s.quiz
       left join attendance a on a.ws = t.ws and a.sitting = t.sitting and a.student = t.student
       where t.ws = $1 and t.student = $2 order by s.on_date, t.takeover`,
      [ws, student],
    ),
    answers: (
      await sql.query<Readonly<Record<string, unknown>> & { value: AnswerValue }>(
        `select q.name as quiz, s.on_date as "on", st.number as station, k.kind as asked, k.character, r.value,
         r.received_at as "receivedAt", r.origin, r.late, d.kind as disputed, d.state as decision, m.outcome, m.points, m.why, o.points as "overriddenTo", o.reason
       from response r join attempt t on t.ws = r.ws and t.id = r.attempt
       join sitting s on s.ws = t.ws and s.id = t.sitting join quiz q on q.ws = s.ws and q.id = s.quiz
       join sitting_station ss on ss.ws = r.ws and ss.id = r.sitting_station join station st on st.ws = ss.ws and st.id = ss.station
       join ask k on k.ws = r.ws and k.id = r.ask
       left join grade m on m.ws = r.ws and m.response = r.id and m.last_seq is null
       left join answer_dispute d on d.ws = r.ws and d.response = r.id
       left join override o on o.ws = r.ws and o.response = r.id and o.withdrawn_at is null
       where t.ws = $1 and t.student = $2 order by s.on_date, st.number, k.ord, r.seq`,
        [ws, student],
      )
    ).map(({ value, ...r }) => ({ ...r, answer: answerText(value), value })),
  };
}
