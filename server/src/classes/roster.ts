import { v7 } from 'uuid';
import type { RosterBody } from '@hurrow/contract';
import { insertRows } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, idParam, notFound } from '../http/index.ts';
import type { CallOf, ReplyOf } from '../http/index.ts';
import { readWorkspace } from '../workspace/index.ts';
import { needSection, readSection } from './sectionRows.ts';

/** @throws where one number is given twice. */
export function refuseTwice(students: RosterBody['students']): void {
  const codes = students.map((s) => s.code.toLowerCase());
  const twice = codes.findIndex((c, i) => codes.indexOf(c) < i);
  if (twice < 0) return;
  throw conflict(`The student number ${students[twice]?.code ?? ''} is given twice.`, {
    field: `students.${twice}.code`,
    remedy: 'Give each student a different number.',
  });
}

/** @throws where a student of the section has one of the numbers already. */
async function refuseTaken(
  tx: Sql,
  ws: string,
  section: string,
  codes: readonly string[],
  field: (index: number) => string,
  own: string | null = null,
): Promise<void> {
  const rows = await tx.query<{ code: string }>(
    `select lower(st.code) as code from enrolment e join student st on st.ws = e.ws and st.id = e.student
     where e.ws = $1 and e.section = $2 and e.to_on is null and st.id is distinct from $3::uuid`,
    [ws, section, own],
  );
  const taken = new Set(rows.map((r) => r.code));
  const at = codes.findIndex((c) => taken.has(c.toLowerCase()));
  if (at < 0) return;
  throw conflict(`Another student of this class has the number ${codes[at] ?? ''}.`, {
    field: field(at),
    remedy: 'Give each student a different number.',
  });
}

/** Writes new students and enrols them. */
export async function enrol(
  tx: Sql,
  ws: string,
  section: string,
  students: RosterBody['students'],
  today: string | null,
): Promise<void> {
  const rows = students.map((s) => ({ ws, id: v7(), code: s.code, first_name: s.firstName || null }));
  await insertRows(tx, 'student', rows);
  await insertRows(
    tx,
    'enrolment',
    rows.map((s) => ({ ws, section, student: s.id, from_on: today })),
  );
}

const todayOf = async (tx: Sql, now: Date): Promise<string> =>
  (await readWorkspace(tx, now))?.today ?? now.toISOString().slice(0, 10);

export async function addStudents(call: CallOf<'rosterAdd'>): Promise<ReplyOf<'rosterAdd'>> {
  const { students } = call.body;
  const { ws } = call.who;
  const id = idParam(call, 'id');
  refuseTwice(students);
  await call.app.db.transaction(async (tx) => {
    await needSection(tx, call.who, id);
    await refuseTaken(
      tx,
      ws,
      id,
      students.map((s) => s.code),
      (i) => `students.${i}.code`,
    );
    await enrol(tx, ws, id, students, await todayOf(tx, call.app.clock()));
  });
  return { status: 201, body: await readSection(call.app.db, call.who, id) };
}

const noStudent = () =>
  notFound('This student is no longer on a roster.', { remedy: 'Choose one under Classes.' });

/** Changes the number, the first name or the school ID of a student; answers and grades stay theirs. */
export async function changeStudent(call: CallOf<'studentChange'>): Promise<ReplyOf<'studentChange'>> {
  const { code, firstName, schoolId } = call.body;
  const { ws } = call.who;
  const id = idParam(call, 'id');
  await call.app.db.transaction(async (tx) => {
    const sections = await tx.query<{ section: string }>(
      'select section from enrolment where ws = $1 and student = $2 and to_on is null',
      [ws, id],
    );
    if (sections.length === 0) throw noStudent();
    for (const { section } of sections) {
      await needSection(tx, call.who, section);
      await refuseTaken(tx, ws, section, [code], () => 'code', id);
    }
    await tx.query(
      `update student set code = $3, first_name = $4, school_id = case when $5 then $6 else school_id end
       where ws = $1 and id = $2`,
      [ws, id, code, firstName || null, schoolId !== undefined, schoolId || null],
    );
  });
  return { status: 204 };
}

/** Moves a student to another section, or out of one; what they did in it stays there. */
export async function moveStudent(call: CallOf<'studentMove'>): Promise<ReplyOf<'studentMove'>> {
  const { from, to } = call.body;
  const { ws } = call.who;
  const id = idParam(call, 'id');
  await call.app.db.transaction(async (tx) => {
    await needSection(tx, call.who, from);
    const today = await todayOf(tx, call.app.clock());
    const left = await tx.query<{ code: string }>(
      `update enrolment e set to_on = greatest(e.from_on, $4::date) from student st
       where e.ws = $1 and e.section = $2 and e.student = $3 and e.to_on is null and st.ws = e.ws and st.id = e.student
       returning st.code`,
      [ws, from, id, today],
    );
    if (!left[0]) throw noStudent();
    if (to === null) return;
    await needSection(tx, call.who, to);
    await refuseTaken(tx, ws, to, [left[0].code], () => 'to');
    await tx.query(
      `insert into enrolment (ws, section, student, from_on) values ($1, $2, $3, $4)
       on conflict (ws, section, student, from_on) do update set to_on = null`,
      [ws, to, id, today],
    );
  });
  return { status: 204 };
}
