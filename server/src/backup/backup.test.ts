import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { unzipSync } from 'fflate';
import type { Section } from '@hurrow/contract';
import { answersInMemory } from '../answers/index.ts';
import {
  answersFor,
  joinWalk,
  moveSitting,
  openEmpty,
  openSitting,
  openTestApp,
  send,
} from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';
import { restoreBackup, writeBackup } from './index.ts';

const AT = '2026-10-02T08:00:00.000Z';

let app: TestApp;
let owner: Client;
let bytes: Uint8Array;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
  const { sitting, code } = await openSitting(owner, 'first');
  for (const number of ['11', '12']) {
    const { phone, walk } = await joinWalk(app, code, number);
    await send(phone, answersFor(walk, 1, { name: 'Abies lasiocarpa' }));
    await phone.call('POST', '/api/walk/submit');
  }
  await moveSitting(owner, sitting.id, 'closed');
  await owner.call('POST', `/api/sittings/${sitting.id}/grading-runs`);
  bytes = await writeBackup(app.db, app.answers, 'test', AT);
});
afterAll(() => app.close());

const filesOf = (zip: Uint8Array): Record<string, string> =>
  Object.fromEntries(Object.entries(unzipSync(zip)).map(([n, b]) => [n, Buffer.from(b).toString('utf8')]));

describe('one file with everything', () => {
  test('is the same file of the same data, and restored elsewhere is the same data', async () => {
    expect(Buffer.from(await writeBackup(app.db, app.answers, 'test', AT)).equals(Buffer.from(bytes))).toBe(
      true,
    );
    const db = await openEmpty();
    const answers = answersInMemory();
    try {
      const restored = await restoreBackup(db, answers, bytes, []);
      expect(restored.rows).toBeGreaterThan(500);
      expect(filesOf(await writeBackup(db, answers, 'test', AT))).toEqual(filesOf(bytes));
      await expect(restoreBackup(db, answers, bytes, [])).rejects.toMatchObject({
        details: { detail: 'The database is not empty.' },
      });
    } finally {
      await db.close();
    }
  });

  test('stands in an empty database of the kind the application runs on, the same to the last row', async () => {
    const other = await openTestApp({ filled: false });
    try {
      expect(other.db.kind).toBe(process.env['HURROW_TEST_POSTGRES'] ? 'postgres' : 'pglite');
      const answers = answersInMemory();
      await restoreBackup(other.db, answers, bytes, []);
      expect(filesOf(await writeBackup(other.db, answers, 'test', AT))).toEqual(filesOf(bytes));
    } finally {
      await other.close();
    }
  });

  test('holds nobody’s session', () => {
    expect(Object.keys(filesOf(bytes)).filter((n) => /session|attempt_limit/.test(n))).toEqual([]);
  });

  test('is for the owner', async () => {
    expect(
      (await owner.call('GET', '/api/backup', undefined, { asText: true })).headers.get('content-type'),
    ).toBe('application/zip');
    expect((await (await app.assistant()).call('GET', '/api/backup')).status).toBe(403);
  });
});

describe('one student', () => {
  test('is written out whole, then erased everywhere, and a restore of an older backup erases them again', async () => {
    const sections = await owner.call<Section[]>('GET', '/api/sections');
    const student = sections.body.flatMap((s) => s.students).find((s) => s.code === '11');
    if (!student) throw new Error('No student 11');
    const record = await owner.call<{ code: string; answers: { answer: string; outcome: string }[] }>(
      'GET',
      `/api/students/${student.id}/record`,
    );
    expect(record.body.code).toBe('11');
    expect(record.body.answers.map((a) => a.answer)).toContain('Abies lasiocarpa');
    expect(record.body.answers.some((a) => typeof a.outcome === 'string')).toBe(true);
    const looks = async () =>
      (await app.db.query<{ n: number }>('select coalesce(sum(looks), 0)::integer as n from cell'))[0]?.n ??
      0;
    const before = await looks();
    const own = await app.db.query('select 1 from look where student = $1', [student.id]);
    expect(own.length).toBeGreaterThan(0);

    expect((await owner.call('DELETE', `/api/students/${student.id}`)).status).toBe(204);
    expect((await owner.call('GET', `/api/students/${student.id}/record`)).status).toBe(404);
    expect(await looks()).toBe(before - own.length);
    const after = filesOf(await writeBackup(app.db, app.answers, 'test', AT));
    for (const [name, text] of Object.entries(after)) {
      if (name !== 'tables/erased_student.jsonl')
        expect([name, text.includes(student.id)]).toEqual([name, false]);
    }
    expect(filesOf(bytes)['tables/response.jsonl']).not.toBe(after['tables/response.jsonl']);

    const db = await openEmpty();
    try {
      const answers = answersInMemory();
      const erasures = await app.db.query<{ ws: string; student: string; at: string }>(
        'select ws, id as student, at from erased_student',
      );
      const restored = await restoreBackup(db, answers, bytes, erasures);
      expect(restored.erased).toBe(1);
      const there = filesOf(await writeBackup(db, answers, 'test', AT));
      for (const name of [
        'student',
        'response',
        'grade',
        'look',
        'cell',
        'cell_student',
        'attempt',
        'enrolment',
      ])
        expect([name, there[`tables/${name}.jsonl`]]).toEqual([name, after[`tables/${name}.jsonl`]]);
      expect(there['answers.jsonl']).toBe(after['answers.jsonl']);
    } finally {
      await db.close();
    }
  });
});
