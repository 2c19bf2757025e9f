// Makes the database folders that a first start copies: one with nothing in it, one with the tables of this version.
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { sourcesHash } from './hashed.mjs';
import { place } from './place.mjs';
import { ROOT, run } from './run.mjs';

const version = () =>
  JSON.parse(readFileSync(join(ROOT, 'node_modules/@electric-sql/pglite/package.json'), 'utf8')).version;

/**
 * Makes a folder once for what it is made of, beside what is there, so that two commands at once are not in each other's way, and
 * without the slow compiler.
 */
async function make(name, madeOf, args) {
  const at = join(ROOT, 'server', name);
  const stamp = join(at, 'made-of');
  const isMade = () => existsSync(stamp) && readFileSync(stamp, 'utf8') === madeOf;
  if (isMade()) return;
  const making = `${at}.${process.pid}`;
  mkdirSync(making, { recursive: true });
  await run(process.execPath, ['--liftoff-only', ...args, join(making, 'folder')]);
  writeFileSync(join(making, 'made-of'), madeOf);
  place(making, at, isMade);
}

/** One with nothing in it, once for each version of PGlite: what a backup of any version is restored into. */
export const bareDatabase = () => make('dist.database', version(), [import.meta.filename]);

/** One with the tables of this version, by the built server; once for each change of the migrations. */
export const databaseWithTables = () =>
  make('dist.tables', `${version()} ${sourcesHash(['server/src/db/migrations'])}`, [
    join(ROOT, 'server/dist/makeTables.js'),
  ]);

if (import.meta.filename === process.argv[1] && process.argv[2]) {
  const { PGlite } = await import('@electric-sql/pglite');
  const db = await PGlite.create({ dataDir: process.argv[2] });
  await db.close();
  process.exit(0);
}
