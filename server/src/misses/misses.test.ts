import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type {
  AppliedRates,
  CharactersOfClass,
  Evidence,
  JobStarted,
  QuizDetail,
  ReadingsOfClass,
  SectionsAndYears,
  SittingDetail,
} from '@hurrow/contract';
import { enroll, finished, graded, id, longQuiz, openTestApp, satLong } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

const WALK = ['grandis', 'lasiocarpa', 'flexilis', 'albicaulis', 'grandis'];
const CALL = { kind: 'call', character: 'needle.bands', points: 1 };
let app: TestApp;
let owner: Client;
let sittings: readonly SittingDetail[];
let quiz: QuizDetail;

/** Students who take grand fir for subalpine fir call the lines on both sides of its needle. */
const named =
  (astray: number) =>
  (i: number, j: number): string =>
    (j === 0 || j === 4) && i < astray ? 'lasiocarpa' : (WALK[j] ?? 'grandis');
const called =
  (astray: number) =>
  (i: number, j: number): string =>
    j === 1 ? 'both-sides' : j === 0 || j === 4 ? (i < astray ? 'both-sides' : 'below-only') : '';

beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
  await enroll(owner, 'first', 101, 12);
  await enroll(owner, 'second', 201, 12);
  const asks = [CALL, { kind: 'common', points: 2 }];
  quiz = await longQuiz(owner, WALK, asks);
  const other = await longQuiz(owner, WALK, asks);
  sittings = [
    await satLong(owner, quiz.id, 'first', '2026-10-01', named(5), 12, called(5)),
    await satLong(owner, quiz.id, 'second', '2026-10-02', named(1), 12, called(1)),
    await satLong(owner, other.id, 'first', '2026-10-08', named(4), 12, called(4)),
  ];
});
afterAll(() => app.close());

const characters = async (section = 'first'): Promise<CharactersOfClass> =>
  (await owner.call<CharactersOfClass>('GET', `/api/sections/${id(section)}/characters`)).body;
const fit = async (section: string, from: string | null = null) => {
  const path = `/api/sections/${id(section)}/characters/fit`;
  const { status, body } = await owner.call<JobStarted>('POST', path, { from });
  return { status, body, state: status === 202 ? await finished(owner, body.job) : null };
};

