import { request as httpRequest } from 'node:http';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { PreviewLine } from '@hurrow/contract';
import { recognized } from '../classes/recognized.ts';
import { ownHosts } from '../http/index.ts';
import { id, openTestApp } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';
import { nameIndex } from '@hurrow/core/names';

let app: TestApp;
let owner: Client;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
});
afterAll(() => app.close());

/** Sends the head of a request that promises a body, and resolves with the answer although no body ever comes. */
const promise = (path: string, headers: Record<string, string>): Promise<number> =>
  new Promise((resolve, reject) => {
    const { hostname, port } = new URL(app.base);
    const req = httpRequest({ hostname, port, path, method: 'POST', headers }, (res) => {
      resolve(res.statusCode ?? 0);
      req.destroy();
    });
    req.on('error', reject);
    req.flushHeaders();
  });

describe('who calls is known before a body is read', () => {
  const big = { 'Content-Length': '44000000', 'Content-Type': 'text/csv' };
  test.each<[string, Record<string, string>, number]>([
    ['without an origin', big, 403],
    ['from another origin', { ...big, Origin: 'http://elsewhere.example' }, 403],
    ['from nobody in particular', { ...big, Origin: 'ours' }, 401],
  ])('a large file %s is refused while its bytes are still to come', async (_, headers, status) => {
    const sent = headers['Origin'] === 'ours' ? { ...headers, Origin: app.base } : headers;
    expect(await promise('/api/imports/preview?kind=names&name=x', sent)).toBe(status);
  });

  test('what nobody in particular may send is small', async () => {
    const { status } = await app
      .nobody()
      .call('POST', '/api/session', { name: 'x'.repeat(20_000), passphrase: 'x' });
    expect(status).toBe(413);
  });
});

describe('the origin of a write', () => {
  test('is scheme, host and port of this very application', async () => {
    const { host } = new URL(app.base);
    const { status } = await owner.call(
      'POST',
      '/api/lists/preview',
      { text: 'x' },
      { origin: `https://${host}` },
    );
    expect(status).toBe(403);
  });

  test('has a name this application is known by, so that no page of another name reaches it', () => {
    const own = ownHosts(['trees.school.example']);
    expect(['localhost', '127.0.0.1', '[::1]', 'Trees.School.Example'].map(own)).toEqual([
      true,
      true,
      true,
      true,
    ]);
    expect(['evil.example', '', '127.0.0.1.evil.example'].map(own)).toEqual([false, false, false]);
  });
});

describe('a body no database could keep', () => {
  test('nested 400,000 deep is refused at once', async () => {
    const deep = `{"text":${'['.repeat(400_000)}${']'.repeat(400_000)}}`;
    const { status, body } = await owner.call('POST', '/api/lists/preview', deep);
    expect([status, body.field]).toEqual([422, 'text.0.0']);
    expect((await app.nobody().call('POST', '/api/walk/join', '['.repeat(8000))).status).toBe(400);
  });

  test.each<[string, string, string, unknown]>([
    ['half an emoji in a name', 'POST', '/api/lists/preview', { text: 'Thuja \ud83d' }],
    ['half an emoji as a key', 'POST', '/api/lists/preview', { text: 'x', '\ud83d': 1 }],
    ['a NUL', 'POST', '/api/lists/preview', { text: 'a\u0000' }],
    ['an id in brackets', 'POST', '/api/quizzes', { name: 'Q', list: `[${id('list')}]` }],
    ['an id in round brackets', 'POST', '/api/quizzes', { name: 'Q', list: `(${id('list')})` }],
    ['an id with colons', 'POST', '/api/quizzes', { name: 'Q', list: id('list').replaceAll('-', ':') }],
    ['the year 0', 'POST', `/api/quizzes/${id('quiz')}/sittings`, { section: id('first'), on: '0000-01-01' }],
    [
      'the year 9999',
      'POST',
      `/api/quizzes/${id('quiz')}/sittings`,
      { section: id('first'), on: '9999-12-31' },
    ],
    [
      'a source that does not exist',
      'PUT',
      `/api/species/${id('grandis')}/range`,
      { records: [{ region: 'US-ID', presence: 'native', source: id('none') }] },
    ],
  ])('%s is refused with its remedy', async (_, method, path, sent) => {
    const answer = await owner.call(method, path, sent, { version: 1 });
    expect([409, 422]).toContain(answer.status);
    expect(answer.body.remedy?.length ?? 0).toBeGreaterThan(5);
  });

  test('an id is accepted in any case and stored in lower case', async () => {
    const made = await owner.call<{ id: string }>('POST', '/api/quizzes', {
      name: 'Q',
      list: id('list').toUpperCase(),
    });
    expect(made.status).toBe(201);
    expect((await owner.call('GET', `/api/quizzes/${made.body.id.toUpperCase()}`)).status).toBe(200);
  });

  test.each([
    ['an encoding nobody knows', { 'Content-Encoding': 'bogus' }],
    ['a charset nobody knows', { 'Content-Type': 'application/json; charset=evil' }],
  ])('in %s is 415', async (_, headers) => {
    const cookie = await signedIn();
    const { status } = await fetch(`${app.base}/api/lists/preview`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', Origin: app.base, Cookie: cookie, ...headers },
      body: '{"text":"x"}',
    });
    expect(status).toBe(415);
  });
});

