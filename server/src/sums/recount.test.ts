import { createHash } from 'node:crypto';
import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { WS, id, longQuiz, openTestApp, satLong } from '../testing/index.ts';
import type { TestApp } from '../testing/index.ts';
import { CELL, CELL_SECTION, CELL_STUDENT, recount } from './recount.ts';
import type { Regraded } from './recount.ts';

let app: TestApp;
let sitting: string;
beforeAll(async () => {
  app = await openTestApp();
  const owner = await app.owner();
  const quiz = (await longQuiz(owner, ['grandis', 'lasiocarpa', 'grandis'])).id;
  sitting = (await satLong(owner, quiz, 'first', '2026-10-01', () => 'grandis', 2)).id;
});
afterAll(() => app.close());

/** An id as the database makes it of a text. */
const made = (text: string): string => createHash('md5').update(text).digest('hex');

/** Looks of 300 more students at 30 more trees, each of a species of its own, like one that is there. */
const MANY = `insert into look select made.* from look l, generate_series(1, 300) s, generate_series(1, 30) t,
    jsonb_populate_record(l, jsonb_build_object('student', md5('student ' || s)::uuid, 'sitting_station', md5('station ' || t)::uuid,
      'truth', md5('tree ' || t)::uuid)) made
  where (l.sitting_station, l.student) = (select sitting_station, student from look where sitting = $1 limit 1)`;

const BY = { cell: 'look_sitting', cell_student: 'look_sitting', cell_section: 'look_section' } as const;
const TABLES = [CELL, CELL_STUDENT, CELL_SECTION] as const;

test('counting a species again in a large class reads its looks alone', async () => {
  const part: Regraded['part'] = {
    stations: [],
    truths: [made('tree 1')],
    students: Array.from({ length: 284 }, (_, i) => made(`student ${i + 1}`)),
    whoLooked: 'same',
  };
  const undone = new Error('Nothing of this is kept');
  const plans = new Map<string, readonly string[]>();
  const looking = app.db.transaction(async (tx) => {
    // The species and students made here stand nowhere else.
    await tx.query('set local session_replication_role = replica');
    await tx.query(MANY, [sitting]);
    await tx.query('analyze look');
    for (const table of TABLES) {
      const whole = table.of === 'sitting' ? sitting : id('first');
      const counting = recount(table, WS, whole, part).at(-1);
      if (!counting) throw new Error('Nothing counts');
      const rows = await tx.query<Readonly<Record<string, string>>>(
        `explain ${counting.text}`,
        counting.params,
      );
      plans.set(
        table.table,
        rows.flatMap((r) => Object.values(r)),
      );
    }
    throw undone;
  });
  await expect(looking).rejects.toBe(undone);
  for (const { table } of TABLES) {
    const lines = plans.get(table) ?? [];
    const scan = lines.findIndex((line) => line.includes(BY[table]));
    expect(lines[scan + 1]).toMatch(/Index Cond: .*truth = ANY/);
    expect(lines.filter((line) => / on look\b/.test(line))).toHaveLength(1);
  }
});
