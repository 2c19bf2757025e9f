import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { PASSPHRASES, joinWalk, openSitting, openTestApp } from '../testing/index.ts';
import type { TestApp } from '../testing/index.ts';

let app: TestApp;
beforeAll(async () => {
  app = await openTestApp();
});
afterAll(() => app.close());

const GOOD = { name: 'Ilse Varn', passphrase: PASSPHRASES.owner };
const wrong = (n: number) => ({ ...GOOD, passphrase: `wrong ${n}` });

describe('tries of a passphrase', () => {
  test('a hundred at once are counted one by one: ten at once, a few after a wait, the rest told when to come', async () => {
    const before = app.waits.length;
    const all = await Promise.all(
      Array.from({ length: 100 }, (_, i) => app.nobody().call('POST', '/api/session', wrong(i))),
    );
    const tried = all.filter((a) => a.status === 401);
    const told = all.filter((a) => a.status === 429);
    expect(tried.length + told.length).toBe(100);
    // Ten at once; then one in six seconds, as long as a request can be held: after 6, 12 and 18 seconds.
    expect(tried).toHaveLength(13);
    const seconds = app.waits.slice(before).map((ms) => Math.round(ms / 1000));
    expect(seconds.sort((a, b) => a - b)).toEqual([6, 12, 18]);
    expect(Number(told[0]?.headers.get('retry-after'))).toBeGreaterThan(0);
    expect(told[0]?.body.remedy).toMatch(/Wait \d+ seconds?, then try again/);
  });

  test('nobody is shut out: the right passphrase passes as soon as its turn comes', async () => {
    app.later(60_000);
    expect((await app.nobody().call('POST', '/api/session', GOOD)).status).toBe(204);
  });

  test('a browser that signed in before is not held up by the tries of others', async () => {
    const known = app.nobody();
    expect((await known.call('POST', '/api/session', GOOD)).status).toBe(204);
    await known.call('DELETE', '/api/session');
    for (let i = 0; i < 40; i += 1) await app.nobody().call('POST', '/api/session', wrong(i));
    expect((await app.nobody().call('POST', '/api/session', GOOD)).status).toBe(429);
    const held = app.waits.length;
    expect((await known.call('POST', '/api/session', GOOD)).status).toBe(204);
    expect(app.waits).toHaveLength(held);
  });

  test('a known browser cannot try without end either', async () => {
    app.later(3_600_000);
    const known = app.nobody();
    await known.call('POST', '/api/session', GOOD);
    const statuses: number[] = [];
    for (let i = 0; i < 15; i += 1)
      statuses.push((await known.call('POST', '/api/session', wrong(i))).status);
    expect(statuses.filter((s) => s === 401)).toHaveLength(13);
    expect(statuses.slice(13)).toEqual([429, 429]);
  });
});

describe('tries of a code', () => {
  test('wrong ones slow down who tries, and a phone that is in goes on', async () => {
    app.later(3_600_000);
    const owner = await app.owner();
    const { code } = await openSitting(owner, 'first');
    const { phone } = await joinWalk(app, code, '11');
    const before = app.waits.length;
    for (let i = 0; i < 70; i += 1)
      await app.nobody().call('POST', '/api/walk/join', { code, student: `9${i}` });
    expect(app.waits.length).toBeGreaterThan(before);
    const held = app.waits.length;
    expect((await phone.call('POST', '/api/walk/join', { code, student: '11' })).status).toBe(201);
    expect((await phone.call('GET', '/api/walk/sitting')).status).toBe(200);
    expect(app.waits).toHaveLength(held);
  });

  test('of private words are five, then one in ten seconds', async () => {
    app.later(3_600_000);
    const owner = await app.owner();
    const { code } = await openSitting(owner, 'first');
    await joinWalk(app, code, '12');
    const before = app.waits.length;
    const statuses: number[] = [];
    for (let i = 0; i < 12; i += 1)
      statuses.push(
        (await app.nobody().call('POST', '/api/walk/join', { code, student: '12', word: `guess ${i}` }))
          .status,
      );
    expect(statuses.slice(0, 5)).toEqual([422, 422, 422, 422, 422]);
    expect(app.waits.length).toBeGreaterThan(before);
  });
});