describe('miss rates of a class', () => {
  test('before any fit there are the calls, state by state, and what was never called', async () => {
    const found = await characters();
    expect(found).toMatchObject({ fit: null, applied: null, small: false });
    const bands = found.called.find((c) => c.character === 'needle.bands');
    // Five and four of twelve, at two stations each, of five stations asked in both quizzes.
    expect(bands?.wrong.k).toBe(18);
    expect(bands?.states).toContainEqual({ shown: 'below-only', called: 'both-sides', times: 18 });
    expect(found.neverCalled).not.toContain('needle.bands');
    expect(found.neverCalled.length).toBeGreaterThan(0);
  });

  test('a fit finds the character behind the mix-up, with its base, and is kept', async () => {
    const { state } = await fit('first');
    expect(state?.state).toBe('done');
    const { fit: kept } = await characters();
    expect(kept).toMatchObject({ from: '2026-10-01', to: '2026-10-08', sittings: 2, isCurrent: true });
    const [first] = kept?.rates ?? [];
    expect(first?.character).toBe('needle.bands');
    expect(first?.m.low ?? 0).toBeGreaterThan(0.1);
    expect(first?.direct).toBeGreaterThan(40);
    expect(first?.pairs[0]).toMatchObject({ truth: { id: id('grandis') }, answer: { id: id('lasiocarpa') } });
    expect(Object.keys(kept?.leftOut ?? {}).sort()).toEqual([
      'doubted',
      'guessing',
      'met_before',
      'not_named',
      'not_recorded',
    ]);
  });

  test('a change is told between fits of different sittings alone', async () => {
    await fit('first', '2026-10-08');
    const late = (await characters()).fit;
    expect(late).toMatchObject({ from: '2026-10-08', sittings: 1 });
    // The only other fit has the same sitting in it.
    expect(late?.rates.every((r) => r.before === null)).toBe(true);
    await app.db.query('update miss_fit set sittings = $1 where sittings = $2', [
      [sittings[0]?.id],
      [sittings[0]?.id, sittings[2]?.id],
    ]);
    const now = (await characters()).fit?.rates.find((r) => r.character === 'needle.bands');
    if (now?.verdict === 'estimated') expect(now.before).toMatchObject({ from: '2026-10-01' });
    else expect(now?.before).toBeNull();
  });

  test('a fit is old once its answers are graded again, and says so; nothing of it is lost', async () => {
    await fit('first');
    expect((await characters()).fit?.isCurrent).toBe(true);
    await graded(owner, sittings[0]?.id ?? '');
    const after = (await characters()).fit;
    expect(after?.isCurrent).toBe(false);
    expect(after?.rates.length).toBeGreaterThan(0);
  });

  test('rates are applied by decision alone: estimated ones, for every character of the group; and withdrawn', async () => {
    await fit('first');
    const rates = async (): Promise<AppliedRates> =>
      (await owner.call<AppliedRates>('GET', `/api/sections/${id('first')}/miss-rates`)).body;
    expect(await rates()).toEqual({ fit: null, rates: [] });
    const kept = (await characters()).fit;
    const path = `/api/sections/${id('first')}/characters/applied`;
    const { body } = await owner.call<CharactersOfClass>('PUT', path, { fit: kept?.id });
    expect(body.applied).toMatchObject({ id: kept?.id, sittings: 2 });
    const estimated = kept?.rates.filter((r) => r.verdict === 'estimated') ?? [];
    const applied = await rates();
    expect(applied.fit).toBe(kept?.id);
    for (const r of estimated)
      expect(applied.rates.find((a) => a.character === r.character)?.rate).toBe(r.m.value);
    for (const a of applied.rates) expect(a.weight).toBeGreaterThan(0);
    expect((await owner.call('PUT', path, { fit: id('none') })).status).toBe(404);
    expect(await rates()).toEqual(applied);
    await owner.call('PUT', path, { fit: null });
    expect(await rates()).toEqual({ fit: null, rates: [] });
  });

  test('a class of six has no rates, and is told how many it takes', async () => {
    const small = await owner.call<{ id: string; version: number }>('POST', '/api/sections', {
      name: 'Six',
      term: 'Fall',
      list: id('list'),
      site: id('site'),
      students: [],
    });
    const path = `/api/sections/${small.body.id}/characters/fit`;
    const refused = await owner.call<{ title: string; detail: string; remedy: string }>('POST', path, {
      from: null,
    });
    expect(refused.status).toBe(409);
    expect(refused.body.detail).toContain('0 students');
    expect((await fit('first', '2026-12-01')).status).toBe(409);
  });

  test('a character that is retired in mid-term is still fitted from older keys, and is said to be retired', async () => {
    await app.db.query(`update character set retired_at = now() where id = 'needle.bands'`, []);
    await fit('first');
    const found = await characters();
    expect(found.retired).toContainEqual(expect.objectContaining({ character: 'needle.bands' }));
    expect(found.fit?.rates.find((r) => r.character === 'needle.bands')?.direct).toBeGreaterThan(40);
    await app.db.query(`update character set retired_at = null where id = 'needle.bands'`, []);
    expect((await characters()).retired).toEqual([]);
  });

  test('a fit that is stopped leaves nothing', async () => {
    const before = (await characters()).fit?.id;
    const { body } = await owner.call<JobStarted>('POST', `/api/sections/${id('first')}/characters/fit`, {
      from: null,
    });
    await owner.call('POST', `/api/jobs/${body.job}/cancel`);
    const end = await finished(owner, body.job);
    // It may have been done before it was stopped; stopped, nothing of it is kept.
    const after = (await characters()).fit?.id;
    if (end.state === 'cancelled') expect(after).toBe(before);
    else expect([end.state, after !== before]).toEqual(['done', true]);
  });
});

