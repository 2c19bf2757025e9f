import type { AnswersLog, Erasure, LoggedAnswer } from '../answers/index.ts';
import { replayAnswers } from '../answers/index.ts';
import { bulkLoad, migrate, migrationNames } from '../db/index.ts';
import type { Database } from '../db/index.ts';
import { conflict, invalid } from '../http/index.ts';
import { eraseStudent } from '../students/index.ts';
import { readBackup } from './read.ts';
import { allTables } from './tables.ts';

const CHUNK = 2000;

export interface Restored {
  readonly rows: number;
  readonly writtenAt: string;
  /** Students erased since the backup was made, erased again. */
  readonly erased: number;
}

/**
 * Puts a backup into an empty database, whole or not at all: at the schema it was written under, then brought up to
 * date; then what was erased since is erased again.
 * @param db without tables, or with the tables of this version and nothing in them.
 */
export async function restoreBackup(
  db: Database,
  answers: AnswersLog,
  bytes: Uint8Array,
  erasures: readonly Erasure[],
): Promise<Restored> {
  const { manifest, lines } = readBackup(bytes);
  await migrate(db, manifest.schema.length);
  const there = await db.query<{ name: string }>('select name from migration order by name');
  if (there.length > manifest.schema.length && there.length !== migrationNames().length)
    throw conflict('The database is of another version.', { remedy: 'Restore into an empty one.' });
  if ((await db.query('select 1 from workspace')).length > 0)
    throw conflict('The database is not empty.', {
      remedy: 'Restore into another folder or an empty database; nothing was changed.',
    });
  const tables = await allTables(db);
  const strange = Object.keys(manifest.files).find(
    (f) => f.startsWith('tables/') && !tables.includes(f.slice(7, -6)),
  );
  if (strange !== undefined)
    throw invalid(`The backup holds “${strange}”, which this schema does not.`, {
      field: 'file',
      remedy: 'Bring this application up to date first.',
    });
  let rows = 0;
  await db.transaction(async (tx) => {
    await tx.query(`set local timezone = 'UTC'`);
    await bulkLoad(tx, tables, async () => {
      for (const table of tables) {
        const all = lines(`tables/${table}.jsonl`);
        rows += all.length;
        for (let i = 0; i < all.length; i += CHUNK) {
          await tx.query(
            `insert into "${table}" select * from jsonb_populate_recordset(null::public."${table}", $1::jsonb)`,
            [`[${all.slice(i, i + CHUNK).join(',')}]`],
          );
        }
      }
    });
  });
  await migrate(db);
  const logged = lines('answers.jsonl').map((l) => JSON.parse(l) as LoggedAnswer);
  const gone = new Set(erasures.map((e) => e.student));
  const known = new Set(answers.read().map((a) => a.id));
  answers.append(logged.filter((a) => !gone.has(a.student) && !known.has(a.id)));
  let erased = 0;
  for (const e of erasures) {
    const there = await db.query('select 1 from student where ws = $1 and id = $2', [e.ws, e.student]);
    if (there.length === 0) continue;
    erased += 1;
    await db.transaction((tx) => eraseStudent(tx, e.ws, e.student, e.at));
    answers.forget(e.student);
  }
  await replayAnswers(db, answers.read());
  return { rows, writtenAt: manifest.writtenAt, erased };
}
