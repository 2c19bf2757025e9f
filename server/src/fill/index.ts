import type { Bundle } from '@hurrow/contract';
import { hashPassphrase } from '../access/index.ts';
import { insertRows } from '../db/index.ts';
import type { Database } from '../db/index.ts';
import { installGroups, installVocabulary } from '../library/index.ts';
import { markSitting } from '../marking/index.ts';
import { giveBack, sittingById } from '../sittings/index.ts';

/** Fills an empty database with a whole workspace; what can be computed from it (marks, looks) is computed here. */
export async function fill(db: Database, bundle: Bundle): Promise<void> {
  const ws = bundle.workspace;
  const accounts = await Promise.all(
    bundle.accounts.map(async ({ passphrase, ...a }) => ({
      ws,
      ...a,
      created_at: '2026-08-01T12:00:00Z',
      scrypt: await hashPassphrase(passphrase),
    })),
  );
  await db.transaction(async (tx) => {
    for (const { table, rows } of bundle.first) await insertRows(tx, table, rows);
    await insertRows(tx, 'account', accounts);
    await installVocabulary(tx, ws);
    if (bundle.withGroups) await installGroups(tx, ws);
    for (const { table, rows } of bundle.then) await insertRows(tx, table, rows);
  });
  for (const { sitting, by, at } of bundle.giveBack) {
    await db.transaction(async (tx) => {
      const row = await sittingById(tx, ws, sitting);
      if (!row) throw new Error(`The bundle has no sitting ${sitting}`);
      await markSitting(tx, { ws, sitting: row, by, at, cause: 'first' });
      await giveBack(tx, ws, sitting, at);
    });
  }
}
