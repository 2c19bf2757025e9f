import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { graded, id, longQuiz, moveSitting, openLong, openTestApp, writeNames } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

let app: TestApp;
let owner: Client;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
});
afterAll(() => app.close());

/** What the two students wrote at a grand fir, a subalpine fir, a limber pine and another grand fir. */
const WROTE = {
  '11': ['odd quill', 'grand fir', 'whitebark pine', 'subalpine fir'],
  '12': ['odd quill', 'grand fir', 'grand fir', 'grand fir'],
} as const;

const NAMES = new Map(['grandis', 'lasiocarpa', 'flexilis', 'albicaulis'].map((n) => [id(n), n]));

/** What each student mixed up as it is kept: who, the two, how often again. */
async function kept(): Promise<readonly string[]> {
  const rows = await app.db.query<{ code: string; a: string; b: string; chances: number; repeats: number }>(
    `select s.code, p.a, p.b, p.chances, p.repeats from student_pair p join student s on s.ws = p.ws and s.id = p.student
     where p.section = $1`,
    [id('first')],
  );
  return rows
    .map((r) => {
      const two = [NAMES.get(r.a), NAMES.get(r.b)].sort().join(' and ');
      return `${r.code}: ${two}, ${r.repeats} of ${r.chances}`;
    })
    .sort();
}

/** The board of the class as it is kept, with the order of its rows. */
const written = (): Promise<readonly unknown[]> =>
  app.db.query(
    'select material_class, form, names, rows, again from section_board where section = $1 order by 1, 2',
    [id('first')],
  );

test('a decision about a name counts the pairs it touches, and leaves what was mixed up elsewhere', async () => {
  const quiz = await longQuiz(owner, ['grandis', 'lasiocarpa', 'flexilis', 'grandis']);
  const sitting = await openLong(owner, quiz.id);
  await writeNames(app, sitting.code, WROTE);
  await moveSitting(owner, sitting.id, 'closed');
  await graded(owner, sitting.id);
  const elsewhere = ['11: albicaulis and flexilis, 0 of 0', '12: flexilis and grandis, 0 of 0'];
  const firs = ['11: grandis and lasiocarpa, 0 of 0', '12: grandis and lasiocarpa, 0 of 0'];
  expect(await kept()).toEqual([elsewhere[0], firs[0], elsewhere[1], firs[1]]);

  const decide = async (species: string | null): Promise<void> => {
    const { status } = await owner.call('PUT', `/api/sittings/${sitting.id}/name-rulings`, {
      typed: 'odd quill',
      taxon: species === null ? null : id(species),
      outcome: species === null ? 'unlisted' : 'exact',
      scope: 'sitting',
    });
    expect(status).toBe(200);
  };
  const odd = ['11: albicaulis and grandis, 0 of 0', '12: albicaulis and grandis, 0 of 0'];
  for (const [species, expected] of [
    ['albicaulis', [...elsewhere, ...firs, ...odd]],
    ['lasiocarpa', [...elsewhere, ...firs]],
    ['grandis', [...elsewhere, ...firs]],
    [null, [...elsewhere, ...firs]],
  ] as const) {
    await decide(species);
    const after = await kept();
    expect(after).toEqual([...expected].sort());
    const board = await written();
    // Graded again whole, nothing is other than the decision left it.
    await graded(owner, sitting.id);
    expect(await kept()).toEqual(after);
    expect(await written()).toEqual(board);
  }
});
