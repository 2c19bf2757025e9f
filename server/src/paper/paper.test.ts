import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import sharp from 'sharp';
import { v7 } from 'uuid';
import type { Grades, SecondEntries, Sheet, SheetAnswer, SheetAsk, SittingDetail } from '@hurrow/contract';
import { PLAN, POLICY } from '@hurrow/core/quizzes';
import {
  answersFor,
  graded,
  gradesOf,
  id,
  joinWalk,
  longQuiz,
  moveSitting,
  openLong,
  openTestApp,
  retag,
  send,
} from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

let app: TestApp;
let owner: Client;
let assistant: Client;
let walk: string;
/** Ten stations, so that a stretch can be off by one. */
const ROUND = ['grandis', 'lasiocarpa', 'albicaulis', 'flexilis', 'occidental'] as const;
const WALK = [...ROUND, ...ROUND];

beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
  assistant = await app.assistant();
  walk = (await longQuiz(owner, WALK)).id;
});
afterAll(() => app.close());

type Entry = Pick<SheetAnswer, 'typed' | 'as'>;
const RIGHT: Entry = { typed: null, as: 'right' };
const species = (key: string): Entry => ({ typed: id(key), as: 'species' });

const at = (sitting: string, student: string, more = ''): string =>
  `/api/sittings/${sitting}/sheets/${id(`s${student}`)}${more}`;
const readSheet = async (sitting: string, student: string, query = ''): Promise<Sheet> =>
  (await owner.call<Sheet>('GET', `${at(sitting, student)}${query}`)).body;

function answer(ask: SheetAsk, entry: Entry): SheetAnswer {
  return { id: v7(), sittingStation: ask.sittingStation, ask: ask.ask, ...entry };
}
async function enter(
  sitting: string,
  student: string,
  entries: readonly (Entry | null)[],
  by: Client = owner,
) {
  const { asks } = await readSheet(sitting, student);
  const answers = asks.flatMap((a, i) => {
    const entry = entries[i];
    return entry ? [answer(a, entry)] : [];
  });
  return by.call<Sheet & { field: string; detail: string }>('POST', at(sitting, student), { answers });
}
/** A sitting of its own, of a quiz that no test changes. */
const opened = (): Promise<SittingDetail> => openLong(owner, walk);
const decide = (sitting: string, student: string, decision: 'shift' | 'leave', by: Client = owner) =>
  by.call<Sheet & { detail: string }>('POST', at(sitting, student, '/shift'), { decision });
const looksOf = (sitting: string, student: string) =>
  app.db.query<{ named: string }>('select named from look where sitting = $1 and student = $2', [
    sitting,
    id(`s${student}`),
  ]);

