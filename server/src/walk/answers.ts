import { MOST_PER_ASK, DOES_NOT_APPLY } from '@hurrow/contract';
import type { BatchReceipt, RefusedAnswer, SentAnswer } from '@hurrow/contract';
import { checkAnswer } from '@hurrow/contract/schemas';
import { isStored, knownAnswers, storeSafely } from '../answers/index.ts';
import type { LoggedAnswer } from '../answers/index.ts';
import { one } from '../db/index.ts';
import { conflict } from '../http/index.ts';
import type { Call, Reply, Student } from '../http/index.ts';
import { pace } from './pace.ts';
import { inTurn } from './queue.ts';

interface AskRow {
  publicId: string;
  ask: string;
  sittingStation: string;
  kind: string;
  counts: boolean;
  /** States that may be chosen; null for what is not a call of states. */
  states: string[] | null;
}

/** A refusal of one answer; the rest of its batch goes on. */
type Refusal = Pick<RefusedAnswer, 'why' | 'remedy'>;

/** What the questions of a batch take, by their public id. */
async function askRows(
  call: Call<Student>,
  publicIds: readonly string[],
): Promise<ReadonlyMap<string, AskRow>> {
  const rows = await call.app.db.query<AskRow>(
    `select sa.public_id as "publicId", sa.ask, sa.sitting_station as "sittingStation", a.kind,
       coalesce(c.kind = 'count', false) as counts,
       (select jsonb_agg(s.id) from state s
        where s.ws = a.ws and s.character = a.character and s.retired_at is null) as states
     from sitting_ask sa join sitting_station ss on ss.ws = sa.ws and ss.id = sa.sitting_station
     join ask a on a.ws = sa.ws and a.id = sa.ask
     left join character c on c.ws = a.ws and c.id = a.character
     where sa.ws = $1 and ss.sitting = $2 and sa.public_id = any($3::text[])`,
    [call.who.ws, call.who.sitting, publicIds],
  );
  return new Map(rows.map((r) => [r.publicId, r]));
}

const refuse = (why: string, remedy: string): Refusal => ({ why, remedy });

/** What an answer says, by what its question takes; or why it is refused. */
function content(a: SentAnswer, ask: AskRow): Pick<LoggedAnswer, 'typed' | 'value' | 'sure'> | Refusal {
  if (ask.kind === 'call') {
    const { state } = a;
    if (state === undefined) return refuse('No choice came with it.', 'Choose one of those shown.');
    const fits =
      state === DOES_NOT_APPLY || ask.states?.includes(state) || (ask.counts && /^\d{1,4}$/.test(state));
    return fits
      ? { typed: null, value: { state }, sure: null }
      : refuse('This choice is not offered.', 'Load the quiz again, then choose one of those shown.');
  }
  if (ask.kind === 'sureness') {
    return a.sure
      ? { typed: null, value: null, sure: a.sure }
      : refuse('It does not say how sure.', 'Choose sure, leaning or guessing.');
  }
  return a.typed === undefined
    ? refuse('No name came with it.', 'Type the name.')
    : { typed: a.typed, value: null, sure: null };
}

interface Sorted {
  readonly logged: readonly { readonly at: number; readonly answer: LoggedAnswer }[];
  readonly refused: readonly RefusedAnswer[];
}

const idOf = (sent: unknown): string => {
  const { id } = (sent ?? {}) as { id?: unknown };
  return typeof id === 'string' ? id.slice(0, 80) : '';
};

/** Checks the answers of a batch one by one, so that a bad one refuses itself alone. */
async function sorted(call: Call<Student>, sent: readonly unknown[], state: string): Promise<Sorted> {
  const checked = sent.map((s) => checkAnswer(s));
  const asks = await askRows(
    call,
    checked.flatMap((c) => (c.ok ? [c.value.ask] : [])),
  );
  const { ws, sitting, student, takeover } = call.who;
  const receivedAt = call.app.clock().toISOString();
  const logged: { at: number; answer: LoggedAnswer }[] = [];
  const refused: RefusedAnswer[] = [];
  checked.forEach((c, at) => {
    const no = (r: Refusal): void => void refused.push({ id: idOf(sent[at]), at, ...r, kept: false });
    if (!c.ok) return no(refuse(`${c.fault.message}.`, 'Answer this question again.'));
    const ask = asks.get(c.value.ask);
    if (!ask) return no(refuse('This question is not in the quiz.', 'Load the quiz again.'));
    const said = content(c.value, ask);
    if ('why' in said) return no(said);
    const graded = state === 'marked' || state === 'given_back';
    logged.push({
      at,
      answer: {
        id: c.value.id,
        ws,
        sitting,
        student,
        takeover,
        sittingStation: ask.sittingStation,
        ask: ask.ask,
        seq: c.value.seq,
        ...said,
        deviceAt: c.value.at,
        receivedAt,
        origin: 'phone',
        late: state !== 'open',
        ...(graded ? { afterGrading: true as const } : {}),
      },
    });
  });
  return { logged, refused };
}

