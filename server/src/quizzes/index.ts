import { idParam } from '../http/index.ts';
import type { Handlers } from '../http/index.ts';
import { changePlan, changeQuiz, createQuiz, removeQuiz } from './quizzes.ts';
import { addStations, changeStation, createStation, orderStations, removeStation } from './stations.ts';
import { readQuiz, readQuizzes } from './store.ts';

export { needQuiz, planOf, policyOf, readSittings, readStations } from './store.ts';
export type { SittingOfQuiz } from './store.ts';

export const quizzesHandlers = {
  quizzes: async (call) => ({ body: await readQuizzes(call.app.db, call.who.ws, call.who.id) }),
  quizCreate: createQuiz,
  quiz: async (call) => {
    const body = await readQuiz(call.app.db, call.who.ws, call.who.id, idParam(call, 'id'));
    return { body, version: body.version };
  },
  quizChange: changeQuiz,
  quizRemove: removeQuiz,
  quizPlan: changePlan,
  stationsOrder: orderStations,
  stationsAdd: addStations,
  stationCreate: createStation,
  stationChange: changeStation,
  stationRemove: removeStation,
} satisfies Partial<Handlers>;