describe('readings of wrong answers', () => {
  const readings = async (): Promise<ReadingsOfClass> =>
    (await owner.call<ReadingsOfClass>('GET', `/api/sections/${id('first')}/readings`)).body;

  test('are counted by the first that fits, and opened', async () => {
    const found = await readings();
    expect(found.wrong).toBe(18);
    expect(found.counts.map((c) => c.reading)).toContain('misread');
    expect(found.counts.reduce((n, c) => n + c.answers, 0)).toBe(18);
    expect(found.rows[0]?.readings.map((r) => r.kind)).toContain('misread');
    expect(found.rows.find((r) => r.readings.some((x) => x.kind === 'misread'))?.readings).toContainEqual(
      expect.objectContaining({ kind: 'misread', characters: ['needle.bands'] }),
    );
  });

  test('are corrected, counted as corrected, seen with the pair, and taken back', async () => {
    const [row] = (await readings()).rows;
    const body = { station: row?.station, student: row?.student, reading: 'taught_so' };
    const path = `/api/sections/${id('first')}/readings`;
    const { status, body: after } = await owner.call<ReadingsOfClass>('PUT', path, body);
    expect(status).toBe(200);
    expect(after.counts.find((c) => c.reading === 'taught_so')).toMatchObject({ answers: 1, corrected: 1 });
    const pair = `/api/sections/${id('first')}/mixups/${id('grandis')}/${id('lasiocarpa')}`;
    const { rows } = (await owner.call<Evidence>('GET', pair)).body;
    expect(
      rows.find((r) => r.sittingStation === row?.station && r.student === row?.student)?.corrected,
    ).toMatchObject({
      reading: 'taught_so',
      insteadOf: row?.readings[0]?.kind,
      by: 'Ilse Varn',
    });
    const back = await owner.call<ReadingsOfClass>('PUT', path, { ...body, reading: null });
    expect(back.body.counts.every((c) => c.corrected === 0)).toBe(true);
    expect((await owner.call('PUT', path, { ...body, reading: 'invented' })).status).toBe(422);
    expect((await owner.call('PUT', path, { ...body, student: id('none') })).status).toBe(404);
  });
});

describe('sections and years', () => {
  test('plain counts stand on common species under the same conditions, then what a new class should expect', async () => {
    const { body } = await owner.call<SectionsAndYears>('GET', `/api/sections/${id('first')}/years`);
    const [pair] = body.pairs;
    expect(pair).toMatchObject({ truth: { id: id('grandis') }, answer: { id: id('lasiocarpa') } });
    // Five students of the first class in either quiz, one of the second.
    expect(pair?.at).toEqual([
      { section: id('first'), k: 5, n: 12 },
      { section: id('second'), k: 1, n: 12 },
    ]);
    expect(pair?.pooled).toMatchObject({ weight: 20, weightFrom: 'fixed' });
    expect(pair?.pooled.next.low).toBeLessThanOrEqual(3);
    expect(pair?.pooled.next.high).toBeGreaterThanOrEqual(3);
    expect(body.sections.map((s) => s.id).sort()).toEqual([id('first'), id('second')].sort());
  });
});

describe('a student who is erased', () => {
  test('leaves no reading behind', async () => {
    const [row] = (await owner.call<ReadingsOfClass>('GET', `/api/sections/${id('first')}/readings`)).body
      .rows;
    const path = `/api/sections/${id('first')}/readings`;
    await owner.call('PUT', path, { station: row?.station, student: row?.student, reading: 'slip' });
    const kept = (): Promise<readonly unknown[]> => app.db.query('select 1 from diagnosis', []);
    expect(await kept()).toHaveLength(1);
    const { status } = await owner.call('DELETE', `/api/students/${row?.student ?? ''}`);
    expect(status).toBeLessThan(300);
    expect(await kept()).toEqual([]);
  });
});
