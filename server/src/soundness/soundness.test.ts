import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { GradeEffect, Grades, SittingDetail, Soundness, TreeRow } from '@hurrow/contract';
import { enroll, gradesOf, id, longQuiz, openLong, openTestApp, satLong } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

let app: TestApp;
let owner: Client;
/** Eight stations; the third carries the tag of a limber pine and is a whitebark. */
const WALK = [
  'grandis',
  'lasiocarpa',
  'flexilis',
  'albicaulis',
  'occidental',
  'flexilis',
  'albicaulis',
  'grandis',
] as const;
const REALLY = WALK.map((s, i) => (i === 2 ? 'albicaulis' : s));

beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
  await enroll(owner, 'first', 101, 10);
  await enroll(owner, 'second', 201, 10);
});
afterAll(() => app.close());

/** What the student in some place names at a station; a few go astray, so that totals differ. */
const namesAt = (student: number, station: number): string =>
  (student * 3 + station * 5) % 11 < 2 + (student % 3) ? 'occidental' : (REALLY[station] ?? 'grandis');

/** A graded sitting of some of the class. */
const sat = (quiz: string, section: string, on: string, count = 12): Promise<SittingDetail> =>
  satLong(owner, quiz, section, on, namesAt, count);
const read = async (sitting: string, query = ''): Promise<Soundness> =>
  (await owner.call<Soundness>('GET', `/api/sittings/${sitting}/soundness${query}`)).body;
const decide = (sitting: string, body: object, path = 'tag-decisions') =>
  owner.call<Soundness & GradeEffect & { detail: string; field: string }>(
    'POST',
    `/api/sittings/${sitting}/${path}`,
    body,
  );

describe('the question check of a graded sitting', () => {
  let quiz: string;
  let tuesday: SittingDetail;
  beforeAll(async () => {
    quiz = (await longQuiz(owner, WALK)).id;
    tuesday = await sat(quiz, 'first', '2026-10-01');
  });

  test('counts who named each tree, puts stations and students on one scale, and says how sure the order is', async () => {
    const sound = await read(tuesday.id);
    expect([sound.tooFew, sound.students, sound.stations.length]).toEqual([[], 12, 8]);
    expect(sound.reliability).toMatchObject({ is: 'known', students: 12, stations: 8 });
    const [first] = sound.stations;
    const expected = Array.from({ length: 12 }, (_, i) => namesAt(i, 0)).filter(
      (n) => n === 'grandis',
    ).length;
    expect([first?.right, first?.n, first?.truth.id]).toEqual([expected, 12, id('grandis')]);
    expect(sound.scale).toHaveLength(12);
    expect(sound.scale.map((s) => s.ability)).toEqual(
      [...sound.scale.map((s) => s.ability)].sort((a, b) => b - a),
    );
    const total = sound.scale.reduce((n, s) => n + s.right, 0);
    expect(total).toBe(sound.stations.reduce((n, s) => n + s.right, 0));
  });

  test('names the wrong tag, by the names at the other stations of both species', async () => {
    const { stations } = await read(tuesday.id);
    const checks = stations.filter((s) => s.check?.verdict === 'check');
    expect(checks.map((s) => [s.number, s.check?.instead.id])).toEqual([[3, id('albicaulis')]]);
    expect(checks[0]?.check).toMatchObject({ otherStations: 3, foundRight: null });
  });

  test('counts another class with it where the trees are the same, and follows the class to a later sitting', async () => {
    const thursday = await sat(quiz, 'second', '2026-10-03');
    const alone = await read(thursday.id);
    expect(alone.classes.map((c) => [c.sitting, c.counted])).toEqual([
      [thursday.id, true],
      [tuesday.id, false],
    ]);
    const both = await read(thursday.id, '?with=classes');
    expect([both.students, both.classes.map((c) => c.counted)]).toEqual([24, [true, true]]);
    expect(both.reliability).toMatchObject({ students: 24 });
    const again = await sat(quiz, 'second', '2026-10-09');
    const { through } = await read(again.id);
    expect(through.map((t) => [t.sitting, t.common, t.ability === null])).toEqual([
      [thursday.id, 8, false],
      [again.id, 8, false],
    ]);
    expect(through[1]?.ability).toMatchObject({ mean: 0, se: 0 });
  });

  test('shows who would gain before the ID is changed, and changes nothing by showing it', async () => {
    const { stations } = await read(tuesday.id);
    const station = stations[2]?.sittingStation;
    const before = await gradesOf(owner, tuesday.id);
    const body = { station, taxon: id('albicaulis'), why: 'white bark, cones gone' };
    const preview = await decide(tuesday.id, body, 'tag-previews');
    expect(preview.status).toBe(200);
    const named = Array.from({ length: 12 }, (_, i) => namesAt(i, 2)).filter(
      (n) => n === 'albicaulis',
    ).length;
    expect(preview.body.sittings[0]).toMatchObject({ answers: named, gained: 2 * named, lost: 0 });
    expect(await gradesOf(owner, tuesday.id)).toEqual(before);

    const done = await decide(tuesday.id, body);
    expect(done.status).toBe(201);
    expect(done.body.stations[2]).toMatchObject({ right: named, truth: { id: id('albicaulis') } });
    expect(done.body.stations.filter((s) => s.check?.verdict === 'check')).toEqual([]);
    const points = (g: Grades): number => g.totals.reduce((n, t) => n + t.points, 0);
    expect(points(await gradesOf(owner, tuesday.id)) - points(before)).toBe(2 * named);
    // The tree is another species now, everywhere.
    const trees = (await owner.call<readonly TreeRow[]>('GET', '/api/trees')).body;
    const tree = tuesday.stations[2]?.station.tree.id;
    expect(trees.find((t) => t.id === tree)?.taxon.id).toBe(id('albicaulis'));
  });
});

