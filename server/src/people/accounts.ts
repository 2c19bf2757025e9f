import type { People, PersonOnStaff } from '@hurrow/contract';
import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, idParam, needVersion } from '../http/index.ts';
import type { Account, Call, CallOf, ReplyOf } from '../http/index.ts';
import { openInvitations } from './invitations.ts';
import { needAccount, needSections, placeIn } from './store.ts';

/** Changes of owners wait for each other, so that two of them never take each other away. */
const lockPeople = (tx: Sql, ws: string) =>
  tx.query('select pg_advisory_xact_lock(hashtextextended($1, 16))', [ws]);

const readStaff = (sql: Sql, ws: string, now: string): Promise<readonly PersonOnStaff[]> =>
  sql.query<PersonOnStaff>(
    `select a.id, a.name, a.role, a.disabled_at is null as active, a.version,
       coalesce((select jsonb_agg(sa.section order by s.name, s.id) from section_account sa
         join section s on s.ws = sa.ws and s.id = sa.section where sa.ws = a.ws and sa.account = a.id), '[]') as sections,
       (select count(*) from session o where o.ws = a.ws and o.account = a.id and o.expires > $2)::integer as "signedIn"
     from account a where a.ws = $1 order by a.disabled_at is not null, array_position(array['owner', 'instructor', 'assistant'], a.role), lower(a.name)`,
    [ws, now],
  );

/** Everybody on staff, and the invitations that are still open. */
export async function people(call: Call<Account>): Promise<ReplyOf<'people'>> {
  const { db } = call.app;
  const { ws } = call.who;
  const now = call.app.clock().toISOString();
  const body: People = {
    staff: await readStaff(db, ws, now),
    invitations: await openInvitations(db, ws, now),
  };
  return { body };
}

/** @throws where nobody would be left who may invite and back up. */
async function needOtherOwner(tx: Sql, ws: string, account: string): Promise<void> {
  const other = await maybe(
    tx,
    `select 1 from account where ws = $1 and id <> $2 and role = 'owner' and disabled_at is null limit 1`,
    [ws, account],
  );
  if (!other)
    throw conflict('This is the last owner.', {
      field: 'role',
      remedy: 'Make somebody else an owner first.',
    });
}

/**
 * Changes what somebody may do. Taking somebody off the staff ends their sessions and keeps their name beside what they
 * wrote, graded and decided.
 */
export async function changeAccount(call: CallOf<'accountChange'>): Promise<ReplyOf<'accountChange'>> {
  const { role, sections, active } = call.body;
  const { ws } = call.who;
  const id = idParam(call, 'id');
  await call.app.db.transaction(async (tx) => {
    await lockPeople(tx, ws);
    const was = await needAccount(tx, ws, id);
    needVersion(call, was.version, was);
    await needSections(tx, ws, sections);
    if (was.role === 'owner' && was.active && (role !== 'owner' || !active)) await needOtherOwner(tx, ws, id);
    await tx.query(
      `update account set version = version + 1, role = $3, disabled_at = case when $4 then null else coalesce(disabled_at, $5::timestamptz) end
       where ws = $1 and id = $2`,
      [ws, id, role, active, call.app.clock().toISOString()],
    );
    await placeIn(tx, ws, id, role === 'assistant' ? sections : []);
    if (!active) await tx.query('delete from session where ws = $1 and account = $2', [ws, id]);
  });
  return people(call);
}
