import { MOST_PER_ASK } from '@hurrow/contract';
import type { BatchReceipt, RefusedAnswer } from '@hurrow/contract';
import { checkAnswer } from '@hurrow/contract/schemas';
import { refusalOf } from '@hurrow/core/answers';
import type { Refusal } from '@hurrow/core/answers';
import { isOnRecord, knownAnswers } from '../answers/index.ts';
import type { LoggedAnswer } from '../answers/index.ts';
import { one, perDatabase } from '../db/index.ts';
import { conflict } from '../http/index.ts';
import type { Call, CallOf, ReplyOf, Student } from '../http/index.ts';
import { DISPUTE_WORDS } from './disputeWords.ts';
import { walkModel } from './model.ts';
import { pace } from './pace.ts';
import { inTurn } from './queue.ts';

const refuse = (why: string, remedy: string): Refusal => ({ why, remedy });

interface Sorted {
  readonly logged: readonly { readonly at: number; readonly answer: LoggedAnswer }[];
  readonly refused: readonly RefusedAnswer[];
  /** Answers that one phone may send in all. */
  readonly most: number;
}

const idOf = (sent: unknown): string => {
  const { id } = (sent ?? {}) as { id?: unknown };
  return typeof id === 'string' ? id.slice(0, 80) : '';
};

/** Checks the answers of a batch one by one, so that a bad one refuses itself alone. */
async function sorted(call: Call<Student>, sent: readonly unknown[]): Promise<Sorted> {
  const { ws, sitting, student, takeover } = call.who;
  const { questions, state } = await walkModel(call.app.db, ws, sitting);
  const receivedAt = call.app.clock().toISOString();
  const logged: { at: number; answer: LoggedAnswer }[] = [];
  const refused: RefusedAnswer[] = [];
  sent.forEach((s, at) => {
    const no = (r: Refusal): void => void refused.push({ id: idOf(s), at, ...r, kept: false });
    const c = checkAnswer(s);
    if (!c.ok) return no(refuse(`${c.fault.message}.`, 'Answer this question again.'));
    const question = questions.get(c.value.ask);
    if (!question) return no(refuse('This question is not in the quiz.', 'Load the quiz again.'));
    const refusal = refusalOf(question.takes, c.value.value);
    if (refusal) return no(refusal);
    logged.push({
      at,
      answer: {
        id: c.value.id,
        ws,
        sitting,
        student,
        origin: 'phone',
        takeover,
        precedence: 1,
        sittingStation: question.sittingStation,
        ask: question.ask,
        seq: c.value.seq,
        value: c.value.value,
        ...(c.value.clues > 0 ? { clues: c.value.clues } : {}),
        deviceAt: c.value.at,
        receivedAt,
        when: state === 'open' ? 'open' : state === 'graded' || state === 'returned' ? 'graded' : 'closed',
      },
    });
  });
  return { logged, refused, most: questions.size * MOST_PER_ASK };
}

const MOST_COUNTED = 5000;

/** How many answers each phone has sent, in this process; what it sent before is counted once (least recently used goes first). */
const sentBy = perDatabase(() => new Map<string, number>());

/** How many answers of this phone are on record. */
async function countStored({ app, who }: Call<Student>): Promise<number> {
  const { sent } = await one<{ sent: number }>(
    app.db,
    `select ((select count(*) from attempt t join response r on r.ws = t.ws and r.attempt = t.id
         where t.ws = $1 and t.sitting = $2 and t.student = $3 and t.origin = 'phone' and t.takeover = $4)
       + (select count(*) from answer_dispute d where d.ws = $1 and d.sitting = $2 and d.student = $3
           and d.response is null))::integer as sent`,
    [who.ws, who.sitting, who.student, who.takeover],
  );
  return sent;
}

function countSent({ app, who }: Call<Student>, sent: number): void {
  const counts = sentBy(app.db);
  counts.delete(who.device);
  counts.set(who.device, sent);
  for (const oldest of counts.keys()) {
    if (counts.size <= MOST_COUNTED) break;
    counts.delete(oldest);
  }
}

