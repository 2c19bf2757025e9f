import { createHash, randomBytes, randomUUID } from 'node:crypto';
import type { Role, Route } from '@hurrow/contract';
import { gathered, maybe, perDatabase } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import type { App, Cookie, Who } from '../http/index.ts';

export const STAFF_COOKIE = 'hurrow';
export const WALK_COOKIE = 'hurrow_walk';
const STAFF_DAYS = 14;
const WALK_DAYS = 60;
const DAY = 86_400_000;

/** Tokens and join codes are kept only as hashes. */
export const hashToken = (token: string): string => createHash('sha256').update(token).digest('base64url');

type For =
  | { readonly kind: 'account'; readonly ws: string; readonly account: string }
  | {
      readonly kind: 'student';
      readonly ws: string;
      readonly student: string;
      /** The phone of the sitting it joined, which is put under the session. */
      readonly device: string;
    };

/**
 * Starts a session.
 * @param browser a name by which staff know it among their sessions; nothing of the kind is kept of students.
 * @returns its cookie.
 */
export async function startSession(
  sql: Sql,
  now: Date,
  whom: For,
  browser: string | null = null,
): Promise<Cookie> {
  const token = randomBytes(32).toString('base64url');
  const staff = whom.kind === 'account';
  const expires = new Date(now.getTime() + (staff ? STAFF_DAYS : WALK_DAYS) * DAY);
  await sql.query('delete from session where expires < $1', [now.toISOString()]);
  const id = randomUUID();
  await sql.query(
    `insert into session (token_hash, id, ws, account, student, device, expires, started_at, browser)
     values ($1, $2, $3, $4, $5, $6, $7, $8, $9)`,
    [
      hashToken(token),
      id,
      whom.ws,
      staff ? whom.account : null,
      staff ? null : whom.student,
      staff ? null : whom.device,
      expires.toISOString(),
      now.toISOString(),
      staff ? browser : null,
    ],
  );
  if (!staff) await putUnder(sql, whom.ws, whom.device, id);
  return staff
    ? { name: STAFF_COOKIE, value: token, path: '/', expires }
    : { name: WALK_COOKIE, value: token, path: '/api/walk', expires };
}

const putUnder = (sql: Sql, ws: string, device: string, session: string): Promise<unknown> =>
  sql.query('insert into session_device (session, ws, device) values ($3, $1, $2)', [ws, device, session]);

/** The session a walk cookie stands for, where it is of this student or of another number of the same person. */
export async function sessionOfPerson(
  sql: Sql,
  token: string | undefined,
  whom: { readonly ws: string; readonly student: string },
  now: Date,
): Promise<string | null> {
  if (!token) return null;
  const row = await maybe<{ id: string }>(
    sql,
    `select id from session s where s.token_hash = $1 and s.ws = $2 and s.expires > $4 and s.student is not null
       and (s.student = $3 or exists (select 1 from same_person p join same_person q on q.ws = p.ws and q.who = p.who
         where p.ws = s.ws and p.student = s.student and q.student = $3))`,
    [hashToken(token), whom.ws, whom.student, now.toISOString()],
  );
  return row?.id ?? null;
}

/** Adds the phone of a further sitting to a session and renews it. @returns its cookie, which lasts as long. */
export async function goOnWith(
  sql: Sql,
  now: Date,
  token: string,
  { session, ws, device }: { readonly session: string; readonly ws: string; readonly device: string },
): Promise<Cookie> {
  const expires = new Date(now.getTime() + WALK_DAYS * DAY);
  await putUnder(sql, ws, device, session);
  await sql.query('update session set device = $3, expires = $4 where ws = $1 and id = $2', [
    ws,
    session,
    device,
    expires.toISOString(),
  ]);
  return { name: WALK_COOKIE, value: token, path: '/api/walk', expires };
}

interface SeatRow {
  readonly device: string;
  readonly sitting: string;
  readonly public: string;
  readonly student: string;
  readonly takeover: number | null;
  /** Other phones of the student that are in the sitting. */
  readonly others: number;
}

