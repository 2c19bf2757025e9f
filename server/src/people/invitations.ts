import { randomBytes } from 'node:crypto';
import { v7 } from 'uuid';
import type { Invitation, InvitationBody, InvitationMade, InvitationShown, Role } from '@hurrow/contract';
import { hashPassphrase, hashToken, slowDown, startSession } from '../access/index.ts';
import type { Limit } from '../access/index.ts';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, idParam, invalid, notFound } from '../http/index.ts';
import type { Account, Call, CallOf, ReplyOf } from '../http/index.ts';
import { needAccount, needSections, placeIn } from './store.ts';

const DAYS = 7;
const DAY = 86_400_000;
/** A token cannot be guessed; the limit keeps somebody from trying. */
const TRIES: Omit<Limit, 'bucket'> = { burst: 30, everyMs: 2000 };

const OPEN = `i.used_at is null and i.withdrawn_at is null and i.expires > $2`;

/** Invitations that can still be used. */
export const openInvitations = (sql: Sql, ws: string, now: string): Promise<readonly Invitation[]> =>
  sql.query<Invitation>(
    `select i.id, i.name, i.role, i.sections, i.expires, a.name as by, i.account is not null as "forPassphrase"
     from invitation i join account a on a.ws = i.ws and a.id = i.by_account where i.ws = $1 and ${OPEN} order by i.expires, i.id`,
    [ws, now],
  );

interface Made extends Omit<InvitationBody, 'sections'> {
  readonly sections: readonly string[];
  readonly account: string | null;
}

async function make(tx: Sql, call: Call<Account>, invitation: Made): Promise<InvitationMade> {
  const token = randomBytes(24).toString('base64url');
  const expires = new Date(call.app.clock().getTime() + DAYS * DAY).toISOString();
  const id = v7();
  await insertRows(tx, 'invitation', [
    { ws: call.who.ws, id, token_hash: hashToken(token), by_account: call.who.id, expires, ...invitation },
  ]);
  return { id, token, expires };
}

/** Invites somebody; the token is told this once and kept only as a hash. */
export async function invite(call: CallOf<'invitationCreate'>): Promise<ReplyOf<'invitationCreate'>> {
  const { name, role, sections } = call.body;
  const made = await call.app.db.transaction(async (tx) => {
    await needSections(tx, call.who.ws, sections);
    return make(tx, call, { name, role, sections: role === 'assistant' ? sections : [], account: null });
  });
  return { status: 201, body: made };
}

/**
 * Lets somebody choose a new passphrase by a link. From then on nobody signs in with the old one, and every session under
 * it ends.
 */
export async function resetPassphrase(call: CallOf<'passphraseReset'>): Promise<ReplyOf<'passphraseReset'>> {
  const { ws } = call.who;
  const id = idParam(call, 'id');
  const unknown = await hashPassphrase(randomBytes(24).toString('base64url'));
  const made = await call.app.db.transaction(async (tx) => {
    const { name, role, active } = await needAccount(tx, ws, id);
    if (!active) throw conflict(`${name} is not on the staff.`, { remedy: 'Take them back first.' });
    await tx.query('update account set scrypt = $3 where ws = $1 and id = $2', [ws, id, unknown]);
    await tx.query('delete from session where ws = $1 and account = $2', [ws, id]);
    await tx.query(
      'update invitation set withdrawn_at = $3 where ws = $1 and account = $2 and used_at is null and withdrawn_at is null',
      [ws, id, call.app.clock().toISOString()],
    );
    return make(tx, call, { name, role, sections: [], account: id });
  });
  return { status: 201, body: made };
}

export async function withdrawInvitation(
  call: CallOf<'invitationWithdraw'>,
): Promise<ReplyOf<'invitationWithdraw'>> {
  const rows = await call.app.db.query(
    `update invitation set withdrawn_at = $3 where ws = $1 and id = $2 and used_at is null and withdrawn_at is null returning id`,
    [call.who.ws, idParam(call, 'id'), call.app.clock().toISOString()],
  );
  if (rows.length === 0)
    throw notFound('This invitation is not open any more.', { remedy: 'Look under People.' });
  return { status: 204 };
}

