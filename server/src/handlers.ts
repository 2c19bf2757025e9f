import { accessHandlers } from './access/index.ts';
import { backupHandlers } from './backup/index.ts';
import { classesHandlers } from './classes/index.ts';
import { compareHandlers } from './compare/index.ts';
import { dueHandlers } from './due/index.ts';
import { exchangeHandlers } from './exchange/index.ts';
import type { Handlers } from './http/index.ts';
import { idParam, notFound } from './http/index.ts';
import { libraryHandlers } from './library/index.ts';
import { countAnswers, gradingHandlers, makeGradingReady } from './grading/index.ts';
import { materialHandlers } from './material/index.ts';
import { lessonsHandlers } from './lessons/index.ts';
import { missesHandlers } from './misses/index.ts';
import { mixupsHandlers } from './mixups/index.ts';
import { paperHandlers } from './paper/index.ts';
import { openApi } from './openapi.ts';
import { invitationHandlers, peopleHandlers } from './people/index.ts';
import { resultsHandlers } from './results/index.ts';
import { rangesHandlers } from './ranges/index.ts';
import { quizzesHandlers } from './quizzes/index.ts';
import { soundnessHandlers } from './soundness/index.ts';
import { sittingsHandlers } from './sittings/index.ts';
import { studentsHandlers } from './students/index.ts';
import { joinHandlers, slipHandlers, walkHandlers } from './walk/index.ts';

const own = {
  health: async (call) => {
    await call.app.db.query('select 1');
    return { body: { status: 'up', version: call.app.version, database: call.app.db.kind } };
  },
  job: (call) => {
    const state = call.app.jobs.read(call.params['token'] ?? '');
    if (!state) throw notFound('There is no such work any more.', { remedy: 'Start it again.' });
    return Promise.resolve({ body: state });
  },
  jobCancel: (call) => {
    if (!call.app.jobs.cancel(call.params['token'] ?? ''))
      throw notFound('There is no such work any more.', {
        remedy: 'It may have ended; look at what it made.',
      });
    return Promise.resolve({ status: 204 });
  },
  openapi: (call) => Promise.resolve({ body: openApi(call.app.version) }),
} satisfies Partial<Handlers>;

/** A sitting that is closed is graded next. */
const sittingState: Handlers['sittingState'] = async (call) => {
  if (call.body.to === 'closed')
    makeGradingReady(await countAnswers(call.app.db, call.who.ws, idParam(call, 'id')));
  return sittingsHandlers.sittingState(call);
};

/** Every route's handler; a route of the table without one is an error of types. */
export const HANDLERS: Handlers = {
  ...own,
  ...accessHandlers,
  ...invitationHandlers,
  ...joinHandlers,
  ...dueHandlers,
  ...classesHandlers,
  ...peopleHandlers,
  ...libraryHandlers,
  ...compareHandlers,
  ...exchangeHandlers,
  ...rangesHandlers,
  ...resultsHandlers,
  ...studentsHandlers,
  ...backupHandlers,
  ...materialHandlers,
  ...quizzesHandlers,
  ...sittingsHandlers,
  ...paperHandlers,
  ...slipHandlers,
  ...gradingHandlers,
  ...soundnessHandlers,
  ...mixupsHandlers,
  ...missesHandlers,
  ...lessonsHandlers,
  ...walkHandlers,
  sittingState,
};
