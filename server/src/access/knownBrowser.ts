import { randomBytes } from 'node:crypto';
import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import type { Cookie } from '../http/index.ts';
import { hashToken } from './sessions.ts';

export const BROWSER_COOKIE = 'hurrow_browser';
const KEPT_DAYS = 365;
const DAY = 86_400_000;

/** Whether an account signed in from this browser before, so that the tries of others do not hold it up. */
export async function isKnownBrowser(sql: Sql, token: string | undefined, account: string): Promise<boolean> {
  if (!token) return false;
  return (
    (await maybe(sql, 'select 1 from known_browser where token_hash = $1 and account = $2', [
      hashToken(token),
      account,
    ])) !== null
  );
}

/** Remembers a browser after a sign-in. @returns its cookie. */
export async function rememberBrowser(
  sql: Sql,
  now: Date,
  whom: { readonly ws: string; readonly account: string },
): Promise<Cookie> {
  const token = randomBytes(32).toString('base64url');
  await sql.query('delete from known_browser where used_at < $1', [
    new Date(now.getTime() - KEPT_DAYS * DAY).toISOString(),
  ]);
  await sql.query('insert into known_browser (token_hash, ws, account, used_at) values ($1, $2, $3, $4)', [
    hashToken(token),
    whom.ws,
    whom.account,
    now.toISOString(),
  ]);
  return {
    name: BROWSER_COOKIE,
    value: token,
    path: '/api/session',
    expires: new Date(now.getTime() + KEPT_DAYS * DAY),
  };
}
