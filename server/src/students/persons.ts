import { v7 } from 'uuid';
import type { PersonLinks } from '@hurrow/contract';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, idParam, invalid, notFound } from '../http/index.ts';
import type { CallOf, ReplyOf } from '../http/index.ts';
import { lockAllSums, countMetBefore } from '../sums/index.ts';

interface StudentRow {
  readonly id: string;
  readonly code: string;
  readonly person: string | null;
}

async function needStudent(sql: Sql, ws: string, id: string): Promise<StudentRow> {
  const row = await maybe<StudentRow>(sql, 'select id, code, person from student where ws = $1 and id = $2', [
    ws,
    id,
  ]);
  if (!row)
    throw notFound('There is no such student.', {
      remedy: 'Choose one from a roster; they may have been erased.',
    });
  return row;
}

/** The person of a student; made when somebody first says who it is. */
async function personOf(tx: Sql, ws: string, student: StudentRow): Promise<string> {
  if (student.person !== null) return student.person;
  const person = v7();
  await insertRows(tx, 'person', [{ ws, id: person }]);
  await tx.query('update student set person = $3 where ws = $1 and id = $2', [ws, student.id, person]);
  return person;
}

/** Other students who are the same person, and the merges that say so. */
async function readLinks(sql: Sql, ws: string, student: string): Promise<PersonLinks> {
  const students = await sql.query<PersonLinks['students'][number]>(
    `select st.id, st.code, st.first_name as "firstName",
       coalesce((select jsonb_agg(s.name || ', ' || s.term order by s.name, s.id) from enrolment e
         join section s on s.ws = e.ws and s.id = e.section where e.ws = st.ws and e.student = st.id), '[]') as sections
     from same_person me join same_person o on o.ws = me.ws and o.who = me.who and o.student <> me.student
     join student st on st.ws = o.ws and st.id = o.student
     where me.ws = $1 and me.student = $2 order by st.code, st.id`,
    [ws, student],
  );
  const merges = await sql.query<PersonLinks['merges'][number]>(
    `select m.id, a.code as a, b.code as b, ac.name as by, m.at
     from person_merge m join student a on a.ws = m.ws and a.person = m.a join student b on b.ws = m.ws and b.person = m.b
     join account ac on ac.ws = m.ws and ac.id = m.by_account
     join same_person sa on sa.ws = a.ws and sa.student = a.id join same_person me on me.ws = sa.ws and me.who = sa.who
     where m.ws = $1 and m.undone_at is null and me.student = $2 order by m.at desc, m.id`,
    [ws, student],
  );
  return { students, merges };
}

export async function personLinks(call: CallOf<'personLinks'>): Promise<ReplyOf<'personLinks'>> {
  const { id } = await needStudent(call.app.db, call.who.ws, idParam(call, 'id'));
  return { body: await readLinks(call.app.db, call.who.ws, id) };
}

/**
 * Says that two students are one person, as a student of two years or two sections is. Nothing of either is moved; which
 * trees they met before is worked out again, since they met them as one.
 */
export async function mergePersons(call: CallOf<'personMerge'>): Promise<ReplyOf<'personMerge'>> {
  const { ws } = call.who;
  const { other } = call.body;
  const id = idParam(call, 'id');
  const body = await call.app.db.transaction(async (tx) => {
    await lockAllSums(tx, ws);
    const [one, two] = [await needStudent(tx, ws, id), await needStudent(tx, ws, other)];
    if (one.id === two.id)
      throw invalid('This is the same student.', {
        field: 'other',
        remedy: 'Choose the number they had elsewhere.',
      });
    const already = await maybe(
      tx,
      `select 1 from same_person a join same_person b on b.ws = a.ws and b.who = a.who
       where a.ws = $1 and a.student = $2 and b.student = $3`,
      [ws, one.id, two.id],
    );
    if (already)
      throw conflict('They are one person already.', { field: 'other', remedy: 'Nothing more to do.' });
    const [a, b] = [await personOf(tx, ws, one), await personOf(tx, ws, two)];
    await insertRows(tx, 'person_merge', [
      { ws, id: v7(), a, b, by_account: call.who.id, at: call.app.clock().toISOString() },
    ]);
    await countMetBefore(tx, ws);
    return readLinks(tx, ws, one.id);
  });
  return { status: 201, body };
}

/** Takes a merge back; both are who they were before it. */
export async function undoMerge(call: CallOf<'personMergeUndo'>): Promise<ReplyOf<'personMergeUndo'>> {
  const { ws } = call.who;
  const id = idParam(call, 'id');
  await call.app.db.transaction(async (tx) => {
    await lockAllSums(tx, ws);
    const undone = await tx.query(
      'update person_merge set undone_at = $3 where ws = $1 and id = $2 and undone_at is null returning id',
      [ws, id, call.app.clock().toISOString()],
    );
    if (undone.length === 0)
      throw notFound('This was taken back already.', { remedy: 'Open the student again.' });
    await countMetBefore(tx, ws);
  });
  return { status: 204 };
}

/** Forgets the person of a student who is erased; others who were one person through them stay one. */
export async function forgetPerson(tx: Sql, ws: string, person: string): Promise<void> {
  const merges = await tx.query<{ other: string; by_account: string; at: string }>(
    `select case when a = $2 then b else a end as other, by_account, at from person_merge
     where ws = $1 and (a = $2 or b = $2) and undone_at is null order by at, id`,
    [ws, person],
  );
  await tx.query('delete from person_merge where ws = $1 and (a = $2 or b = $2)', [ws, person]);
  const [first, ...rest] = merges;
  if (first)
    await insertRows(
      tx,
      'person_merge',
      rest
        .filter((m) => m.other !== first.other)
        .map((m) => ({ ws, id: v7(), a: first.other, b: m.other, by_account: m.by_account, at: m.at })),
    );
  await tx.query('delete from person where ws = $1 and id = $2', [ws, person]);
}