async function take(call: CallOf<'walkAnswers'>): Promise<BatchReceipt> {
  const { answers: sent } = call.body;
  const { db } = call.app;
  const { logged, refused, most } = await sorted(call, sent);
  const counted = sentBy(db).get(call.who.device);
  const isNear = counted === undefined || counted + logged.length > most;
  const before = isNear ? await countStored(call) : counted;
  const space = Math.max(0, most - before);
  // What is on record already takes no room; it is looked up only where room runs out.
  const known =
    logged.length <= space
      ? null
      : await knownAnswers(
          db,
          logged.map((l) => l.answer),
        );
  const isAgain = (a: LoggedAnswer): boolean => known !== null && isOnRecord(a, known);
  const fresh = logged.filter((l) => !isAgain(l.answer));
  const over = fresh.slice(known === null ? fresh.length : space);
  const taken = logged.filter((l) => !over.includes(l));
  const receipt = await call.app.intake.take(taken.map((t) => t.answer));
  // An answer sent again counts once more here; where that uses up the room, what is stored is counted again.
  countSent(call, before + taken.length);
  const indexOf = new Map(taken.map((t) => [t.answer.id, t.at]));
  return {
    accepted: receipt.accepted,
    refused: [
      ...refused,
      ...over.map(({ at, answer }): RefusedAnswer => ({
        id: answer.id,
        at,
        why: 'This phone has sent more answers than one quiz takes.',
        remedy: 'Tell your instructor.',
        kept: false,
      })),
      ...receipt.disputed.map(({ id, kind }) => ({
        id,
        at: indexOf.get(id) ?? 0,
        why: DISPUTE_WORDS[kind],
        remedy: 'It is kept, and your instructor can see it.',
        kept: true,
      })),
      ...receipt.failed.map(({ answer }) => ({
        id: answer.id,
        at: indexOf.get(answer.id) ?? 0,
        why: 'It could not be stored. It is kept aside.',
        remedy: 'Tell your instructor, and answer this question again.',
        kept: true,
      })),
    ].sort((a, b) => a.at - b.at),
    otherDevices: call.who.otherDevices,
  };
}

const turn = inTurn();
const paced = pace();

/**
 * Takes a batch of answers. They are on the disk before they are acknowledged; one sent twice is acknowledged again;
 * one that comes late or contradicts another phone is kept for a decision. Each answer is judged by itself, so that a
 * bad one never holds up the others.
 */
export async function takeAnswers(call: CallOf<'walkAnswers'>): Promise<ReplyOf<'walkAnswers'>> {
  const { answers } = call.body;
  const key = `${call.who.sitting}/${call.who.student}`;
  return {
    body: await turn(key, async () => {
      await paced(call.app, key, answers.length);
      return take(call);
    }),
  };
}

export async function submit(call: CallOf<'walkSubmit'>): Promise<ReplyOf<'walkSubmit'>> {
  const { ws, sitting, student, takeover } = call.who;
  const { state } = await one<{ state: string }>(
    call.app.db,
    'select state from sitting where ws = $1 and id = $2',
    [ws, sitting],
  );
  if (state !== 'open' && state !== 'closed') {
    throw conflict('This quiz takes no more answers.', { remedy: 'Ask your instructor.' });
  }
  await call.app.db.query(
    "update attempt set submitted_at = coalesce(submitted_at, $5) where ws = $1 and sitting = $2 and student = $3 and takeover = $4 and origin = 'phone'",
    [ws, sitting, student, takeover, call.app.clock().toISOString()],
  );
  return { body: {} };
}

/** Takes handing in back, so that a student who left something out goes on until the quiz is closed. */
export async function unsubmit(call: CallOf<'walkUnsubmit'>): Promise<ReplyOf<'walkUnsubmit'>> {
  const { ws, sitting, student } = call.who;
  const { state } = await one<{ state: string }>(
    call.app.db,
    'select state from sitting where ws = $1 and id = $2',
    [ws, sitting],
  );
  if (state !== 'open') {
    throw conflict('This quiz is closed, so your answers stay as they are.', {
      remedy: 'Ask your instructor.',
    });
  }
  await call.app.db.query(
    `update attempt set submitted_at = null where ws = $1 and sitting = $2 and student = $3 and origin = 'phone'`,
    [ws, sitting, student],
  );
  return { status: 204 };
}
