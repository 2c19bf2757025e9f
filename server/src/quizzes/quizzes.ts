import { v7 } from 'uuid';
import { POLICY } from '@hurrow/core/quizzes';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, idParam, invalid, needVersion } from '../http/index.ts';
import type { CallOf, ReplyOf } from '../http/index.ts';
import { needQuiz, readQuiz } from './store.ts';
import { lockQuiz, needUnlocked } from './locks.ts';

async function mustHaveList(sql: Sql, ws: string, list: string): Promise<void> {
  if (await maybe(sql, 'select 1 from list where ws = $1 and id = $2', [ws, list])) return;
  throw invalid('This list was deleted.', { field: 'list', remedy: 'Choose another list.' });
}

export async function createQuiz(call: CallOf<'quizCreate'>): Promise<ReplyOf<'quizCreate'>> {
  const { name, list } = call.body;
  const { ws } = call.who;
  await mustHaveList(call.app.db, ws, list);
  const id = v7();
  await call.app.db.transaction((tx) =>
    insertRows(tx, 'quiz', [{ ws, id, name, list, kind: 'field', policy: POLICY, version: 1 }]),
  );
  return { status: 201, body: await readQuiz(call.app.db, ws, call.who.id, id) };
}

/** Renames a quiz, gives it another list while it has no sitting, or archives it with its sittings. */
export async function changeQuiz(call: CallOf<'quizChange'>): Promise<ReplyOf<'quizChange'>> {
  const { name, list, archived } = call.body;
  const { ws } = call.who;
  const id = idParam(call, 'id');
  await call.app.db.transaction(async (tx) => {
    await lockQuiz(tx, ws, id);
    const quiz = await needQuiz(tx, ws, id);
    needVersion(call, quiz.version, { version: quiz.version, name: quiz.name });
    await mustHaveList(tx, ws, list);
    const [sitting] = await tx.query<{ state: string }>(
      `select state from sitting where ws = $1 and quiz = $2 order by state = 'open' desc limit 1`,
      [ws, id],
    );
    if (list !== quiz.list && sitting) {
      throw conflict('This quiz has been scheduled, so it keeps its list.', {
        field: 'list',
        remedy: 'Delete its drafts, or create a new quiz from the other list.',
      });
    }
    if (archived && sitting?.state === 'open') {
      throw conflict('A sitting of this quiz is open.', { remedy: 'Close it, then archive the quiz.' });
    }
    await tx.query(
      `update quiz set name = $3, list = $4, version = version + 1,
         archived_at = case when $5 then coalesce(archived_at, $6::timestamptz) end
       where ws = $1 and id = $2`,
      [ws, id, name, list, archived, call.app.clock().toISOString()],
    );
  });
  const body = await readQuiz(call.app.db, ws, call.who.id, id);
  return { body, version: body.version };
}

/** Deletes a quiz that was never scheduled, with its stations. */
export async function removeQuiz(call: CallOf<'quizRemove'>): Promise<ReplyOf<'quizRemove'>> {
  const { ws } = call.who;
  const id = idParam(call, 'id');
  await call.app.db.transaction(async (tx) => {
    await lockQuiz(tx, ws, id);
    const quiz = await needQuiz(tx, ws, id);
    needVersion(call, quiz.version, { version: quiz.version, name: quiz.name });
    if (await maybe(tx, 'select 1 from sitting where ws = $1 and quiz = $2 limit 1', [ws, id])) {
      throw conflict('This quiz has sittings, so it is kept.', {
        remedy: 'Archive it, or delete its drafts first.',
      });
    }
    await tx.query(
      'delete from ask where ws = $1 and station in (select id from station where ws = $1 and quiz = $2)',
      [ws, id],
    );
    await tx.query('delete from station where ws = $1 and quiz = $2', [ws, id]);
    await tx.query('delete from quiz where ws = $1 and id = $2', [ws, id]);
  });
  return { status: 204 };
}

/** Changes how a quiz is run and graded, as long as no key of it is locked. */
export async function changePlan(call: CallOf<'quizPlan'>): Promise<ReplyOf<'quizPlan'>> {
  const { ws } = call.who;
  const id = idParam(call, 'id');
  const { plan, policy } = call.body;
  await call.app.db.transaction(async (tx) => {
    await needUnlocked(tx, ws, id);
    const quiz = await needQuiz(tx, ws, id);
    needVersion(call, quiz.version, { version: quiz.version, name: quiz.name });
    const handling = plan.handling.includes('look') ? plan.handling : ['look', ...plan.handling];
    await tx.query(
      'update quiz set plan = $3::jsonb, policy = $4::jsonb, version = version + 1 where ws = $1 and id = $2',
      [ws, id, JSON.stringify({ ...plan, handling }), JSON.stringify(policy)],
    );
  });
  const body = await readQuiz(call.app.db, ws, call.who.id, id);
  return { body, version: body.version };
}
