import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type {
  CuttingRow,
  QuizDetail,
  SittingDetail,
  SittingKey,
  Station,
  TreeRow,
  WalkResults,
} from '@hurrow/contract';
import { gradedAnswers } from '@hurrow/contract';
import { PLAN, POLICY, PRESET_SETTINGS } from '@hurrow/core/quizzes';
import type { AskParams } from '@hurrow/core/quizzes';
import { answersFor, graded, id, joinWalk, moveSitting, openTestApp, send } from './testing/index.ts';
import type { Client, TestApp } from './testing/index.ts';

let app: TestApp;
let owner: Client;
const NAME = { kind: 'scientific' as const, points: 2 };

beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
});
afterAll(() => app.close());

/** A tree of its own, so that no test counts on another's. */
let trees = 0;
async function plant(species: string): Promise<TreeRow> {
  const made = await owner.call<TreeRow>('POST', '/api/trees', {
    site: id('site'),
    tag: `Fair ${(trees += 1)}`,
    taxon: id(species),
    reach: { form: 'hand', bark: 'hand', twig: 'hand', leaf: 'hand', fruit: 'hand' },
  });
  return made.body;
}

async function quizOf(
  ...stations: readonly (Record<string, unknown> & { individual: string })[]
): Promise<QuizDetail> {
  const made = await owner.call<QuizDetail>('POST', '/api/quizzes', { name: 'Fair quiz', list: id('list') });
  for (const s of stations) {
    const { status, body } = await owner.call('POST', `/api/quizzes/${made.body.id}/stations`, {
      asks: [NAME],
      ...s,
    });
    if (status !== 201) throw new Error(`No station: ${JSON.stringify(body)}`);
  }
  return (await owner.call<QuizDetail>('GET', `/api/quizzes/${made.body.id}`)).body;
}

const draft = async (quiz: string): Promise<SittingDetail> =>
  (
    await owner.call<SittingDetail>('POST', `/api/quizzes/${quiz}/sittings`, {
      section: id('first'),
      on: '2026-10-01',
      handling: ['look'],
    })
  ).body;
const read = async (sitting: string): Promise<SittingDetail> =>
  (await owner.call<SittingDetail>('GET', `/api/sittings/${sitting}`)).body;
const step = async (sitting: string, to: string) =>
  owner.call<{ detail: string; field: string; code: string }>(
    'POST',
    `/api/sittings/${sitting}/state`,
    { to },
    { version: (await read(sitting)).version },
  );
const firstOf = (s: SittingDetail) => {
  const [first] = s.stations;
  if (!first) throw new Error('No station');
  return first;
};

describe('an unfair station', () => {
  test('is not locked until somebody says why it is used, and the key keeps the verdict with the reason', async () => {
    const pine = await plant('flexilis');
    const quiz = await quizOf({ individual: pine.id, material: ['leaf'] });
    const sitting = await draft(quiz.id);
    const refused = await step(sitting.id, 'locked');
    expect(refused.status).toBe(409);
    expect(refused.body).toMatchObject({
      detail: 'Station 1 is unfair and nobody has said why it is used.',
      field: 'stations.1',
    });
    // Nothing is half done: the key is not there and the draft still changes.
    expect((await owner.call<SittingKey>('GET', `/api/sittings/${sitting.id}/key`)).body.rev).toBeNull();
    const at = firstOf(await read(sitting.id));
    expect(at.material).toEqual(['leaf']);
    const said = await owner.call<SittingDetail>(
      'PUT',
      `/api/sitting-stations/${at.id}`,
      {
        material: at.material,
        distance: at.distance,
        reason: 'hard_on_purpose',
        reasonNote: 'Shown on Tuesday.',
      },
      { version: at.version },
    );
    expect(firstOf(said.body)).toMatchObject({ reason: 'hard_on_purpose', reasonNote: 'Shown on Tuesday.' });
    expect((await step(sitting.id, 'locked')).status).toBe(200);
    const [kept] = await app.db.query<{ fairness: Record<string, unknown> }>(
      'select fairness from station_key where sitting = $1',
      [sitting.id],
    );
    expect(kept?.fairness).toMatchObject({
      verdict: 'unfair',
      rival: id('albicaulis'),
      right: expect.closeTo(0.54, 2),
      reason: 'hard_on_purpose',
      note: 'Shown on Tuesday.',
    });
  });

  test('asked at genus is fair, and so is one that accepts its look-alike, whose name then earns the points', async () => {
    const pine = await plant('flexilis');
    const quiz = await quizOf(
      { individual: pine.id, material: ['leaf'], asks: [{ kind: 'genus', points: 1 }] },
      { individual: (await plant('flexilis')).id, material: ['leaf'], accepts: [id('albicaulis')] },
    );
    expect(quiz.stations[1]?.accepts).toEqual([id('albicaulis')]);
    const sitting = await draft(quiz.id);
    const opened = await step(sitting.id, 'open');
    expect(opened.status).toBe(200);
    const { phone, walk } = await joinWalk(app, opened.body.code, '11');
    await send(phone, answersFor(walk, 2, { name: 'Pinus albicaulis' }));
    await phone.call('POST', '/api/walk/submit');
    await moveSitting(owner, sitting.id, 'closed');
    const grades = await graded(owner, sitting.id);
    const all = JSON.stringify(grades);
    expect(all).toContain('which is accepted as well');
  });

  test('set up so that it cannot be told is fair, and to say so earns the points', async () => {
    const quiz = await quizOf({
      individual: (await plant('flexilis')).id,
      material: ['leaf'],
      notTellable: true,
    });
    const sitting = await draft(quiz.id);
    expect((await step(sitting.id, 'locked')).status).toBe(200);
    const [kept] = await app.db.query<{ verdict: string }>(
      `select fairness ->> 'verdict' as verdict from station_key where sitting = $1`,
      [sitting.id],
    );
    expect(kept?.verdict).toBe('fair');
  });
});

