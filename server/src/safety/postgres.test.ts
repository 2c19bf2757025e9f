import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { migrate, openPostgres } from '../db/index.ts';
import type { Database } from '../db/index.ts';
import { answersFor, id, joinWalk, openSitting, openTestApp, send } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

/** Only a server has several connections, so these tests run with the PostgreSQL lane alone. */
const SERVER = process.env['HURROW_TEST_POSTGRES'] ?? '';

describe('a PostgreSQL server', () => {
  let app: TestApp;
  let owner: Client;
  let admin: Database;
  beforeAll(async () => {
    app = await openTestApp();
    owner = await app.owner();
    admin = openPostgres(`${SERVER}/postgres`);
  });
  afterAll(async () => {
    await admin.close();
    await app.close();
  });

  test('that ends every connection ends no process: the next request opens new ones', async () => {
    const [name] = await app.db.query<{ name: string }>('select current_database() as name');
    const cut = () =>
      admin.query('select pg_terminate_backend(pid) from pg_stat_activity where datname = $1', [name?.name]);
    await cut();
    const answers = await Promise.all(Array.from({ length: 12 }, () => owner.call('GET', '/api/lists')));
    for (const a of answers) expect([200, 503]).toContain(a.status);
    for (const a of answers.filter((x) => x.status === 503)) expect(a.headers.get('retry-after')).toBe('5');
    expect((await owner.call('GET', '/api/lists')).status).toBe(200);
  });

  test('that ends a connection in the middle of a transaction: the first error is told, and the pool goes on', async () => {
    const failed = app.db.transaction(async (tx) => {
      await tx.query('select pg_terminate_backend(pg_backend_pid())');
      await tx.query('select 1');
      await tx.query('select 2');
    });
    await expect(failed).rejects.toThrow(/terminat|closed/i);
    expect(await app.db.transaction((tx) => tx.query('select 1 as n'))).toEqual([{ n: 1 }]);
  });

  test('is brought up to date by four processes at once without an error', async () => {
    await admin.query('create database hurrow_race');
    const all = Array.from({ length: 4 }, () => openPostgres(`${SERVER}/hurrow_race`));
    try {
      const applied = await Promise.all(all.map((db) => migrate(db)));
      const names = applied.flat();
      expect(new Set(names).size).toBe(names.length);
      expect(names.length).toBeGreaterThan(10);
    } finally {
      await Promise.all(all.map((db) => db.close()));
      await admin.query('drop database hurrow_race');
    }
  });

  test('two people who change two stations of one quiz never wait for each other', async () => {
    const { body: quiz } = await owner.call<{ id: string }>('POST', '/api/quizzes', {
      name: 'Race',
      list: id('list'),
    });
    const station = async (n: number) =>
      (
        await owner.call<{ id: string; version: number }>('POST', `/api/quizzes/${quiz.id}/stations`, {
          individual: id(n === 1 ? 'tree-a' : 'tree-b'),
          asks: [{ kind: 'common', points: 1 }],
        })
      ).body;
    const [one, two] = [await station(1), await station(2)];
    let [a, b] = [one.version, two.version];
    for (let i = 0; i < 10; i += 1) {
      const change = (s: { id: string }, version: number, number: number, tree: string) =>
        owner.call<{ version: number }>(
          'PUT',
          `/api/stations/${s.id}`,
          { individual: id(tree), number, asks: [{ kind: 'common', points: 1 }] },
          { version },
        );
      const [x, y] = await Promise.all([
        change(one, a, (i % 2) + 1, 'tree-a'),
        change(two, b, 2 - (i % 2), 'tree-b'),
      ]);
      expect([x.status, y.status]).toEqual([200, 200]);
      [a, b] = [x.body.version, y.body.version];
    }
  });

  test('one batch sent by a phone twice at once is stored once and acknowledged both times', async () => {
    const { code } = await openSitting(owner, 'first');
    const { phone, walk } = await joinWalk(app, code, '11');
    for (let i = 0; i < 15; i += 1) {
      const batch = answersFor(walk, (i % 4) + 1, { name: `try ${i}` }, i + 1);
      const [a, b] = await Promise.all([send(phone, batch), send(phone, batch)]);
      expect([a.status, b.status]).toEqual([200, 200]);
      expect(b.body.accepted).toEqual(a.body.accepted);
      const rows = await app.db.query('select 1 from response where id = any($1::uuid[])', [
        batch.map((x) => x.id),
      ]);
      expect(rows).toHaveLength(batch.length);
    }
  });

  test('six overrides of one answer at once leave one standing', async () => {
    const { sitting, code } = await openSitting(owner, 'second');
    const { phone, walk } = await joinWalk(app, code, '21');
    const batch = answersFor(walk, 1, { name: 'grand fir' });
    await send(phone, batch);
    const { body } = await owner.call<{ version: number }>('GET', `/api/sittings/${sitting.id}`);
    await owner.call(
      'POST',
      `/api/sittings/${sitting.id}/state`,
      { to: 'closed' },
      { version: body.version },
    );
    await owner.call('POST', `/api/sittings/${sitting.id}/grading-runs`);
    const response = batch[0]?.id ?? '';
    const all = await Promise.all(
      Array.from({ length: 6 }, (_, i) =>
        owner.call('POST', `/api/responses/${response}/override`, { points: 1, reason: `reason ${i}` }),
      ),
    );
    for (const a of all) expect([204, 409, 503]).toContain(a.status);
    const standing = await app.db.query(
      'select 1 from override where response = $1 and withdrawn_at is null',
      [response],
    );
    expect(standing).toHaveLength(1);
  });
});
