import { maybe } from '../db/index.ts';
import { idParam, notFound } from '../http/index.ts';
import type { CallOf, Handlers, ReplyOf } from '../http/index.ts';
import { eraseEverywhere } from './again.ts';
import { mergePersons, personLinks, undoMerge } from './persons.ts';
import { readRecord } from './record.ts';

export { eraseAgain, eraseEverywhere } from './again.ts';
export { eraseStudent } from './erase.ts';

const noStudent = () =>
  notFound('There is no such student.', { remedy: 'Choose one from a roster; they may have been erased.' });

async function record(call: CallOf<'studentRecord'>): Promise<ReplyOf<'studentRecord'>> {
  const found = await readRecord(call.app.db, call.who.ws, idParam(call, 'id'));
  if (!found) throw noStudent();
  return {
    file: {
      type: 'application/json; charset=utf-8',
      bytes: `${JSON.stringify(found, null, 1)}\n`,
      name: `hurrow-student-${found.code}.json`,
    },
  };
}

async function erase(call: CallOf<'studentErase'>): Promise<ReplyOf<'studentErase'>> {
  const { ws } = call.who;
  const student = idParam(call, 'id');
  const at = call.app.clock().toISOString();
  if (!(await maybe(call.app.db, 'select 1 from student where ws = $1 and id = $2', [ws, student])))
    throw noStudent();
  // Written down first: should the process die in between, the next start and a restore both finish it.
  await call.app.erasures.append({ ws, student, at });
  await eraseEverywhere(call.app.db, call.app.answers, { ws, student, at });
  return { status: 204 };
}

export const studentsHandlers = {
  studentRecord: record,
  studentErase: erase,
  personLinks,
  personMerge: mergePersons,
  personMergeUndo: undoMerge,
} satisfies Partial<Handlers>;
