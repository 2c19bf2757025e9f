import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { DueItem, SittingDetail, TreeRow } from '@hurrow/contract';
import { answersFor, id, joinWalk, moveSitting, openSitting, openTestApp, send } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

let app: TestApp;
let owner: Client;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
});
afterAll(() => app.close());

const trees = async (): Promise<TreeRow[]> => (await owner.call<TreeRow[]>('GET', '/api/trees')).body;

describe('trees', () => {
  test('stand with what they are, what is in reach and what they are certified to show', async () => {
    const tree = (await trees()).find((t) => t.tag === 'Quill A');
    expect(tree).toMatchObject({
      taxon: { scientific: 'Abies grandis', common: 'grand fir' },
      site: { name: 'Test slope' },
      hazards: ['water'],
      reach: { leaf: 'hand', twig: 'hand' },
      certified: { 'needle.bands': { kind: 'states', states: [{ state: 'below-only', freq: 'usual' }] } },
    });
  });

  test('are what the newest determination says', async () => {
    await app.db.query(
      `insert into determination (ws, id, individual, taxon, by_account, sureness, at)
       select ws, gen_random_uuid(), individual, $2, by_account, 'sure', '2026-09-01T00:00:00Z' from determination where individual = $1`,
      [id('tree-c'), id('albicaulis')],
    );
    expect((await trees()).find((t) => t.tag === 'Quill C')).toMatchObject({
      taxon: { scientific: 'Pinus albicaulis' },
      cautions: [{ hazard: 'protected' }],
    });
  });

  test('are tagged once at a site, whatever the case of the tag', async () => {
    const body = {
      site: id('site'),
      tag: 'New one',
      taxon: id('occidental'),
      reach: { leaf: 'hand', fruit: 'out' },
    };
    const made = await owner.call<TreeRow>('POST', '/api/trees', body);
    expect(made.status).toBe(201);
    expect(made.body.reach).toEqual({ leaf: 'hand', fruit: 'out' });
    const again = await owner.call('POST', '/api/trees', { ...body, tag: 'NEW ONE' });
    expect([again.status, again.body.field]).toEqual([409, 'tag']);
    const nowhere = await owner.call('POST', '/api/trees', { ...body, tag: 'Other', site: id('nowhere') });
    expect([nowhere.status, nowhere.body.field]).toEqual([422, 'site']);
  });
});

describe('a tree that is corrected', () => {
  const bodyOf = (t: TreeRow) => ({
    site: t.site.id,
    tag: t.tag,
    taxon: t.taxon.id,
    stage: t.stage,
    condition: t.condition,
    hazards: t.hazards,
    access: t.access,
    retired: false,
    place: null,
    reach: t.reach,
  });
  const tagged = async (tag: string): Promise<TreeRow> => {
    const found = (await trees()).find((t) => t.tag === tag);
    if (!found) throw new Error(`No tree ${tag}`);
    return found;
  };
  const change = (t: TreeRow, part: object) =>
    owner.call<TreeRow>('PUT', `/api/trees/${t.id}`, { ...bodyOf(t), ...part }, { version: t.version });

  test('is what was said last, and what it was called before stays on record', async () => {
    const before = await tagged('New one');
    const changed = await change(before, {
      tag: 'N1',
      taxon: id('grandis'),
      stage: 'old',
      hazards: ['road'],
      condition: 'top broken',
      reach: { leaf: 'out', bark: 'hand' },
    });
    expect([changed.status, changed.body]).toMatchObject([
      200,
      {
        tag: 'N1',
        taxon: { scientific: 'Abies grandis' },
        stage: 'old',
        hazards: ['road'],
        condition: 'top broken',
        reach: { leaf: 'out', bark: 'hand' },
        version: before.version + 1,
      },
    ]);
    const said = await app.db.query<{ n: number }>(
      'select count(*)::int as n from determination where individual = $1',
      [before.id],
    );
    expect(said[0]?.n).toBe(2);
  });

  test('stands where it was said to, until it is said that nobody knows; a place off the Earth is refused', async () => {
    const before = await tagged('N1');
    expect(before.place).toBeNull();
    const place = { lat: 47.9024, lon: -115.8978, elevM: 780 };
    const placed = await change(before, { place });
    expect([placed.status, placed.body.place]).toEqual([200, place]);
    expect((await tagged('N1')).place).toEqual(place);
    const refused = await change(placed.body, { place: { ...place, lat: 95 } });
    expect([refused.status, (refused.body as { field?: string }).field]).toEqual([422, 'place.lat']);
    expect((await change(placed.body, { place: null })).body.place).toBeNull();
  });

  test('is not written over by one who read it before, nor under a tag that another tree has', async () => {
    const t = await tagged('N1');
    const taken = await change(t, { tag: 'quill a' });
    expect([taken.status, (taken.body as { field?: string }).field]).toEqual([409, 'tag']);
    expect((await change({ ...t, version: t.version - 1 }, { tag: 'N2' })).status).toBe(412);
    expect((await change(t, { taxon: id('nobody') })).status).toBe(422);
    expect((await change(t, { tag: 'N2' })).body.tag).toBe('N2');
    expect((await owner.call('PUT', `/api/trees/${id('nobody')}`, bodyOf(t), { version: 1 })).status).toBe(
      404,
    );
  });
});

describe('the work that is due', () => {
  const kinds = async (who: Client): Promise<string[]> =>
    (await who.call<DueItem[]>('GET', '/api/due')).body.map((d) => `${d.kind} ${d.title}`);

  test('follows a sitting from its opening to its return, then names what was mixed up', async () => {
    const { sitting, code } = await openSitting(owner, 'first');
    expect(await kinds(owner)).toContain('enter Running: first section · Grandis walk');
    for (const number of ['11', '12']) {
      const { phone, walk } = await joinWalk(app, code, number);
      await send(phone, answersFor(walk, 1, { name: 'subalpine fir' }));
    }
    await moveSitting(owner, sitting.id, 'closed');
    expect(await kinds(owner)).toContain('grade Grade: first section · Grandis walk');
    await owner.call('POST', `/api/sittings/${sitting.id}/grading-runs`);
    expect(await kinds(owner)).toContain('return Return results: first section · Grandis walk');
    await moveSitting(owner, sitting.id, 'returned');
    const after = await kinds(owner);
    expect(after.some((k) => k.startsWith('return'))).toBe(false);
    expect(after).toContain('mixup subalpine fir named for grand fir');
  });

  test('a draft whose day has passed wants a new date', async () => {
    const made = await owner.call<SittingDetail>('POST', `/api/quizzes/${id('quiz')}/sittings`, {
      section: id('second'),
      on: '2026-09-01',
    });
    expect(made.status).toBe(201);
    expect(await kinds(owner)).toContain('open_sitting Set a new date: second section · Grandis walk');
  });

  test('of another section is not an assistant’s', async () => {
    const mine = await kinds(await app.assistant());
    expect(mine.some((k) => k.includes('second section'))).toBe(false);
    expect(mine).toContain('mixup subalpine fir named for grand fir');
  });
});
