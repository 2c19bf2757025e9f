import { v7 } from 'uuid';
import type { Joining } from '@hurrow/contract';
import { WALK_COOKIE, endSession, hashToken, hashWord, slowDown, startSession } from '../access/index.ts';
import { attemptFor, lastTakeover } from '../answers/index.ts';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { forbidden, notSignedIn } from '../http/index.ts';
import type { Call, Reply, Student } from '../http/index.ts';
import { readCode } from '../sittings/index.ts';
import { checkClaim, claim, findSeat } from './claims.ts';
import type { Found } from './claims.ts';

/** Wrong tries of codes and numbers: from one address, which a whole class may share, and at one code. */
const PER_ADDRESS = { burst: 60, everyMs: 2000 } as const;
const PER_CODE = { burst: 200, everyMs: 500 } as const;
/** Phones of one student that may ask staff at once. */
const MOST_ASKING = 2;

interface JoinBody {
  readonly code: string;
  readonly student: string;
  readonly word: string | null;
  readonly ask: boolean;
}

/** The session of this phone, where it is already in under that number. */
const sameDevice = (call: Call, f: Found): Student | null =>
  call.who.kind === 'student' && call.who.student === f.student && call.who.sitting === f.sitting
    ? call.who
    : null;

/**
 * Lets a phone in: its device, its attempt and its session.
 * @returns null where another phone claimed the number a moment earlier.
 */
async function letIn(call: Call, f: Found, claimWith: string | null): Promise<Reply | null> {
  const now = call.app.clock();
  const at = now.toISOString();
  const { ws, sitting, student } = f;
  const cookie = await call.app.db.transaction(async (tx) => {
    // One phone of a student at a time, so that two that join at once get numbers of their own.
    await tx.query('select 1 from student where ws = $1 and id = $2 for update', [ws, student]);
    if (claimWith !== null && !(await claim(tx, f, claimWith, at))) return null;
    const takeover = await nextTakeover(tx, f);
    if (f.state !== 'given_back') await attemptFor(tx, { ws, sitting, student, takeover });
    const device = v7();
    await insertRows(tx, 'device', [
      { ws, id: device, sitting, student, takeover, state: 'in', asked_at: at },
    ]);
    if (call.who.kind === 'student') await endSession(tx, call.who.tokenHash);
    return startSession(tx, now, { kind: 'student', ws, student, sitting, takeover, device });
  });
  return cookie === null ? null : { status: 201, body: {}, cookies: [cookie] };
}

/** The number of the next phone; whoever only looks at results takes part with the last one. */
async function nextTakeover(tx: Sql, f: Found): Promise<number> {
  const last = await lastTakeover(tx, f);
  return f.state === 'given_back' ? Math.max(1, last) : last + 1;
}

/** Puts the phone before staff, who see its number and let it in or not; the word it brings becomes the new one. */
async function askStaff(call: Call, f: Found, word: string | null): Promise<Reply> {
  const now = call.app.clock();
  const { ws, sitting, student } = f;
  const wordHash = word === null ? null : await hashWord(word);
  const cookie = await call.app.db.transaction(async (tx) => {
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
    return startSession(tx, now, { kind: 'student', ws, student, sitting, takeover: 1, device });
  });
  return { status: 202, body: {}, cookies: [cookie] };
}

/**
 * Joins a sitting. A student number is claimed with a private word, chosen at the first join; every further phone
 * needs the word or is let in by staff. Code and number are refused together, so that neither tells whether the other
 * was right.
 */
export async function join(call: Call): Promise<Reply> {
  const body = call.body as JoinBody;
  const code = hashToken(readCode(body.code));
  const found = await findSeat(call, code, body.student);
  if (found && sameDevice(call, found)) return { status: 201, body: {} };
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
  if (found.state === 'given_back' && !found.tookPart) {
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
export async function joining(call: Call): Promise<Reply> {
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

export async function leave(call: Call<Student>): Promise<Reply> {
  await call.app.db.transaction(async (tx) => {
    await tx.query(`update device set state = 'ended' where ws = $1 and id = $2`, [
      call.who.ws,
      call.who.device,
    ]);
    await endSession(tx, call.who.tokenHash);
  });
  return { status: 204, cookies: [{ name: WALK_COOKIE, value: null, path: '/api/walk' }] };
}
