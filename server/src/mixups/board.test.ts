import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { v7 } from 'uuid';
import type { Evidence, MixUpGroups, MixUpRow, MixUps, QuizDetail, SittingDetail } from '@hurrow/contract';
import { id, longQuiz, moveSitting, openTestApp, satLong } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

let app: TestApp;
let owner: Client;
const WALK = [
  'grandis',
  'lasiocarpa',
  'flexilis',
  'albicaulis',
  'occidental',
  'flexilis',
  'albicaulis',
  'occidental',
];
let first: SittingDetail;
let quiz: QuizDetail;

beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
  const students = Array.from({ length: 22 }, (_, i) => ({ code: String(101 + i) }));
  await owner.call('POST', `/api/sections/${id('first')}/students`, { students });
  quiz = await longQuiz(owner, WALK);
  first = await sat('2026-10-01', 24, 7);
});
afterAll(() => app.close());

/** A graded sitting where some write subalpine fir for grand fir, and one has a slip elsewhere. */
const sat = (on: string, count: number, astray: number, of = quiz): Promise<SittingDetail> =>
  satLong(
    owner,
    of.id,
    'first',
    on,
    (i, j) =>
      j === 0 && i < astray ? 'lasiocarpa' : j === 4 && i === 9 ? 'grandis' : (WALK[j] ?? 'grandis'),
    count,
  );
const board = async (query = ''): Promise<MixUps> =>
  (await owner.call<MixUps>('GET', `/api/sections/${id('first')}/mixups${query}`)).body;
const pairOf = (all: MixUps): MixUpRow | undefined =>
  all.pairs.find((p) => p.truth.id === id('grandis') && p.answer.id === id('lasiocarpa'));

describe('the board after one quiz', () => {
  test('has seven of 24 first, more than slips, new, with where it showed', async () => {
    const all = await board();
    const pair = pairOf(all);
    expect(all.pairs[0]).toEqual(pair);
    expect([pair?.k, pair?.n, pair?.students, pair?.looked]).toEqual([7, 24, 7, 24]);
    expect([pair?.low.toFixed(2), pair?.high.toFixed(2)]).toEqual(['0.14', '0.49']);
    expect(pair).toMatchObject({
      state: 'new',
      since: '2026-10-01',
      slips: { flagged: true },
      at: { k: 7, n: 24, station: 1, on: '2026-10-01' },
      again: { k: 0, n: 0 },
      next: null,
    });
    const slip = all.pairs.find((p) => p.answer.id === id('grandis'));
    expect([slip?.k, slip?.slips?.flagged]).toEqual([1, false]);
  });

  test('puts the confused two side by side in a cluster, and counts them by genus', async () => {
    const all = await board();
    const both = [id('grandis'), id('lasiocarpa')];
    expect(all.clusters.map((c) => [...c].sort())).toEqual([[...both].sort()]);
    const places = both.map((s) => all.order.indexOf(s));
    expect(Math.abs((places[0] ?? 0) - (places[1] ?? 9))).toBe(1);
    // Two firs are one genus, so only the larch taken for a fir is between genera.
    const { levels } = (await owner.call<MixUpGroups>('GET', `/api/sections/${id('first')}/mixup-groups`))
      .body;
    expect(levels.genus.map((l) => [l.answer.scientific, l.students])).toEqual([['Abies', 1]]);
  });

  test('is of the days, the material and the form that are chosen', async () => {
    expect((await board('?from=2026-10-02')).looks).toBe(0);
    expect((await board('?from=2026-10-01&to=2026-10-01')).looks).toBe(24 * WALK.length);
    const [{ material = '' } = {}] = (await board()).materials;
    expect((await board(`?material=${material}`)).looks).toBe(24 * WALK.length);
    expect((await board('?material=pictured')).looks).toBe(0);
    expect((await board('?form=choice')).pairs).toEqual([]);
  });

  test('is refused for days, materials and classes that are none, or not seen', async () => {
    const field = async (query: string) =>
      (await owner.call<{ field: string }>('GET', `/api/sections/${id('first')}/mixups${query}`)).body.field;
    expect([await field('?from=soon'), await field('?material=wood'), await field('?form=sung')]).toEqual([
      'from',
      'material',
      'form',
    ]);
    const other = await (
      await app.assistant()
    ).call('GET', `/api/sections/${id('first')}/mixups?with=${id('second')}`);
    expect([403, 404]).toContain(other.status);
  });

  test('opens exactly the answers of a pair, sitting by sitting, with what could be seen', async () => {
    const path = `/api/sections/${id('first')}/mixups/${id('grandis')}/${id('lasiocarpa')}`;
    const found = (await owner.call<Evidence>('GET', path)).body;
    expect([found.rows.length, found.turned]).toEqual([7, null]);
    expect(found.direction?.more).toBeGreaterThan(0.95);
    expect(found.who).toHaveLength(7);
    expect(found.splits.filter((s) => s.by !== 'material')).toEqual([
      { by: 'season', of: 'fall', k: 7, n: 24 },
      { by: 'class', of: expect.any(String), k: 7, n: 24 },
    ]);
    // Held against row and column totals alone a planted pair hides itself, which is why it is not the test that counts.
    expect(found.plainTest?.expected).toBeGreaterThan(1);
    expect(found.through).toMatchObject([
      { on: '2026-10-01', there: { k: 7, n: 24 }, back: { k: 0, n: 24 } },
    ]);
    for (const t of found.tells) expect(t.visible).toBeLessThanOrEqual(7);
    const none = await owner.call('GET', `${path}?from=2026-10-02`);
    expect(none.status).toBe(404);
  });
});

describe('after results were returned, a lesson, and a second quiz on the same tree and a new one', () => {
  test('the pair is still there after reteaching by the new tree, and the old one resolves nobody', async () => {
    await moveSitting(owner, first.id, 'returned');
    await app.db.query(`update sitting set returned_at = '2026-10-02T12:00:00Z' where id = $1`, [first.id]);
    const lesson = v7();
    await app.db.query(
      `insert into lesson (ws, id, section, on_date, kind) select ws, $1, id, '2026-10-03', 'retaught' from section where id = $2`,
      [lesson, id('first')],
    );
    await app.db.query(
      `insert into lesson_item (ws, lesson, taxon, other, ord) select ws, $1, $2, $3, 1 from section where id = $4`,
      [lesson, id('grandis'), id('lasiocarpa'), id('first')],
    );
    // On the old tree everybody is right; on a new one four of them are wrong again.
    await sat('2026-10-08', 24, 0);
    const fresh = await longQuiz(owner, WALK);
    await sat('2026-10-09', 24, 4, fresh);
    const pair = pairOf(await board());
    expect(pair).toMatchObject({
      state: 'stubborn',
      since: '2026-10-09',
    });
    // Seven mixed it up once they could know; their chances are the looks on new trees alone.
    expect(pair?.again.k).toBe(4);
    const evidence = (
      await owner.call<Evidence>(
        'GET',
        `/api/sections/${id('first')}/mixups/${id('grandis')}/${id('lasiocarpa')}`,
      )
    ).body;
    expect([evidence.met, evidence.fresh]).toEqual([
      { k: 0, n: 24 },
      { k: 11, n: 48 },
    ]);
    expect(evidence.effects).toMatchObject([
      { on: '2026-10-03', verdict: 'no sign', before: { k: 7, n: 24 }, after: { k: 4, n: 24 } },
    ]);
    expect(evidence.lessons).toEqual([{ on: '2026-10-03', kind: 'retaught' }]);
    expect(evidence.through.map((t) => t.there.k)).toEqual([7, 0, 4]);
  });
});
