import { readFileSync } from 'node:fs';
import { afterAll, beforeAll, expect, test } from '@jest/globals';
import type { PersonLinks } from '@hurrow/contract';
import { id, longQuiz, moveSitting, openTestApp, satLong } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

let app: TestApp;
let owner: Client;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
});
afterAll(() => app.close());

/** Looks of the first student of a sitting as they are counted: at which of two firs, named as which, how many, how many fresh. */
const counted = async (sitting: string): Promise<readonly string[]> => {
  const rows = await app.db.query<{ truth: string; answer: string; looks: number; fresh: number }>(
    `select truth, answer, looks, fresh from cell_student where sitting = $1 and named in ('right', 'other')`,
    [sitting],
  );
  const name = (species: string): string => (species === id('grandis') ? 'grand' : 'subalpine');
  return rows.map((r) => `${name(r.truth)} as ${name(r.answer)}: ${r.fresh} of ${r.looks}`).sort();
};

/** How often the two firs came back to a student of a section, as it is kept. */
const cameBack = async (section: string): Promise<readonly string[]> =>
  (
    await app.db.query<{ chances: number; repeats: number; clean: number }>(
      'select chances, repeats, clean from student_pair where section = $1',
      [id(section)],
    )
  ).map((p) => `${p.repeats} of ${p.chances}, ${p.clean} clean`);

const FIRS = ['grandis', 'lasiocarpa', 'grandis'] as const;
/** Takes every fir for the other. */
const swapped = (_: number, station: number): string =>
  FIRS[station] === 'grandis' ? 'lasiocarpa' : 'grandis';
const sit = async (quiz: string, section: string, on: string): Promise<string> =>
  (await satLong(owner, quiz, section, on, swapped, 1)).id;

const ALL = ['grand as subalpine: 2 of 2', 'subalpine as grand: 1 of 1'];
const NONE = ['grand as subalpine: 0 of 2', 'subalpine as grand: 0 of 1'];

test('a sitting entered later than it was held makes trees of the one after it known, and its looks no chances', async () => {
  const quiz = (await longQuiz(owner, FIRS)).id;
  const other = (await longQuiz(owner, FIRS)).id;
  await moveSitting(owner, await sit(other, 'first', '2026-10-01'), 'returned');
  const late = await sit(quiz, 'first', '2026-10-20');
  expect(await counted(late)).toEqual(ALL);
  expect(await cameBack('first')).toEqual(['3 of 3, 0 clean']);

  const early = await sit(quiz, 'first', '2026-09-20');
  expect([await counted(early), await counted(late)]).toEqual([ALL, NONE]);
  expect(await cameBack('first')).toEqual(['0 of 0, 0 clean']);
});

test('two numbers that are one person have no chances at trees met under the other, and have them back when they are taken apart', async () => {
  const quiz = (await longQuiz(owner, FIRS)).id;
  const here = await sit(quiz, 'first', '2026-11-02');
  const there = await sit(quiz, 'second', '2026-11-03');
  const merged = await owner.call<PersonLinks>('POST', `/api/students/${id('s11')}/person`, {
    other: id('s21'),
  });
  expect(merged.status).toBe(201);
  expect([await counted(here), await counted(there)]).toEqual([ALL, NONE]);
  const apart = await owner.call('DELETE', `/api/person-merges/${merged.body.merges[0]?.id ?? ''}`);
  expect(apart.status).toBe(204);
  expect([await counted(here), await counted(there)]).toEqual([ALL, ALL]);
});

const MIGRATION = new URL('../db/migrations/032_fresh_looks.sql', import.meta.url);

test('a database of an earlier version has fresh looks counted from its looks', async () => {
  const quiz = (await longQuiz(owner, FIRS)).id;
  await sit(quiz, 'first', '2026-11-10');
  const again = await sit(quiz, 'first', '2026-11-17');
  const all = () =>
    app.db.query(
      'select sitting, student, truth, named, answer, looks, fresh from cell_student order by 1, 2, 3, 4, 5',
    );
  const before = await all();
  expect(await counted(again)).toEqual(NONE);
  await app.db.script('alter table cell_student drop column fresh');
  await app.db.script(readFileSync(MIGRATION, 'utf8'));
  expect(await all()).toEqual(before);
});
