import { v7 } from 'uuid';
import type { Joining, WalkSeat } from '@hurrow/contract';
import {
  WALK_COOKIE,
  endSession,
  goOnWith,
  hashToken,
  hashWord,
  sessionOfPerson,
  slowDown,
  startSession,
} from '../access/index.ts';
import { attemptFor, lastTakeover } from '../answers/index.ts';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { forbidden, notSignedIn } from '../http/index.ts';
import type { Call, CallOf, Cookie, ReplyOf } from '../http/index.ts';
import { readCode } from '../sittings/index.ts';
import { checkClaim, claim, findSeat } from './claims.ts';
import type { Found } from './claims.ts';
import { walkStateOf } from './sitting.ts';

/** Wrong tries of codes and numbers: from one address, which a whole class may share, and at one code. */
const PER_ADDRESS = { burst: 60, everyMs: 2000 } as const;
const PER_CODE = { burst: 200, everyMs: 500 } as const;
/** Phones of one student that may ask staff at once. */
const MOST_ASKING = 2;

/** Whether this phone is in the sitting already, under that number. */
const isInAlready = async (call: Call, f: Found): Promise<boolean> =>
  (await maybe(
    call.app.db,
    `select 1 from session s join session_device sd on sd.session = s.id join device d on d.ws = sd.ws and d.id = sd.device
     where s.token_hash = $1 and s.expires > $2 and d.ws = $3 and d.sitting = $4 and d.student = $5 and d.state = 'in'`,
    [hashToken(call.cookie(WALK_COOKIE) ?? ''), call.app.clock().toISOString(), f.ws, f.sitting, f.student],
  )) !== null;

/**
 * Puts a new phone of a sitting under the session this browser has, where it is the same person's; otherwise that
 * session ends and one begins. @returns the cookie of the session, renewed or new.
 */
async function seatPhone(tx: Sql, call: Call, f: Found, device: string): Promise<readonly Cookie[]> {
  const now = call.app.clock();
  const token = call.cookie(WALK_COOKIE);
  const session = await sessionOfPerson(tx, token, f, now);
  if (session !== null && token) return [await goOnWith(tx, now, token, { session, ws: f.ws, device })];
  if (token) await endSession(tx, hashToken(token));
  return [await startSession(tx, now, { kind: 'student', ws: f.ws, student: f.student, device })];
}

/**
 * Lets a phone in: its device, its attempt and its session.
 * @returns null where another phone claimed the number a moment earlier.
 */
async function letIn(call: Call, f: Found, claimWith: string | null): Promise<ReplyOf<'walkJoin'> | null> {
  const now = call.app.clock();
  const at = now.toISOString();
  const { ws, sitting, student } = f;
  const cookies = await call.app.db.transaction(async (tx) => {
    // One phone of a student at a time, so that two that join at once get numbers of their own.
    await tx.query('select 1 from student where ws = $1 and id = $2 for update', [ws, student]);
    if (claimWith !== null && !(await claim(tx, f, claimWith, at))) return null;
    const takeover = await nextTakeover(tx, f);
    if (f.state !== 'returned') await attemptFor(tx, { ws, sitting, student, origin: 'phone', takeover });
    const device = v7();
    await insertRows(tx, 'device', [
      { ws, id: device, sitting, student, takeover, state: 'in', asked_at: at },
    ]);
    return seatPhone(tx, call, f, device);
  });
  return cookies === null ? null : { status: 201, body: {}, cookies };
}

/** The number of the next phone; whoever only looks at results takes part with the last one. */
async function nextTakeover(tx: Sql, f: Found): Promise<number> {
  const last = await lastTakeover(tx, f);
  return f.state === 'returned' ? Math.max(1, last) : last + 1;
}

/** Puts the phone before staff, who see its number and let it in or not; the word it brings becomes the new one. */
async function askStaff(call: Call, f: Found, word: string | null): Promise<ReplyOf<'walkJoin'>> {
  const now = call.app.clock();
  const { ws, sitting, student } = f;
  const wordHash = word === null ? null : await hashWord(word);
  const cookies = await call.app.db.transaction(async (tx) => {
    await tx.query('select 1 from student where ws = $1 and id = $2 for update', [ws, student]);
    await tx.query(
      `update device set state = 'ended' where ws = $1 and id in (
         select id from device where ws = $1 and sitting = $2 and student = $3 and state = 'asked'
         order by asked_at desc offset ${MOST_ASKING - 1})`,
      [ws, sitting, student],
    );
    const device = v7();
    await insertRows(tx, 'device', [
      { ws, id: device, sitting, student, state: 'asked', word_hash: wordHash, asked_at: now.toISOString() },
    ]);
    return seatPhone(tx, call, f, device);
  });
  return { status: 202, body: {}, cookies };
}

