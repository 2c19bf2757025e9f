import type { Device, DeviceState, Devices } from '@hurrow/contract';
import { SEES_SECTION, needSection } from '../access/index.ts';
import { attemptFor, lastTakeover } from '../answers/index.ts';
import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, idParam, notFound } from '../http/index.ts';
import type { Account, Call, CallOf, ReplyOf } from '../http/index.ts';
import { needSitting } from './store.ts';

/** Phones of a sitting, those that wait for a decision first. */
export async function readDevices(call: Call<Account>): Promise<Devices> {
  const { db } = call.app;
  const { ws } = call.who;
  const sitting = await needSitting(db, call.who, idParam(call, 'id'));
  const devices = await db.query<Device>(
    `select d.id, d.student, s.code, s.first_name as "firstName", d.state, d.asked_at as "askedAt",
       (select a.name from account a where a.ws = d.ws and a.id = d.decided_by) as "decidedBy",
       (select max(r.received_at) from response r join attempt t on t.ws = r.ws and t.id = r.attempt
        where t.ws = d.ws and t.sitting = d.sitting and t.student = d.student and t.takeover = d.takeover) as "lastAnswerAt",
       (select count(*) from response r join attempt t on t.ws = r.ws and t.id = r.attempt
        where t.ws = d.ws and t.sitting = d.sitting and t.student = d.student and t.takeover = d.takeover)::integer as answers
     from device d join student s on s.ws = d.ws and s.id = d.student
     where d.ws = $1 and d.sitting = $2
     order by (d.state = 'asked') desc, length(s.code), s.code, d.asked_at`,
    [ws, sitting.id],
  );
  const resets = await db.query<Devices['resets'][number]>(
    `select w.student, a.name as by, w.at from student_secret w join account a on a.ws = w.ws and a.id = w.reset_by
     join enrolment e on e.ws = w.ws and e.student = w.student and e.section = $2 and e.to_on is null
     where w.ws = $1 and w.hash is null order by w.at`,
    [ws, sitting.section],
  );
  return { devices, resets };
}

interface DeviceRow {
  readonly id: string;
  readonly sitting: string;
  readonly student: string;
  readonly state: DeviceState;
  readonly word_hash: string | null;
}

/** Lets a waiting phone in: it gets an attempt, and the word it brought becomes the private word. */
async function letIn(tx: Sql, call: Call<Account>, d: DeviceRow, at: string): Promise<void> {
  const { ws } = call.who;
  await tx.query('select 1 from student where ws = $1 and id = $2 for update', [ws, d.student]);
  const takeover = (await lastTakeover(tx, { ws, ...d })) + 1;
  await attemptFor(tx, {
    ws,
    sitting: d.sitting,
    student: d.student,
    origin: 'phone',
    takeover,
  });
  await tx.query(
    `update device set state = 'in', takeover = $3, decided_by = $4, decided_at = $5, word_hash = null
     where ws = $1 and id = $2`,
    [ws, d.id, takeover, call.who.id, at],
  );
  if (d.word_hash === null) return;
  await tx.query(
    `insert into student_secret (ws, student, hash, at) values ($1, $2, $3, $4)
     on conflict (ws, student) do update set hash = excluded.hash, reset_by = null, at = excluded.at`,
    [ws, d.student, d.word_hash, at],
  );
}

/** Lets a waiting phone in, refuses it, or ends one that is in; what a phone sent stays either way. */
export async function decideDevice(call: CallOf<'deviceDecide'>): Promise<ReplyOf<'deviceDecide'>> {
  const { decision } = call.body;
  const { ws } = call.who;
  const id = idParam(call, 'id');
  const at = call.app.clock().toISOString();
  await call.app.db.transaction(async (tx) => {
    const d = await maybe<DeviceRow>(
      tx,
      'select id, sitting, student, state, word_hash from device where ws = $1 and id = $2 for update',
      [ws, id],
    );
    if (!d) throw notFound('This phone is not known any more.', { remedy: 'Open the sitting again.' });
    await needSitting(tx, call.who, d.sitting);
    const from = decision === 'end' ? 'in' : 'asked';
    if (d.state !== from) {
      throw conflict(
        d.state === 'asked' ? 'This phone still waits to be let in.' : 'This was decided already.',
        { remedy: 'Look at the phones again.' },
      );
    }
    if (decision === 'let-in') return letIn(tx, call, d, at);
    await tx.query(
      'update device set state = $3, decided_by = $4, decided_at = $5, word_hash = null where ws = $1 and id = $2',
      [ws, id, decision === 'end' ? 'ended' : 'refused', call.who.id, at],
    );
  });
  return { status: 204 };
}

/** Resets the private word of a student; the next phone that joins under the number chooses a new one. */
export async function resetWord(call: CallOf<'wordReset'>): Promise<ReplyOf<'wordReset'>> {
  const { ws } = call.who;
  const student = idParam(call, 'id');
  const section = await maybe<{ section: string }>(
    call.app.db,
    `select e.section from enrolment e where e.ws = $1 and e.student = $3 and ${SEES_SECTION('e.section')} limit 1`,
    [ws, call.who.id, student],
  );
  if (!section)
    throw notFound('This student is not in a section of yours.', { remedy: 'Choose one from a roster.' });
  await needSection(call, section.section);
  await call.app.db.query(
    `insert into student_secret (ws, student, hash, reset_by, at) values ($1, $2, null, $3, $4)
     on conflict (ws, student) do update set hash = null, reset_by = excluded.reset_by, at = excluded.at`,
    [ws, student, call.who.id, call.app.clock().toISOString()],
  );
  return { status: 204 };
}
