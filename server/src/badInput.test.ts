import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { ROUTES, routeOf } from '@hurrow/contract';
import type { Route, RouteName, WalkSitting } from '@hurrow/contract';
import { id, joinWalk, openSitting, openTestApp } from './testing/index.ts';
import type { Client, TestApp } from './testing/index.ts';

let app: TestApp;
let owner: Client;
let phone: Client;
let walk: WalkSitting;
let sitting: string;

beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
  const opened = await openSitting(owner, 'first');
  sitting = opened.sitting.id;
  ({ phone, walk } = await joinWalk(app, opened.code, '11'));
});
afterAll(() => app.close());

/** Tables that a refused request must leave as they are; sessions, limits and changes of the session are its trace. */
const WATCHED = [
  'list',
  'list_member',
  'section',
  'student',
  'site',
  'statement',
  'tree',
  'quiz',
  'station',
  'ask',
  'sitting',
  'response',
  'attempt',
  'grading_run',
  'grade',
  'override',
  'name_ruling',
  'taxon',
  'name',
  'change',
  'answer_dispute',
];

async function counts(): Promise<Record<string, number>> {
  const rows = await app.db.query<{ t: string; n: number }>(
    WATCHED.map((t) => `select '${t}' as t, count(*)::integer as n from "${t}"`).join(' union all '),
  );
  return Object.fromEntries(rows.map((r) => [r.t, r.n]));
}

const anything = fc.oneof(
  fc.constant(null),
  fc.constant(''),
  fc.constant('\u0000'),
  fc.string({ maxLength: 30 }),
  fc.integer(),
  fc.double(),
  fc.boolean(),
  fc.constant([]),
  fc.constant({}),
  fc.constant('x'.repeat(3000)),
  fc.constant("'; drop table taxon; --"),
  fc.constant(id('grandis')),
);
const fields = [
  'name',
  'text',
  'members',
  'taxon',
  'character',
  'source',
  'value',
  'kind',
  'states',
  'entered',
  'asks',
  'points',
  'section',
  'on',
  'to',
  'answers',
  'typed',
  'outcome',
  'list',
  'site',
  'students',
  'code',
  'student',
  'individual',
  'number',
  'material',
  'distance',
  'reason',
  'lat',
  'term',
];
const body = fc.oneof(
  anything,
  fc.dictionary(
    fc.constantFrom(...fields),
    fc.oneof(anything, fc.array(fc.dictionary(fc.constantFrom(...fields), anything), { maxLength: 3 })),
    { maxKeys: 6 },
  ),
);

const WRITES = (Object.entries(ROUTES) as [RouteName, Route][]).filter(
  ([name, r]) =>
    r.body !== undefined &&
    !['sessionStart', 'setup', 'walkJoin', 'walkAnswers', 'listPreview'].includes(name),
);

describe('bad input anywhere', () => {
  test.each(WRITES.map(([name]) => [name]))(
    'to %s is told with its remedy and changes nothing',
    async (name) => {
      const route = routeOf(name);
      const who = route.audience === 'student' ? phone : owner;
      const path = route.path
        .replace(':student', id('s11'))
        .replace(
          ':id',
          name.startsWith('sitting') || name.startsWith('sheet') || name === 'ruling' ? sitting : id('quiz'),
        );
      const before = await counts();
      await fc.assert(
        fc.asyncProperty(body, async (sent) => {
          const answer = await who.call(route.method, path, sent, { version: 999 });
          expect(answer.status).toBeGreaterThanOrEqual(400);
          expect(answer.status).toBeLessThan(500);
          expect(answer.headers.get('content-type')).toContain('application/problem+json');
          expect(typeof answer.body.detail).toBe('string');
          expect(answer.body.remedy?.length ?? 0).toBeGreaterThan(5);
        }),
        { numRuns: 25 },
      );
      expect(await counts()).toEqual(before);
    },
  );

  test.each([
    ['GET', '/api/species/nonsense'],
    ['GET', `/api/species/${id('nothing')}`],
    ['GET', '/api/lists/%27%20or%201'],
    ['GET', `/api/sections/${id('first')}/mixups/${id('grandis')}/${id('grandis')}`],
    ['GET', '/api/sittings/00000000-0000-0000-0000-000000000000'],
    ['DELETE', `/api/responses/${id('nothing')}/override`],
  ])('%s %s is refused as a problem', async (method, path) => {
    const answer = await owner.call(method, path);
    expect([404, 422]).toContain(answer.status);
    expect(answer.body.detail.length).toBeGreaterThan(5);
  });

  test('a body beyond the limit is refused with what to do', async () => {
    const answer = await owner.call('POST', '/api/lists/preview', { text: 'x'.repeat(1_100_000) });
    expect([answer.status, answer.body.remedy]).toEqual([413, 'Send it in smaller parts.']);
  });

  test('a name of any characters is kept exactly as it was typed', async () => {
    const ask = walk.stations[0]?.asks.find((a) => a.kind === 'common')?.id ?? '';
    let seq = 100;
    await fc.assert(
      fc.asyncProperty(
        fc.string({ unit: 'grapheme', maxLength: 40 }),
        fc.uuid({ version: 4 }),
        async (typed, answerId) => {
          fc.pre(!typed.includes('\u0000') && typed.length <= 200);
          seq += 1;
          const sent = { id: answerId, ask, seq, typed, at: '2026-10-01T18:00:00.000Z' };
          const { status } = await phone.call('POST', '/api/walk/answers', { answers: [sent] });
          expect(status).toBe(200);
          const [row] = await app.db.query<{ value: unknown }>('select value from response where id = $1', [
            answerId,
          ]);
          const kept = typed.trim() === '' ? { v: 1, kind: 'blank' } : { v: 1, kind: 'name', text: typed };
          expect(row?.value).toEqual(kept);
        },
      ),
      { numRuns: 25 },
    );
  });
});