describe('what cannot be asked is refused with its place', () => {
  const refused = async (body: Record<string, unknown>) => {
    const made = await owner.call<QuizDetail>('POST', '/api/quizzes', { name: 'Refused', list: id('list') });
    const tree = await plant('grandis');
    const answer = await owner.call<{ field: string; detail: string }>(
      'POST',
      `/api/quizzes/${made.body.id}/stations`,
      { individual: tree.id, asks: [NAME], ...body },
    );
    const after = await owner.call<QuizDetail>('GET', `/api/quizzes/${made.body.id}`);
    expect(after.body.stations).toEqual([]);
    return [answer.status, answer.body.field];
  };
  const choice = (part: Partial<AskParams>): Record<string, unknown> => ({
    asks: [
      {
        kind: 'choice',
        points: 1,
        params: {
          question: 'odd_one_out',
          prompt: 'Which is the odd one out?',
          options: [
            { id: 'a', label: 'grand fir' },
            { id: 'b', label: 'western larch' },
          ],
          others: [],
          right: ['b'],
          pairs: [],
          drawing: null,
          place: null,
          text: null,
          ...part,
        },
      },
    ],
  });

  test.each<[string, Record<string, unknown>, readonly [number, string]]>([
    ['a station without material', { material: [] }, [422, 'material']],
    [
      'a character that nothing at hand shows',
      { material: ['leaf'], asks: [{ kind: 'call', character: 'bark.texture', points: 1 }] },
      [422, 'asks.0.character'],
    ],
    [
      'an unknown character',
      { asks: [{ kind: 'call', character: 'no.such', points: 1 }] },
      [422, 'asks.0.character'],
    ],
    ['a species that is not there', { accepts: [id('none')] }, [422, 'accepts']],
    ['a choice without a right answer', choice({ right: [] }), [422, 'asks.0.params']],
    ['a choice whose right answer is not shown', choice({ right: ['c'] }), [422, 'asks.0.params']],
    ['a choice of which all are right', choice({ right: ['a', 'b'] }), [422, 'asks.0.params']],
    ['a question that is answered in another way', choice({ question: 'find_bud' }), [422, 'asks.0.params']],
  ])('%s', async (_, body, expected) => {
    expect(await refused(body)).toEqual(expected);
  });

  test('a whole choice is kept as it is', async () => {
    const { params } = (choice({})['asks'] as { params: AskParams }[])[0] ?? {};
    const quiz = await quizOf({ individual: (await plant('grandis')).id, ...choice({}) });
    expect(quiz.stations[0]?.asks[0]).toMatchObject({ kind: 'choice', params });
  });

  test('more character questions than the plan allows', async () => {
    const quiz = await quizOf();
    const { plan, policy } = PRESET_SETTINGS.contest_seniors;
    const put = await owner.call<QuizDetail>(
      'PUT',
      `/api/quizzes/${quiz.id}/plan`,
      { plan, policy },
      { version: quiz.version },
    );
    expect(put.body.plan).toEqual(plan);
    const answer = await owner.call<{ field: string }>('POST', `/api/quizzes/${quiz.id}/stations`, {
      individual: (await plant('grandis')).id,
      asks: [{ kind: 'call', character: 'needle.bands', points: 1 }, NAME],
    });
    expect([answer.status, answer.body.field]).toEqual([422, 'asks']);
  });
});

