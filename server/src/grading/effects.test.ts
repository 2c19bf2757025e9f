import { afterAll, beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import type {
  DecisionDue,
  GradeEffect,
  GradingDone,
  RulingBody,
  SittingDetail,
  SittingKey,
} from '@hurrow/contract';
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
  writeNames,
} from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

let app: TestApp;
let owner: Client;
let quiz: string;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
  quiz = (await longQuiz(owner, ['grandis', 'lasiocarpa', 'flexilis'])).id;
});
afterAll(() => app.close());

/** A graded sitting of three stations in which two students wrote these names. */
async function walked(first: readonly string[], second: readonly string[]): Promise<string> {
  const sitting = await openLong(owner, quiz);
  await writeNames(app, sitting.code, { '11': first, '12': second });
  await moveSitting(owner, sitting.id, 'closed');
  await graded(owner, sitting.id);
  return sitting.id;
}
const due = async (sitting: string): Promise<readonly DecisionDue[]> =>
  (await owner.call<readonly DecisionDue[]>('GET', `/api/sittings/${sitting}/decisions-due`)).body;
const preview = async (sitting: string, body: RulingBody): Promise<GradeEffect> =>
  (await owner.call<GradeEffect>('POST', `/api/sittings/${sitting}/ruling-previews`, body)).body;
const pointsOf = async (sitting: string) =>
  new Map((await gradesOf(owner, sitting)).totals.map((t) => [t.code, t.points]));
const rulings = () => app.db.query<{ n: number }>('select count(*)::integer as n from name_ruling');

beforeEach(async () => {
  await app.db.query('delete from name_ruling');
});

describe('names to decide about', () => {
  test('come with everything one decision settles, the largest effect first', async () => {
    const sitting = await walked(
      ['odd quill', 'one quill', 'limber'],
      ['odd  Quill.', 'odd quill', 'limber'],
    );
    const all = await due(sitting);
    const [first] = all;
    expect(first).toMatchObject({
      text: 'odd quill',
      folded: 'odd quill',
      answers: 3,
      students: 2,
      atStake: 6,
      outcome: 'unlisted',
    });
    expect(first?.stations.map((s) => [s.number, s.students])).toEqual([
      [1, 2],
      [2, 1],
    ]);
    expect(all.map((d) => d.atStake)).toEqual([...all.map((d) => d.atStake)].sort((a, b) => b - a));
  });

  test('name every species a text may mean, the nearest first', async () => {
    const sitting = await walked(['gran fir'], ['limber pin']);
    const [grand] = (await due(sitting)).filter((d) => d.text === 'gran fir');
    expect(grand?.candidates[0]).toMatchObject({ taxon: { id: id('grandis') }, edits: 1 });
  });

  test('are not due any more once they are decided, overridden or right', async () => {
    const sitting = await walked(['odd quill', 'subalpine fir'], ['grand fir', 'subalpine fir']);
    expect((await due(sitting)).map((d) => d.text)).toEqual(['odd quill']);
    await owner.call('PUT', `/api/sittings/${sitting}/name-rulings`, {
      typed: 'odd quill',
      taxon: null,
      outcome: 'unlisted',
      scope: 'sitting',
    });
    expect(await due(sitting)).toEqual([]);
  });
});

