import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type {
  MixUps,
  MixUpsByStudent,
  QuizDetail,
  RetestRow,
  SettingsEffect,
  SittingDetail,
  WalkResults,
} from '@hurrow/contract';
import { MIX_UP_SETTINGS } from '@hurrow/core/mixups';
import { id, longQuiz, moveSitting, openTestApp, satLong } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

const WALK = ['grandis', 'lasiocarpa', 'flexilis', 'albicaulis', 'flexilis', 'albicaulis'];
let app: TestApp;
let owner: Client;
let quiz: QuizDetail;

beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
  const students = Array.from({ length: 22 }, (_, i) => ({ code: String(101 + i) }));
  await owner.call('POST', `/api/sections/${id('first')}/students`, { students });
  quiz = await longQuiz(owner, WALK);
});
afterAll(() => app.close());

/** A graded sitting where the first so many students write subalpine fir for grand fir. */
const sat = (on: string, astray: number, of: QuizDetail): Promise<SittingDetail> =>
  satLong(
    owner,
    of.id,
    'first',
    on,
    (i, j) => (j === 0 && i < astray ? 'lasiocarpa' : (WALK[j] ?? 'grandis')),
    24,
  );
async function returned(sitting: SittingDetail, at: string): Promise<void> {
  await moveSitting(owner, sitting.id, 'returned');
  await app.db.query(`update sitting set returned_at = $2 where id = $1`, [sitting.id, at]);
}
const at = (rest: string): string => `/api/sections/${id('first')}/${rest}`;
const board = async (): Promise<MixUps> => (await owner.call<MixUps>('GET', at('mixups'))).body;
const isFlagged = (all: MixUps): boolean | undefined =>
  all.pairs.find((p) => p.truth.id === id('grandis') && p.answer.id === id('lasiocarpa'))?.slips?.flagged;
const effect = async (settings: object): Promise<SettingsEffect | undefined> =>
  (
    await owner.call<readonly SettingsEffect[]>('POST', '/api/mix-up-settings/effect', {
      ...MIX_UP_SETTINGS,
      ...settings,
    })
  ).body.find((e) => e.section === id('first'));

describe('flags from return to return', () => {
  test('are worked out for what is chosen before results are returned, then kept', async () => {
    const first = await sat('2026-10-01', 7, quiz);
    expect([(await board()).flagsFrom, isFlagged(await board())]).toEqual(['chosen', true]);
    await returned(first, '2026-10-02T12:00:00Z');
    expect([(await board()).flagsFrom, isFlagged(await board())]).toEqual(['returns', true]);
  });

  test('do not change when another quiz is graded, only when it is returned', async () => {
    const kept = async (): Promise<unknown> =>
      app.db.query('select seq, observed, q, flagged from pair_flag where section = $1 order by seq', [
        id('first'),
      ]);
    const before = await kept();
    const second = await sat('2026-10-08', 0, await longQuiz(owner, WALK));
    expect(await kept()).toEqual(before);
    await returned(second, '2026-10-09T12:00:00Z');
    expect(
      await app.db.query('select seq, students from flag_return where section = $1 order by seq', [
        id('first'),
      ]),
    ).toEqual([
      { seq: 1, students: 24 },
      { seq: 2, students: 24 },
    ]);
    expect(isFlagged(await board())).toBe(true);
  });
});

describe('what counts as a mix-up of a class', () => {
  test('shows what other settings would change before anything is kept', async () => {
    expect(await effect({})).toMatchObject({ flagged: [], unflagged: [], states: [] });
    const stricter = await effect({ fewestStudents: 8 });
    expect(stricter?.unflagged.map((p) => p.truth.id)).toEqual([id('grandis')]);
    expect(stricter?.states.map((s) => [s.from, s.to])).toEqual([['fading', null]]);
    expect((await board()).settings).toEqual(MIX_UP_SETTINGS);
    expect(isFlagged(await board())).toBe(true);
  });

  test('keeps them, counts everything again, and goes back', async () => {
    const strict = { ...MIX_UP_SETTINGS, fewestStudents: 8 };
    await owner.call('PUT', '/api/mix-up-settings', strict);
    expect((await board()).settings).toEqual(strict);
    expect(isFlagged(await board())).toBe(false);
    expect((await effect({ fewestStudents: 8 }))?.states).toEqual([]);
    await owner.call('PUT', '/api/mix-up-settings', MIX_UP_SETTINGS);
    expect(isFlagged(await board())).toBe(true);
  });

  test('refuses what is out of range with its field, and keeps nothing of it', async () => {
    const bad = await owner.call<{ field: string }>('PUT', '/api/mix-up-settings', {
      ...MIX_UP_SETTINGS,
      level: 0.9,
    });
    expect([bad.status, bad.body.field]).toEqual([422, 'level']);
    expect((await owner.call('GET', '/api/mix-up-settings')).body).toEqual(MIX_UP_SETTINGS);
  });
});

