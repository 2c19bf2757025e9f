import { v7 } from 'uuid';
import type { GradingDone } from '@hurrow/contract';
import { normalise } from '@hurrow/core/names';
import { insertRows, maybe } from '../db/index.ts';
import { idParam, invalid, notFound } from '../http/index.ts';
import type { Account, Call, CallOf, Handlers, ReplyOf } from '../http/index.ts';
import { needSitting } from '../sittings/index.ts';
import { readGrades } from './grades.ts';
import type { Show } from './gradeSql.ts';
import { sittingsWith, writeDecision } from './decisions.ts';
import { decideDisputes, disputes } from './disputes.ts';
import { readSittingKey, reviseKey } from './keyRoutes.ts';
import { readRulings, withdrawRuling } from './rulings.ts';
import { gradeSitting } from './run.ts';
import { decisionsDue } from './due.ts';
import { dropStation, previewDrop } from './drops.ts';
import { previewGrading, previewRuling } from './effects.ts';
import { scopeOf } from './reach.ts';

async function run(call: CallOf<'gradingRun'>): Promise<ReplyOf<'gradingRun'>> {
  const id = idParam(call, 'id');
  const { ws } = call.who;
  const done = await call.app.db.transaction(async (tx) => {
    const sitting = await needSitting(tx, call.who, id, true);
    return gradeSitting(tx, {
      ws,
      sitting,
      by: call.who.id,
      at: call.app.clock().toISOString(),
      cause: sitting.state === 'closed' ? 'first' : 'again',
    });
  });
  const body: GradingDone = { ...done, alsoStale: [] };
  return { status: 201, body };
}

interface GradeTarget {
  sitting: string;
  most: number;
  outcome: string;
}

/** The answer to be overridden, by the newest run of its sitting, in a section the account may see. */
async function needGrade(call: Call<Account>, response: string): Promise<GradeTarget> {
  const row = await maybe<GradeTarget>(
    call.app.db,
    `select m.most, m.outcome, mr.sitting from grade m join grading_run mr on mr.ws = m.ws and mr.id = m.run
     where m.ws = $1 and m.response = $2 order by mr.seq desc limit 1`,
    [call.who.ws, response],
  );
  if (!row) throw notFound('This answer has no grade yet.', { remedy: 'Grade the sitting first.' });
  await needSitting(call.app.db, call.who, row.sitting);
  return row;
}

async function override(call: CallOf<'override'>): Promise<ReplyOf<'override'>> {
  const { points, reason } = call.body;
  const { ws } = call.who;
  const response = idParam(call, 'id');
  const target = await needGrade(call, response);
  if (points > target.most) {
    throw invalid(`The question is worth ${target.most} points; ${points} is more.`, {
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
  return { status: 204 };
}

async function withdraw(call: CallOf<'overrideWithdraw'>): Promise<ReplyOf<'overrideWithdraw'>> {
  const response = idParam(call, 'id');
  await needGrade(call, response);
  await call.app.db.query(
    'update override set withdrawn_at = $3 where ws = $1 and response = $2 and withdrawn_at is null',
    [call.who.ws, response, call.app.clock().toISOString()],
  );
  return { status: 204 };
}

/**
 * Decides a written name for the whole list, or for this sitting where an assistant decides. The answers of this sitting
 * with it are graded again; other sittings with it are named, and change once somebody grades them.
 */
async function rule(call: CallOf<'ruling'>): Promise<ReplyOf<'ruling'>> {
  const { body } = call;
  const id = idParam(call, 'id');
  const { ws } = call.who;
  const at = call.app.clock().toISOString();
  const decided = normalise(body.typed);
  const done = await call.app.db.transaction(async (tx): Promise<GradingDone> => {
    const sitting = await needSitting(tx, call.who, id, true);
    const scope = scopeOf(call.who.role === 'assistant' ? 'sitting' : (body.scope ?? 'list'), sitting);
    await writeDecision(tx, ws, sitting.list, scope, call.who.id, body, at);
    const graded = await gradeSitting(tx, {
      ws,
      sitting,
      by: call.who.id,
      at,
      cause: 'a name was decided',
      decided,
    });
    const alsoStale = scope.scope === 'sitting' ? [] : await sittingsWith(tx, ws, sitting, decided, scope);
    return { ...graded, alsoStale };
  });
  return { body: done };
}

const SHOWS: readonly Show[] = ['all', 'names', 'look'];

async function grades(call: CallOf<'grades'>): Promise<ReplyOf<'grades'>> {
  const sitting = await needSitting(call.app.db, call.who, idParam(call, 'id'));
  const show = SHOWS.find((s) => s === (call.query['show'] ?? 'all'));
  if (!show)
    throw invalid('There is no such choice of answers.', {
      field: 'show',
      remedy: `Ask for one of ${SHOWS.join(', ')}.`,
    });
  return { body: await readGrades(call.app.db, call.who.ws, sitting, show) };
}

export const gradingHandlers = {
  gradingRun: run,
  grades,
  override,
  overrideWithdraw: withdraw,
  ruling: rule,
  decisionsDue: async (call) => ({ body: await decisionsDue(call) }),
  rulingPreview: previewRuling,
  gradingPreview: async (call) => ({ body: await previewGrading(call) }),
  stationDrop: dropStation,
  stationDropPreview: previewDrop,
  rulings: async (call) => ({ body: await readRulings(call) }),
  rulingWithdraw: withdrawRuling,
  disputes: async (call) => ({ body: await disputes(call) }),
  disputesDecide: decideDisputes,
  key: async (call) => ({ body: await readSittingKey(call) }),
  keyRevise: reviseKey,
} satisfies Partial<Handlers>;
