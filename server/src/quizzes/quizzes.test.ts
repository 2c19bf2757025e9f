import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { QuizDetail, Sheet, SittingDetail, Station } from '@hurrow/contract';
import { v4 } from 'uuid';
import { id, openSitting, openTestApp } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

let app: TestApp;
let owner: Client;
let quiz: string;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
  quiz = (await owner.call<QuizDetail>('POST', '/api/quizzes', { name: 'Fresh', list: id('list') })).body.id;
});
afterAll(() => app.close());

const CALL = { kind: 'call', character: 'needle.bands', points: 1 };
const NAME = { kind: 'common', points: 2 };
const add = (individual: string, asks: unknown[]) =>
  owner.call<Station>('POST', `/api/quizzes/${quiz}/stations`, { individual: id(individual), asks });
const order = async (): Promise<string[]> =>
  (await owner.call<QuizDetail>('GET', `/api/quizzes/${quiz}`)).body.stations.map(
    (s) => `${s.number}${s.tree.tag}`,
  );

describe('stations', () => {
  test('are added at the end, moved, and closed up when one is taken out', async () => {
    for (const t of ['tree-a', 'tree-b', 'tree-c']) expect((await add(t, [CALL, NAME])).status).toBe(201);
    expect(await order()).toEqual(['1Quill A', '2Quill B', '3Quill C']);
    const { stations } = (await owner.call<QuizDetail>('GET', `/api/quizzes/${quiz}`)).body;
    const last = stations[2] as Station;
    const moved = await owner.call(
      'PUT',
      `/api/stations/${last.id}`,
      { individual: last.tree.id, number: 1, asks: [NAME] },
      { version: last.version },
    );
    expect(moved.status).toBe(200);
    expect(await order()).toEqual(['1Quill C', '2Quill A', '3Quill B']);
    const first = stations[0] as Station;
    expect(
      (await owner.call('DELETE', `/api/stations/${first.id}`, undefined, { version: first.version })).status,
    ).toBe(204);
    expect(await order()).toEqual(['1Quill C', '2Quill B']);
  });

  test.each([
    ['a call after the name', [NAME, CALL], 422, 'asks.1'],
    ['one thing twice', [NAME, NAME], 409, 'asks.1'],
    ['a character that is not there', [{ ...CALL, character: 'needle.hum' }, NAME], 422, 'asks.0.character'],
    ['no ask', [], 422, 'asks'],
  ])('%s is refused', async (_, asks, status, field) => {
    const before = await order();
    const answer = await owner.call('POST', `/api/quizzes/${quiz}/stations`, {
      individual: id('tree-d'),
      asks,
    });
    expect([answer.status, answer.body.field]).toEqual([status, field]);
    expect(await order()).toEqual(before);
  });
});