describe('what a decision would do', () => {
  const BODY: RulingBody = {
    typed: 'odd quill',
    taxon: id('grandis'),
    outcome: 'exact',
    scope: 'list',
  };

  test('is said before it is applied, in earlier sittings too, and is what then happens', async () => {
    const body = { ...BODY, typed: 'odd bristle' };
    const earlier = await walked(['odd bristle', 'subalpine fir'], ['odd bristle', 'odd bristle']);
    await moveSitting(owner, earlier, 'returned');
    const sitting = await walked(['odd bristle', 'subalpine fir'], ['grand fir', 'odd bristle']);
    const before = await pointsOf(sitting);
    const { sittings } = await preview(sitting, body);
    expect(sittings.map((s) => [s.sitting, s.gained, s.lost, s.returned])).toEqual([
      [sitting, 2, 0, false],
      [earlier, 4, 0, true],
    ]);
    expect(sittings[0]?.byStudent).toEqual([{ code: '11', firstName: null, by: 2 }]);
    // Nothing has happened yet.
    expect([await pointsOf(sitting), await rulings()]).toEqual([before, [{ n: 0 }]]);

    await owner.call<GradingDone>('PUT', `/api/sittings/${sitting}/name-rulings`, body);
    const after = await pointsOf(sitting);
    expect((after.get('11') ?? 0) - (before.get('11') ?? 0)).toBe(2);
    expect(after.get('12')).toBe(before.get('12'));
    // The earlier sitting is graded again by its own hand, and shows who gains before it is.
    const again = await owner.call<GradeEffect>('GET', `/api/sittings/${earlier}/grading-preview`);
    expect(again.body.sittings[0]).toMatchObject({ gained: 4, lost: 0, students: 2 });
  });

  test('is shown for this sitting alone where it is remembered for it alone', async () => {
    await walked(['odd quill'], ['grand fir']);
    const sitting = await walked(['odd quill'], ['grand fir']);
    const { sittings } = await preview(sitting, { ...BODY, scope: 'sitting' });
    expect(sittings.map((s) => s.sitting)).toEqual([sitting]);
  });

  test('taken back after results were returned, students see what they saw until results are returned again', async () => {
    const sitting = await walked(['odd quill'], ['grand fir']);
    await owner.call('PUT', `/api/sittings/${sitting}/name-rulings`, { ...BODY, scope: 'sitting' });
    await moveSitting(owner, sitting, 'returned');
    const [ruling] = await app.db.query<{ id: string }>(
      'select id from name_ruling where sitting = $1 and withdrawn_at is null',
      [sitting],
    );
    const withdrawn = await owner.call('DELETE', `/api/name-rulings/${ruling?.id ?? ''}`);
    expect(withdrawn.status).toBe(200);
    const shown = await owner.call<GradeEffect>('GET', `/api/sittings/${sitting}/grading-preview`);
    expect(shown.body.sittings[0]).toMatchObject({ lost: 2, returned: true });
    await graded(owner, sitting);
    const grades = await gradesOf(owner, sitting);
    expect(grades.changedSince).toEqual([expect.objectContaining({ code: '11', returned: 2, now: 0 })]);
  });

  test('a grading and a decision at once: both are done, one after the other, and the last counts', async () => {
    const sitting = await walked(['odd quill'], ['odd quill']);
    const [run, ruling] = await Promise.all([
      owner.call('POST', `/api/sittings/${sitting}/grading-runs`),
      owner.call('PUT', `/api/sittings/${sitting}/name-rulings`, { ...BODY, scope: 'sitting' }),
    ]);
    expect([run.status, ruling.status]).toEqual([201, 200]);
    expect((await gradesOf(owner, sitting)).totals.map((t) => t.points)).toEqual([2, 2]);
  });
});

