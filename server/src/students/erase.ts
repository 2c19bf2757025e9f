import { insertRows } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { countCells } from '../marking/index.ts';

/**
 * Erases everything about one student within a transaction: answers, marks, looks, places in sections, sessions and
 * what an import would put back. What is counted from looks is counted anew. Only the id stays, to be known as erased.
 */
export async function eraseStudent(tx: Sql, ws: string, student: string, at: string): Promise<void> {
  const touched = await tx.query<{ sitting: string; section: string }>(
    'select distinct sitting, section from look where ws = $1 and student = $2',
    [ws, student],
  );
  await tx.query(`select set_config('hurrow.erasing', 'yes', true)`);
  await tx.query(`delete from conflict where ws = $1 and payload ->> 'student' = $2`, [ws, student]);
  await tx.query(
    `update import_batch set undo = null where ws = $1 and kind = 'roster' and undo::text like '%' || $2 || '%'`,
    [ws, student],
  );
  await tx.query('delete from student where ws = $1 and id = $2', [ws, student]);
  await tx.query(`select set_config('hurrow.erasing', 'no', true)`);
  for (const { sitting, section } of touched) await countCells(tx, ws, sitting, section);
  await insertRows(tx, 'erased_student', [{ ws, id: student, at }], 'on conflict do nothing');
}
