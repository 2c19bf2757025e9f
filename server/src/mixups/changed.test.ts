import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { ListDetail, MixUps, SpeciesProfile } from '@hurrow/contract';
import { enroll, id, longQuiz, openTestApp, satLong } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

const WALK = ['grandis', 'lasiocarpa', 'flexilis', 'occidental'];

let app: TestApp;
let owner: Client;

const board = async (): Promise<MixUps> =>
  (await owner.call<MixUps>('GET', `/api/sections/${id('first')}/mixups`)).body;
const pairs = async (): Promise<readonly (readonly [string, string, number, number])[]> =>
  (await board()).pairs.map((p) => [p.truth.id, p.answer.id, p.k, p.n] as const);
/** Seven write subalpine fir for grand fir, and one larch for the pine. */
const firs = (i: number, j: number): string => (j === 0 && i < 7 ? 'lasiocarpa' : (WALK[j] ?? 'grandis'));
const named = (i: number, j: number): string => (j === 2 && i === 9 ? 'occidental' : firs(i, j));

beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
  await enroll(owner, 'first', 101, 22);
  await satLong(owner, (await longQuiz(owner, WALK)).id, 'first', '2026-10-01', named, 24);
});
afterAll(() => app.close());

describe('a class whose library changes under it', () => {
  test('a species merged into another is refused where a key holds it, and nothing changes', async () => {
    const before = await pairs();
    const { body: profile } = await owner.call<SpeciesProfile>('GET', `/api/species/${id('lasiocarpa')}`);
    const refused = await owner.call<{ detail: string; remedy: string }>(
      'POST',
      `/api/species/${id('lasiocarpa')}/merge`,
      { into: id('grandis') },
      { version: profile.version },
    );
    expect(refused.status).toBe(409);
    expect(refused.body.detail).toContain('is part of quizzes whose key is locked');
    expect(refused.body.remedy).toContain('its grades stay as they are');
    expect(await pairs()).toEqual(before);
  });

  test('a list changed in mid-term leaves what was answered, and what it dropped is counted for the quiz that had it alone', async () => {
    const before = await pairs();
    const { body: list } = await owner.call<ListDetail>('GET', `/api/lists/${id('list')}`);
    const left = list.members.filter((m) => m.id !== id('occidental'));
    const changed = await owner.call<ListDetail>(
      'PUT',
      `/api/lists/${id('list')}`,
      { name: list.name, members: left.map((m) => ({ taxon: m.id, week: m.week, label: m.label })) },
      { version: list.version },
    );
    expect(changed.status).toBe(200);
    expect(await pairs()).toEqual(before);

    const walk = WALK.slice(0, 3);
    const later = await satLong(owner, (await longQuiz(owner, walk)).id, 'first', '2026-10-08', firs, 24);
    const all = await board();
    const pair = all.pairs.find((p) => p.truth.id === id('grandis'));
    expect([pair?.k, pair?.n, pair?.students]).toEqual([14, 48, 7]);
    // The larch was on the list of the first quiz alone.
    const larch = all.pairs.find((p) => p.answer.id === id('occidental'));
    expect([larch?.k, larch?.n]).toEqual([1, 48]);
    expect(all.truths.find((t) => t.truth.id === id('flexilis'))).toMatchObject({ other: 1, right: 47 });
    expect(all.sittings.map((s) => s.id)).toContain(later.id);
  });
});