interface Row {
  readonly ws: string;
  readonly id: string;
  readonly name: string;
  readonly role: Role;
  readonly sections: readonly string[];
  readonly account: string | null;
  readonly expires: string;
  readonly used: boolean;
  readonly withdrawn: boolean;
  /** Whether whoever invited may still invite. */
  readonly holds: boolean;
  readonly workspace: string;
}

/** The invitation of a token. @throws with the reason why it cannot be used. */
async function needOpen(sql: Sql, token: string, now: string): Promise<Row> {
  const row = await maybe<Row>(
    sql,
    `select i.ws, i.id, i.name, i.role, i.sections, i.account, i.expires, i.used_at is not null as used,
       i.withdrawn_at is not null as withdrawn, a.role = 'owner' and a.disabled_at is null as holds, w.name as workspace
     from invitation i join account a on a.ws = i.ws and a.id = i.by_account join workspace w on w.id = i.ws
     where i.token_hash = $1 for update of i`,
    [hashToken(token)],
  );
  const remedy = 'Ask for a new link.';
  if (!row)
    throw invalid('There is no invitation under this link.', {
      field: 'token',
      remedy: `Check that the link is whole. ${remedy}`,
    });
  if (row.used)
    throw conflict('This link has been used.', {
      remedy: 'Sign in with the name and passphrase chosen then.',
    });
  if (row.withdrawn || !row.holds) throw conflict('This invitation was taken back.', { remedy });
  if (row.expires <= now) throw conflict('This link is too old.', { remedy });
  return row;
}

/** What an invitation offers, before it is used. */
export async function showInvitation(call: CallOf<'invitationShow'>): Promise<ReplyOf<'invitationShow'>> {
  const { token } = call.body;
  const done = await slowDown(call.app, [{ bucket: `invitation/${call.ip}`, ...TRIES }]);
  const { name, role, workspace, account } = await call.app.db.transaction((tx) =>
    needOpen(tx, token, call.app.clock().toISOString()),
  );
  await done();
  const body: InvitationShown = { name, role, workspace, forPassphrase: account !== null };
  return { body };
}

async function needFreeName(tx: Sql, name: string): Promise<void> {
  if (await maybe(tx, 'select 1 from account where lower(name) = lower($1)', [name]))
    throw conflict('Somebody else signs in with this name.', {
      field: 'name',
      remedy: 'Add a middle name or an initial.',
    });
}

/** Uses an invitation: makes the account, or gives it its new passphrase, and signs in. */
export async function acceptInvitation(
  call: CallOf<'invitationAccept'>,
): Promise<ReplyOf<'invitationAccept'>> {
  const { token, name, passphrase } = call.body;
  if (passphrase.toLowerCase().includes(name.toLowerCase()))
    throw invalid('The passphrase contains your name.', {
      field: 'passphrase',
      remedy: 'Choose other words.',
    });
  const done = await slowDown(call.app, [{ bucket: `invitation/${call.ip}`, ...TRIES }]);
  const kept = await hashPassphrase(passphrase);
  const now = call.app.clock();
  const cookie = await call.app.db.transaction(async (tx) => {
    const row = await needOpen(tx, token, now.toISOString());
    const account = row.account ?? v7();
    if (row.account === null) {
      await needFreeName(tx, name);
      await insertRows(tx, 'account', [
        { ws: row.ws, id: account, name, role: row.role, scrypt: kept, created_at: now },
      ]);
      await placeIn(tx, row.ws, account, row.sections);
    } else {
      await tx.query('update account set scrypt = $3 where ws = $1 and id = $2', [row.ws, account, kept]);
    }
    await tx.query('update invitation set used_at = $3 where ws = $1 and id = $2', [
      row.ws,
      row.id,
      now.toISOString(),
    ]);
    return startSession(tx, now, { kind: 'account', ws: row.ws, account }, call.browser());
  });
  await done();
  return { status: 201, body: {}, cookies: [cookie] };
}
