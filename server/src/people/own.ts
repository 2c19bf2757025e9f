import type { OwnSession } from '@hurrow/contract';
import { checkPassphrase, hashPassphrase, slowDown } from '../access/index.ts';
import { one } from '../db/index.ts';
import { idParam, invalid, notFound } from '../http/index.ts';
import type { CallOf, ReplyOf } from '../http/index.ts';

const TRIES = { burst: 10, everyMs: 6000 } as const;

/** Where one is signed in oneself. */
export async function ownSessions(call: CallOf<'ownSessions'>): Promise<ReplyOf<'ownSessions'>> {
  const body = await call.app.db.query<OwnSession>(
    `select id, started_at as "startedAt", browser, token_hash = $3 as "isThis" from session
     where ws = $1 and account = $2 and expires > $4 order by token_hash = $3 desc, started_at desc`,
    [call.who.ws, call.who.id, call.who.tokenHash, call.app.clock().toISOString()],
  );
  return { body };
}

/** Ends one of one's own sessions. */
export async function endOwnSession(call: CallOf<'ownSessionEnd'>): Promise<ReplyOf<'ownSessionEnd'>> {
  const ended = await call.app.db.query(
    'delete from session where ws = $1 and account = $2 and id = $3 returning id',
    [call.who.ws, call.who.id, idParam(call, 'id')],
  );
  if (ended.length === 0)
    throw notFound('This session has ended already.', { remedy: 'Nothing more to do.' });
  return { status: 204 };
}

/** Changes one's own passphrase, and ends every other session of one's own. */
export async function changePassphrase(
  call: CallOf<'passphraseChange'>,
): Promise<ReplyOf<'passphraseChange'>> {
  const { present, passphrase } = call.body;
  const { ws, id, name, tokenHash } = call.who;
  const done = await slowDown(call.app, [{ bucket: `passphrase/${id}`, ...TRIES }]);
  const { scrypt } = await one<{ scrypt: string }>(
    call.app.db,
    'select scrypt from account where ws = $1 and id = $2',
    [ws, id],
  );
  if (!(await checkPassphrase(present, scrypt)))
    throw invalid('This is not your passphrase.', { field: 'present', remedy: 'Check capital letters.' });
  if (passphrase.toLowerCase().includes(name.toLowerCase()))
    throw invalid('The passphrase contains your name.', {
      field: 'passphrase',
      remedy: 'Choose other words.',
    });
  await done();
  const kept = await hashPassphrase(passphrase);
  await call.app.db.transaction(async (tx) => {
    await tx.query('update account set scrypt = $3 where ws = $1 and id = $2', [ws, id, kept]);
    await tx.query('delete from session where ws = $1 and account = $2 and token_hash <> $3', [
      ws,
      id,
      tokenHash,
    ]);
  });
  return { status: 204 };
}
