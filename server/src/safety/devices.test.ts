import { answerText } from '@hurrow/core/answers';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { JOIN_NEEDS } from '@hurrow/contract';
import type { Devices, DueItem, Joining, SittingDetail, WalkSitting } from '@hurrow/contract';
import { answersFor, id, joinWalk, moveSitting, openSitting, openTestApp, send } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

let app: TestApp;
let owner: Client;
let sitting: string;
let code: string;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
  const opened = await openSitting(owner, 'first');
  [sitting, code] = [opened.sitting.id, opened.code];
});
afterAll(() => app.close());

const join = (phone: Client, more: object) =>
  phone.call('POST', '/api/walk/join', { code, student: '11', ...more });
const devices = async (): Promise<Devices> =>
  (await owner.call<Devices>('GET', `/api/sittings/${sitting}/devices`)).body;
const decide = async (decision: string, state: string): Promise<number> => {
  const device = (await devices()).devices.find((d) => d.state === state && d.code === '11');
  return (await owner.call('POST', `/api/devices/${device?.id ?? ''}/decision`, { decision })).status;
};

describe('a student number', () => {
  let first: Client;
  let walk: WalkSitting;
  beforeAll(async () => {
    first = app.nobody();
  });

  test('is claimed with a private word that the student chooses', async () => {
    const asked = await join(first, {});
    expect([asked.status, asked.body.type]).toEqual([409, JOIN_NEEDS.choose]);
    expect((await join(first, { word: 'abc' })).body.field).toBe('word');
    expect((await join(first, { word: 'Quiet Otter' })).status).toBe(201);
    walk = (await first.call<WalkSitting>('GET', '/api/walk/sitting')).body;
    expect(walk.otherDevices).toEqual([]);
    await send(first, answersFor(walk, 1, { name: 'grand fir' }));
  });

  test('cannot be taken by a classmate who knows code and number alone', async () => {
    const classmate = app.nobody();
    expect((await join(classmate, {})).body.type).toBe(JOIN_NEEDS.word);
    const guess = await join(classmate, { word: 'loud otter' });
    expect([guess.status, guess.body.field]).toEqual([422, 'word']);
    expect((await classmate.call('GET', '/api/walk/sitting')).status).toBe(401);
  });

  test('goes on at a second phone with the word, and both phones and the staff are told', async () => {
    const second = app.nobody();
    expect((await join(second, { word: ' quiet OTTER' })).status).toBe(201);
    const there = (await second.call<WalkSitting>('GET', '/api/walk/sitting')).body;
    expect(there.otherDevices).toHaveLength(1);
    expect(there.answers.map((a) => answerText(a.value))).toEqual(['grand fir']);
    const receipt = await send(first, answersFor(walk, 2, { name: 'subalpine fir' }));
    expect(receipt.body.otherDevices).toBe(1);
    const seen = (await owner.call<SittingDetail>('GET', `/api/sittings/${sitting}`)).body;
    expect(seen.people.find((p) => p.code === '11')).toMatchObject({ devices: 2, asking: 0 });
    expect((await devices()).devices.map((d) => [d.state, d.answers])).toEqual([
      ['in', 2],
      ['in', 0],
    ]);
  });

  test('staff end a phone: it can read and send nothing more, and what it sent stays', async () => {
    const last = (await devices()).devices.at(-1);
    expect(
      (await owner.call('POST', `/api/devices/${last?.id ?? ''}/decision`, { decision: 'end' })).status,
    ).toBe(204);
    const again = await owner.call('POST', `/api/devices/${last?.id ?? ''}/decision`, { decision: 'end' });
    expect(again.status).toBe(409);
    expect((await first.call<WalkSitting>('GET', '/api/walk/sitting')).body.otherDevices).toEqual([]);
  });

  test('a forgotten word: staff let the phone in, and the word it brings becomes the new one', async () => {
    const third = app.nobody();
    expect((await join(third, { ask: true, word: 'green kettle' })).status).toBe(202);
    expect((await third.call<Joining>('GET', '/api/walk/joining')).body.state).toBe('asked');
    expect((await third.call('GET', '/api/walk/sitting')).status).toBe(401);
    const due = (await owner.call<DueItem[]>('GET', '/api/due')).body;
    expect(due.filter((d) => d.kind === 'device')).toMatchObject([
      { detail: expect.stringContaining('number 11') },
    ]);
    expect(await decide('let-in', 'asked')).toBe(204);
    expect((await devices()).devices.flatMap((d) => d.decidedBy ?? [])).toContain('Ilse Varn');
    expect((await third.call<Joining>('GET', '/api/walk/joining')).body.state).toBe('in');
    expect((await third.call('GET', '/api/walk/sitting')).status).toBe(200);
    expect((await join(app.nobody(), { word: 'quiet otter' })).status).toBe(422);
    expect((await join(app.nobody(), { word: 'green kettle' })).status).toBe(201);
  });

  test('a phone that is refused stays out', async () => {
    const stranger = app.nobody();
    await join(stranger, { ask: true });
    expect(await decide('refuse', 'asked')).toBe(204);
    expect((await stranger.call<Joining>('GET', '/api/walk/joining')).body.state).toBe('refused');
    expect((await stranger.call('GET', '/api/walk/sitting')).status).toBe(401);
  });

  test('the next phone chooses a new word after staff reset it, and the reset is on record', async () => {
    expect((await owner.call('DELETE', `/api/students/${id('s11')}/word`)).status).toBe(204);
    expect((await devices()).resets).toMatchObject([{ student: id('s11'), by: 'Ilse Varn' }]);
    const fourth = app.nobody();
    expect((await join(fourth, {})).body.type).toBe(JOIN_NEEDS.choose);
    expect((await join(fourth, { word: 'tall teapot' })).status).toBe(201);
    expect((await devices()).resets).toEqual([]);
  });

  test('staff of another section decide nothing', async () => {
    const { sitting: other, code: second } = await openSitting(owner, 'second');
    const phone = app.nobody();
    await phone.call('POST', '/api/walk/join', { code: second, student: '21', ask: true });
    const [device] = (await owner.call<Devices>('GET', `/api/sittings/${other.id}/devices`)).body.devices;
    const assistant = await app.assistant();
    const tried = await assistant.call('POST', `/api/devices/${device?.id ?? ''}/decision`, {
      decision: 'let-in',
    });
    expect(tried.status).toBe(404);
    expect((await phone.call<Joining>('GET', '/api/walk/joining')).body.state).toBe('asked');
  });
});