describe('the plan of a quiz', () => {
  test('is changed against its version, always lets look, and stands once a key is locked', async () => {
    const quiz = await quizOf({ individual: (await plant('grandis')).id });
    const body = {
      plan: { ...PLAN, handling: ['lens'], seconds: 60 },
      policy: { ...POLICY, misspelled: 0.5 },
    };
    const put = await owner.call<QuizDetail>('PUT', `/api/quizzes/${quiz.id}/plan`, body, {
      version: quiz.version,
    });
    expect(put.body).toMatchObject({
      plan: { handling: ['look', 'lens'], seconds: 60 },
      policy: { misspelled: 0.5 },
    });
    expect(
      (await owner.call('PUT', `/api/quizzes/${quiz.id}/plan`, body, { version: quiz.version })).status,
    ).toBe(412);
    const sitting = await draft(quiz.id);
    expect(sitting.plan.seconds).toBe(60);
    await moveSitting(owner, sitting.id, 'locked');
    expect(
      (await owner.call('PUT', `/api/quizzes/${quiz.id}/plan`, body, { version: put.body.version })).status,
    ).toBe(409);
  });
});

describe('what students are offered', () => {
  const withPreset = async (preset: 'young' | 'contest_seniors') => {
    const quiz = await quizOf({ individual: (await plant('grandis')).id });
    const { plan, policy } = PRESET_SETTINGS[preset];
    await owner.call('PUT', `/api/quizzes/${quiz.id}/plan`, { plan, policy }, { version: quiz.version });
    const sitting = await draft(quiz.id);
    const opened = await step(sitting.id, 'open');
    return { sitting, ...(await joinWalk(app, opened.body.code, '12')) };
  };

  test('a contest does not offer that it cannot be told; a misspelling loses half there', async () => {
    const { sitting, phone, walk } = await withPreset('contest_seniors');
    expect(walk.box).toBe('none');
    await send(phone, answersFor(walk, 1, { name: 'Abies grandiss' }));
    await moveSitting(owner, sitting.id, 'closed');
    const grades = await graded(owner, sitting.id);
    const row = grades.rows.find((r) => r.typed === 'Abies grandiss');
    expect(row).toMatchObject({ outcome: 'misspelled', points: 1, most: 2 });
  });

  test('young students may say they are not sure, and see what it was and no points', async () => {
    const { sitting, phone, walk } = await withPreset('young');
    expect(walk.box).toBe('not_sure');
    const unsure = answersFor(walk, 1, { name: '' }).map(({ typed: _, ...sent }) => ({
      ...sent,
      value: { kind: 'not_sure' } as const,
    }));
    expect(unsure).toHaveLength(1);
    await send(phone, unsure);
    await moveSitting(owner, sitting.id, 'closed');
    const { rows } = await graded(owner, sitting.id);
    expect(rows).toMatchObject([{ outcome: 'blank', points: 0, why: 'says not sure' }]);
    await moveSitting(owner, sitting.id, 'returned');
    const results = await phone.call<WalkResults>('GET', '/api/walk/results');
    expect([results.status, results.body.scored]).toEqual([200, false]);
  });
});

