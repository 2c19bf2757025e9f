import { afterAll, beforeAll, expect, test } from '@jest/globals';
import type { PersonLinks, ProblemDetails } from '@hurrow/contract';
import {
  answersFor,
  graded,
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

const links = async (student: string): Promise<PersonLinks> =>
  (await owner.call<PersonLinks>('GET', `/api/students/${id(student)}/person`)).body;
const merge = (one: string, other: string) =>
  owner.call<PersonLinks & ProblemDetails>('POST', `/api/students/${id(one)}/person`, { other: id(other) });
const met = async (): Promise<readonly unknown[]> =>
  app.db.query(
    `select distinct s.code from look l join student s on s.id = l.student where l.met_before order by s.code`,
  );

/** A graded sitting in which one student names the first tree. */
async function sat(section: string, student: string): Promise<void> {
  const { sitting, code } = await openSitting(owner, section);
  const { phone, walk } = await joinWalk(app, code, student, `word of ${student}`);
  await send(phone, answersFor(walk, 1, { name: 'grand fir' }));
  await moveSitting(owner, sitting.id, 'closed');
  await graded(owner, sitting.id);
}

test('two numbers of one person met their trees as one; taken back, they did not', async () => {
  await sat('first', '11');
  await sat('second', '21');
  expect(await met()).toEqual([]);
  const merged = await merge('s11', 's21');
  expect(merged.status).toBe(201);
  expect(merged.body.students.map((s) => [s.code, s.sections.length])).toEqual([['21', 1]]);
  // The two sittings are of one day: the one that was made first counts as the earlier.
  expect(await met()).toHaveLength(1);
  expect((await links('s21')).students.map((s) => s.code)).toEqual(['11']);

  const [one] = merged.body.merges;
  expect(one).toMatchObject({ a: '11', b: '21', by: 'Ilse Varn' });
  expect((await owner.call('DELETE', `/api/person-merges/${one?.id ?? ''}`)).status).toBe(204);
  expect(await met()).toEqual([]);
  expect(await links('s11')).toEqual({ students: [], merges: [] });
  expect((await owner.call('DELETE', `/api/person-merges/${one?.id ?? ''}`)).status).toBe(404);
});

test('the same student twice, or two who are one person already, are refused with the field', async () => {
  const same = await merge('s11', 's11');
  expect([same.status, same.body.field]).toEqual([422, 'other']);
  expect((await merge('s11', 's21')).status).toBe(201);
  const again = await merge('s21', 's11');
  expect([again.status, again.body.field]).toEqual([409, 'other']);
  expect((await merge('s11', 'none')).status).toBe(404);
});

test('who is one person through somebody erased stays one, and nothing is kept of the erased', async () => {
  expect((await merge('s21', 's12')).status).toBe(201);
  expect((await links('s11')).students.map((s) => s.code).sort()).toEqual(['12', '21']);
  expect((await owner.call('DELETE', `/api/students/${id('s21')}`)).status).toBe(204);
  expect((await links('s11')).students.map((s) => s.code)).toEqual(['12']);
  expect(
    await app.db.query(
      'select 1 from person p where not exists (select 1 from student s where s.person = p.id)',
    ),
  ).toEqual([]);
});
