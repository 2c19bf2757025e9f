import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { Evidence, MixUps, QuizDetail, SittingDetail } from '@hurrow/contract';
import { upgradeSums } from '../sums/index.ts';
import { enroll, id, longQuiz, moveSitting, openTestApp, satLong } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';
import { readRows } from './rows.ts';

const WALK = ['grandis', 'lasiocarpa', 'flexilis', 'albicaulis', 'flexilis', 'grandis'];
let app: TestApp;
let owner: Client;
let quiz: QuizDetail;
let sittings: readonly SittingDetail[];

beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
  await enroll(owner, 'first', 101, 12);
  await enroll(owner, 'second', 201, 12);
  quiz = await longQuiz(owner, WALK);
  const other = await longQuiz(owner, WALK);
  const named =
    (astray: number) =>
    (i: number, j: number): string =>
      j === 0 && i < astray ? 'lasiocarpa' : j === 3 && i % 5 === 2 ? 'flexilis' : (WALK[j] ?? 'grandis');
  sittings = [
    await satLong(owner, quiz.id, 'first', '2026-10-01', named(6), 12),
    await satLong(owner, quiz.id, 'second', '2026-10-02', named(2), 12),
    await satLong(owner, other.id, 'first', '2026-10-08', named(1), 11),
  ];
});
afterAll(() => app.close());

const board = async (query = ''): Promise<MixUps> =>
  (await owner.call<MixUps>('GET', `/api/sections/${id('first')}/mixups${query}`)).body;

interface Counted {
  readonly truth: string;
  readonly answer: string;
  readonly k: number;
  readonly n: number;
  readonly students: number;
  readonly looked: number;
}

/** The same counted from the looks, pair by pair, without any of the sums. */
async function plainly(sections: readonly string[], from: string, to: string): Promise<readonly Counted[]> {
  const rows = await app.db.query<Counted>(
    `with l as (select * from look where section = any($1::uuid[]) and on_date between $2 and $3)
     select w.truth, w.answer, count(*)::integer as k, (select count(*)::integer from l where l.truth = w.truth) as n,
       count(distinct w.student)::integer as students, (select count(distinct student)::integer from l where l.truth = w.truth) as looked
     from l w where w.named = 'other' group by w.truth, w.answer`,
    [sections, from, to],
  );
  return [...rows].sort((a, b) => `${a.truth}${a.answer}`.localeCompare(`${b.truth}${b.answer}`));
}
const counted = (all: MixUps): readonly Counted[] =>
  all.pairs
    .map((p) => ({
      truth: p.truth.id,
      answer: p.answer.id,
      k: p.k,
      n: p.n,
      students: p.students,
      looked: p.looked,
    }))
    .sort((a, b) => `${a.truth}${a.answer}`.localeCompare(`${b.truth}${b.answer}`));

const BOTH = (): string => `with=${id('second')}`;

describe('a board equals a plain count of its looks', () => {
  test.each<[string, () => string, () => readonly string[], string, string]>([
    ['of one class', () => '', () => [id('first')], '2026-01-01', '2026-12-31'],
    ['of one class and one day', () => '?to=2026-10-01', () => [id('first')], '2026-01-01', '2026-10-01'],
    ['of two classes', () => `?${BOTH()}`, () => [id('first'), id('second')], '2026-01-01', '2026-12-31'],
    [
      'of two classes from a day on',
      () => `?${BOTH()}&from=2026-10-02`,
      () => [id('first'), id('second')],
      '2026-10-02',
      '2026-12-31',
    ],
    [
      'of two classes on days with nothing',
      () => `?${BOTH()}&from=2026-11-01`,
      () => [id('first'), id('second')],
      '2026-11-01',
      '2026-12-31',
    ],
  ])('%s', async (_, query, sections, from, to) => {
    const all = await board(query());
    expect(counted(all)).toEqual(await plainly(sections(), from, to));
    expect(all.pairs.every((p) => p.low <= p.k / p.n && p.k / p.n <= p.high)).toBe(true);
  });

  test('and says how many answers, students and quizzes it rests on', async () => {
    const of = async (query: string) => {
      const { looks, students, sittings: held } = await board(query);
      return [looks, students, held.length];
    };
    expect(await of('')).toEqual([23 * WALK.length, 12, 2]);
    expect(await of(`?${BOTH()}`)).toEqual([35 * WALK.length, 24, 3]);
    expect(await of(`?${BOTH()}&from=2026-10-02`)).toEqual([23 * WALK.length, 23, 2]);
    expect(await of(`?${BOTH()}&from=2026-11-01`)).toEqual([0, 0, 0]);
  });
});

test('rows come in one order, whichever way the database adds them up', async () => {
  const sections = [id('first'), id('second')];
  const scope = { sections, from: '2026-10-02', to: null, material: null, form: null };
  const [{ ws } = { ws: '' }] = await app.db.query<{ ws: string }>('select id as ws from workspace');
  const by = (way: string) =>
    app.db.transaction(async (tx) => {
      await tx.query(`set local ${way} = off`);
      const rows = await readRows(tx, ws, scope);
      return rows.map((r) => `${r.truth} ${r.named} ${r.answer ?? ''}`);
    });
  const sorted = await by('enable_hashagg');
  expect(sorted.length).toBeGreaterThan(4);
  expect(await by('enable_sort')).toEqual(sorted);
});

describe('several classes', () => {
  test('say in how many of them a pair is more than slips, once results are returned', async () => {
    const firs = async () =>
      (await board(`?${BOTH()}`)).pairs.find(
        (p) => p.truth.id === id('grandis') && p.answer.id === id('lasiocarpa'),
      );
    expect((await firs())?.slips).toBeNull();
    for (const s of sittings) await moveSitting(owner, s.id, 'returned');
    expect((await firs())?.slips).toMatchObject({ flagged: true, classes: 1 });
    expect((await firs())?.at).toMatchObject({ k: 6, n: 12, station: 1, on: '2026-10-01' });
  });

  test('open the answers of all of them, each with its class', async () => {
    const { body } = await owner.call<Evidence>(
      'GET',
      `/api/sections/${id('first')}/mixups/${id('grandis')}/${id('lasiocarpa')}?${BOTH()}`,
    );
    expect(body.rows).toHaveLength(9);
    expect(body.splits.filter((s) => s.by === 'class').map((s) => s.k)).toEqual([7, 2]);
    expect([body.fresh, body.met]).toEqual([
      { k: 9, n: 70 },
      { k: 0, n: 0 },
    ]);
  });
});

test('sums of an earlier version are counted when this one starts, and the board is the same', async () => {
  const before = [await board(), await board(`?${BOTH()}`), await board(`?${BOTH()}&from=2026-10-02`)];
  for (const table of [
    'cell_section',
    'exposure',
    'look_days',
    'section_looks',
    'section_board',
    'student_pair',
    'flag_return',
  ])
    await app.db.query(`delete from ${table}`);
  expect((await board()).pairs).toEqual([]);
  expect(await upgradeSums(app.db)).toBe(2);
  expect(await upgradeSums(app.db)).toBe(0);
  expect([await board(), await board(`?${BOTH()}`), await board(`?${BOTH()}&from=2026-10-02`)]).toEqual(
    before,
  );
});