describe('stations', () => {
  test('are put in another order, all of them or none', async () => {
    const quiz = await quizOf(
      { individual: (await plant('grandis')).id },
      { individual: (await plant('lasiocarpa')).id },
      { individual: (await plant('grandis')).id },
    );
    const ids = quiz.stations.map((s) => s.id);
    const turned = [...ids].reverse();
    const put = await owner.call<QuizDetail>(
      'PUT',
      `/api/quizzes/${quiz.id}/order`,
      { stations: turned },
      { version: quiz.version },
    );
    expect(put.body.stations.map((s) => [s.id, s.number])).toEqual(turned.map((s, i) => [s, i + 1]));
    const short = await owner.call(
      'PUT',
      `/api/quizzes/${quiz.id}/order`,
      { stations: ids.slice(1) },
      { version: put.body.version },
    );
    expect(short.status).toBe(409);
    expect(
      (await owner.call('PUT', `/api/quizzes/${quiz.id}/order`, { stations: ids }, { version: quiz.version }))
        .status,
    ).toBe(412);
  });

  test('what lies there goes along into drafts, but not where a draft has something of its own', async () => {
    const quiz = await quizOf(
      { individual: (await plant('grandis')).id },
      { individual: (await plant('lasiocarpa')).id },
    );
    const sitting = await draft(quiz.id);
    const [one, two] = sitting.stations;
    if (!one || !two) throw new Error('No stations');
    await owner.call(
      'PUT',
      `/api/sitting-stations/${two.id}`,
      { material: ['bark'], distance: 'trunk' },
      { version: two.version },
    );
    for (const { station } of [one, two]) {
      const body = {
        individual: station.tree.id,
        asks: [NAME],
        material: ['twig', 'fruit'],
        distance: 'hand',
      };
      expect(
        (await owner.call('PUT', `/api/stations/${station.id}`, body, { version: station.version })).status,
      ).toBe(200);
    }
    const after = await read(sitting.id);
    expect(after.stations.map((s) => s.material)).toEqual([['twig', 'fruit'], ['bark']]);
    expect(after.stations[1]?.station.material).toEqual(['twig', 'fruit']);
  });

  test('are added many at once, each with what it alone asks, all or none', async () => {
    const quiz = await quizOf();
    const trees = [await plant('grandis'), await plant('lasiocarpa')].map((t) => t.id);
    const add = (body: Record<string, unknown>) =>
      owner.call<QuizDetail & { field: string }>('POST', `/api/quizzes/${quiz.id}/stations/batch`, {
        individuals: trees,
        ...body,
      });
    const none = await add({ asks: [], askEach: [[NAME]] });
    expect([none.status, none.body.field]).toEqual([422, 'askEach.1']);
    expect((await owner.call<QuizDetail>('GET', `/api/quizzes/${quiz.id}`)).body.stations).toEqual([]);
    const done = await add({ asks: [NAME], askEach: [[{ kind: 'genus', points: 1 }]] });
    expect(done.body.stations.map((s) => s.asks.map((a) => a.kind))).toEqual([
      ['scientific', 'genus'],
      ['scientific'],
    ]);
  });

  test('keep their clues, and count the sittings of other quizzes in which their tree stood', async () => {
    const tree = await plant('grandis');
    const quiz = await quizOf({
      individual: tree.id,
      clues: [
        { organ: 'bark', cost: 0 },
        { organ: 'leaf', cost: 0.5 },
      ],
    });
    expect(quiz.stations[0]).toMatchObject({
      clues: [
        { organ: 'bark', cost: 0 },
        { organ: 'leaf', cost: 0.5 },
      ],
      stoodBefore: 0,
    });
    await moveSitting(owner, (await draft(quiz.id)).id, 'locked');
    const next = await quizOf({ individual: tree.id });
    expect(next.stations[0]?.stoodBefore).toBe(1);
  });
});

describe('what a tree really shows', () => {
  const check = (tree: string, ...checks: readonly { character: string; entered: string | null }[]) =>
    owner.call<TreeRow & { field: string; detail: string }>('POST', `/api/trees/${tree}/checks`, { checks });

  test('is recorded, changed and taken back', async () => {
    const tree = await plant('grandis');
    const put = await check(
      tree.id,
      { character: 'bark.texture', entered: 'smooth' },
      { character: 'needle.length', entered: '20-35 mm' },
    );
    expect(put.body.certified['bark.texture']).toEqual({
      kind: 'states',
      states: [{ state: 'smooth', freq: 'usual' }],
    });
    expect(put.body.certified['needle.length']).toMatchObject({ kind: 'range', low: 20, high: 35 });
    const back = await check(
      tree.id,
      { character: 'bark.texture', entered: null },
      { character: 'needle.length', entered: '25 mm' },
    );
    expect(Object.keys(back.body.certified)).toEqual(['needle.length']);
  });

  test.each([
    ['a state that is not one', 'bark.texture', 'sparkling', 'checks.0.entered'],
    ['a length without a unit', 'needle.length', '25', 'checks.0.entered'],
    ['nothing at all', 'bark.texture', ' ', 'checks.0.entered'],
    ['a character that does not apply', 'leaf.leaflet_count', '7', 'checks.0.entered'],
    ['an unknown character', 'no.such', 'x', 'checks.0.character'],
  ])('refuses %s', async (_, character, entered, field) => {
    const tree = await plant('grandis');
    const put = await check(tree.id, { character, entered });
    expect([put.status, put.body.field]).toEqual([422, field]);
    const after = (await owner.call<TreeRow[]>('GET', '/api/trees')).body.find((t) => t.id === tree.id);
    expect(after?.certified).toEqual({});
  });
});

