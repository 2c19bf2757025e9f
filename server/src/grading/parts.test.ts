import { afterAll, beforeAll, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Grades, GradingDone } from '@hurrow/contract';
import { grader } from '@hurrow/core/grading';
import {
  WS,
  answersFor,
  graded,
  gradesOf,
  id,
  joinWalk,
  moveSitting,
  openSitting,
  openTestApp,
  send,
} from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';
import { readKey, sittingById, truthOf } from '../sittings/index.ts';
import { countedAnswers, firstCalls, participants } from './answers.ts';
import { benchOf } from './context.ts';
import { startGrading } from './graders.ts';
import { gradeText } from './gradeText.ts';
import type { TextTask } from './gradeText.ts';
import { stationRows } from './stationRows.ts';
import type { StationOfRun } from './stationRows.ts';

let app: TestApp;
let owner: Client;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
});
afterAll(() => app.close());

const WRITTEN = [
  'odd fir',
  'strange pine',
  'grand fir',
  'subalpine fir',
  'limber',
  '',
  'curious tree',
  'peculiar shrub',
  'lonely pine',
] as const;
const STUDENTS = ['11', '12'] as const;

/** A closed and graded sitting; `names` are written in turn, student by student and station by station. */
async function sat(names: readonly number[]): Promise<string> {
  const { sitting, code } = await openSitting(owner, 'first');
  for (const [s, student] of STUDENTS.entries()) {
    const { phone, walk } = await joinWalk(app, code, student);
    const answers = walk.stations.flatMap(({ number }, i) =>
      answersFor(walk, number, { name: WRITTEN[names[(s * 4 + i) % names.length] ?? 0] ?? '' }),
    );
    await send(phone, answers);
  }
  await moveSitting(owner, sitting.id, 'closed');
  await graded(owner, sitting.id);
  return sitting.id;
}

type Left = Readonly<Record<'grades' | 'cells' | 'students' | 'sections' | 'pairs', unknown>> & {
  readonly looks: readonly { readonly met_before: boolean }[];
};

/** Everything that a grading leaves behind, without who made it when. */
async function left(sitting: string): Promise<Left> {
  const rows = <T = unknown>(text: string): Promise<readonly T[]> => app.db.query<T>(text, [sitting]);
  return {
    grades: await rows(
      `select g.response, g.outcome, g.points, g.most, g.taxon, g.why, g.folded from run_grade g
       where g.run = (select id from grading_run where sitting = $1 order by seq desc limit 1) order by 1`,
    ),
    looks: await rows<{ met_before: boolean }>(
      `select sitting_station, student, response, named, answer, outcome, calls, met_before, key_rev from look where sitting = $1 order by 1, 2`,
    ),
    cells: await rows(
      `select material_class, form, truth, named, answer, looks, students, listed from cell where sitting = $1 order by 1, 2, 3, 4, 5`,
    ),
    students: await rows(
      `select student, truth, named, answer, looks, fresh from cell_student where sitting = $1 order by 1, 2, 3, 4`,
    ),
    sections: await rows(
      `select c.truth, c.named, c.answer, c.looks, c.students from cell_section c join sitting s on s.section = c.section
       where s.id = $1 order by 1, 2, 3`,
    ),
    pairs: await rows(
      `select p.student, p.a, p.b, p.first_on, p.chances, p.repeats, p.clean, p.resolved from student_pair p
       join sitting s on s.section = p.section where s.id = $1 order by 1, 2, 3`,
    ),
  };
}

const runGrades = (run: string): Promise<readonly unknown[]> =>
  app.db.query('select response, outcome, points, why from run_grade where run = $1 order by 1', [run]);

const decide = async (sitting: string, typed: string, taxon: string): Promise<GradingDone> => {
  const { status, body } = await owner.call<GradingDone>('PUT', `/api/sittings/${sitting}/name-rulings`, {
    typed,
    taxon: id(taxon),
    outcome: 'exact',
  });
  expect(status).toBe(200);
  return body;
};

test('a decision leaves what grading everything again leaves, and every earlier run as it was', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(fc.nat(5), { minLength: 5, maxLength: 12 }),
      fc.array(
        fc.record({
          name: fc.nat(4),
          taxon: fc.constantFrom('grandis', 'lasiocarpa', 'flexilis'),
        }),
        { minLength: 1, maxLength: 3 },
      ),
      async (names, decisions) => {
        const sitting = await sat(names);
        const earlier = new Map<string, readonly unknown[]>();
        for (const d of decisions) {
          const { run } = await decide(sitting, WRITTEN[d.name] ?? '', d.taxon);
          earlier.set(run, await runGrades(run));
          const inPart = await left(sitting);
          const whole = await graded(owner, sitting);
          expect(whole.changed).toBe(0);
          expect(await left(sitting)).toEqual(inPart);
        }
        for (const [run, grades] of earlier) expect(await runGrades(run)).toEqual(grades);
        await moveSitting(owner, sitting, 'returned');
      },
    ),
    { numRuns: 6 },
  );
});

test('looks that come and go with a decision are counted, and say who met the tree before', async () => {
  await sat([0]);
  const sitting = await sat([0]);
  const looks = async () => (await left(sitting)).looks;
  const before = await looks();
  expect(before.every((l) => l.met_before)).toBe(true);
  /** What the sums hold is what grading everything again counts. */
  const isWhole = async () => {
    const inPart = await left(sitting);
    await graded(owner, sitting);
    expect(await left(sitting)).toEqual(inPart);
  };
  // While two lines of a sheet may be off by one, nobody is said to have looked there.
  await app.db.query(
    `insert into sheet_shift (ws, id, sitting, student, first, last, moved, state, at)
     select ws, gen_random_uuid(), id, $2, 1, 2, 1, 'open', now() from sitting where id = $1`,
    [sitting, id('s11')],
  );
  await decide(sitting, 'odd fir', 'grandis');
  expect(await looks()).toHaveLength(before.length - 2);
  await isWhole();
  await app.db.query(`update sheet_shift set state = 'left', decided_at = now() where sitting = $1`, [
    sitting,
  ]);
  await decide(sitting, 'odd fir', 'lasiocarpa');
  const after = await looks();
  expect(after).toHaveLength(before.length);
  expect(after.every((l) => l.met_before)).toBe(true);
  await isWhole();
  await moveSitting(owner, sitting, 'returned');
});

