import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { Session } from '@hurrow/contract';
import { PASSPHRASES, openTestApp } from '../testing/index.ts';
import type { TestApp } from '../testing/index.ts';
import { checkPassphrase, checkWord, hashPassphrase, hashWord } from './passphrase.ts';

let app: TestApp;
beforeAll(async () => {
  app = await openTestApp();
});
afterAll(() => app.close());

const GOOD = { name: 'ilse varn', passphrase: PASSPHRASES.owner };

describe('signing in', () => {
  test('the cookie is HttpOnly, SameSite strict, and opens the session', async () => {
    const c = app.nobody();
    const { status, headers } = await c.call('POST', '/api/session', GOOD);
    expect(status).toBe(204);
    const [cookie] = headers.getSetCookie();
    expect(cookie).toMatch(/HttpOnly/);
    expect(cookie).toMatch(/SameSite=Strict/);
    const session = await c.call<Session>('GET', '/api/session');
    expect(session.body).toMatchObject({ kind: 'account', role: 'owner', today: '2026-10-01' });
    await c.call('DELETE', '/api/session');
    expect((await c.call<Session>('GET', '/api/session')).body).toEqual({ kind: 'none', needsSetup: false });
  });

  test('a wrong name and a wrong passphrase are told apart by nothing', async () => {
    const a = await app.nobody().call('POST', '/api/session', { name: 'no one', passphrase: 'x' });
    const b = await app.nobody().call('POST', '/api/session', { ...GOOD, passphrase: 'x' });
    expect(a.status).toBe(401);
    expect(a.body).toEqual(b.body);
  });

  test('an expired session is nobody’s', async () => {
    const owner = await app.owner();
    app.later(15 * 86_400_000);
    expect((await owner.call('GET', '/api/due')).status).toBe(401);
  });
});

describe('writes from elsewhere', () => {
  test.each([['https://elsewhere.example'], ['null'], [null]])('origin %s is refused', async (origin) => {
    const { status, body } = await app.nobody().call('POST', '/api/session', GOOD, { origin });
    expect(status).toBe(403);
    expect(body.type).toBe('urn:hurrow:forbidden');
  });
});

describe('problem details', () => {
  test('a body that is no JSON', async () => {
    const { status, body, headers } = await app.nobody().call('POST', '/api/session', '{"name"');
    expect(status).toBe(400);
    expect(headers.get('content-type')).toContain('application/problem+json');
    expect(body.remedy).toBe('Send valid JSON.');
  });

  test('an address that does not exist', async () => {
    expect((await app.nobody().call('GET', '/api/nothing')).status).toBe(404);
  });
});

test('a passphrase is kept as a salted scrypt and checked against it', async () => {
  const [a, b] = [await hashPassphrase('larch turns gold'), await hashPassphrase('larch turns gold')];
  expect(a).not.toBe(b);
  expect(a).toMatch(/^scrypt\$32768\$/);
  expect(await checkPassphrase('larch turns gold', a)).toBe(true);
  expect(await checkPassphrase('larch turns Gold', a)).toBe(false);
  expect(await checkPassphrase('', null)).toBe(false);
});

test('a passphrase or a word counts however its accents, and a word its capitals and spaces, were typed', async () => {
  const [composed, apart] = ['mélèze d’or', 'mélèze d’or'.normalize('NFD')];
  expect(apart).not.toBe(composed);
  expect(await checkPassphrase(apart, await hashPassphrase(composed))).toBe(true);
  expect(await checkPassphrase('Mélèze d’or', await hashPassphrase(composed))).toBe(false);
  expect(await checkWord(`  ${apart.toUpperCase()} `, await hashWord(composed))).toBe(true);
  expect(await checkWord('meleze d’or', await hashWord(composed))).toBe(false);
});

test('a passphrase is checked at the cost it was kept at, and a cost nobody keeps is a fault', async () => {
  const cheap = await hashPassphrase('larch turns gold', 2 ** 11);
  expect(cheap).toMatch(/^scrypt\$2048\$/);
  expect(await checkPassphrase('larch turns gold', cheap)).toBe(true);
  expect(await checkPassphrase('larch turns Gold', cheap)).toBe(false);
  // The same salt and key at another cost are those of another passphrase.
  expect(await checkPassphrase('larch turns gold', cheap.replace('$2048$', '$4096$'))).toBe(false);
  for (const cost of ['2', '3000', '1073741824', ''])
    await expect(checkPassphrase('larch turns gold', cheap.replace('2048', cost))).rejects.toThrow(/form/);
});

describe('setting up an empty data folder', () => {
  const BODY = {
    code: 'RIGHTCOD',
    workspace: 'New school',
    name: 'Wren Ashby',
    passphrase: 'eleven small cones',
    site: { name: 'Yard', lat: 47, lon: -116, elevM: 800, tz: 'America/Denver' },
  };

  test('needs the code of the terminal, makes an owner once, and never again', async () => {
    const empty = await openTestApp({ filled: false, setupCode: 'RIGHTCOD' });
    try {
      const c = empty.nobody();
      expect((await c.call<Session>('GET', '/api/session')).body).toEqual({ kind: 'none', needsSetup: true });
      const wrong = await c.call('POST', '/api/setup', { ...BODY, code: 'WRONGCOD' });
      expect([wrong.status, wrong.body.field]).toEqual([403, 'code']);
      const short = await c.call('POST', '/api/setup', { ...BODY, passphrase: 'short' });
      expect([short.status, short.body.field]).toEqual([422, 'passphrase']);
      expect((await c.call('POST', '/api/setup', BODY)).status).toBe(201);
      expect((await c.call<Session>('GET', '/api/session')).body).toMatchObject({
        kind: 'account',
        name: 'Wren Ashby',
      });
      expect((await empty.nobody().call('POST', '/api/setup', BODY)).status).toBe(409);
      expect((await c.call<unknown[]>('GET', '/api/vocabulary')).body.length).toBeGreaterThan(150);
      expect((await c.call<unknown[]>('GET', '/api/due')).body).toEqual([]);
    } finally {
      await empty.close();
    }
  });
});
