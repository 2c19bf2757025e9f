import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { ROUTE_LIST } from '@hurrow/contract';
import type { InvitationMade } from '@hurrow/contract';
import { faultOfAnswer, hasAnswer } from '@hurrow/contract/schemas';
import {
  answersFor,
  graded,
  id,
  joinWalk,
  moveSitting,
  needFit,
  openSitting,
  openTestApp,
  send,
} from './testing/index.ts';
import type { Client, TestApp } from './testing/index.ts';

/** Reads on what a class really makes: answered, graded and returned, with a mix-up, a photo-less list and a rule. */
let app: TestApp;
let callers: Record<'owner' | 'instructor' | 'assistant' | 'student', Client>;
let sitting: string;
let job: string;

async function invited(owner: Client): Promise<Client> {
  const { body } = await owner.call<InvitationMade>('POST', '/api/invitations', {
    name: 'Sten Ulfsson',
    role: 'instructor',
    sections: [],
  });
  const instructor = app.nobody();
  await instructor.call('POST', '/api/invitation/use', {
    token: body.token,
    name: 'Sten Ulfsson',
    passphrase: 'a long passphrase of his',
  });
  return instructor;
}

beforeAll(async () => {
  app = await openTestApp();
  const owner = await app.owner();
  const made = await openSitting(owner, 'first');
  sitting = made.sitting.id;
  const phones = [];
  for (const number of ['11', '12']) {
    const { phone, walk } = await joinWalk(app, made.code, number);
    await send(
      phone,
      walk.stations.flatMap((s) =>
        answersFor(walk, s.number, { call: 'both-sides', name: 'subalpine fir', sure: 'leaning' }),
      ),
    );
    phones.push(phone);
  }
  await moveSitting(owner, sitting, 'closed');
  await graded(owner, sitting);
  await moveSitting(owner, sitting, 'returned');
  const text = await owner.call<string>('GET', `/api/exports/names?list=${id('list')}`, undefined, {
    asText: true,
  });
  const begun = await owner.call<{ job: string }>(
    'POST',
    '/api/imports/preview?kind=names&name=Test',
    text.body,
    {
      type: 'text/plain',
    },
  );
  job = begun.body.job;
  callers = {
    owner,
    instructor: await invited(owner),
    assistant: await app.assistant(),
    student: phones[0] ?? app.nobody(),
  };
});
afterAll(() => app.close());

const READS = ROUTE_LIST.filter(([name, r]) => r.method === 'GET' && hasAnswer(name));

/** The thing of the fixture a read is tried on. */
function pathOf(path: string): string {
  const ids: readonly (readonly [string, string])[] = [
    ['/sittings/', sitting],
    ['/sections/', id('first')],
    ['/lists/', id('list')],
    ['/quizzes/', id('quiz')],
    ['/students/', id('s11')],
    ['/species/', id('grandis')],
  ];
  const own = ids.find(([part]) => path.includes(part))?.[1] ?? id('none');
  const named: Readonly<Record<string, string>> = {
    id: own,
    student: id('s11'),
    truth: id('grandis'),
    answer: id('lasiocarpa'),
    token: job,
  };
  const query = path === '/api/growing' ? '?lat=46.9&lon=-116.2' : '';
  return path.replace(/:([a-z]+)/g, (_, key: string) => named[key] ?? '') + query;
}

const MAY: Readonly<Record<string, readonly (keyof typeof callers)[]>> = {
  anyone: ['owner', 'instructor', 'assistant', 'student'],
  staff: ['owner', 'instructor', 'assistant'],
  teachers: ['owner', 'instructor'],
  owner: ['owner'],
  student: ['student'],
};

describe('what a read answers fits its schema', () => {
  test.each(READS.map(([name, r]) => [name, r] as const))(
    '%s, as each role that may',
    async (name, route) => {
      for (const who of MAY[route.audience] ?? []) {
        // The client throws where the answer does not fit.
        const { status, body } = await callers[who].call('GET', pathOf(route.path));
        expect([who, status]).toEqual([who, 200]);
        expect(hasAnswer(name) ? faultOfAnswer(name, body) : 'no answer').toBeNull();
      }
    },
  );
});

test('an answer that does not fit fails the test that got it: too much, too little, of another kind', () => {
  const fits = (answer: unknown) => () => needFit('GET', '/api/rules', 200, answer);
  expect(fits([])).not.toThrow();
  expect(fits([{ id: 'x' }])).toThrow('rules answers does not fit');
  expect(fits({})).toThrow('must be an array');
  expect(() =>
    needFit('GET', '/api/health', 200, { status: 'up', version: '1', database: 'pglite', more: 1 }),
  ).toThrow('more');
  expect(() => needFit('DELETE', `/api/rules/${id('none')}`, 200, { done: true })).toThrow(
    'says it does not',
  );
  // A refusal is no answer.
  expect(() => needFit('GET', '/api/rules', 403, { detail: 'no' })).not.toThrow();
});