describe('a station that is dropped', () => {
  const drop = (sitting: string, station: string, on: boolean) =>
    owner.call<SittingKey & { detail: string }>('POST', `/api/sittings/${sitting}/station-drops`, {
      station,
      drop: on,
      why: 'The label had blown away',
    });
  const stationsOf = async (sitting: string) =>
    (await owner.call<SittingDetail>('GET', `/api/sittings/${sitting}`)).body.stations;

  test('shows who loses, earns nothing, is no look, and comes back with its points', async () => {
    const sitting = await walked(
      ['grand fir', 'subalpine fir', 'limber pine'],
      ['subalpine fir', 'grand fir'],
    );
    const [first] = await stationsOf(sitting);
    const station = first?.id ?? '';
    const shown = await owner.call<GradeEffect>('POST', `/api/sittings/${sitting}/station-drop-previews`, {
      station,
      drop: true,
      why: 'preview',
    });
    expect(shown.body.sittings[0]).toMatchObject({ lost: 2, gained: 0, students: 1 });
    const before = await gradesOf(owner, sitting);

    expect((await drop(sitting, station, true)).body.dropped).toEqual([
      { sittingStation: station, number: 1 },
    ]);
    expect((await gradesOf(owner, sitting)).stale).toEqual(['key']);
    const grades = await graded(owner, sitting);
    expect(grades.totals.map((t) => [t.code, t.points, t.most])).toEqual([
      ['11', 4, 4],
      ['12', 0, 4],
    ]);
    const looks = await app.db.query('select 1 from look where sitting = $1 and sitting_station = $2', [
      sitting,
      station,
    ]);
    expect(looks).toEqual([]);
    expect((await drop(sitting, station, true)).status).toBe(409);

    await drop(sitting, station, false);
    const back = await graded(owner, sitting);
    expect(back.totals).toEqual(before.totals);
    // Both gradings are kept.
    const runs = await app.db.query('select 1 from grading_run where sitting = $1', [sitting]);
    expect(runs).toHaveLength(3);
  });

  test('after results were returned changes nothing that students see until they are returned again', async () => {
    const sitting = await walked(['grand fir'], ['grand fir']);
    await moveSitting(owner, sitting, 'returned');
    const [first] = await stationsOf(sitting);
    await drop(sitting, first?.id ?? '', true);
    await graded(owner, sitting);
    const grades = await gradesOf(owner, sitting);
    expect(grades.changedSince.map((c) => [c.returned, c.now])).toEqual([
      [2, 0],
      [2, 0],
    ]);
    const [row] = await app.db.query<{ same: boolean }>(
      'select returned_run <> $2::uuid as same from sitting where id = $1',
      [sitting, grades.run],
    );
    expect(row?.same).toBe(true);
  });

  test('stays dropped when the key is revised for another reason', async () => {
    const sitting = await walked(['grand fir'], ['grand fir']);
    const [first, second] = await stationsOf(sitting);
    await drop(sitting, first?.id ?? '', true);
    const tree = second?.station.tree;
    if (!tree) throw new Error('No tree');
    await retag(owner, tree, 'occidental');
    const revised = await owner.call<SittingKey>('POST', `/api/sittings/${sitting}/key-revisions`, {
      stations: null,
      why: 'The tag was on the wrong tree',
    });
    expect(revised.status).toBe(201);
    expect(revised.body.dropped.map((d) => d.number)).toEqual([1]);
  });

  test('whose tree changed during the sitting is dropped for everybody, and no preview invents a change', async () => {
    const sitting = await openLong(owner, quiz);
    const early = await joinWalk(app, sitting.code, '11');
    await send(early.phone, answersFor(early.walk, 1, { name: 'grand fir' }));
    const spare = (await longQuiz(owner, ['lasiocarpa'])).stations[0]?.tree.id;
    const [first] = await stationsOf(sitting.id);
    app.later(60_000);
    const swapped = await owner.call(
      'POST',
      `/api/sitting-stations/${first?.id ?? ''}/swap`,
      { individual: spare, why: 'The branch broke', reason: 'shown_in_lab' },
      { version: first?.version ?? 0 },
    );
    expect(swapped.status).toBe(200);
    app.later(60_000);
    const late = await joinWalk(app, sitting.code, '12');
    const sent = answersFor(late.walk, 1, { name: 'subalpine fir' });
    await send(
      late.phone,
      sent.map((a) => ({ ...a, at: '2030-01-01T00:00:00.000Z' })),
    );
    await moveSitting(owner, sitting.id, 'closed');
    const before = await graded(owner, sitting.id);
    expect(before.totals.map((t) => t.points)).toEqual([2, 2]);
    const same = await owner.call<GradeEffect>('GET', `/api/sittings/${sitting.id}/grading-preview`);
    expect(same.body.sittings[0]).toMatchObject({ answers: 0, byStudent: [] });

    const body = { station: first?.id ?? '', drop: true, why: 'preview' };
    const shown = await owner.call<GradeEffect>(
      'POST',
      `/api/sittings/${sitting.id}/station-drop-previews`,
      body,
    );
    expect(shown.body.sittings[0]).toMatchObject({ lost: 4, students: 2 });
    await drop(sitting.id, first?.id ?? '', true);
    expect((await graded(owner, sitting.id)).totals.map((t) => t.points)).toEqual([0, 0]);
    await drop(sitting.id, first?.id ?? '', false);
    expect((await graded(owner, sitting.id)).totals).toEqual(before.totals);
  });

  test('is refused for a station of another sitting and for a draft', async () => {
    const sitting = await walked(['grand fir'], ['grand fir']);
    const strange = await drop(sitting, id('none'), true);
    expect(strange.status).toBe(422);
    const { body: draft } = await owner.call<SittingDetail>('POST', `/api/quizzes/${quiz}/sittings`, {
      section: id('first'),
      on: '2026-10-01',
      handling: ['look'],
    });
    expect((await drop(draft.id, draft.stations[0]?.id ?? '', true)).status).toBe(409);
    await owner.call('DELETE', `/api/sittings/${draft.id}`, undefined, { version: draft.version });
  });
});
