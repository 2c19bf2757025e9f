import { answerText } from '@hurrow/core/answers';
import { afterAll, beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import { v4 } from 'uuid';
import type { Dispute, Grades, Sheet } from '@hurrow/contract';
import { allAnswers } from '../answers/index.ts';
import {
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

let app: TestApp;
let owner: Client;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
});
afterAll(() => app.close());

const WORDS: Record<string, string> = {};
const grade = (sitting: string) => graded(owner, sitting);
const grades = (sitting: string): Promise<Grades> => gradesOf(owner, sitting);

/** A closed sitting with one odd answer of one student. */
async function closedSitting(section: string, student: string, typed: string) {
  const { sitting, code } = await openSitting(owner, section);
  const { phone, walk } = await joinWalk(app, code, student, (WORDS[student] ??= `word of ${student}`));
  await send(phone, answersFor(walk, 1, { name: typed }));
  await moveSitting(owner, sitting.id, 'closed');
  return { sitting: sitting.id, phone, walk };
}

test('a clock set back changes nothing: the run made last is the newest, and it is the one returned', async () => {
  const { sitting } = await closedSitting('first', '11', 'odd larch');
  const first = await grade(sitting);
  app.later(-2 * 86_400_000);
  const ruled = await owner.call('PUT', `/api/sittings/${sitting}/name-rulings`, {
    typed: 'odd larch',
    taxon: id('grandis'),
    outcome: 'misspelled',
  });
  expect(ruled.status).toBe(200);
  const shown = await grades(sitting);
  expect(shown.run).not.toBe(first.run);
  expect(shown.rows.find((r) => r.typed === 'odd larch')).toMatchObject({ outcome: 'misspelled', points: 2 });
  await moveSitting(owner, sitting, 'returned');
  const [row] = await app.db.query<{ returned_run: string }>(
    'select returned_run from sitting where id = $1',
    [sitting],
  );
  expect(row?.returned_run).toBe(shown.run);
  app.later(2 * 86_400_000);
});

describe('answers that come while a sitting is graded', () => {
  test('are in a grade, or the results cannot be returned before they are', async () => {
    const { sitting, phone, walk } = await closedSitting('first', '11', 'western larch');
    // All at once: grading and a late answer of another station.
    const [, receipt] = await Promise.all([
      grade(sitting),
      send(phone, answersFor(walk, 3, { name: 'limber pine' }, 5)),
    ]);
    const { stale } = await grades(sitting);
    const late = receipt.body.accepted.length;
    const graded = (await grades(sitting)).rows.filter(
      (r) => r.station === 3 && r.typed === 'limber pine',
    ).length;
    // Either the answer is graded, or it is known to be missing, or it was kept for a decision.
    expect(late === 0 || graded === 1 || stale.includes('answers')).toBe(true);
  });

  test('an answer without a grade keeps the results from being returned', async () => {
    const { sitting, phone, walk } = await closedSitting('first', '11', 'western larch');
    await grade(sitting);
    await send(phone, answersFor(walk, 3, { name: 'limber pine' }, 5));
    expect((await grades(sitting)).stale).toEqual([]);
    // It came too late; once it counts, it has no grade yet.
    const [late] = (await owner.call<Dispute[]>('GET', `/api/sittings/${sitting}/disputes`)).body;
    await owner.call('POST', `/api/sittings/${sitting}/dispute-decisions`, {
      disputes: [late?.id],
      decision: 'count',
    });
    expect((await grades(sitting)).stale).toEqual(['answers']);
    const { body } = await owner.call<{ version: number }>('GET', `/api/sittings/${sitting}`);
    const refused = await owner.call(
      'POST',
      `/api/sittings/${sitting}/state`,
      { to: 'returned' },
      { version: body.version },
    );
    expect([refused.status, refused.body.remedy]).toEqual([409, 'Grade again, then return the results.']);
    await grade(sitting);
    await moveSitting(owner, sitting, 'returned');
  });
});