/**
 * Joins a sitting. A student number is claimed with a private word, chosen at the first join; every further phone
 * needs the word or is let in by staff. Code and number are refused together, so that neither tells whether the other
 * was right.
 */
export async function join(call: CallOf<'walkJoin'>): Promise<ReplyOf<'walkJoin'>> {
  const { body } = call;
  const code = hashToken(readCode(body.code));
  const found = await findSeat(call, code, body.student);
  if (found && (await isInAlready(call, found))) return { status: 201, body: {} };
  const right = await slowDown(call.app, [
    { bucket: `join/ip/${call.ip}`, ...PER_ADDRESS },
    { bucket: `join/code/${code}`, ...PER_CODE },
  ]);
  if (!found) {
    throw notSignedIn('This code and student number do not fit an open quiz.', {
      field: 'code',
      remedy: 'Check both with your instructor.',
    });
  }
  // Who asks staff again and again is slowed down like one who tries numbers.
  if (!body.ask) await right();
  if (found.state === 'returned' && !found.tookPart) {
    throw forbidden(`Number ${found.code} has no answers in this quiz, so there are no results.`, {
      field: 'student',
      remedy: 'Check your number, or ask your instructor.',
    });
  }
  if (body.ask) return askStaff(call, found, body.word);
  const joined = await letIn(call, found, await checkClaim(call, found, body.word));
  if (joined) return joined;
  // Another phone claimed the number in between: now its word counts.
  const claimed = (await findSeat(call, code, body.student)) ?? found;
  await checkClaim(call, claimed, body.word);
  const again = await letIn(call, claimed, null);
  if (!again) throw new Error('A number was claimed without a claim');
  return again;
}

/** How a phone that asked to be let in stands; its cookie is no session yet, so it is read here alone. */
export async function joining(call: CallOf<'walkJoining'>): Promise<ReplyOf<'walkJoining'>> {
  const token = call.cookie(WALK_COOKIE);
  const row = token
    ? await maybe<{ state: Joining['state'] }>(
        call.app.db,
        `select d.state from session s join device d on d.ws = s.ws and d.id = s.device
         where s.token_hash = $1 and s.expires > $2`,
        [hashToken(token), call.app.clock().toISOString()],
      )
    : null;
  const body: Joining = { state: row?.state ?? 'none' };
  return { body };
}

/** Leaves every sitting on this phone and ends its session. */
export async function leave(call: CallOf<'walkLeave'>): Promise<ReplyOf<'walkLeave'>> {
  await call.app.db.transaction(async (tx) => {
    await tx.query(
      `update device set state = 'ended' where ws = $1 and state = 'in'
         and id in (select device from session_device where session = $2)`,
      [call.who.ws, call.who.session],
    );
    await endSession(tx, call.who.tokenHash);
  });
  return { status: 204, cookies: [{ name: WALK_COOKIE, value: null, path: '/api/walk' }] };
}

/** The sittings this phone is in, the newest first. */
export async function walkSittings(call: CallOf<'walkSittings'>): Promise<ReplyOf<'walkSittings'>> {
  const rows = await call.app.db.query<WalkSeat & { readonly state: string }>(
    `select si.public_id as sitting, si.on_date as on, si.state, st.code as student,
       exists (select 1 from attempt t where t.ws = d.ws and t.sitting = d.sitting and t.student = d.student
                 and t.submitted_at is not null) as submitted
     from session_device sd join device d on d.ws = sd.ws and d.id = sd.device
     join sitting si on si.ws = d.ws and si.id = d.sitting
     join student st on st.ws = d.ws and st.id = d.student
     where sd.ws = $1 and sd.session = $2 and d.state = 'in'
     order by si.on_date desc, d.asked_at desc`,
    [call.who.ws, call.who.session],
  );
  return { body: rows.map((r) => ({ ...r, state: walkStateOf(r.state) })) };
}
