import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { ROUTES } from '@hurrow/contract';
import type { Route } from '@hurrow/contract';
import { finished, id, openTestApp } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

let app: TestApp;
let owner: Client;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
});
afterAll(() => app.close());

const count = async (table: string): Promise<number> =>
  (await app.db.query<{ n: number }>(`select count(*)::integer as n from "${table}"`))[0]?.n ?? -1;

const CREATES: readonly (readonly [string, string, string, () => unknown])[] = [
  ['quiz', '/api/quizzes', 'quiz', () => ({ name: 'Twice', list: id('list') })],
  [
    'section',
    '/api/sections',
    'section',
    () => ({ name: 'Twice', term: 'Fall', list: id('list'), site: id('site'), students: [{ code: '71' }] }),
  ],
  ['list', '/api/lists', 'list', () => ({ name: 'Twice', members: [{ taxon: id('grandis') }] })],
  [
    'sitting',
    `/api/quizzes/${id('quiz')}/sittings`,
    'sitting',
    () => ({ section: id('first'), on: '2026-10-05' }),
  ],
  [
    'station',
    `/api/quizzes/${id('quiz')}/stations`,
    'station',
    () => ({ individual: id('tree-a'), asks: [{ kind: 'common', points: 1 }] }),
  ],
  ['source', '/api/sources', 'source', () => ({ kind: 'book', citation: 'Twice', rank: 5 })],
  [
    'site',
    '/api/sites',
    'site',
    () => ({ name: 'Twice', lat: 47, lon: -116, elevM: 800, tz: 'America/Denver' }),
  ],
];

describe('pressed twice', () => {
  test.each(CREATES)(
    '%s is made once, and both presses get the same answer',
    async (name, path, table, body) => {
      const before = await count(table);
      const key = `press-${name}-1`;
      const [a, b] = await Promise.all([
        owner.call<{ id: string }>('POST', path, body(), { key }),
        owner.call<{ id: string }>('POST', path, body(), { key }),
      ]);
      expect([a.status, b.status]).toEqual([201, 201]);
      expect(b.body).toEqual(a.body);
      expect(await count(table)).toBe(before + 1);
      const later = await owner.call('POST', path, body(), { key });
      expect([later.status, later.body]).toEqual([201, a.body]);
      expect(await count(table)).toBe(before + 1);
    },
  );

  test('under another key it is another thing', async () => {
    const body = { name: 'Two quizzes', list: id('list') };
    const before = await count('quiz');
    for (const key of ['press-two-1', 'press-two-2']) await owner.call('POST', '/api/quizzes', body, { key });
    expect(await count('quiz')).toBe(before + 2);
  });

  test('a key with other content is refused, and a refused create leaves its key free', async () => {
    const key = 'press-other-1';
    const wrong = await owner.call('POST', '/api/quizzes', { name: 'Q', list: id('none') }, { key });
    expect(wrong.status).toBe(422);
    const right = await owner.call('POST', '/api/quizzes', { name: 'Q', list: id('list') }, { key });
    expect(right.status).toBe(201);
    const other = await owner.call('POST', '/api/quizzes', { name: 'Other', list: id('list') }, { key });
    expect([other.status, other.body.field]).toEqual([422, 'Idempotency-Key']);
    expect(
      (await owner.call('POST', '/api/quizzes', { name: 'Q', list: id('list') }, { key: 'x' })).status,
    ).toBe(422);
  });

  test('what was made before a crash, without its answer on record, is not made again', async () => {
    const key = 'press-crash-1';
    const body = { name: 'Crashed', list: id('list') };
    await owner.call('POST', '/api/quizzes', body, { key });
    await app.db.query('update idempotency set status = null, reply = null where key = $1', [key]);
    const before = await count('quiz');
    const again = await owner.call('POST', '/api/quizzes', body, { key });
    expect([again.status, again.body.detail]).toEqual([409, 'This was already done.']);
    expect(await count('quiz')).toBe(before);
  });

  test('long work that goes on after its reply is started once, and ends well', async () => {
    const path = '/api/imports?kind=names&name=Pressed';
    const text = 'scientific\nAbies procera\n';
    const options = { type: 'text/plain', key: 'press-import-1' };
    const [a, b] = await Promise.all([
      owner.call<{ job: string }>('POST', path, text, options),
      owner.call<{ job: string }>('POST', path, text, options),
    ]);
    expect([a.status, b.status, b.body.job]).toEqual([202, 202, a.body.job]);
    expect((await finished(owner, a.body.job)).state).toBe('done');
    const again = await owner.call<{ job: string }>('POST', path, text, options);
    expect(again.body.job).toBe(a.body.job);
    expect(await app.db.query(`select 1 from name where text = 'Abies procera'`)).toHaveLength(1);
  });

  test('keys belong to one account', async () => {
    const key = 'press-account-1';
    const body = { typed: 'x', taxon: null, outcome: 'unlisted' };
    expect(body.typed).toBe('x');
    const mine = await owner.call<{ id: string }>(
      'POST',
      '/api/quizzes',
      { name: 'Mine', list: id('list') },
      { key },
    );
    const theirs = await (
      await app.assistant()
    ).call('POST', '/api/quizzes', { name: 'Mine', list: id('list') }, { key });
    expect([mine.status, theirs.status]).toEqual([201, 403]);
  });
});

test('every route that makes a thing takes a key', () => {
  const posts = (Object.entries(ROUTES) as [string, Route][]).filter(
    ([, r]) => r.method === 'POST' && (r.audience === 'staff' || r.audience === 'teachers'),
  );
  const without = posts.filter(([, r]) => !r.creates).map(([name]) => name);
  // These ask, move or decide; none of them makes a second thing when repeated.
  expect(without.sort()).toEqual([
    'charactersFit',
    'deviceDecide',
    'disputesDecide',
    'importPreview',
    'listPreview',
    'mixUpSettingsEffect',
    'occurrencesAsk',
    'rulingPreview',
    'sheetMove',
    'sheetShift',
    'sittingCode',
    'sittingState',
    'speciesMerge',
    'stationDropPreview',
    'stationRelease',
    'stationSwap',
    'studentMove',
    'tagPreview',
    'treeChecks',
  ]);
});

describe('setting up', () => {
  test('sent four times at once makes one workspace', async () => {
    const empty = await openTestApp({ filled: false, setupCode: 'RIGHTCOD' });
    try {
      const body = {
        code: 'RIGHTCOD',
        workspace: 'One',
        name: 'Wren Ashby',
        passphrase: 'eleven small cones',
      };
      const all = await Promise.all([1, 2, 3, 4].map(() => empty.nobody().call('POST', '/api/setup', body)));
      expect(all.map((a) => a.status).sort()).toEqual([201, 409, 409, 409]);
      expect(await empty.db.query('select 1 from workspace')).toHaveLength(1);
      expect(await empty.db.query('select 1 from account')).toHaveLength(1);
    } finally {
      await empty.close();
    }
  });
});
