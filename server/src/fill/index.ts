import type { Bundle } from '@hurrow/contract';
import { hashPassphrase } from '../access/index.ts';
import { insertRows } from '../db/index.ts';
import type { Database } from '../db/index.ts';
import { installGroups, installVocabulary } from '../library/index.ts';
import { gradeSitting } from '../grading/index.ts';
import { lockKey, returnResults, sittingById } from '../sittings/index.ts';

/**
 * Fills an empty database with a whole workspace; what can be computed from it (grades, looks) is computed here.
 * @param passphraseCost what its passphrases are kept at; the usual where nothing is said.
 */
export async function fill(db: Database, bundle: Bundle, passphraseCost?: number): Promise<void> {
  const ws = bundle.workspace;
  const accounts = await Promise.all(
    bundle.accounts.map(async ({ passphrase, ...a }) => ({
      ws,
      ...a,
      created_at: '2026-08-01T12:00:00Z',
      scrypt: await hashPassphrase(passphrase, passphraseCost),
    })),
  );
  await db.transaction(async (tx) => {
    for (const { table, rows } of bundle.first) await insertRows(tx, table, rows);
    await insertRows(tx, 'account', accounts);
    await installVocabulary(tx, ws);
    if (bundle.withGroups) await installGroups(tx, ws);
    for (const { table, rows } of bundle.then) await insertRows(tx, table, rows);
  });
  await lockKeys(db, ws);
  for (const { sitting, by, at } of bundle.returnResults) {
    await db.transaction(async (tx) => {
      const row = await sittingById(tx, ws, sitting);
      if (!row) throw new Error(`The bundle has no sitting ${sitting}`);
      await gradeSitting(tx, { ws, sitting: row, by, at, cause: 'first' });
      const graded = await sittingById(tx, ws, sitting);
      if (graded) await returnResults(tx, ws, graded, at);
    });
  }
}

/** Locks the keys of sittings that were held, as of the day they were held. */
async function lockKeys(db: Database, ws: string): Promise<void> {
  const held = await db.query<{ id: string }>(
    `select id from sitting where ws = $1 and state <> 'draft' order by on_date, id`,
    [ws],
  );
  for (const { id } of held)
    await db.transaction(async (tx) => {
      const sitting = await sittingById(tx, ws, id);
      if (sitting) await lockKey(tx, ws, sitting, null, `${sitting.on_date}T12:00:00Z`);
    });
}
