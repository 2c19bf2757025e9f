import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { MixUps, QuizDetail } from '@hurrow/contract';
import { enroll, id, longQuiz, openTestApp, satLong } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

const WALK = ['grandis', 'lasiocarpa'];
const firs =
  (astray: number) =>
  (i: number, j: number): string =>
    j === 0 && i < astray ? 'lasiocarpa' : (WALK[j] ?? 'grandis');

interface Class {
  readonly app: TestApp;
  readonly owner: Client;
}

async function classOf(astray: number): Promise<Class> {
  const app = await openTestApp();
  const owner = await app.owner();
  await enroll(owner, 'first', 101, 10);
  await satLong(owner, (await longQuiz(owner, WALK)).id, 'first', '2026-10-01', firs(astray), 12);
  return { app, owner };
}
const countOf = async ({ owner }: Class, query = ''): Promise<readonly [number, number] | null> => {
  const { body } = await owner.call<MixUps>('GET', `/api/sections/${id('first')}/mixups${query}`);
  const pair = body.pairs.find((p) => p.truth.id === id('grandis'));
  return pair ? [pair.k, pair.n] : null;
};

let one: Class;
let other: Class;
beforeAll(async () => {
  one = await classOf(5);
  other = await classOf(3);
});
afterAll(async () => {
  await one.app.close();
  await other.app.close();
});

describe('boards that were read before', () => {
  test('are told from those of another database with the same classes, by stamps that never come twice', async () => {
    for (let i = 0; i < 2; i += 1) {
      expect(await countOf(one)).toEqual([5, 12]);
      expect(await countOf(other)).toEqual([3, 12]);
    }
    const stamps = async ({ app }: Class): Promise<readonly string[]> =>
      (await app.db.query<{ stamp: string }>('select stamp from section_board', [])).map((r) => r.stamp);
    const all = [...(await stamps(one)), ...(await stamps(other))];
    expect(new Set(all).size).toBe(all.length);
  });

  test('are read again once another quiz is graded, of the whole class and of one material', async () => {
    const [{ material = '' } = {}] = (
      await one.owner.call<MixUps>('GET', `/api/sections/${id('first')}/mixups`)
    ).body.materials;
    expect(await countOf(one, `?material=${material}`)).toEqual([5, 12]);
    const quiz: QuizDetail = await longQuiz(one.owner, WALK);
    await satLong(one.owner, quiz.id, 'first', '2026-10-08', firs(2), 12);
    expect(await countOf(one)).toEqual([7, 24]);
    expect(await countOf(one, `?material=${material}`)).toEqual([7, 24]);
    expect(await countOf(other)).toEqual([3, 12]);
  });
});
