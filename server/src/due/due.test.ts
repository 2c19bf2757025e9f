import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { CuttingRow, DueItem, SittingDetail, SpecimenAtHand } from '@hurrow/contract';
import { enroll, id, longQuiz, moveSitting, openTestApp, satLong } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

let app: TestApp;
let owner: Client;

const today = (on: string): Promise<unknown> =>
  app.db.query('update workspace set today_override = $1::date', [on]);
const due = async (kind: DueItem['kind']): Promise<readonly DueItem[]> =>
  (await owner.call<DueItem[]>('GET', '/api/due')).body.filter((d) => d.kind === kind);

beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
});
afterAll(() => app.close());

describe('material that is due', () => {
  let sitting: SittingDetail;
  /** It keeps for ten days, so that it might have been cut since Sep 28. */
  const list = async (): Promise<readonly CuttingRow[]> =>
    (await owner.call<CuttingRow[]>('GET', `/api/sittings/${sitting.id}/cutting-list`)).body;

  beforeAll(async () => {
    const quiz = await longQuiz(owner, ['grandis', 'lasiocarpa']);
    sitting = (
      await owner.call<SittingDetail>('POST', `/api/quizzes/${quiz.id}/sittings`, {
        section: id('first'),
        on: '2026-10-08',
      })
    ).body;
    for (const s of sitting.stations)
      await owner.call(
        'PUT',
        `/api/sitting-stations/${s.id}`,
        { material: ['twig'], distance: s.distance, reason: null, reasonNote: null },
        { version: s.version },
      );
  });

  test('is to be gathered for a sitting of the next two weeks, and today where the first day it keeps has passed', async () => {
    const [item] = await due('gather');
    expect(item).toMatchObject({
      title: 'Cut or gather 2 parts: first section, Thu, Oct 8',
      href: expect.stringContaining(sitting.id),
      on: '2026-10-01',
    });
    await today('2026-09-20');
    expect(await due('gather')).toEqual([]);
    await today('2026-10-01');
  });

  test('is named before it spoils, and no longer once it is gone', async () => {
    const [row] = await list();
    const change = async (state: string) => {
      const now = (await list()).find((r) => r.sittingStation === row?.sittingStation);
      return owner.call(
        'PUT',
        `/api/sitting-stations/${row?.sittingStation ?? ''}/specimens/twig`,
        { state, ...(state === 'gathered' ? { takenOn: '2026-10-01' } : {}) },
        { version: now?.version ?? 0 },
      );
    };
    expect((await change('gathered')).status).toBe(200);
    const specimens = (await owner.call<SpecimenAtHand[]>('GET', '/api/specimens')).body;
    const mine = specimens.find((s) => s.tree === row?.tree.id);
    expect(mine).toMatchObject({ taxon: row?.taxon.id, material: ['twig'], takenOn: '2026-10-01' });
    expect((await due('gather'))[0]?.title).toBe('Cut or gather 1 part: first section, Thu, Oct 8');
    const titled = async (): Promise<boolean> =>
      (await due('spoils')).some((d) => d.on === mine?.goodUntil && d.detail.includes(row?.tree.tag ?? '?'));
    expect(await titled()).toBe(false);
    await today(mine?.goodUntil ?? '');
    expect(await titled()).toBe(true);
    expect((await change('spoiled')).status).toBe(200);
    expect(await titled()).toBe(false);
    expect((await owner.call<SpecimenAtHand[]>('GET', '/api/specimens')).body).not.toContainEqual(mine);
    await today('2026-10-01');
  });
});

describe('seasons that end', () => {
  test('are named with their last day at the site of a class, and only within the week', async () => {
    const [window] = await app.db.query<{ end_day: number }>(
      `select end_doy as end_day from season_window where taxon = $1 and kind = 'leaf_fall' limit 1`,
      [id('occidental')],
    );
    expect(window).toBeDefined();
    const dayAt = (n: number): string => new Date(Date.UTC(2026, 0, n)).toISOString().slice(0, 10);
    await today(dayAt((window?.end_day ?? 0) - 2));
    const before = await due('season');
    // What was worked out for the day is worked out again once the season was written anew.
    await app.db.query(`update season_window set end_doy = $2 where taxon = $1 and kind = 'leaf_fall'`, [
      id('occidental'),
      (window?.end_day ?? 0) - 10,
    ]);
    expect(JSON.stringify(await due('season'))).not.toContain('falling leaves');
    await app.db.query(`update season_window set end_doy = $2 where taxon = $1 and kind = 'leaf_fall'`, [
      id('occidental'),
      window?.end_day,
    ]);
    await today(dayAt((window?.end_day ?? 0) + 30));
    const after = await due('season');
    expect(before[0]?.title).toMatch(/^Ends this week at .*: \d+ seasons? of /);
    expect(before[0]?.detail).toContain('falling leaves of');
    expect(JSON.stringify(after)).not.toContain('falling leaves');
    await today('2026-10-01');
  });
});

describe('mix-ups that came back', () => {
  test('stand before the others, and the lesson for Monday starts with one', async () => {
    await enroll(owner, 'first', 301, 24);
    const walk = ['grandis', 'lasiocarpa', 'flexilis', 'albicaulis'];
    const named =
      (astray: number) =>
      (i: number, j: number): string =>
        j === 0 && i < astray ? 'lasiocarpa' : (walk[j] ?? 'grandis');
    const sat = async (on: string, astray: number): Promise<string> => {
      const held = await satLong(owner, (await longQuiz(owner, walk)).id, 'first', on, named(astray), 24);
      await moveSitting(owner, held.id, 'returned');
      return held.id;
    };
    const first = await sat('2026-10-01', 10);
    await app.db.query(`update sitting set returned_at = '2026-10-02T12:00:00Z' where id = $1`, [first]);
    expect((await due('lesson'))[0]).toMatchObject({
      title: 'Plan the lesson for Mon, Oct 5: first section',
      detail: 'Start with subalpine fir named for grand fir: 10 students.',
      href: expect.stringContaining('pin='),
      on: '2026-10-05',
    });
    expect(await due('came_back')).toEqual([]);
    await today('2026-10-09');
    await sat('2026-10-08', 9);
    expect(await due('came_back')).toMatchObject([
      { title: 'subalpine fir named for grand fir', detail: expect.stringContaining('It came back after') },
    ]);
    expect((await due('mixup')).map((d) => d.title)).not.toContain('subalpine fir named for grand fir');
  });
});
