import { v7 } from 'uuid';
import type { RulingBody } from '@hurrow/contract';
import { insertRows, maybe } from '../db/index.ts';
import { conflict, idParam, invalid, notFound } from '../http/index.ts';
import type { Account, Call, Reply, StaffHandlers } from '../http/index.ts';
import { needSitting } from '../sittings/index.ts';
import { readMarks } from './marks.ts';
import { writeRuling } from './rulings.ts';
import { markSitting } from './run.ts';

async function run(call: Call<Account>): Promise<Reply> {
  const id = idParam(call, 'id');
  const { ws } = call.who;
  await call.app.db.transaction(async (tx) => {
    const sitting = await needSitting(tx, call.who, id, true);
    await markSitting(tx, {
      ws,
      sitting,
      by: call.who.id,
      at: call.app.clock().toISOString(),
      cause: sitting.state === 'marked' ? 'again' : 'first',
    });
  });
  return {
    status: 201,
    body: await readMarks(call.app.db, ws, await needSitting(call.app.db, call.who, id)),
  };
}

interface MarkTarget {
  sitting: string;
  most: number;
  outcome: string;
}

/** The answer to be overridden, by the newest run of its sitting, in a section the account may see. */
async function needMark(call: Call<Account>, response: string): Promise<MarkTarget> {
  const row = await maybe<MarkTarget>(
    call.app.db,
    `select m.most, m.outcome, mr.sitting from mark m join marking_run mr on mr.ws = m.ws and mr.id = m.run
     where m.ws = $1 and m.response = $2 order by mr.seq desc limit 1`,
    [call.who.ws, response],
  );
  if (!row) throw notFound('There is no such marked answer.', { remedy: 'Mark the sitting first.' });
  const sitting = await needSitting(call.app.db, call.who, row.sitting);
  if (sitting.state === 'given_back') {
    throw conflict('The marks have been given back.', { remedy: 'Marks stand once they are given back.' });
  }
  return row;
}

async function override(call: Call<Account>): Promise<Reply> {
  const { points, reason } = call.body as { points: number; reason: string };
  const { ws } = call.who;
  const response = idParam(call, 'id');
  const target = await needMark(call, response);
  if (points > target.most) {
    throw invalid(`The ask is worth ${target.most}; ${points} is more.`, {
      field: 'points',
      remedy: `Give 0 to ${target.most}.`,
    });
  }
  const at = call.app.clock().toISOString();
  await call.app.db.transaction(async (tx) => {
    await tx.query(
      'update override set withdrawn_at = $3 where ws = $1 and response = $2 and withdrawn_at is null',
      [ws, response, at],
    );
    await insertRows(tx, 'override', [
      { ws, id: v7(), response, outcome: target.outcome, points, by_account: call.who.id, reason, at },
    ]);
  });
  const sitting = await needSitting(call.app.db, call.who, target.sitting);
  return { body: await readMarks(call.app.db, ws, sitting) };
}

async function withdraw(call: Call<Account>): Promise<Reply> {
  const response = idParam(call, 'id');
  const target = await needMark(call, response);
  await call.app.db.query(
    'update override set withdrawn_at = $3 where ws = $1 and response = $2 and withdrawn_at is null',
    [call.who.ws, response, call.app.clock().toISOString()],
  );
  const sitting = await needSitting(call.app.db, call.who, target.sitting);
  return { body: await readMarks(call.app.db, call.who.ws, sitting) };
}

/**
 * Decides a written name for the whole list, or for this sitting where an assistant decides, and grades the sitting
 * again, so that every answer with it follows.
 */
async function rule(call: Call<Account>): Promise<Reply> {
  const body = call.body as RulingBody;
  const id = idParam(call, 'id');
  const { ws } = call.who;
  const at = call.app.clock().toISOString();
  await call.app.db.transaction(async (tx) => {
    const sitting = await needSitting(tx, call.who, id, true);
    // An assistant decides for the sitting in front of them; a teacher for the whole list.
    const scope = { list: sitting.list, sitting: call.who.role === 'assistant' ? sitting.id : null };
    await writeRuling(tx, ws, scope, call.who.id, body, at);
    await markSitting(tx, { ws, sitting, by: call.who.id, at, cause: 'a name was decided' });
  });
  return { body: await readMarks(call.app.db, ws, await needSitting(call.app.db, call.who, id)) };
}

export const markingHandlers: StaffHandlers = {
  markingRun: run,
  marks: async (call) => ({
    body: await readMarks(
      call.app.db,
      call.who.ws,
      await needSitting(call.app.db, call.who, idParam(call, 'id')),
    ),
  }),
  override,
  overrideWithdraw: withdraw,
  ruling: rule,
};
