import { existsSync, mkdirSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { scratch } from '../testing/index.ts';
import { migrate, migrationNames, openPgliteThread, placeEmptyFolder } from './index.ts';
import type { Database } from './index.ts';

let home: string;
beforeAll(() => {
  home = scratch('first');
});
afterAll(() => rmSync(home, { recursive: true, force: true }));

test('a first start opens a copy of the folder the build made, and leaves nothing else', async () => {
  const data = join(home, 'data');
  mkdirSync(data);
  const folder = join(data, 'database');
  placeEmptyFolder(folder);
  expect(readdirSync(data)).toEqual(['database']);

  const db = await openPgliteThread(folder);
  try {
    expect(await db.query(`select 1 from pg_class where relnamespace = 'public'::regnamespace`)).toEqual([]);
    await db.script('create table kept (n int)');
  } finally {
    await db.close();
  }
  // A second start finds what the first one wrote.
  const again = await openPgliteThread(folder);
  try {
    expect(await again.query('select n from kept')).toEqual([]);
  } finally {
    await again.close();
  }
});

/** What the tables of a database are, and what keys and rules hold in them. */
const schemaOf = (db: Database) =>
  db.query(
    `select table_name as of, column_name || ' ' || data_type || ' ' || is_nullable || ' ' || coalesce(column_default, '') as is
       from information_schema.columns where table_schema = 'public'
     union all select conrelid::regclass::text, pg_get_constraintdef(oid) from pg_constraint where connamespace = 'public'::regnamespace
     union all select tablename, indexdef from pg_indexes where schemaname = 'public'
     order by 1, 2`,
  );

test('one with tables has what the migrations make of a bare one, and no row', async () => {
  const [bare, tables] = [join(home, 'bare'), join(home, 'tables')];
  const [made, copied] = [await openPgliteThread(bare), await openPgliteThread(tables, 'with tables')];
  try {
    expect(await migrate(made)).toEqual(migrationNames());
    expect(await migrate(copied)).toEqual([]);
    const schema = await schemaOf(copied);
    expect(schema.length).toBeGreaterThan(500);
    expect(schema).toEqual(await schemaOf(made));
    expect(await copied.query('select 1 from workspace')).toEqual([]);
  } finally {
    await Promise.all([made.close(), copied.close()]);
  }
});

test('a folder in use stays as it is; an empty one and a copy that was broken off are no hindrance', () => {
  const made = join(home, 'made');
  mkdirSync(made);
  writeFileSync(join(made, 'PG_VERSION'), '18');
  const used = join(home, 'used');
  mkdirSync(used);
  writeFileSync(join(used, 'own'), 'ours');
  placeEmptyFolder(used, 'bare', made);
  expect(readdirSync(used)).toEqual(['own']);

  const empty = join(home, 'empty');
  mkdirSync(empty);
  mkdirSync(`${empty}.making`);
  writeFileSync(join(`${empty}.making`, 'torn'), '');
  placeEmptyFolder(empty, 'bare', made);
  expect(readdirSync(empty)).toEqual(['PG_VERSION']);
  expect(readFileSync(join(empty, 'PG_VERSION'), 'utf8')).toBe('18');
  expect(existsSync(`${empty}.making`)).toBe(false);
});

test('without a folder that was made nothing is placed', () => {
  const folder = join(home, 'none');
  placeEmptyFolder(folder, 'with tables', join(folder, 'not there'));
  expect(existsSync(folder)).toBe(false);
});
