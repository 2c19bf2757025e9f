import {
  appendFileSync,
  existsSync,
  mkdirSync,
  readFileSync,
  readdirSync,
  renameSync,
  rmSync,
} from 'node:fs';
import { createHash } from 'node:crypto';
import { fileURLToPath } from 'node:url';
import { migrate, openPglite, openPostgres, placeEmptyFolder } from '../db/index.ts';
import type { Database, Empty } from '../db/index.ts';
import { fill } from '../fill/index.ts';
import { fixture } from './fixture.ts';

const CACHE = fileURLToPath(new URL('../../../node_modules/.cache/hurrow/', import.meta.url));
const PGLITE = fileURLToPath(
  new URL('../../../node_modules/@electric-sql/pglite/package.json', import.meta.url),
);
export const TEMPLATE = 'hurrow_template';

const SOURCES = ['../db/migrations/', './', '../fill/', '../../../core/src/characters/vocabulary/'];

const shortHash = (parts: readonly (string | Buffer)[]): string => {
  const hash = createHash('sha256');
  for (const p of parts) hash.update(p);
  return hash.digest('hex').slice(0, 16);
};

/** A test's database is small, and most of what opening it takes is clearing its buffers. */
const SETTINGS = '\nshared_buffers = 16MB\n';

/** Tests sign in hundreds of times, and nobody tries their passphrases. */
const PASSPHRASE_COST = 2 ** 10;

/** Changes with anything a prepared database is made from. */
const sourceHash = (): string =>
  shortHash([
    readFileSync(PGLITE),
    ...SOURCES.flatMap((folder) => {
      const path = fileURLToPath(new URL(folder, import.meta.url));
      return readdirSync(path)
        .sort()
        .filter((f) => /\.(sql|ts)$/.test(f))
        .map((f) => readFileSync(path + f));
    }),
  ]);

/** A folder of PGlite with nothing in it, which takes seconds to make and a tenth of one to copy. */
export const emptyFolder = (): string => `${CACHE}empty-${shortHash([readFileSync(PGLITE), SETTINGS])}`;
/** A folder of PGlite with the fixture in it. */
export const filledFolder = (): string => `${CACHE}fixture-${sourceHash()}`;

/** Makes a folder under another name first, so that one that was broken off is never taken for whole. */
async function prepareFolder(
  folder: string,
  empty: Empty,
  work: (db: Database) => Promise<void>,
): Promise<void> {
  if (existsSync(folder)) return;
  mkdirSync(CACHE, { recursive: true });
  const making = `${folder}.${process.pid}`;
  rmSync(making, { recursive: true, force: true });
  placeEmptyFolder(making, empty);
  const db = await openPglite(making);
  await work(db);
  await db.close();
  appendFileSync(`${making}/postgresql.conf`, SETTINGS);
  renameSync(making, folder);
}

/** Prepares what tests start from: two folders for PGlite, or a template on a PostgreSQL server. */
async function prepare(): Promise<void> {
  const url = process.env['HURROW_TEST_POSTGRES'];
  await prepareFolder(emptyFolder(), 'bare', () => Promise.resolve());
  if (url) {
    const admin = openPostgres(`${url}/postgres`);
    await admin.query(`drop database if exists ${TEMPLATE}`);
    await admin.query(`create database ${TEMPLATE}`);
    await admin.close();
    const db = openPostgres(`${url}/${TEMPLATE}`);
    await migrate(db);
    await fill(db, fixture(), PASSPHRASE_COST);
    await db.close();
    return;
  }
  await prepareFolder(filledFolder(), 'with tables', async (db) => {
    await migrate(db);
    await fill(db, fixture(), PASSPHRASE_COST);
  });
}

if (process.argv[1] === fileURLToPath(import.meta.url)) await prepare();
