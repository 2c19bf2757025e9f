import type { AnswersLog, Erasure } from '../answers/index.ts';
import { allAnswers, answersInMemory, replayAnswers } from '../answers/index.ts';
import { bulkLoad, isRefusedByData, migrate } from '../db/index.ts';
import type { Database, Sql } from '../db/index.ts';
import { upgradeSums } from '../sums/index.ts';
import { upgradeSittings } from '../grading/index.ts';
import { upgradeVocabulary } from '../library/index.ts';
import { conflict, invalid } from '../http/index.ts';
import { eraseEverywhere } from '../students/index.ts';
import { readBackup } from './read.ts';
import { allTables } from './tables.ts';

const CHUNK = 2000;

export interface Restored {
  readonly rows: number;
  readonly writtenAt: string;
  /** Students erased since the backup was made, erased again. */
  readonly erased: number;
  /** Lines of the answers log that could not be read or stored; they are kept aside. */
  readonly aside: number;
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
  const { manifest, lines, answers: logged, badAnswers } = readBackup(bytes);
  await migrate(db, manifest.schema.length);
  const there = await db.query<{ name: string }>('select name from migration order by name');
  if ((await db.query('select 1 from workspace')).length > 0)
    throw conflict('The database is not empty.', {
      remedy: 'Restore into a new folder or a new database. Nothing was changed.',
    });
  if (there.length !== manifest.schema.length)
    throw conflict(
      'The database already has the tables of this version, and the backup is of an earlier one.',
      {
        remedy: 'Restore into a new folder or a new database. It is brought up to date from there.',
      },
    );
  const tables = await allTables(db);
  const strange = Object.keys(manifest.files).find(
    (f) => f.startsWith('tables/') && !tables.includes(f.slice(7, -6)),
  );
  if (strange !== undefined)
    throw invalid(`The backup holds “${strange}”, which this schema does not.`, {
      field: 'file',
      remedy: 'Bring this application up to date first.',
    });
  const rows = await writeRows(db, tables, lines);
  await migrate(db);
  await upgradeVocabulary(db, new Date());
  await upgradeSittings(db, new Date());
  await upgradeSums(db);
  const gone = new Set(erasures.map((e) => e.student));
  const known = new Set<string>();
  for await (const chunk of allAnswers(answers)) for (const a of chunk) known.add(a.id);
  const fresh = logged.filter((a) => !gone.has(a.student) && !known.has(a.id));
  await answers.append(fresh);
  for (const raw of badAnswers)
    await answers.setAside({ segment: 'backup', raw, why: 'This line of the backup is not an answer.' });
  let erased = 0;
  for (const e of erasures) {
    if ((await db.query('select 1 from student where ws = $1 and id = $2', [e.ws, e.student])).length === 0)
      continue;
    erased += 1;
    await eraseEverywhere(db, answers, e);
  }
  // A PostgreSQL server keeps no log beside it, so what only the log of the backup has is brought in from memory.
  const from = db.kind === 'postgres' ? answersInMemory() : answers;
  if (from !== answers) await from.append(fresh);
  const { aside } = await replayAnswers(db, from, gone);
  return { rows, writtenAt: manifest.writtenAt, erased, aside: Math.max(aside, answers.aside()) };
}

/** Writes all rows in one transaction. @throws a refusal where the database does not take one; then none is there. */
async function writeRows(
  db: Database,
  tables: readonly string[],
  lines: (file: string) => readonly string[],
): Promise<number> {
  let rows = 0;
  let at = '';
  try {
    await db.transaction(async (tx) => {
      await tx.query(`set local timezone = 'UTC'`);
      await bulkLoad(tx, tables, async () => {
        for (const table of tables) {
          at = table;
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
      await continueSequences(tx);
    });
  } catch (error) {
    if (!isRefusedByData(error)) throw error;
    const why = error instanceof Error ? error.message : String(error);
    throw invalid(`A row of the backup does not fit the database, at or after “${at}”: ${why}`, {
      field: 'file',
      remedy: 'Take another copy of the backup. Nothing was restored.',
    });
  }
  return rows;
}

/** Sequences go on after the highest number that was restored. */
async function continueSequences(tx: Sql): Promise<void> {
  const columns = await tx.query<{ table: string; column: string }>(
    `select table_name as table, column_name as column from information_schema.columns
     where table_schema = current_schema() and is_identity = 'YES' order by 1, 2`,
  );
  for (const { table, column } of columns)
    await tx.query(
      `select setval(pg_get_serial_sequence('${table}', '${column}'), coalesce((select max("${column}") from "${table}"), 0) + 1, false)`,
    );
}
