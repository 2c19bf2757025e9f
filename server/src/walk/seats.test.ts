import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { WalkSeat, WalkSitting } from '@hurrow/contract';
import { answersFor, id, joinWalk, moveSitting, openSitting, openTestApp, send } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

let app: TestApp;
let owner: Client;
let codes: { readonly first: string; readonly again: string; readonly second: string };
let sittings: { readonly first: string; readonly again: string };

beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
  const [first, again, second] = [
    await openSitting(owner, 'first'),
    await openSitting(owner, 'first'),
    await openSitting(owner, 'second'),
  ];
  codes = { first: first.code, again: again.code, second: second.code };
  sittings = { first: first.sitting.id, again: again.sitting.id };
});
afterAll(() => app.close());

const join = (phone: Client, code: string, student: string, word = `word of ${student}`) =>
  phone.call('POST', '/api/walk/join', { code, student, word });
/** The cookie a phone was given when it first joined. */
const cookieOf = (phone: Client): string => /hurrow_walk=[^;]+/.exec(phone.received())?.[0] ?? 'none';
const seats = async (phone: Client): Promise<readonly WalkSeat[]> =>
  (await phone.call<WalkSeat[]>('GET', '/api/walk/sittings')).body;
const at = async (phone: Client, sitting: string): Promise<WalkSitting> =>
  (await phone.call<WalkSitting>('GET', `/api/walk/sitting?sitting=${sitting}`)).body;

describe('a phone in several sittings', () => {
  test('keeps its session when it joins another one, and is in both', async () => {
    const { phone, walk } = await joinWalk(app, codes.first, '11');
    await send(phone, answersFor(walk, 1, { name: 'grand fir' }));
    const joined = await join(phone, codes.again, '11');
    // The cookie is the one it had, and lasts as long as the session now does.
    const [again = ''] = joined.headers.getSetCookie();
    expect(joined.status).toBe(201);
    expect(again.split(';')[0]).toBe(cookieOf(phone));
    expect(again).toMatch(/Expires=/);
    const all = await seats(phone);
    expect(all.map((s) => [s.student, s.state])).toEqual([
      ['11', 'open'],
      ['11', 'open'],
    ]);
    // Without a name a request is about the one joined last.
    const last = (await phone.call<WalkSitting>('GET', '/api/walk/sitting')).body;
    expect([last.sitting === walk.sitting, last.answers.length]).toEqual([false, 0]);
    expect((await at(phone, walk.sitting)).answers).toHaveLength(1);
    // Each answer is of the sitting it names.
    const other = answersFor(await at(phone, walk.sitting), 1, { name: 'subalpine fir' }, 2);
    const sent = await phone.call<{ accepted: string[] }>(
      'POST',
      `/api/walk/answers?sitting=${walk.sitting}`,
      { answers: other },
    );
    expect(sent.body.accepted).toHaveLength(other.length);
    expect((await at(phone, last.sitting)).answers).toEqual([]);
  });

  test('results of one are read while another is open', async () => {
    const { phone, walk } = await joinWalk(app, codes.first, '12');
    await send(phone, answersFor(walk, 1, { call: 'both-sides', name: 'grand fir', sure: 'sure' }));
    await join(phone, codes.again, '12');
    await moveSitting(owner, sittings.first, 'closed');
    await owner.call('POST', `/api/sittings/${sittings.first}/grading-runs`);
    await moveSitting(owner, sittings.first, 'returned');
    expect((await seats(phone)).map((s) => s.state).sort()).toEqual(['open', 'returned']);
    const results = await phone.call('GET', `/api/walk/results?sitting=${walk.sitting}`);
    expect(results.status).toBe(200);
    expect((await phone.call('GET', '/api/walk/results')).status).toBe(403);
  });

  test('a sitting it never joined, or that nobody knows, is not opened by naming it', async () => {
    const mine = await joinWalk(app, codes.again, '11', 'word of 11');
    const theirs = await joinWalk(app, codes.second, '21');
    for (const sitting of [theirs.walk.sitting, id('none'), 'x', ''])
      expect((await mine.phone.call('GET', `/api/walk/sitting?sitting=${sitting}`)).status).toBe(401);
  });

  test('another student on the same phone ends what was there', async () => {
    const { phone } = await joinWalk(app, codes.again, '12', 'word of 12');
    const joined = await join(phone, codes.second, '21');
    expect(joined.headers.getSetCookie()[0]).toContain('hurrow_walk=');
    expect((await seats(phone)).map((s) => s.student)).toEqual(['21']);
  });

  test('numbers of one person in two sections share a phone, until it is taken back', async () => {
    const merged = await owner.call<{ merges: { id: string }[] }>(
      'POST',
      `/api/students/${id('s12')}/person`,
      {
        other: id('s21'),
      },
    );
    const { phone } = await joinWalk(app, codes.again, '12', 'word of 12');
    await join(phone, codes.second, '21');
    expect((await seats(phone)).map((s) => s.student).sort()).toEqual(['12', '21']);
    await owner.call('DELETE', `/api/person-merges/${merged.body.merges[0]?.id ?? ''}`);
    const apart = await joinWalk(app, codes.again, '12', 'word of 12');
    await join(apart.phone, codes.second, '21');
    expect((await seats(apart.phone)).map((s) => s.student)).toEqual(['21']);
  });

  test('a phone that staff ended in one sitting stays in the other; leaving ends all', async () => {
    const { phone, walk } = await joinWalk(app, codes.again, '11', 'word of 11');
    const first = (await seats(phone)).length;
    expect(first).toBe(1);
    const { body } = await owner.call<{
      devices: { id: string; code: string; state: string; askedAt: string }[];
    }>('GET', `/api/sittings/${sittings.again}/devices`);
    const mine = body.devices
      .filter((d) => d.code === '11' && d.state === 'in')
      .sort((a, b) => b.askedAt.localeCompare(a.askedAt))[0];
    await owner.call('POST', `/api/devices/${mine?.id ?? ''}/decision`, { decision: 'end' });
    expect((await phone.call('GET', `/api/walk/sitting?sitting=${walk.sitting}`)).status).toBe(401);
    const back = await join(phone, codes.again, '11');
    expect(back.status).toBe(201);
    expect(await seats(phone)).toHaveLength(1);
    expect((await phone.call('DELETE', '/api/walk/sitting')).status).toBe(204);
    expect((await phone.call('GET', '/api/walk/sittings')).status).toBe(401);
  });
});
