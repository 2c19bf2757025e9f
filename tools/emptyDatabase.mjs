// Makes the database folder that a first start copies, once for each version of PGlite.
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { place } from './place.mjs';
import { ROOT, run } from './run.mjs';

const MADE = join(ROOT, 'server/dist.database');
const STAMP = join(MADE, 'made-with');

const version = () =>
  JSON.parse(readFileSync(join(ROOT, 'node_modules/@electric-sql/pglite/package.json'), 'utf8')).version;
const isMade = () => existsSync(STAMP) && readFileSync(STAMP, 'utf8') === version();

/** Makes it beside what is there, so that two commands at once are not in each other's way, and without the slow compiler. */
export async function emptyDatabase() {
  if (isMade()) return;
  const making = `${MADE}.${process.pid}`;
  mkdirSync(making, { recursive: true });
  await run(process.execPath, ['--liftoff-only', import.meta.filename, join(making, 'folder')]);
  writeFileSync(join(making, 'made-with'), version());
  place(making, MADE, isMade);
}

if (import.meta.filename === process.argv[1] && process.argv[2]) {
  const { PGlite } = await import('@electric-sql/pglite');
  const db = await PGlite.create({ dataDir: process.argv[2] });
  await db.close();
  process.exit(0);
}