describe('one student', () => {
  test('has their own mix-ups, how they went on, and how many others made the same, without names', async () => {
    const { students, right } = (await owner.call<MixUpsByStudent>('GET', at('mixups-by-student'))).body;
    expect([students.length, right.n]).toEqual([24, 24 * WALK.length * 2]);
    const [one] = students.filter((s) => s.mixUps.length > 0);
    expect(one?.mixUps).toMatchObject([
      { k: 1, n: 2, first: '2026-10-01', again: { k: 0, n: 2 }, others: { k: 6, n: 23 }, resolved: false },
    ]);
    expect(students.filter((s) => s.mixUps.length > 0)).toHaveLength(7);
  });

  test('is told in their own words with their results, and on the slip', async () => {
    const [sitting] = await app.db.query<{ id: string }>(
      `select id from sitting where state = 'returned' order by on_date desc limit 1`,
    );
    const slips = (
      await owner.call<readonly WalkResults[]>('GET', `/api/sittings/${sitting?.id ?? ''}/slips`)
    ).body;
    const told = slips.flatMap((s) => s.mixUps);
    expect(told).toHaveLength(7);
    expect(told[0]).toMatchObject({
      wrote: 'subalpine fir',
      tree: 'grand fir',
      k: 1,
      n: 2,
      again: { k: 0, n: 2 },
    });
  });
});

describe('what is to be asked again', () => {
  const keep = (body: object) => owner.call<readonly RetestRow[]>('POST', at('retest'), body);

  test('keeps a pair once, says how many answers would settle it, and lets it go', async () => {
    const pair = { truth: id('grandis'), answer: id('lasiocarpa') };
    const { body } = await keep(pair);
    await keep(pair);
    expect(body).toMatchObject([{ looks: 24, needed: 20, character: null, keptOn: '2026-10-01' }]);
    expect((await board()).pairs.find((p) => p.retest)?.truth.id).toBe(id('grandis'));
    await app.db.query(`update retest set kept_on = '2026-10-08' where section = $1`, [id('first')]);
    const [row] = (await owner.call<readonly RetestRow[]>('GET', at('retest'))).body;
    expect([row?.looks, row?.needed]).toEqual([0, 20]);
    const gone = await owner.call<readonly RetestRow[]>('DELETE', at(`retest/${row?.id ?? ''}`));
    expect(gone.body).toEqual([]);
    expect((await owner.call('DELETE', at(`retest/${row?.id ?? ''}`))).status).toBe(404);
  });

  test('keeps a character too', async () => {
    const [character] = await app.db.query<{ id: string }>('select id from character order by ord limit 1');
    expect((await keep({ character: character?.id })).body).toMatchObject([
      { truth: null, character: character?.id },
    ]);
  });

  test.each([
    ['half a pair', { truth: id('grandis') }],
    ['a species with itself', { truth: id('grandis'), answer: id('grandis') }],
    ['a pair with a character', { truth: id('grandis'), answer: id('flexilis'), character: 'twig.buds' }],
    ['nothing', {}],
    ['a character that there is not', { character: 'no.such' }],
    ['a species that there is not', { truth: id('grandis'), answer: id('none') }],
  ])('refuses %s, with the field', async (_, body) => {
    const bad = await owner.call<{ field: string; remedy: string }>('POST', at('retest'), body);
    expect(bad.status).toBe(422);
    expect(bad.body.field).toMatch(/^(truth|character)$/);
    expect(bad.body.remedy).not.toBe('');
  });
});
