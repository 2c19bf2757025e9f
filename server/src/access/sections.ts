import { maybe } from '../db/index.ts';
import type { Account, Call } from '../http/index.ts';
import { notFound } from '../http/index.ts';

/**
 * An SQL condition that keeps sections an account may see: all for owner and instructor, those given to them for an
 * assistant. `$1` is the workspace and `$2` the account.
 */
export const SEES_SECTION = (alias: string): string =>
  `(exists (select 1 from account me where me.ws = $1 and me.id = $2 and me.role <> 'assistant')
    or exists (select 1 from section_account mine where mine.ws = $1 and mine.account = $2 and mine.section = ${alias}))`;

/** @throws *not found* where the account may not see the section, so that its existence is not told either. */
export async function needSection(call: Call<Account>, section: string): Promise<void> {
  const row = await maybe(
    call.app.db,
    `select 1 from section s where s.ws = $1 and s.id = $3 and ${SEES_SECTION('s.id')}`,
    [call.who.ws, call.who.id, section],
  );
  if (!row) throw notFound('This class was deleted.', { remedy: 'Choose one under Classes.' });
}