describe('a name decided by an assistant', () => {
  let first: string;
  beforeEach(async () => {
    first = (await closedSitting('first', '11', 'zanzibar tree')).sitting;
    await grade(first);
  });

  test('holds for the sitting in front of them, not for a section that is not theirs', async () => {
    const assistant = await app.assistant();
    const ruled = await assistant.call('PUT', `/api/sittings/${first}/name-rulings`, {
      typed: 'zanzibar tree',
      taxon: id('grandis'),
      outcome: 'exact',
    });
    expect(ruled.status).toBe(200);
    expect((await grades(first)).rows.find((r) => r.typed === 'zanzibar tree')).toMatchObject({
      points: 2,
      ruled: true,
    });
    const second = (await closedSitting('second', '21', 'zanzibar tree')).sitting;
    const there = (await grade(second)).rows.find((r) => r.typed === 'zanzibar tree');
    expect(there).toMatchObject({ points: 0, ruled: false });
    await owner.call('PUT', `/api/sittings/${first}/name-rulings`, {
      typed: 'zanzibar tree',
      taxon: id('grandis'),
      outcome: 'exact',
    });
    expect((await grade(second)).rows.find((r) => r.typed === 'zanzibar tree')).toMatchObject({
      points: 2,
      ruled: true,
    });
  });
});

test('a teacher decides otherwise than the assistant did, and it holds at once, in that sitting too', async () => {
  const { sitting } = await closedSitting('first', '11', 'quibble tree');
  await grade(sitting);
  const decide = async (by: Client, taxon: string) => {
    await by.call('PUT', `/api/sittings/${sitting}/name-rulings`, {
      typed: 'quibble tree',
      taxon: id(taxon),
      outcome: 'exact',
    });
    return (await grades(sitting)).rows.find((r) => r.typed === 'quibble tree')?.points;
  };
  expect(await decide(await app.assistant(), 'grandis')).toBe(2);
  expect(await decide(owner, 'lasiocarpa')).toBe(0);
});

describe('a paper sheet', () => {
  const enter = async (sitting: string, typed: string): Promise<number> => {
    const sheet = await owner.call<Sheet>('GET', `/api/sittings/${sitting}/sheets/${id('s12')}`);
    const ask = sheet.body.asks.find((a) => a.kind === 'common' && a.number === 1);
    const { status } = await owner.call('POST', `/api/sittings/${sitting}/sheets/${id('s12')}`, {
      answers: [{ id: v4(), sittingStation: ask?.sittingStation, ask: ask?.ask, typed }],
    });
    return status;
  };
  const paper = (sitting: string) =>
    app.db.query<{ typed: string; late: boolean }>(
      `select r.value ->> 'text' as typed, r.late from response r join attempt t on t.ws = r.ws and t.id = r.attempt
       where t.sitting = $1 and r.origin = 'paper' order by r.seq`,
      [sitting],
    );

  test('entered after closing is not late, and it is on the disk before it is stored', async () => {
    const { sitting } = await closedSitting('first', '11', 'grand fir');
    expect(await enter(sitting, 'subalpine fir')).toBe(200);
    expect(await paper(sitting)).toEqual([{ typed: 'subalpine fir', late: false }]);
    const logged: string[] = [];
    for await (const chunk of allAnswers(app.answers)) logged.push(...chunk.map((a) => answerText(a.value)));
    expect(logged).toContain('subalpine fir');
  });

  test('entered after grading is stored, and the results wait until it is graded', async () => {
    const { sitting } = await closedSitting('first', '11', 'grand fir');
    await grade(sitting);
    expect(await enter(sitting, 'limber pine')).toBe(200);
    expect((await grades(sitting)).stale).toEqual(['answers']);
    await grade(sitting);
    expect((await grades(sitting)).stale).toEqual([]);
    await moveSitting(owner, sitting, 'returned');
    expect(await enter(sitting, 'too late')).toBe(409);
    expect((await paper(sitting)).map((p) => p.typed)).toEqual(['limber pine']);
  });
});
