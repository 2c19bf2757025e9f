import { createHash, randomBytes } from 'node:crypto';
import type { Role, Route } from '@hurrow/contract';
import { maybe } from '../db/index.ts';
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
      readonly sitting: string;
      readonly takeover: number;
      readonly device: string;
    };

/** Starts a session. @returns its cookie. */
export async function startSession(sql: Sql, now: Date, whom: For): Promise<Cookie> {
  const token = randomBytes(32).toString('base64url');
  const staff = whom.kind === 'account';
  const expires = new Date(now.getTime() + (staff ? STAFF_DAYS : WALK_DAYS) * DAY);
  await sql.query('delete from session where expires < $1', [now.toISOString()]);
  await sql.query(
    `insert into session (token_hash, ws, account, student, sitting, takeover, device, expires)
     values ($1, $2, $3, $4, $5, $6, $7, $8)`,
    [
      hashToken(token),
      whom.ws,
      staff ? whom.account : null,
      staff ? null : whom.student,
      staff ? null : whom.sitting,
      staff ? null : whom.takeover,
      staff ? null : whom.device,
      expires.toISOString(),
    ],
  );
  return staff
    ? { name: STAFF_COOKIE, value: token, path: '/', expires }
    : { name: WALK_COOKIE, value: token, path: '/api/walk', expires };
}

interface SessionRow {
  ws: string;
  account: string | null;
  name: string | null;
  role: Role | null;
  student: string | null;
  sitting: string | null;
  takeover: number | null;
  device: string | null;
  device_state: string | null;
}

/** Who carries a cookie that still holds; the walk has a cookie of its own, and a student's opens nothing else. */
export async function recognise(
  app: App,
  cookies: Readonly<Record<string, string | undefined>>,
  route: Pick<Route, 'audience' | 'path'>,
): Promise<Who> {
  const walk = route.path.startsWith('/api/walk');
  const token = walk ? cookies[WALK_COOKIE] : (cookies[STAFF_COOKIE] ?? cookies[WALK_COOKIE]);
  if (!token) return { kind: 'nobody' };
  const tokenHash = hashToken(token);
  const row = await maybe<SessionRow>(
    app.db,
    `select s.ws, s.account, a.name, a.role, s.student, s.sitting, coalesce(d.takeover, s.takeover) as takeover,
       d.id as device, d.state as device_state
     from session s left join account a on a.ws = s.ws and a.id = s.account
     left join device d on d.ws = s.ws and d.id = s.device
     where s.token_hash = $1 and s.expires > $2 and a.disabled_at is null`,
    [tokenHash, app.clock().toISOString()],
  );
  if (!row) return { kind: 'nobody' };
  if (row.account !== null && row.name !== null && row.role !== null) {
    return { kind: 'account', ws: row.ws, id: row.account, name: row.name, role: row.role, tokenHash };
  }
  // A phone that waits to be let in, or that staff ended, is nobody.
  if (row.student !== null && row.sitting !== null && row.device !== null && row.device_state === 'in') {
    return {
      kind: 'student',
      ws: row.ws,
      student: row.student,
      sitting: row.sitting,
      takeover: row.takeover ?? 1,
      device: row.device,
      tokenHash,
    };
  }
  return { kind: 'nobody' };
}

export async function endSession(sql: Sql, tokenHash: string): Promise<void> {
  await sql.query('delete from session where token_hash = $1', [tokenHash]);
}