test('six phones that claim one free number at once: one is in, the others are asked for its word', async () => {
  const all = await Promise.all(
    Array.from({ length: 6 }, (_, i) =>
      app.nobody().call('POST', '/api/walk/join', { code, student: '12', word: `claim ${i}` }),
    ),
  );
  expect(all.filter((a) => a.status === 201)).toHaveLength(1);
  expect(all.filter((a) => a.status === 409 || a.status === 422)).toHaveLength(5);
  const attempts = await app.db.query('select 1 from attempt where sitting = $1 and student = $2', [
    sitting,
    id('s12'),
  ]);
  expect(attempts).toHaveLength(1);
});

test('results go only to those who took part, and only with the word', async () => {
  const { sitting: own, code: ownCode } = await openSitting(owner, 'first');
  const { phone, walk } = await joinWalk(app, ownCode, '11', 'tall teapot');
  await send(phone, answersFor(walk, 1, { name: 'grand fir' }));
  await moveSitting(owner, own.id, 'closed');
  await owner.call('POST', `/api/sittings/${own.id}/grading-runs`);
  await moveSitting(owner, own.id, 'returned');
  const absent = await app
    .nobody()
    .call('POST', '/api/walk/join', { code: ownCode, student: '12', word: 'claim 0' });
  expect([absent.status, absent.body.field]).toEqual([403, 'student']);
  const nosy = app.nobody();
  expect((await nosy.call('POST', '/api/walk/join', { code: ownCode, student: '11' })).status).toBe(409);
  expect((await nosy.call('GET', '/api/walk/results')).status).toBe(401);
  const self = app.nobody();
  expect(
    (await self.call('POST', '/api/walk/join', { code: ownCode, student: '11', word: 'tall teapot' })).status,
  ).toBe(201);
  expect((await self.call('GET', '/api/walk/results')).status).toBe(200);
});
