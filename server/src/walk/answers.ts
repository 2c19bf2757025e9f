import type { BatchReceipt, SentAnswer } from '@hurrow/contract';
import { DOES_NOT_APPLY } from '@hurrow/contract';
import { storeAnswers } from '../answers/index.ts';
import type { LoggedAnswer } from '../answers/index.ts';
import { insertRows, one } from '../db/index.ts';
import { conflict, invalid } from '../http/index.ts';
import type { Call, Reply, Student } from '../http/index.ts';
import { v7 } from 'uuid';
import { askAddresses } from './sitting.ts';

interface AskRow {
  id: string;
  kind: string;
  numeric: boolean;
  states: string[] | null;
}

/** What each ask of the sitting takes, so that an answer of another kind is refused. */
async function askKinds(call: Call<Student>, asks: readonly string[]): Promise<ReadonlyMap<string, AskRow>> {
  const rows = await call.app.db.query<AskRow>(
    `select a.id, a.kind, coalesce(c.kind in ('count', 'length', 'ratio'), false) as numeric,
       (select jsonb_agg(s.id) from state s where s.ws = a.ws and s.character = a.character) as states
     from ask a left join character c on c.ws = a.ws and c.id = a.character
     where a.ws = $1 and a.id = any($2::uuid[])`,
    [call.who.ws, asks],
  );
  return new Map(rows.map((r) => [r.id, r]));
}

function content(a: SentAnswer, ask: AskRow, field: string): Pick<LoggedAnswer, 'typed' | 'value' | 'sure'> {
  if (ask.kind === 'call') {
    const state = a.state ?? '';
    const known =
      state === DOES_NOT_APPLY || ask.states?.includes(state) || (ask.numeric && /^\d{1,4}$/.test(state));
    if (!known)
      throw invalid('This is no state of the character asked.', {
        field,
        remedy: 'Choose one of those shown.',
      });
    return { typed: null, value: { state }, sure: null };
  }
  if (ask.kind === 'sureness') {
    if (!a.sure)
      throw invalid('A sureness is missing.', { field, remedy: 'Choose sure, leaning or guessing.' });
    return { typed: null, value: null, sure: a.sure };
  }
  if (a.typed === undefined) throw invalid('A name is missing.', { field, remedy: 'Send what was typed.' });
  return { typed: a.typed, value: null, sure: null };
}

/**
 * Takes a batch of answers. They are on the disk before they are acknowledged; one sent twice is acknowledged again;
 * one that comes after closing is marked late, and after marking is kept but not counted.
 */
export async function takeAnswers(call: Call<Student>): Promise<Reply> {
  const { answers } = call.body as { answers: SentAnswer[] };
  const { db } = call.app;
  const { ws, sitting, student, takeover } = call.who;
  const { state } = await one<{ state: string }>(db, 'select state from sitting where ws = $1 and id = $2', [
    ws,
    sitting,
  ]);
  const addresses = new Map((await askAddresses(db, ws, sitting)).map((a) => [a.publicId, a]));
  const kinds = await askKinds(
    call,
    [...addresses.values()].map((a) => a.ask),
  );
  const receivedAt = call.app.clock().toISOString();
  const logged = answers.map((a, i): LoggedAnswer => {
    const at = addresses.get(a.ask);
    const ask = at ? kinds.get(at.ask) : undefined;
    if (!at || !ask) {
      throw invalid('There is no such ask in this sitting.', {
        field: `answers.${i}.ask`,
        remedy: 'Load the sitting again.',
      });
    }
    return {
      id: a.id,
      ws,
      sitting,
      student,
      takeover,
      sittingStation: at.sittingStation,
      ask: at.ask,
      seq: a.seq,
      ...content(a, ask, `answers.${i}`),
      deviceAt: a.at,
      receivedAt,
      origin: 'phone',
      late: state !== 'open',
    };
  });
  if (state === 'marked' || state === 'given_back') {
    return { body: await keepLate(call, logged) };
  }
  call.app.answers.append(logged);
  const receipt = await db.transaction((tx) => storeAnswers(tx, logged));
  const body: BatchReceipt = { accepted: receipt.accepted, refused: receipt.conflicts };
  return { body };
}

/** Answers after marking: those known already are acknowledged, the rest kept for the instructor to decide. */
async function keepLate(call: Call<Student>, logged: readonly LoggedAnswer[]): Promise<BatchReceipt> {
  const known = new Set(
    (
      await call.app.db.query<{ id: string }>(
        'select id from response where ws = $1 and id = any($2::uuid[])',
        [call.who.ws, logged.map((a) => a.id)],
      )
    ).map((r) => r.id),
  );
  const late = logged.filter((a) => !known.has(a.id));
  await insertRows(
    call.app.db,
    'conflict',
    late.map((a) => ({ ws: a.ws, id: v7(), payload: a, why: 'came after marking', at: a.receivedAt })),
  );
  return {
    accepted: logged.filter((a) => known.has(a.id)).map((a) => a.id),
    refused: late.map((a) => ({ id: a.id, why: 'It came after marking; your instructor can see it.' })),
  };
}

export async function submit(call: Call<Student>): Promise<Reply> {
  const { ws, sitting, student, takeover } = call.who;
  const { state } = await one<{ state: string }>(
    call.app.db,
    'select state from sitting where ws = $1 and id = $2',
    [ws, sitting],
  );
  if (state !== 'open' && state !== 'closed') {
    throw conflict('This sitting takes no more answers.', { remedy: 'Ask your instructor.' });
  }
  await call.app.db.query(
    'update attempt set submitted_at = coalesce(submitted_at, $5) where ws = $1 and sitting = $2 and student = $3 and takeover = $4',
    [ws, sitting, student, takeover, call.app.clock().toISOString()],
  );
  return { body: {} };
}