describe('entering by exception', () => {
  test('says what an answer is, adds up the points, and marks what was not typed', async () => {
    const quiz = await longQuiz(owner, WALK);
    await owner.call(
      'PUT',
      `/api/quizzes/${quiz.id}/plan`,
      { plan: PLAN, policy: { ...POLICY, misspelled: 0.5 } },
      { version: quiz.version },
    );
    const sitting = await openLong(owner, quiz.id);
    const { status, body } = await enter(sitting.id, '11', [
      RIGHT,
      { typed: null, as: 'misspelled' },
      species('flexilis'),
      { typed: '', as: 'blank' },
      { typed: null, as: 'illegible' },
      { typed: null, as: 'not_reached' },
      { typed: null, as: 'cannot_tell' },
      { typed: 'whitbark pine' },
    ]);
    expect(status).toBe(200);
    expect(body.asks.slice(0, 8).map((a) => [a.typed, a.as, a.points])).toEqual([
      ['grand fir (entered by staff)', 'right', 2],
      ['subalpine fir, misspelled (entered by staff)', 'misspelled', 1],
      ['limber pine (entered by staff)', 'species', 0],
      ['', 'blank', 0],
      ['illegible', 'illegible', 0],
      ['not reached', 'not_reached', 0],
      ['cannot be told from this', 'cannot_tell', 0],
      ['whitbark pine', null, 1],
    ]);
    await moveSitting(owner, sitting.id, 'closed');
    const grades = await graded(owner, sitting.id);
    const outcomes = grades.rows.filter((r) => r.code === '11').map((r) => r.outcome);
    expect(outcomes.slice(0, 4)).toEqual(['exact', 'misspelled', 'other_species', 'blank']);
    // What nobody could read is looked at again.
    const look = await owner.call<Grades>('GET', `/api/sittings/${sitting.id}/grades?show=look`);
    expect(look.body.rows.map((r) => r.typed)).toContain('illegible');
    expect(look.body.toLookAt).toBe(grades.toLookAt);
    // Who did not get there looked at nothing; a station that was left out is a blank look.
    expect(await looksOf(sitting.id, '11')).toHaveLength(9);
  });

  test('refuses what does not fit, with its place, and nothing of the sheet is entered', async () => {
    const sitting = await opened();
    const missing = await enter(sitting.id, '11', [RIGHT, { typed: id('none'), as: 'species' }]);
    expect([missing.status, missing.body.field]).toEqual([422, 'answers.1.typed']);
    expect((await readSheet(sitting.id, '11')).asks.every((a) => a.typed === null)).toBe(true);
    const other = await owner.call('POST', at(sitting.id, '11'), {
      answers: [{ id: v7(), sittingStation: id('none'), ask: id('none'), typed: 'x' }],
    });
    expect([other.status, other.body.field]).toEqual([422, 'answers.0.ask']);
    expect((await owner.call('GET', at(sitting.id, 'none'))).status).toBe(404);
  });

  test('a sheet entered twice counts as it was entered last; what came by phone is corrected on purpose', async () => {
    const sitting = await opened();
    await enter(sitting.id, '11', [species('flexilis')]);
    expect((await enter(sitting.id, '11', [RIGHT])).body.asks[0]).toMatchObject({ as: 'right', points: 2 });
    const { phone, walk } = await joinWalk(app, sitting.code ?? '', '12');
    await send(phone, answersFor(walk, 1, { name: 'limber pine' }));
    expect((await enter(sitting.id, '12', [RIGHT])).body.asks[0]).toMatchObject({
      typed: 'limber pine',
      disputed: true,
    });
    const [first] = (await readSheet(sitting.id, '12')).asks;
    if (!first) throw new Error('No question');
    const corrected = await owner.call<Sheet>('POST', at(sitting.id, '12'), {
      answers: [{ ...answer(first, RIGHT), correction: true }],
    });
    expect(corrected.body.asks[0]).toMatchObject({ as: 'right', gave: 'limber pine' });
  });

  test('two people at one sheet at once: both entries are kept, and one of them counts', async () => {
    const sitting = await opened();
    const both = await Promise.all([
      enter(sitting.id, '11', [RIGHT, RIGHT]),
      enter(sitting.id, '11', [species('flexilis'), RIGHT], assistant),
    ]);
    expect(both.map((r) => r.status).every((s) => s === 200 || s === 409)).toBe(true);
    expect(both.some((r) => r.status === 200)).toBe(true);
    const { asks } = await readSheet(sitting.id, '11');
    expect([asks[0]?.as, asks[1]?.as]).toEqual([expect.stringMatching(/right|species/), 'right']);
  });

  test('goes by the key as it is now: after a revision the same entry earns what the new key gives', async () => {
    // A quiz of its own, since a tree of it is tagged otherwise.
    const sitting = await openLong(owner, (await longQuiz(owner, WALK)).id);
    await enter(sitting.id, '11', [species('lasiocarpa')]);
    expect((await readSheet(sitting.id, '11')).asks[0]?.points).toBe(0);
    const tree = sitting.stations[0]?.station.tree;
    if (!tree) throw new Error('No tree');
    await retag(owner, tree, 'lasiocarpa');
    const revised = await owner.call('POST', `/api/sittings/${sitting.id}/key-revisions`, {
      stations: null,
      why: 'The tag was on the wrong tree',
    });
    expect(revised.status).toBe(201);
    expect((await readSheet(sitting.id, '11')).asks[0]).toMatchObject({ key: 'subalpine fir', points: 2 });
  });

  test('no sheet is entered before a sitting opens or after its results are returned', async () => {
    const quiz = await longQuiz(owner, ['grandis']);
    const { body: draft } = await owner.call<SittingDetail>('POST', `/api/quizzes/${quiz.id}/sittings`, {
      section: id('first'),
      on: '2026-10-01',
      handling: ['look'],
    });
    const early = await owner.call('POST', at(draft.id, '11'), {
      answers: [{ id: v7(), sittingStation: id('none'), ask: id('none'), typed: 'x' }],
    });
    expect(early.status).toBe(409);
    const sitting = await openLong(owner, quiz.id);
    await enter(sitting.id, '11', [RIGHT]);
    await moveSitting(owner, sitting.id, 'closed');
    await graded(owner, sitting.id);
    await moveSitting(owner, sitting.id, 'returned');
    expect((await enter(sitting.id, '11', [species('flexilis')])).status).toBe(409);
    expect((await readSheet(sitting.id, '11')).asks[0]?.as).toBe('right');
  });
});