describe('a tag that the answers speak against', () => {
  test('is kept as right by whoever looked, with why, once', async () => {
    const quiz = (await longQuiz(owner, WALK)).id;
    const sitting = await sat(quiz, 'first', '2026-10-02');
    const station = (await read(sitting.id)).stations[2]?.sittingStation;
    const kept = await decide(sitting.id, { station, taxon: null, why: 'looked at the cones' });
    expect(kept.body.stations[2]?.check).toMatchObject({
      instead: { id: id('albicaulis') },
      foundRight: { by: 'Ilse Varn' },
    });
    expect((await decide(sitting.id, { station, taxon: null, why: 'looked again' })).status).toBe(201);
    const rows = await app.db.query('select why from tag_found_right where sitting_station = $1', [station]);
    expect(rows).toEqual([{ why: 'looked again' }]);
  });

  test('is refused where the station is elsewhere, the species unknown, or nothing would change', async () => {
    const quiz = (await longQuiz(owner, WALK)).id;
    const sitting = await sat(quiz, 'first', '2026-10-04', 2);
    const station = sitting.stations[0]?.id;
    const refused = async (body: object) =>
      (await decide(sitting.id, { why: 'a reason', ...body })).body.field;
    expect(await refused({ station: id('none'), taxon: id('grandis') })).toBe('station');
    expect(await refused({ station, taxon: id('none') })).toBe('taxon');
    expect((await decide(sitting.id, { station, taxon: id('grandis'), why: 'a reason' })).status).toBe(409);
  });
});

describe('a sitting too small to judge', () => {
  test('shows counts, says what is missing, and no number that cannot be known', async () => {
    const seven = (await longQuiz(owner, WALK.slice(0, 7))).id;
    const small = await read((await sat(seven, 'first', '2026-10-05', 9)).id);
    expect([small.tooFew, small.students, small.sigma]).toEqual([['students', 'stations'], 9, null]);
    expect(small.reliability.is).toBe('undefined');
    expect(small.stations.map((s) => [s.correlation.is, s.difficulty, s.check])).toEqual(
      Array.from({ length: 7 }, () => ['undefined', null, null]),
    );
    expect([small.scale, small.through]).toEqual([[], []]);
    expect(small.stations[0]).toMatchObject({ n: 9 });
  });

  test('is refused before it is graded', async () => {
    const sitting = await openLong(owner, (await longQuiz(owner, WALK)).id, 'first', '2026-10-06');
    const { status, body } = await owner.call<{ remedy: string }>(
      'GET',
      `/api/sittings/${sitting.id}/soundness`,
    );
    expect([status, body.remedy]).toEqual([409, 'Close it and grade it first.']);
  });
});