async function signedIn(): Promise<string> {
  const { headers } = await app
    .nobody()
    .call('POST', '/api/session', { name: 'Ilse Varn', passphrase: 'nine needles deep' });
  return headers
    .getSetCookie()
    .map((c) => c.split(';')[0])
    .join('; ');
}

describe('a photograph', () => {
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="10" height="10"><rect width="10" height="10"/></svg>`;
  test.each([
    ['an SVG', Buffer.from(svg)],
    ['an SVG that says it is a JPEG', Buffer.from(svg)],
    ['a GIF', Buffer.from('GIF89a\x01\x00\x01\x00', 'latin1')],
    ['a RIFF file that is no WebP', Buffer.from('RIFF\x00\x00\x00\x00WAVEfmt ', 'latin1')],
    ['nothing but the first bytes of a PNG', Buffer.from('\x89PNG\r\n\x1a\n', 'latin1')],
  ])('that is %s is refused by what it is', async (name, bytes) => {
    const { status, body } = await owner.call('POST', `/api/species/${id('grandis')}/photos`, bytes, {
      type: name.includes('JPEG') ? 'image/jpeg' : 'image/svg+xml',
    });
    expect([status, body.field]).toEqual([422, 'file']);
  });
});

describe('a pasted list', () => {
  test('of more lines than a list may have is refused', async () => {
    const text = Array.from({ length: 2001 }, (_, i) => `Abies number${i}`).join('\n');
    const { status, body } = await owner.call('POST', '/api/lists/preview', { text });
    expect([status, body.field]).toEqual([422, 'text']);
  });

  test('of many lines is looked up in a thread, and the rest goes on meanwhile', async () => {
    const text = Array.from({ length: 1500 }, (_, i) => `Abeis grandiss${i}`).join('\n');
    const order: string[] = [];
    const preview = owner.call<PreviewLine[]>('POST', '/api/lists/preview', { text }).then((r) => {
      order.push('preview');
      return r;
    });
    const health = app
      .nobody()
      .call('GET', '/api/health')
      .then(() => order.push('health'));
    const [{ status, body }] = await Promise.all([preview, health]);
    expect([status, body.length, order]).toEqual([200, 1500, ['health', 'preview']]);
  });

  test('says the same of every line in a thread and without one', async () => {
    const index = nameIndex([
      { taxon: 'a', rank: 'species', kind: 'accepted', text: 'Abies grandis' },
      { taxon: 'b', rank: 'genus', kind: 'accepted', text: 'Abies' },
    ]);
    const line = (name: string) =>
      ({
        name,
        family: null,
        common: null,
        synonyms: [],
        olderFamilies: [],
        week: null,
        label: null,
      }) as never;
    const names = ['Abies grandis', 'Abies grandi', 'grand', 'Abies procera'].map(line);
    const few = await recognized({ lines: names, index });
    const many = await recognized({ lines: Array.from({ length: 30 }, () => names).flat(), index });
    expect(many).toHaveLength(120);
    expect(many.slice(-4)).toEqual(few);
  });
});