/** How many answers this phone may still send. */
async function room(call: Call<Student>): Promise<number> {
  const { ws, sitting, student, takeover } = call.who;
  const { sent, asks } = await one<{ sent: number; asks: number }>(
    call.app.db,
    `select
       (select count(*) from response r join attempt t on t.ws = r.ws and t.id = r.attempt
        where t.ws = $1 and t.sitting = $2 and t.student = $3 and t.takeover = $4)::integer
       + (select count(*) from conflict c where c.ws = $1 and c.payload ->> 'student' = $3::text
          and c.payload ->> 'sitting' = $2::text)::integer as sent,
       (select count(*) from sitting_ask sa join sitting_station ss on ss.ws = sa.ws and ss.id = sa.sitting_station
        where ss.ws = $1 and ss.sitting = $2)::integer as asks`,
    [ws, sitting, student, takeover],
  );
  return asks * MOST_PER_ASK - sent;
}

/** Other phones that this student number is open on. */
async function otherDevices(call: Call<Student>): Promise<number> {
  const { n } = await one<{ n: number }>(
    call.app.db,
    `select count(*)::integer as n from device
     where ws = $1 and sitting = $2 and student = $3 and state = 'in' and id <> $4`,
    [call.who.ws, call.who.sitting, call.who.student, call.who.device],
  );
  return n;
}

async function take(call: Call<Student>): Promise<BatchReceipt> {
  const { answers: sent } = call.body as { answers: readonly unknown[] };
  const { db, answers: log } = call.app;
  const { state } = await one<{ state: string }>(db, 'select state from sitting where ws = $1 and id = $2', [
    call.who.ws,
    call.who.sitting,
  ]);
  const { logged, refused } = await sorted(call, sent, state);
  const { stored } = await knownAnswers(
    db,
    logged.map((l) => l.answer),
  );
  const again = logged.filter((l) => isStored(l.answer, stored));
  const fresh = logged.filter((l) => !isStored(l.answer, stored));
  const space = fresh.length === 0 ? 0 : Math.max(0, await room(call));
  const taken = fresh.slice(0, space);
  const over = fresh.slice(space).map(({ at, answer }): RefusedAnswer => ({
    id: answer.id,
    at,
    why: 'This phone has sent more answers than one quiz takes.',
    remedy: 'Tell your instructor.',
    kept: false,
  }));
  // On the disk first: what is acknowledged survives whatever comes.
  await log.append(taken.map((t) => t.answer));
  const receipt = await storeSafely(
    db,
    taken.map((t) => t.answer),
  );
  for (const f of receipt.failed)
    await log.setAside({ segment: f.answer.sitting, raw: JSON.stringify(f.answer), why: f.why });
  const indexOf = new Map(taken.map((t) => [t.answer.id, t.at]));
  return {
    accepted: [...again.map((l) => l.answer.id), ...receipt.accepted],
    refused: [
      ...refused,
      ...over,
      ...receipt.conflicts.map(({ id, why }) => ({
        id,
        at: indexOf.get(id) ?? 0,
        why,
        remedy: 'Your instructor can see it.',
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
    otherDevices: await otherDevices(call),
  };
}

const turn = inTurn();
const paced = pace();

/**
 * Takes a batch of answers. They are on the disk before they are acknowledged; one sent twice is acknowledged again;
 * one that comes after closing is marked late, and after grading is kept but not counted. Each answer is judged by
 * itself, so that a bad one never holds up the others.
 */
export async function takeAnswers(call: Call<Student>): Promise<Reply> {
  const { answers } = call.body as { answers: readonly unknown[] };
  const key = `${call.who.sitting}/${call.who.student}`;
  return {
    body: await turn(key, async () => {
      await paced(call.app, key, answers.length);
      return take(call);
    }),
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
    throw conflict('This quiz takes no more answers.', { remedy: 'Ask your instructor.' });
  }
  await call.app.db.query(
    'update attempt set submitted_at = coalesce(submitted_at, $5) where ws = $1 and sitting = $2 and student = $3 and takeover = $4',
    [ws, sitting, student, takeover, call.app.clock().toISOString()],
  );
  return { body: {} };
}