describe('a sitting', () => {
  test('follows its quiz while it is a draft, and fixes it when opened', async () => {
    const made = await owner.call<SittingDetail>('POST', `/api/quizzes/${quiz}/sittings`, {
      section: id('first'),
      on: '2026-10-02',
    });
    expect(made.body.stations).toHaveLength(2);
    await add('tree-d', [NAME]);
    const followed = (await owner.call<SittingDetail>('GET', `/api/sittings/${made.body.id}`)).body;
    expect(followed.stations).toHaveLength(3);
    const [at] = followed.stations;
    const hand = await owner.call<SittingDetail>(
      'PUT',
      `/api/sitting-stations/${at?.id ?? ''}`,
      { distance: 'trunk', material: ['tree', 'litter'] },
      { version: 1 },
    );
    expect(hand.body.stations[0]).toMatchObject({ distance: 'trunk', material: ['tree', 'litter'] });
    const opened = await owner.call<SittingDetail & { code: string }>(
      'POST',
      `/api/sittings/${made.body.id}/state`,
      { to: 'open' },
      { version: 1 },
    );
    expect(opened.body.code).toMatch(/^[a-z]+ [a-z]+ \d{3}$/);
    const refused = await owner.call('POST', `/api/quizzes/${quiz}/stations`, {
      individual: id('tree-a'),
      asks: [NAME],
    });
    expect([refused.status, refused.body.remedy]).toEqual([409, 'Make a new quiz for other stations.']);
    const kept = await app.db.query<{ code_hash: string }>('select code_hash from sitting where id = $1', [
      made.body.id,
    ]);
    expect(kept[0]?.code_hash).not.toContain(opened.body.code);
  });

  test('goes through its states in order only', async () => {
    const { sitting } = await openSitting(owner, 'second');
    for (const to of ['returned', 'locked']) {
      const answer = await owner.call(
        'POST',
        `/api/sittings/${sitting.id}/state`,
        { to },
        { version: sitting.version },
      );
      expect([answer.status, answer.body.field]).toEqual([409, 'to']);
    }
    const stale = await owner.call(
      'POST',
      `/api/sittings/${sitting.id}/state`,
      { to: 'closed' },
      { version: sitting.version + 7 },
    );
    expect(stale.status).toBe(412);
    expect((await owner.call('POST', `/api/sittings/${sitting.id}/grading-runs`)).status).toBe(409);
  });

  test('a draft moves to another day, against its version, and not once it is open', async () => {
    const made = await owner.call<SittingDetail>('POST', `/api/quizzes/${quiz}/sittings`, {
      section: id('second'),
      on: '2026-10-02',
    });
    const at = `/api/sittings/${made.body.id}`;
    const body = { on: '2026-10-09', handling: ['lens'], wet: true };
    const moved = await owner.call<SittingDetail>('PUT', at, body, { version: 1 });
    expect(moved.body).toMatchObject({ on: '2026-10-09', handling: ['look', 'lens'], wet: true, version: 2 });
    expect((await owner.call('PUT', at, body, { version: 1 })).status).toBe(412);
    expect((await owner.call('PUT', at, { ...body, on: '2026-02-30' }, { version: 2 })).body.field).toBe(
      'on',
    );
    await owner.call('POST', `${at}/state`, { to: 'open' }, { version: 2 });
    expect((await owner.call('PUT', at, body, { version: 3 })).status).toBe(409);
  });

  test('a new code ends the old one', async () => {
    const { sitting, code } = await openSitting(owner, 'second');
    const renewed = await owner.call<{ code: string }>('POST', `/api/sittings/${sitting.id}/code`);
    expect((await app.nobody().call('POST', '/api/walk/join', { code, student: '21' })).status).toBe(401);
    const typed = renewed.body.code.toLowerCase().replace(/(...)/, '$1 ');
    expect(
      (await app.nobody().call('POST', '/api/walk/join', { code: typed, student: '21', word: 'red kite' }))
        .status,
    ).toBe(201);
  });
});

describe('a paper sheet', () => {
  test('takes the key, other text as written, and refuses what is no state', async () => {
    const { sitting } = await openSitting(owner, 'first');
    const at = `/api/sittings/${sitting.id}/sheets/${id('s11')}`;
    const sheet = (await owner.call<Sheet>('GET', at)).body;
    expect(sheet.asks.map((a) => a.key).slice(0, 3)).toEqual(['below only', 'grand fir', '']);
    const [call, name, sure] = sheet.asks;
    const enter = (ask: Sheet['asks'][number] | undefined, typed: string | null) =>
      owner.call<Sheet>('POST', at, {
        answers: [{ id: v4(), sittingStation: ask?.sittingStation, ask: ask?.ask, typed }],
      });
    await enter(call, null);
    await enter(name, ' Grand  fur ');
    const done = await enter(sure, 'g');
    expect(done.body.asks.slice(0, 3).map((a) => [a.typed, a.origin])).toEqual([
      ['below only', 'paper'],
      [' Grand  fur ', 'paper'],
      ['guessing', 'paper'],
    ]);
    const wrong = await owner.call('POST', at, {
      answers: [{ id: v4(), sittingStation: call?.sittingStation, ask: call?.ask, typed: 'stripy' }],
    });
    expect([wrong.status, wrong.body.field]).toEqual([422, 'answers.0.typed']);
    expect(wrong.body.remedy).toContain('below only');
    const corrected = await enter(call, '3');
    expect(corrected.body.asks[0]?.typed).toBe('3');
    const calls = await app.db.query(
      `select value ->> 'state' as state from response where origin = 'paper' order by received_at`,
    );
    expect(calls.at(-1)).toEqual({ state: 'both-sides' });
  });
});
