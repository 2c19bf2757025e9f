import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createHash } from 'node:crypto';
import { readdirSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { dumpPglite, migrate, openPostgres } from '../db/index.ts';
import { fill } from '../fill/index.ts';
import { fixture } from './fixture.ts';

const CACHE = fileURLToPath(new URL('../../../node_modules/.cache/hurrow/', import.meta.url));
export const TEMPLATE = 'hurrow_template';

const SOURCES = ['../db/migrations/', './', '../fill/', '../../../core/src/characters/vocabulary/'];

/** Changes with anything a prepared database is made from. */
function sourceHash(): string {
  const hash = createHash('sha256');
  for (const folder of SOURCES) {
    const path = fileURLToPath(new URL(folder, import.meta.url));
    for (const f of readdirSync(path).sort()) {
      if (/\.(sql|ts)$/.test(f)) hash.update(readFileSync(path + f));
    }
  }
  return hash.digest('hex').slice(0, 16);
}

export const dumpPath = (): string => `${CACHE}fixture-${sourceHash()}.tar`;

/** Prepares the database tests start from: a dump for PGlite, or a template on a PostgreSQL server. */
async function prepare(): Promise<void> {
  const url = process.env['HURROW_TEST_POSTGRES'];
  if (url) {
    const admin = openPostgres(`${url}/postgres`);
    await admin.query(`drop database if exists ${TEMPLATE}`);
    await admin.query(`create database ${TEMPLATE}`);
    await admin.close();
    const db = openPostgres(`${url}/${TEMPLATE}`);
    await migrate(db);
    await fill(db, fixture());
    await db.close();
    return;
  }
  if (existsSync(dumpPath())) return;
  mkdirSync(CACHE, { recursive: true });
  const dump = await dumpPglite(async (db) => {
    await migrate(db);
    await fill(db, fixture());
  });
  writeFileSync(dumpPath(), Buffer.from(await dump.arrayBuffer()));
}

if (process.argv[1] === fileURLToPath(import.meta.url)) await prepare();