interface SessionRow {
  token_hash: string;
  id: string;
  expires: string;
  ws: string;
  account: string | null;
  name: string | null;
  role: Role | null;
}

interface WalkRow {
  token_hash: string;
  id: string;
  expires: string;
  ws: string;
  /** The sittings a student's session is in, the one joined last first. */
  seats: readonly SeatRow[] | null;
}

/** Sessions of the staff by the hash of their token; those asked for at once are read together. */
const staffSessions = perDatabase((db) =>
  gathered<string, SessionRow>(async (hashes) => {
    const rows = await db.query<SessionRow>(
      `select s.token_hash, s.id, s.expires, s.ws, s.account, a.name, a.role
       from session s left join account a on a.ws = s.ws and a.id = s.account
       where s.token_hash = any($1::text[]) and a.disabled_at is null`,
      [hashes],
    );
    return new Map(rows.map((r) => [r.token_hash, r]));
  }),
);

/** Sessions of students with where they sit; a whole class that sends at once is read together. */
const walkSessions = perDatabase((db) =>
  gathered<string, WalkRow>(async (hashes) => {
    const rows = await db.query<WalkRow>(
      `select s.token_hash, s.id, s.expires, s.ws,
         (select jsonb_agg(jsonb_build_object('device', d.id, 'sitting', d.sitting, 'public', si.public_id,
             'student', d.student, 'takeover', d.takeover,
             'others', (select count(*) from device o where o.ws = d.ws and o.sitting = d.sitting
                        and o.student = d.student and o.state = 'in' and o.id <> d.id))
             order by d.id = s.device desc, d.asked_at desc, d.id desc)
          from session_device sd join device d on d.ws = sd.ws and d.id = sd.device
          join sitting si on si.ws = d.ws and si.id = d.sitting
          where sd.session = s.id and d.state = 'in') as seats
       from session s where s.token_hash = any($1::text[]) and s.student is not null`,
      [hashes],
    );
    return new Map(rows.map((r) => [r.token_hash, r]));
  }),
);

/**
 * Who carries a cookie that still holds; the walk has a cookie of its own, and a student's opens nothing else.
 * @param sitting the random id of the sitting a student's request is about; the one joined last where it says none.
 */
export async function recognise(
  app: App,
  cookies: Readonly<Record<string, string | undefined>>,
  route: Pick<Route, 'audience' | 'path'>,
  sitting?: string,
): Promise<Who> {
  const walk = route.path.startsWith('/api/walk');
  const token = walk ? cookies[WALK_COOKIE] : (cookies[STAFF_COOKIE] ?? cookies[WALK_COOKIE]);
  if (!token) return { kind: 'nobody' };
  const tokenHash = hashToken(token);
  const now = app.clock().toISOString();
  if (!walk) {
    const row = await staffSessions(app.db)(tokenHash);
    if (!row || row.expires <= now) return { kind: 'nobody' };
    if (row.account !== null && row.name !== null && row.role !== null)
      return { kind: 'account', ws: row.ws, id: row.account, name: row.name, role: row.role, tokenHash };
  }
  const row = await walkSessions(app.db)(tokenHash);
  if (!row || row.expires <= now) return { kind: 'nobody' };
  // A phone that waits to be let in, or that staff ended, is nobody.
  const seats = row.seats ?? [];
  const seat = sitting === undefined ? seats[0] : seats.find((s) => s.public === sitting);
  if (!seat) return { kind: 'nobody' };
  return {
    kind: 'student',
    ws: row.ws,
    session: row.id,
    student: seat.student,
    sitting: seat.sitting,
    takeover: seat.takeover ?? 1,
    device: seat.device,
    otherDevices: seat.others,
    tokenHash,
  };
}

export async function endSession(sql: Sql, tokenHash: string): Promise<void> {
  await sql.query('delete from session where token_hash = $1', [tokenHash]);
}
