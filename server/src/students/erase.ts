import { insertRows } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { countSums, lockAllSums, lockSums } from '../sums/index.ts';
import { forgetPerson } from './persons.ts';

/**
 * Erases everything about one student within a transaction: answers, grades, looks, places in sections, sessions and
 * what an import would put back. What is counted from looks is counted anew. Only the id stays, to be known as erased.
 */
export async function eraseStudent(tx: Sql, ws: string, student: string, at: string): Promise<void> {
  const touched = await tx.query<{ sitting: string; section: string }>(
    'select distinct sitting, section from look where ws = $1 and student = $2',
    [ws, student],
  );
  await lockAllSums(tx, ws);
  for (const section of [...new Set(touched.map((t) => t.section))].sort()) await lockSums(tx, ws, section);
  await tx.query(`select set_config('hurrow.erasing', 'yes', true)`);
  await tx.query(
    `update import_batch set undo = null where ws = $1 and kind in ('roster', 'responses') and undo::text like '%' || $2 || '%'`,
    [ws, student],
  );
  const [row] = await tx.query<{ person: string | null }>(
    'delete from student where ws = $1 and id = $2 returning person',
    [ws, student],
  );
  if (row?.person) await forgetPerson(tx, ws, row.person);
  await tx.query(`select set_config('hurrow.erasing', 'no', true)`);
  for (const section of [...new Set(touched.map((t) => t.section))].sort())
    await countSums(
      tx,
      ws,
      section,
      touched.flatMap((t) => (t.section === section ? { sitting: t.sitting, part: null } : [])),
    );
  await insertRows(tx, 'erased_student', [{ ws, id: student, at }], 'on conflict do nothing');
}