describe('a station is swapped', () => {
  const locked = async (): Promise<{ sitting: string; at: string; version: number; station: Station }> => {
    const quiz = await quizOf(
      { individual: (await plant('grandis')).id },
      { individual: (await plant('lasiocarpa')).id },
    );
    const sitting = await draft(quiz.id);
    await moveSitting(owner, sitting.id, 'locked');
    const at = firstOf(await read(sitting.id));
    return { sitting: sitting.id, at: at.id, version: at.version, station: at.station };
  };
  const swap = (at: string, version: number, body: Record<string, unknown>) =>
    owner.call<SittingDetail & { field: string }>(
      'POST',
      `/api/sitting-stations/${at}/swap`,
      { why: 'The branch was mowed.', ...body },
      { version },
    );

  test('between locked and open: the key has a revision of that station alone, and its number stays', async () => {
    const { sitting, at, version, station } = await locked();
    const other = await plant('grandis');
    const done = await swap(at, version, { individual: other.id });
    expect(done.status).toBe(200);
    expect(firstOf(done.body)).toMatchObject({
      insteadOf: station.tree.tag,
      station: { number: 1, tree: { id: other.id } },
    });
    const key = await owner.call<SittingKey>('GET', `/api/sittings/${sitting}/key`);
    expect(key.body.revisions[0]).toMatchObject({ rev: 2, stations: 1, why: 'The branch was mowed.' });
    expect(key.body.changes).toEqual([]);
    // The second press of a double click meets a version that is gone.
    expect((await swap(at, version, { individual: other.id })).status).toBe(412);
  });

  test('an unfair tree needs a reason, a retired one is refused, and nothing changes', async () => {
    const { sitting, at, version, station } = await locked();
    const pine = await plant('flexilis');
    const body = firstOf(await read(sitting));
    expect(body.station.tree.id).toBe(station.tree.id);
    const refused = await swap(at, version, { individual: id('none') });
    expect([refused.status, refused.body.field]).toEqual([422, 'individual']);
    const unfair = await swap(at, version, { individual: pine.id });
    expect([unfair.status, unfair.body.field]).toEqual([409, 'reason']);
    expect(firstOf(await read(sitting)).station.tree.id).toBe(station.tree.id);
    const said = await swap(at, version, { individual: pine.id, reason: 'check_at_tree' });
    expect([said.status, firstOf(said.body).reason]).toEqual([200, 'check_at_tree']);
  });

  test('a tree of another species does not stand in where questions were made for its own', async () => {
    const made: AskParams = {
      question: 'spelling',
      prompt: 'Spell the scientific name of grand fir.',
      options: [],
      others: [],
      right: [],
      pairs: [],
      drawing: null,
      place: null,
      text: 'Abies grandis',
    };
    const quiz = await quizOf({
      individual: (await plant('grandis')).id,
      asks: [{ kind: 'text', points: 1, params: made }],
    });
    const sitting = await draft(quiz.id);
    const at = firstOf(sitting);
    const [same, other] = [await plant('grandis'), await plant('lasiocarpa')];
    const body = { material: at.material, distance: at.distance };
    const put = (individual: string, version: number) =>
      owner.call<SittingDetail & { field: string }>(
        'PUT',
        `/api/sitting-stations/${at.id}`,
        { ...body, individual },
        { version },
      );
    const refused = await put(other.id, at.version);
    expect([refused.status, refused.body.field]).toEqual([409, 'individual']);
    const taken = await put(same.id, at.version);
    expect(firstOf(taken.body).station.tree.id).toBe(same.id);
    await moveSitting(owner, sitting.id, 'locked');
    const swapped = await swap(at.id, firstOf(await read(sitting.id)).version, { individual: other.id });
    expect([swapped.status, swapped.body.field]).toEqual([409, 'individual']);
  });

  test('not before the key is locked and not after the sitting is closed', async () => {
    const quiz = await quizOf({ individual: (await plant('grandis')).id });
    const sitting = await draft(quiz.id);
    const at = firstOf(sitting);
    const other = await plant('grandis');
    expect((await swap(at.id, at.version, { individual: other.id })).status).toBe(409);
    await step(sitting.id, 'open');
    await moveSitting(owner, sitting.id, 'closed');
    const closed = firstOf(await read(sitting.id));
    expect((await swap(closed.id, closed.version, { individual: other.id })).status).toBe(409);
  });
});