describe('lines that look one station off', () => {
  /** Station 3 left out: from there on each answer stands one line below its own. */
  const SHIFTED = WALK.map((_, i): Entry | null =>
    i < 2 ? RIGHT : i === 2 ? null : species(WALK[i - 1] ?? ''),
  );

  test('are asked about, count for no mix-up meanwhile, and are moved with the sheet kept as written', async () => {
    const sitting = await opened();
    const { body } = await enter(sitting.id, '11', SHIFTED);
    expect(body.shift).toMatchObject({ first: 4, last: 10, by: -1, state: 'open' });
    expect((await owner.call<SittingDetail>('GET', `/api/sittings/${sitting.id}`)).body.shifts).toBe(1);
    await moveSitting(owner, sitting.id, 'closed');
    await graded(owner, sitting.id);
    expect(await looksOf(sitting.id, '11')).toHaveLength(3);

    const before = await app.db.query('select 1 from response');
    const moved = await decide(sitting.id, '11', 'shift');
    expect(moved.body.shift).toMatchObject({ state: 'shifted', decidedBy: 'Ilse Varn' });
    expect(moved.body.asks.map((a) => a.points)).toEqual([2, 2, 2, 2, 2, 2, 2, 2, 2, 0]);
    expect(moved.body.asks[9]?.typed).toBe('moved');
    // Nothing was rewritten: the sheet as it was is among the answers still.
    const after = await app.db.query<{ text: string }>(
      `select r.value ->> 'text' as text from response r join attempt t on t.ws = r.ws and t.id = r.attempt
       where t.sitting = $1 and t.student = $2 and r.seq = 1`,
      [sitting.id, id('s11')],
    );
    expect(after.map((r) => r.text)).toEqual(expect.arrayContaining(['whitebark pine', 'limber pine']));
    expect((await app.db.query('select 1 from response')).length).toBeGreaterThan(before.length);
    const again = await graded(owner, sitting.id);
    expect(again.totals.find((t) => t.code === '11')?.points).toBe(18);
    // The line that became free is no look.
    expect(await looksOf(sitting.id, '11')).toHaveLength(9);
    expect((await decide(sitting.id, '11', 'leave')).status).toBe(409);
  });

  test('are left where staff say so, count at once, and are not asked about again', async () => {
    const sitting = await opened();
    await enter(sitting.id, '11', SHIFTED);
    await moveSitting(owner, sitting.id, 'closed');
    await graded(owner, sitting.id);
    const left = await decide(sitting.id, '11', 'leave');
    expect(left.body.shift?.state).toBe('left');
    expect(await looksOf(sitting.id, '11')).toHaveLength(10);
    expect((await enter(sitting.id, '11', [RIGHT])).body.shift?.state).toBe('left');
  });

  test('a question goes away where an entry clears it, and two who decide are told', async () => {
    const sitting = await opened();
    await enter(sitting.id, '11', SHIFTED);
    const both = await Promise.all([
      decide(sitting.id, '11', 'leave'),
      decide(sitting.id, '11', 'leave', assistant),
    ]);
    expect(both.map((r) => r.status).sort()).toEqual([200, 409]);
    await enter(sitting.id, '12', SHIFTED);
    const cleared = await enter(
      sitting.id,
      '12',
      WALK.map(() => RIGHT),
    );
    expect(cleared.body.shift).toBeNull();
  });

  test('an honest sheet is never asked about', async () => {
    const sitting = await opened();
    const { body } = await enter(
      sitting.id,
      '11',
      WALK.map((_, i) => (i % 3 === 0 ? species('albicaulis') : RIGHT)),
    );
    expect(body.shift).toBeNull();
  });
});

describe('a sheet under a wrong number', () => {
  test('is moved; what came by phone stays, and the wrong number says that it was moved', async () => {
    const sitting = await opened();
    await enter(sitting.id, '11', [RIGHT, RIGHT, species('flexilis')]);
    const { phone, walk } = await joinWalk(app, sitting.code ?? '', '11');
    await send(phone, answersFor(walk, 5, { name: 'western larch' }));
    const moved = await owner.call<Sheet>('POST', at(sitting.id, '11', '/move'), { to: id('s12') });
    expect(moved.status).toBe(200);
    expect(moved.body.student).toBe(id('s12'));
    expect(moved.body.asks.slice(0, 3).map((a) => a.as)).toEqual(['right', 'right', 'species']);
    const { asks } = await readSheet(sitting.id, '11');
    expect(asks.slice(0, 3).map((a) => a.typed)).toEqual(['moved', 'moved', 'moved']);
    expect(asks[4]).toMatchObject({ typed: 'western larch', origin: 'phone' });
    await moveSitting(owner, sitting.id, 'closed');
    const grades = await graded(owner, sitting.id);
    expect(grades.totals.map((t) => [t.code, t.points])).toEqual(
      expect.arrayContaining([['12', 4]]) as unknown,
    );
    expect(await looksOf(sitting.id, '12')).toHaveLength(10);
  });

  test('is refused where there is nothing to move, or the other has a sheet', async () => {
    const sitting = await opened();
    const none = await owner.call('POST', at(sitting.id, '11', '/move'), { to: id('s12') });
    expect(none.status).toBe(409);
    await enter(sitting.id, '11', [RIGHT]);
    await enter(sitting.id, '12', [RIGHT]);
    const taken = await owner.call('POST', at(sitting.id, '11', '/move'), { to: id('s12') });
    expect([taken.status, taken.body.field]).toEqual([409, 'to']);
    const same = await owner.call('POST', at(sitting.id, '11', '/move'), { to: id('s11') });
    expect([same.status, same.body.field]).toEqual([422, 'to']);
    expect((await readSheet(sitting.id, '11')).asks[0]?.as).toBe('right');
  });
});

