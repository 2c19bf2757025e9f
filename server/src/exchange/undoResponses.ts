import type { Sql } from '../db/index.ts';
import { maybe } from '../db/index.ts';
import { stale } from '../http/index.ts';
import { countSums, lockAllSums, lockSums } from '../sums/index.ts';
import type { ImportedSittings } from './applyResponses.ts';

/** @throws where somebody graded, corrected or changed a sitting that an import made, or used its quiz again. */
async function refuseWhereUsed(tx: Sql, ws: string, made: ImportedSittings): Promise<void> {
  for (const s of made.sittings) {
    const same = await maybe(
      tx,
      `select 1 from sitting s where s.ws = $1 and s.id = $2 and s.version = $3
         and (select count(*) from grading_run r where r.ws = s.ws and r.sitting = s.id) = $4
         and (select count(*) from response r join attempt t on t.ws = r.ws and t.id = r.attempt where t.ws = s.ws and t.sitting = s.id) = $5
         and not exists (select 1 from override o join response r on r.ws = o.ws and r.id = o.response
           join attempt t on t.ws = r.ws and t.id = r.attempt where t.ws = s.ws and t.sitting = s.id)`,
      [ws, s.id, s.version, s.runs, s.answers],
    );
    if (!same)
      throw stale('A sitting of this import was graded again or changed since.', {
        remedy: 'Keep the import, or take back what came after first.',
      });
  }
  const used = await maybe<{ name: string }>(
    tx,
    `select q.name from quiz q where q.ws = $1 and q.id = any($2::uuid[])
       and exists (select 1 from sitting s where s.ws = q.ws and s.quiz = q.id and s.id <> all($3::uuid[]))
     limit 1`,
    [ws, made.quizzes, made.sittings.map((s) => s.id)],
  );
  if (used)
    throw stale(`“${used.name}” has another sitting since.`, { remedy: 'Delete that sitting first.' });
}

/** Takes back the sittings that an import made, with their answers and quizzes; what is counted follows. */
export async function undoResponses(tx: Sql, ws: string, made: ImportedSittings): Promise<void> {
  await refuseWhereUsed(tx, ws, made);
  const ids = made.sittings.map((s) => s.id);
  const sections = await tx.query<{ section: string }>(
    'select distinct section from sitting where ws = $1 and id = any($2::uuid[]) order by section',
    [ws, ids],
  );
  await lockAllSums(tx, ws);
  for (const { section } of sections) await lockSums(tx, ws, section);
  await tx.query(`select set_config('hurrow.erasing', 'yes', true)`);
  const places = '(select id from sitting_station where ws = $1 and sitting = any($2::uuid[]))';
  await tx.query(
    `update sitting set state = 'graded', returned_run = null, returned_by = null where ws = $1 and id = any($2::uuid[]) and state = 'returned'`,
    [ws, ids],
  );
  await tx.query('delete from attempt where ws = $1 and sitting = any($2::uuid[])', [ws, ids]);
  await tx.query('delete from grading_run where ws = $1 and sitting = any($2::uuid[])', [ws, ids]);
  await tx.query(`delete from station_key where ws = $1 and sitting_station in ${places}`, [ws, ids]);
  await tx.query('delete from sitting_key where ws = $1 and sitting = any($2::uuid[])', [ws, ids]);
  await tx.query(`delete from sitting_ask where ws = $1 and sitting_station in ${places}`, [ws, ids]);
  await tx.query('delete from sitting_station where ws = $1 and sitting = any($2::uuid[])', [ws, ids]);
  for (const { section } of sections)
    await countSums(
      tx,
      ws,
      section,
      ids.map((sitting) => ({ sitting, part: null })),
    );
  await tx.query('delete from sitting where ws = $1 and id = any($2::uuid[])', [ws, ids]);
  const quizzes = [ws, made.quizzes];
  await tx.query(
    'delete from ask where ws = $1 and station in (select id from station where ws = $1 and quiz = any($2::uuid[]))',
    quizzes,
  );
  await tx.query('delete from station where ws = $1 and quiz = any($2::uuid[])', quizzes);
  await tx.query('delete from quiz where ws = $1 and id = any($2::uuid[])', quizzes);
  const trees = [ws, made.trees];
  await tx.query('delete from determination where ws = $1 and individual = any($2::uuid[])', trees);
  await tx.query('delete from tree where ws = $1 and individual = any($2::uuid[])', trees);
  await tx.query('delete from individual where ws = $1 and id = any($2::uuid[])', trees);
  await tx.query(`select set_config('hurrow.erasing', 'no', true)`);
}
