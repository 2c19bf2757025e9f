import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { Holds, QuizDetail, SittingDetail, WalkResults } from '@hurrow/contract';
import {
  answersFor,
  graded,
  id,
  joinWalk,
  longQuiz,
  moveSitting,
  openLong,
  openTestApp,
  send,
} from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

let app: TestApp;
let owner: Client;
const SPECIES = ['grandis', 'lasiocarpa', 'albicaulis', 'flexilis', 'occidental'] as const;

beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
  // Two sections of 24.
  for (const [section, from] of [
    ['first', 101],
    ['second', 201],
  ] as const) {
    const students = Array.from({ length: 22 }, (_, i) => ({ code: String(from + i) }));
    const { status } = await owner.call('POST', `/api/sections/${id(section)}/students`, { students });
    if (status !== 201 && status !== 200) throw new Error(`No roster: ${status}`);
  }
});
afterAll(() => app.close());

const results = async (phone: Client): Promise<WalkResults> =>
  (await phone.call<WalkResults>('GET', '/api/walk/results')).body;
const read = async (sitting: string): Promise<SittingDetail> =>
  (await owner.call<SittingDetail>('GET', `/api/sittings/${sitting}`)).body;

describe('two sections of 24 with 30 stations, and a final in draft on the same trees', () => {
  test('shared stations come later until Thursday closes, then return although the final is in draft', async () => {
    const quiz: QuizDetail = await longQuiz(
      owner,
      Array.from({ length: 30 }, (_, i) => SPECIES[i % SPECIES.length] ?? 'grandis'),
    );
    const tuesday = await openLong(owner, quiz.id, 'first', '2026-10-01');
    expect([tuesday.people.length, tuesday.stations.length]).toEqual([24, 30]);
    const { phone, walk } = await joinWalk(app, tuesday.code, '11');
    await send(phone, answersFor(walk, 1, { name: 'grand fir' }));

    // The final stands on trees of this quiz, as a draft for the end of term.
    const final = await owner.call<QuizDetail>('POST', '/api/quizzes', { name: 'Final', list: id('list') });
    for (const s of quiz.stations.slice(0, 10))
      await owner.call('POST', `/api/quizzes/${final.body.id}/stations`, {
        individual: s.tree.id,
        asks: [{ kind: 'common', points: 2 }],
      });
    const draft = await owner.call<SittingDetail>('POST', `/api/quizzes/${final.body.id}/sittings`, {
      section: id('first'),
      on: '2026-12-10',
      handling: ['look'],
    });
    expect(draft.status).toBe(201);
    const thursday = await openLong(owner, quiz.id, 'second', '2026-10-03');
    expect(thursday.people).toHaveLength(24);

    await moveSitting(owner, tuesday.id, 'closed');
    await graded(owner, tuesday.id);
    await moveSitting(owner, tuesday.id, 'returned');
    const early = await results(phone);
    expect(early.stations.filter((s) => s.later !== null)).toHaveLength(30);
    expect(JSON.stringify(early)).not.toContain('Abies grandis');

    await moveSitting(owner, thursday.id, 'closed');
    const late = await results(phone);
    expect(late.stations.filter((s) => s.later !== null)).toEqual([]);
    expect([late.points, late.most]).toEqual([2, 60]);
    expect(late.stations[1]?.asks).toEqual([]);
    expect((await read(draft.body.id)).state).toBe('draft');
  });
});

describe('answers read aloud on a led walk', () => {
  test('are returned to that section whole, and to nobody else', async () => {
    const quiz = await longQuiz(owner, ['grandis', 'lasiocarpa']);
    const first = await openLong(owner, quiz.id, 'first', '2026-10-01');
    const { phone, walk } = await joinWalk(app, first.code, '12');
    await send(phone, answersFor(walk, 1, { name: 'subalpine fir' }));
    const second = await openLong(owner, quiz.id, 'second', '2026-10-03');
    const other = await joinWalk(app, second.code, '21');
    await send(other.phone, answersFor(other.walk, 1, { name: 'grand fir' }));
    await moveSitting(owner, first.id, 'closed');
    await graded(owner, first.id);
    const { version } = await read(first.id);
    const given = await owner.call<SittingDetail>(
      'POST',
      `/api/sittings/${first.id}/state`,
      { to: 'returned', by: 'aloud' },
      { version },
    );
    expect(given.body.returnedBy).toBe('aloud');
    expect((await results(phone)).stations.map((s) => s.later)).toEqual([null, null]);
    expect((await owner.call<Holds>('GET', `/api/sittings/${first.id}/holds`)).body.holds).toEqual([]);
    // The other section sees nothing of it.
    expect((await other.phone.call('GET', '/api/walk/results')).status).toBe(403);
  });

  test('slips say what each student sees: the score, why it was less, and what is held back', async () => {
    const quiz = await longQuiz(owner, ['grandis', 'lasiocarpa']);
    const sitting = await openLong(owner, quiz.id, 'first', '2026-10-01');
    const { phone, walk } = await joinWalk(app, sitting.code, '11');
    await send(phone, [
      ...answersFor(walk, 1, { name: 'subalpine fir' }),
      ...answersFor(walk, 2, { name: 'subalpine fir' }),
    ]);
    const path = `/api/sittings/${sitting.id}/slips`;
    expect((await owner.call('GET', path)).status).toBe(409);
    await moveSitting(owner, sitting.id, 'closed');
    await graded(owner, sitting.id);
    await moveSitting(owner, sitting.id, 'returned');
    const { body } = await owner.call<readonly WalkResults[]>('GET', path);
    expect(body).toEqual([await results(phone)]);
    expect(body[0]).toMatchObject({ student: '11', points: 2, most: 4 });
    expect(body[0]?.stations[0]?.asks[0]).toMatchObject({ why: 'This is another species.', points: 0 });
    expect(body[0]?.stations[1]?.asks[0]?.why).toBeNull();
  });
});
