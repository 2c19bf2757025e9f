import { v7 } from 'uuid';
import type { Dispute, DisputeDecision } from '@hurrow/contract';
import type { AnswerValue } from '@hurrow/core/answers';
import { readLine, insertAnswer } from '../answers/index.ts';
import type { LoggedAnswer } from '../answers/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, idParam, invalid } from '../http/index.ts';
import type { Account, Call, CallOf, ReplyOf } from '../http/index.ts';
import { needSitting } from '../sittings/index.ts';

interface Row {
  readonly id: string;
  readonly student: string;
  readonly code: string;
  readonly first_name: string | null;
  readonly kind: Dispute['why'];
  readonly state: Dispute['state'];
  readonly at: string;
  readonly by: string | null;
  readonly number: number;
  readonly ask_kind: Dispute['kind'];
  readonly character: string | null;
  readonly value: AnswerValue | null;
  readonly payload: Readonly<Record<string, unknown>> | null;
  readonly origin: Dispute['origin'];
  readonly counts: AnswerValue | null;
}

/** Answers of a sitting that came late or contradict others, the undecided first, with what counts in their place. */
export async function readDisputes(sql: Sql, ws: string, sitting: string): Promise<readonly Dispute[]> {
  const rows = await sql.query<Row>(
    `select d.id, d.student, s.code, s.first_name, d.kind, d.state, d.at, a.name as by, st.number, k.kind as ask_kind, k.character,
       r.value, d.payload, coalesce(r.origin, d.payload ->> 'origin') as origin,
       (select c.value from counted_answer c where c.ws = d.ws and c.sitting = d.sitting and c.student = d.student
          and c.sitting_station = ss.id and c.ask = k.id) as counts
     from answer_dispute d join student s on s.ws = d.ws and s.id = d.student
     left join response r on r.ws = d.ws and r.id = d.response
     join sitting_station ss on ss.ws = d.ws and ss.id = coalesce(r.sitting_station, (d.payload ->> 'sittingStation')::uuid)
     join station st on st.ws = ss.ws and st.id = ss.station
     join ask k on k.ws = d.ws and k.id = coalesce(r.ask, (d.payload ->> 'ask')::uuid)
     left join account a on a.ws = d.ws and a.id = d.decided_by
     where d.ws = $1 and d.sitting = $2
     order by d.state <> 'open', length(s.code), s.code, st.number, k.ord, d.seq`,
    [ws, sitting],
  );
  return rows.map((r): Dispute => {
    // One that cannot be read is shown as such, so that nothing is left out in silence.
    const value = r.value ?? readPayload(r.payload)?.value ?? { kind: 'illegible' };
    return {
      id: r.id,
      student: r.student,
      code: r.code,
      firstName: r.first_name,
      station: r.number,
      kind: r.ask_kind,
      character: r.character,
      why: r.kind,
      value,
      counts: r.counts,
      origin: r.origin,
      at: r.at,
      state: r.state,
      decidedBy: r.by,
    };
  });
}

/** An answer kept beside another under its id, in today's form. */
const readPayload = (payload: unknown): LoggedAnswer | null =>
  payload === null ? null : readLine(JSON.stringify(payload));

export async function disputes(call: Call<Account>): Promise<readonly Dispute[]> {
  const sitting = await needSitting(call.app.db, call.who, idParam(call, 'id'));
  return readDisputes(call.app.db, call.who.ws, sitting.id);
}

const STATE: Readonly<Record<DisputeDecision['decision'], Dispute['state']>> = {
  count: 'counted',
  keep: 'kept',
  drop: 'dropped',
};

interface Open {
  readonly id: string;
  readonly response: string | null;
  readonly payload: unknown;
  readonly slot: string;
}

/** An answer that was kept beside another gets an id of its own once it counts. */
async function storeBeside(tx: Sql, payload: unknown): Promise<string> {
  const answer = readPayload(payload);
  if (!answer) {
    throw conflict('One of these answers cannot be read, so it cannot count.', {
      remedy: 'Keep or drop it, and enter the answer on the student’s sheet.',
    });
  }
  const id = v7();
  await insertAnswer(tx, { ...answer, id });
  return id;
}

/**
 * Counts, keeps or drops disputed answers, all of them or none. A decision may be changed until results are returned;
 * of two answers to one question the one decided last counts.
 */
export async function decideDisputes(call: CallOf<'disputesDecide'>): Promise<ReplyOf<'disputesDecide'>> {
  const { disputes: ids, decision } = call.body;
  const { ws } = call.who;
  const id = idParam(call, 'id');
  await call.app.db.transaction(async (tx) => {
    const sitting = await needSitting(tx, call.who, id, true);
    if (sitting.state === 'returned') {
      throw conflict('The results have been returned.', {
        remedy: 'Talk to the student, or override the grade before you return a new version.',
      });
    }
    const open = await tx.query<Open>(
      `select d.id, d.response, d.payload, d.student || coalesce(r.sitting_station || '/' || r.ask,
         (d.payload ->> 'sittingStation') || '/' || (d.payload ->> 'ask')) as slot
       from answer_dispute d left join response r on r.ws = d.ws and r.id = d.response
       where d.ws = $1 and d.sitting = $2 and d.id = any($3::uuid[]) order by d.seq for update of d`,
      [ws, sitting.id, ids],
    );
    const missing = ids.findIndex((d) => !open.some((o) => o.id === d));
    if (missing >= 0) {
      throw invalid('One of these answers is not in this sitting any more.', {
        field: `disputes.${missing}`,
        remedy: 'Open the list again.',
      });
    }
    const at = call.app.clock().toISOString();
    for (const d of open) {
      const response = d.response ?? (decision === 'count' ? await storeBeside(tx, d.payload) : null);
      await tx.query(
        `update answer_dispute set state = $3, decided_by = $4, decided_at = $5, response = $6 where ws = $1 and id = $2`,
        [ws, d.id, STATE[decision], call.who.id, at, response],
      );
    }
  });
  return { body: await readDisputes(call.app.db, ws, id) };
}
