import { existsSync, mkdirSync, readFileSync, statSync } from 'node:fs';
import { resolve } from 'node:path';
import { lockFolder } from '../db/index.ts';
import { bringUpToDate, openData } from '../openData.ts';
import type { OpenData } from '../openData.ts';
import { recoveryLines } from '../recoveryLines.ts';

/** Where a verb runs and what it writes to. */
export interface Surroundings {
  /** The folder that paths are relative to. */
  readonly from: string;
  readonly data: string;
  readonly databaseUrl: string | null;
  readonly version: string;
  readonly clock: () => Date;
  /** Results: standard output. */
  readonly out: (text: string) => void;
  /** Messages: standard error. */
  readonly say: (text: string) => void;
}

/** A verb that cannot go on; told on standard error with what would be right. */
export class Refused extends Error {
  readonly code = 'REFUSED';
}

const MOST_READ = 500_000_000;

/** The bytes of a file named on the command line. @throws Refused where it cannot be read. */
export function readBytes(around: Surroundings, path: string): Buffer {
  const whole = resolve(around.from, path);
  if (!existsSync(whole)) throw new Refused(`There is no file ${whole}.`);
  const { size } = statSync(whole);
  if (size > MOST_READ)
    throw new Refused(`${whole} has ${Math.round(size / 1e6)} MB; at most ${MOST_READ / 1e6} MB are read.`);
  return readFileSync(whole);
}

export const readText = (around: Surroundings, path: string): string =>
  readBytes(around, path).toString('utf8');

/**
 * Opens a data folder for one verb, locked against a running application.
 * @param upToDate whether schema, erasures and answers are brought up to date first; a restore does so itself.
 */
export async function withData<T>(
  around: Surroundings,
  data: string,
  upToDate: boolean,
  work: (opened: OpenData) => Promise<T>,
): Promise<T> {
  const folder = resolve(around.from, data);
  if (upToDate && !existsSync(folder)) throw new Refused(`There is no data folder ${folder}.`);
  mkdirSync(folder, { recursive: true });
  const lock = lockFolder(folder, 'the command line');
  if (!lock.ok) throw new Refused(lock.message);
  try {
    const opened = await openData(folder, around.databaseUrl, upToDate ? 'with tables' : 'bare');
    try {
      if (upToDate) for (const line of recoveryLines(await bringUpToDate(opened))) around.say(line);
      return await work(opened);
    } finally {
      await opened.close();
    }
  } finally {
    lock.release();
  }
}