describe('a second entry', () => {
  const second = (sitting: string) =>
    owner.call<SecondEntries>('GET', `/api/sittings/${sitting}/second-entries`);

  test('sees nothing of the first, changes nothing, and shows where the two differ', async () => {
    const sitting = await opened();
    const all = `/api/sittings/${sitting.id}/second-entries`;
    expect((await owner.call<SecondEntries>('PUT', all, { share: 1 })).body.sheets.length).toBeGreaterThan(1);
    expect((await readSheet(sitting.id, '11')).second).toBe('wanted');
    const early = await assistant.call('POST', `${all}/${id('s11')}`, {
      answers: (await readSheet(sitting.id, '11')).asks.map((a) => answer(a, RIGHT)),
    });
    expect(early.status).toBe(409);

    await enter(sitting.id, '11', [RIGHT, species('flexilis'), RIGHT]);
    const blind = await readSheet(sitting.id, '11', '?blind=1');
    expect(blind.asks.every((a) => a.typed === null && a.points === null)).toBe(true);
    const given = blind.asks.slice(0, 3).map((a) => answer(a, RIGHT));
    expect((await assistant.call('POST', `${all}/${id('s11')}`, { answers: given })).status).toBe(201);
    const { body } = await second(sitting.id);
    expect(body.sheets.find((s) => s.student === id('s11'))).toMatchObject({
      by: 'Corin Dask',
      differences: [
        {
          number: 2,
          first: 'limber pine (entered by staff)',
          second: 'subalpine fir (entered by staff)',
        },
      ],
    });
    expect((await readSheet(sitting.id, '11')).asks[1]?.as).toBe('species');

    // Settled on the sheet, nothing differs any more.
    await enter(sitting.id, '11', [null, RIGHT]);
    expect((await second(sitting.id)).body.sheets.find((s) => s.student === id('s11'))?.differences).toEqual(
      [],
    );
  });

  test('is wanted of the share that was chosen, the same for everybody who asks', async () => {
    const sitting = await opened();
    const path = `/api/sittings/${sitting.id}/second-entries`;
    const counts = [];
    for (const share of [0, 0.4, 1])
      counts.push((await owner.call<SecondEntries>('PUT', path, { share })).body.sheets.length);
    const roster = sitting.people.length;
    expect(counts).toEqual([0, Math.ceil(roster * 0.4), roster]);
    expect((await owner.call('PUT', path, { share: 1.5 })).status).toBe(422);
  });
});

describe('a photograph of a sheet', () => {
  test('is kept beside it, replaced, moved along, and removed', async () => {
    const sitting = await opened();
    const picture = await sharp({ create: { width: 30, height: 40, channels: 3, background: '#fff' } })
      .png()
      .toBuffer();
    const path = at(sitting.id, '11', '/photo');
    expect((await owner.call('GET', path)).status).toBe(404);
    expect((await owner.call('POST', path, picture, { type: 'image/png' })).status).toBe(204);
    expect((await owner.call('POST', path, picture, { type: 'image/png' })).status).toBe(204);
    expect((await readSheet(sitting.id, '11')).photo).toBe(true);
    await enter(sitting.id, '11', [RIGHT]);
    await owner.call('POST', at(sitting.id, '11', '/move'), { to: id('s12') });
    expect((await readSheet(sitting.id, '12')).photo).toBe(true);
    expect((await readSheet(sitting.id, '11')).photo).toBe(false);
    expect((await owner.call('DELETE', at(sitting.id, '12', '/photo'))).status).toBe(204);
    expect((await owner.call('DELETE', at(sitting.id, '12', '/photo'))).status).toBe(404);
  });

  test('a file that is no picture is refused', async () => {
    const sitting = await opened();
    const refused = await owner.call('POST', at(sitting.id, '11', '/photo'), Buffer.from('no picture'), {
      type: 'image/png',
    });
    expect([refused.status, refused.body.field]).toEqual([422, 'file']);
    expect((await gradesOf(owner, sitting.id)).run).toBeNull();
  });
});
