import { v7 } from 'uuid';
import { POLICY } from '@hurrow/core/quizzes';
import { insertRows, maybe } from '../db/index.ts';
import { idParam, invalid } from '../http/index.ts';
import type { CallOf, Handlers, ReplyOf } from '../http/index.ts';
import { changeStation, createStation, removeStation } from './stations.ts';
import { readQuiz, readQuizzes } from './store.ts';

export { needQuiz, policyOf, readSittings, readStations } from './store.ts';

async function createQuiz(call: CallOf<'quizCreate'>): Promise<ReplyOf<'quizCreate'>> {
  const { name, list } = call.body;
  const { ws } = call.who;
  if (!(await maybe(call.app.db, 'select 1 from list where ws = $1 and id = $2', [ws, list]))) {
    throw invalid('There is no such list.', { field: 'list', remedy: 'Make the list first.' });
  }
  const id = v7();
  await call.app.db.transaction((tx) =>
    insertRows(tx, 'quiz', [{ ws, id, name, list, kind: 'field', policy: POLICY, version: 1 }]),
  );
  return { status: 201, body: await readQuiz(call.app.db, ws, call.who.id, id) };
}

export const quizzesHandlers = {
  quizzes: async (call) => ({ body: await readQuizzes(call.app.db, call.who.ws, call.who.id) }),
  quizCreate: createQuiz,
  quiz: async (call) => ({
    body: await readQuiz(call.app.db, call.who.ws, call.who.id, idParam(call, 'id')),
  }),
  stationCreate: createStation,
  stationChange: changeStation,
  stationRemove: removeStation,
} satisfies Partial<Handlers>;