describe('clues', () => {
  test('what a student opened before naming it costs what the station says, and the phone is told no species', async () => {
    const quiz = await quizOf({
      individual: (await plant('grandis')).id,
      clues: [
        { organ: 'bark', cost: 0 },
        { organ: 'twig', cost: 0.5 },
      ],
    });
    const sitting = await draft(quiz.id);
    const opened = await step(sitting.id, 'open');
    const { phone, walk } = await joinWalk(app, opened.body.code, '12');
    expect(walk.stations[0]?.clues).toEqual([
      { part: 'the bark', cost: 0 },
      { part: 'the twig', cost: 0.5 },
    ]);
    const sent = answersFor(walk, 1, { name: 'Abies grandis' }).map((a) => ({ ...a, clues: 1 }));
    await send(phone, sent);
    await phone.call('POST', '/api/walk/submit');
    await moveSitting(owner, sitting.id, 'closed');
    const grades = await graded(owner, sitting.id);
    const mine = JSON.stringify(grades).includes('less the clues opened');
    const [row] = await app.db.query<{ clues: number; points: number }>(
      `select r.clues_open as clues, g.points from response r join grade g on g.ws = r.ws and g.response = r.id
       join sitting_station ss on ss.ws = r.ws and ss.id = r.sitting_station where ss.sitting = $1 order by g.points desc limit 1`,
      [sitting.id],
    );
    expect([mine, row]).toEqual([true, { clues: 1, points: 1.5 }]);
  });
});

describe('more kinds of question', () => {
  const params = (part: Partial<AskParams>): AskParams => ({
    question: 'which_of_two',
    prompt: 'Which of the two is it?',
    options: [],
    others: [],
    right: [],
    pairs: [],
    drawing: null,
    place: null,
    text: null,
    ...part,
  });

  test('a phone sees what is shown under ids that say nothing; a wrong one of two is a mix-up in words', async () => {
    const two = params({
      options: [
        { id: 'a', label: 'grand fir', taxon: id('grandis') },
        { id: 'b', label: 'subalpine fir', taxon: id('lasiocarpa') },
      ],
      others: [{ id: 'ca', label: 'white lines', character: 'needle.bands' }],
      right: ['a'],
    });
    const quiz = await quizOf({
      individual: (await plant('grandis')).id,
      asks: [{ kind: 'choice', points: 2, params: two }],
    });
    const sitting = await draft(quiz.id);
    const opened = await step(sitting.id, 'open');
    const { phone, walk } = await joinWalk(app, opened.body.code, '12');
    const ask = walk.stations[0]?.asks[0];
    expect(ask?.question).toEqual({
      prompt: 'Which of the two is it?',
      options: [
        { id: 'a', label: 'grand fir', drawn: null },
        { id: 'b', label: 'subalpine fir', drawn: null },
      ],
      others: [{ id: 'ca', label: 'white lines', drawn: null }],
      drawing: null,
    });
    expect(JSON.stringify(walk)).not.toContain(id('grandis'));
    const value = { kind: 'choice_by_character', chosen: 'b', shown: ['a', 'b'], character: 'ca' };
    const at = '2026-10-01T15:00:00Z';
    const answer = { id: '0198ffff-0000-7000-8000-00000000c0de', ask: ask?.id ?? '', seq: 1, at, value };
    const receipt = await phone.call<{ accepted: string[] }>('POST', '/api/walk/answers', {
      answers: [answer],
    });
    expect(receipt.body.accepted).toEqual([answer.id]);
    await moveSitting(owner, sitting.id, 'closed');
    const grades = await graded(owner, sitting.id);
    const row = gradedAnswers(grades).find((r) => r.response === answer.id);
    expect(row).toMatchObject({ typed: 'subalpine fir, by white lines', outcome: 'wrong', points: 0 });
    expect(row?.taxon?.id).toBe(id('lasiocarpa'));
  });
});