test('a decision names the other sittings with the name, and those change once they are graded again', async () => {
  const first = await sat([8, 0]);
  const second = await sat([0, 8, 8]);
  const { alsoStale, changed } = await decide(first, 'lonely pine', 'flexilis');
  expect(changed).toBe(4);
  expect(alsoStale.map((s) => s.sitting)).toContain(second);
  expect((await gradesOf(owner, second)).stale).toEqual(['decisions']);
  expect((await graded(owner, second)).changed).toBeGreaterThan(0);
  expect((await gradesOf(owner, second)).stale).toEqual([]);
});

test('a decision after other news grades everything, so that the run is whole', async () => {
  const first = await sat([0, 1, 2]);
  const second = await sat([0, 1, 3]);
  await decide(first, 'odd fir', 'grandis');
  // The second sitting has not seen that decision yet.
  await decide(second, 'strange pine', 'flexilis');
  const rows = (await gradesOf(owner, second)).rows;
  expect(rows.filter((r) => r.typed === 'odd fir').every((r) => r.ruled && r.outcome !== 'unlisted')).toBe(
    true,
  );
  expect((await gradesOf(owner, second)).stale).toEqual([]);
});

test('only what was asked for is read, and the counts are of all', async () => {
  const sitting = await sat([4, 2, 5]);
  const read = async (show: string) =>
    (await owner.call<Grades>('GET', `/api/sittings/${sitting}/grades?show=${show}`)).body;
  const [all, names, look] = [await read('all'), await read('names'), await read('look')];
  expect(all.rows).toHaveLength(all.answers);
  expect(names.rows.every((r) => r.kind !== 'call')).toBe(true);
  expect(look.rows).toHaveLength(look.toLookAt);
  expect(look.rows.length).toBeLessThan(all.rows.length);
  expect([names.totals, look.totals, look.answers]).toEqual([all.totals, all.totals, all.answers]);
  expect((await owner.call('GET', `/api/sittings/${sitting}/grades?show=none`)).status).toBe(422);
});

test('a person sees what is neither plainly right nor plainly wrong, until it is decided or overridden', async () => {
  // Number 11 writes what nothing is known of, number 12 the right name and another species.
  const sitting = await sat([6, 7, 6, 7, 2, 2, 2, 2]);
  const seen = async () =>
    (await owner.call<Grades>('GET', `/api/sittings/${sitting}/grades?show=look`)).body.rows;
  const first = await seen();
  expect(first.map((r) => [r.code, r.typed, r.outcome])).toEqual([
    ['11', 'curious tree', 'unlisted'],
    ['11', 'peculiar shrub', 'unlisted'],
    ['11', 'curious tree', 'unlisted'],
    ['11', 'peculiar shrub', 'unlisted'],
  ]);
  await decide(sitting, 'curious tree', 'grandis');
  expect((await seen()).map((r) => r.typed)).toEqual(['peculiar shrub', 'peculiar shrub']);
  await owner.call('POST', `/api/responses/${first[1]?.response ?? ''}/override`, {
    points: 1,
    reason: 'near',
  });
  expect((await seen()).map((r) => r.station)).toEqual([4]);
});

test('a thread grades as the caller would, one station after the other', async () => {
  const id_ = await sat([0, 1, 2, 3, 4, 5]);
  const sitting = await sittingById(app.db, WS, id_);
  const key = await readKey(app.db, WS, id_);
  if (!sitting || !key) throw new Error('The sitting is not there');
  const bench = await benchOf(app.db, WS, sitting, key);
  const students = await participants(app.db, WS, id_);
  const here = grader(bench.context);
  const thread = startGrading(bench.context, 1_000_000);
  try {
    for (const station of key.stations.values()) {
      const task: TextTask = {
        asks: station.accept.asks,
        truth: truthOf(station),
        answers: await countedAnswers(app.db, WS, station.sittingStation),
        calls: await firstCalls(app.db, WS, station.sittingStation),
        students,
      };
      expect(await thread.grade(task)).toEqual(gradeText(task, here));
      for (const seq of [1, 2]) {
        const of: StationOfRun = { run: { ws: WS, id: id_, seq, sitting }, station, whose: null };
        const rows = await thread.rows(task, of);
        expect(rows).toEqual(stationRows(of, gradeText(task, here)));
        expect(rows.grades.kind).toBe(seq === 1 ? 'first' : 'again');
      }
    }
    await expect(thread.grade({ broken: true } as unknown as TextTask)).rejects.toThrow();
  } finally {
    thread.end();
  }
});

test('an answer’s grade is found by the answer, not among all grades in force', async () => {
  await sat([0, 1, 2, 3]);
  const plan = await app.db.transaction(async (tx) => {
    await tx.query('set local enable_seqscan = off');
    const rows = await tx.query<Readonly<Record<string, string>>>(
      `explain select * from grade g join response r on r.ws = g.ws and r.id = g.response
       where g.ws = '${WS}' and r.id = '${WS}' and g.last_seq is null`,
    );
    return rows.flatMap((r) => Object.values(r)).join('\n');
  });
  expect(plan).toContain('grade_pkey');
  expect(plan).not.toContain('grade_folded');
});
