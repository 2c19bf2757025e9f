import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { answersInFolder, answersInMemory, erasuresFile, replayAnswers } from './answers/index.ts';
import type { AnswersLog, Erasures } from './answers/index.ts';
import { countRows, migrate, openPgliteThread, openPostgres } from './db/index.ts';
import type { Database, Empty } from './db/index.ts';
import { upgradeSums } from './sums/index.ts';
import { upgradeSittings } from './grading/index.ts';
import type { Recovery } from './http/index.ts';
import { upgradeVocabulary } from './library/index.ts';
import { eraseAgain } from './students/index.ts';

/** The database of a data folder and what lies beside it. */
export interface OpenData {
  readonly db: Database;
  readonly answers: AnswersLog;
  readonly erasures: Erasures;
  readonly close: () => Promise<void>;
}

/**
 * Opens a data folder that is locked already.
 * @param databaseUrl a PostgreSQL server in place of the database in the folder; it syncs a write-ahead log of its
 * own before an answer is acknowledged, so no log is kept beside it.
 * @param empty what a folder without a database gets; bare where a backup of an earlier version may come into it.
 */
export async function openData(
  data: string,
  databaseUrl: string | null,
  empty: Empty = 'with tables',
  report: (error: unknown) => void = () => undefined,
): Promise<OpenData> {
  const db =
    databaseUrl === null
      ? await openPgliteThread(join(data, 'database'), empty)
      : openPostgres(databaseUrl, report);
  const answers =
    databaseUrl === null
      ? await answersInFolder(join(data, 'answers'), join(data, 'answers.log'))
      : answersInMemory(false);
  return {
    db,
    answers,
    erasures: erasuresFile(join(data, 'erasures.log')),
    close: async () => {
      await answers.end();
      await db.close();
    },
  };
}

/**
 * Brings opened data up to date: the schema, then the vocabulary, then the keys of sittings from before, then erasures, then answers.
 * @param prepare fills a database that holds nothing yet.
 * @param progress told how many lines of the answers log were checked.
 */
export async function bringUpToDate(
  { db, answers, erasures }: OpenData,
  prepare?: (db: Database) => Promise<void>,
  progress?: (checked: number) => void,
): Promise<Recovery> {
  await migrate(db);
  if (prepare && (await isEmpty(db))) await prepare(db);
  await upgradeVocabulary(db, new Date());
  await upgradeSittings(db, new Date());
  await upgradeSums(db);
  const { erased, damaged } = await eraseAgain(db, answers, erasures);
  const replayed = await replayAnswers(db, answers, erased, progress);
  await countRows(db);
  return { ...replayed, damagedErasures: damaged };
}

/** Makes a data folder with what `prepare` fills in, and leaves it closed. */
export async function makeData(data: string, prepare: (db: Database) => Promise<void>): Promise<void> {
  mkdirSync(data, { recursive: true });
  const opened = await openData(data, null);
  try {
    await bringUpToDate(opened, prepare);
  } finally {
    await opened.close();
  }
}

/** Whether a database holds nothing yet, wherever it is. */
export const isEmpty = async (db: Database): Promise<boolean> =>
  (await db.query('select 1 from workspace')).length === 0;