describe('the cutting list', () => {
  const listOf = async (sitting: string): Promise<readonly CuttingRow[]> =>
    (await owner.call<CuttingRow[]>('GET', `/api/sittings/${sitting}/cutting-list`)).body;
  const say = (row: CuttingRow, body: Record<string, unknown>, by: Client = owner) =>
    by.call<readonly CuttingRow[] & { field: string; detail: string }>(
      'PUT',
      `/api/sitting-stations/${row.sittingStation}/specimens/${row.material}`,
      body,
      { version: row.version },
    );
  const only = (rows: readonly CuttingRow[], label: string): CuttingRow => {
    const row = rows.find((r) => r.label === label);
    if (!row) throw new Error(`No ${label}`);
    return row;
  };
  const withList = async (species: string, material: readonly string[]) => {
    const quiz = await quizOf({ individual: (await plant(species)).id, material });
    const sitting = await draft(quiz.id);
    return { sitting, rows: await listOf(sitting.id) };
  };

  test('names what is needed, and when it keeps', async () => {
    const { rows } = await withList('grandis', ['tree', 'twig', 'fruit']);
    expect(rows.map((r) => [r.label, r.material, r.nodes, r.state, r.from, r.keeps, r.version])).toEqual([
      ['1A', 'twig', 2, 'to_gather', '2026-09-21', 10, 0],
      ['1B', 'fruit', 0, 'to_gather', '2026-09-27', 4, 0],
    ]);
  });

  test('what is gathered, spoiled and gathered again goes into what the station is judged by', async () => {
    const { sitting, rows } = await withList('grandis', ['twig']);
    const gathered = await say(only(rows, '1A'), {
      state: 'gathered',
      takenOn: '2026-09-29',
      hides: ['twig.arrangement'],
    });
    expect(only(gathered.body, '1A')).toMatchObject({
      state: 'gathered',
      takenOn: '2026-09-29',
      goodUntil: '2026-10-09',
    });
    expect(firstOf(await read(sitting.id))).toMatchObject({
      takenOn: { twig: '2026-09-29' },
      hides: ['twig.arrangement'],
    });
    // The second press of a double click meets a version that is gone.
    expect((await say(only(rows, '1A'), { state: 'gathered' })).status).toBe(412);
    const spoiled = await say(only(gathered.body, '1A'), { state: 'spoiled' });
    expect(only(spoiled.body, '1A')).toMatchObject({ state: 'to_gather', spoiled: 1, version: 0 });
    expect(firstOf(await read(sitting.id))).toMatchObject({ takenOn: {}, hides: [] });
    const again = await say(only(spoiled.body, '1A'), { state: 'gathered', takenOn: '2026-09-30' });
    const tabled = await say(only(again.body, '1A'), { state: 'on_table' });
    expect(only(tabled.body, '1A')).toMatchObject({ state: 'on_table', takenOn: '2026-09-30', spoiled: 1 });
    const returned = await say(only(tabled.body, '1A'), { state: 'returned' });
    expect(only(returned.body, '1A').state).toBe('returned');
  });

  test('nothing is cut from a protected tree, after the sitting, out of turn, or for a station that does not need it', async () => {
    const pine = await withList('albicaulis', ['twig']);
    expect(only(pine.rows, '1A').permission).toBe('forbidden');
    expect((await say(only(pine.rows, '1A'), { state: 'gathered' })).status).toBe(409);
    const { rows } = await withList('grandis', ['twig']);
    const row = only(rows, '1A');
    const late = await say(row, { state: 'gathered', takenOn: '2026-10-02' });
    expect([late.status, late.body.field]).toEqual([422, 'takenOn']);
    expect((await say(row, { state: 'on_table' })).status).toBe(409);
    expect((await say({ ...row, material: 'fruit' }, { state: 'gathered' })).status).toBe(404);
  });

  test('two people who say it at once: one is told that it changed', async () => {
    const { rows } = await withList('grandis', ['twig']);
    const row = only(rows, '1A');
    const answers = await Promise.all([say(row, { state: 'gathered' }), say(row, { state: 'gathered' })]);
    expect(answers.map((a) => a.status).sort()).toEqual([200, 412]);
  });
});
