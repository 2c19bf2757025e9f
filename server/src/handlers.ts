import type { RouteName } from '@hurrow/contract';
import { ROUTES } from '@hurrow/contract';
import { accessHandlers } from './access/index.ts';
import { backupHandlers } from './backup/index.ts';
import { classesHandlers } from './classes/index.ts';
import { compareHandlers } from './compare/index.ts';
import { dueHandlers } from './due/index.ts';
import { exchangeHandlers } from './exchange/index.ts';
import type { AnyoneHandlers, Handler, Handlers } from './http/index.ts';
import { notFound } from './http/index.ts';
import { libraryHandlers } from './library/index.ts';
import { markingHandlers } from './marking/index.ts';
import { materialHandlers } from './material/index.ts';
import { mixupsHandlers } from './mixups/index.ts';
import { openApi } from './openapi.ts';
import { rangesHandlers } from './ranges/index.ts';
import { quizzesHandlers } from './quizzes/index.ts';
import { sittingsHandlers } from './sittings/index.ts';
import { studentsHandlers } from './students/index.ts';
import { joinHandlers, walkHandlers } from './walk/index.ts';

const own: AnyoneHandlers = {
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
};

/** The audience of every route is checked before its handler runs, so that a handler may rely on who calls. */
const staffAndStudents = {
  ...dueHandlers,
  ...classesHandlers,
  ...libraryHandlers,
  ...compareHandlers,
  ...exchangeHandlers,
  ...rangesHandlers,
  ...studentsHandlers,
  ...backupHandlers,
  ...materialHandlers,
  ...quizzesHandlers,
  ...sittingsHandlers,
  ...markingHandlers,
  ...mixupsHandlers,
  ...walkHandlers,
} as unknown as AnyoneHandlers;

/** Every route's handler. @throws at start where a route of the table has none. */
export function allHandlers(): Handlers {
  const found = { ...own, ...accessHandlers, ...joinHandlers, ...staffAndStudents };
  for (const name of Object.keys(ROUTES) as RouteName[]) {
    if (!found[name]) throw new Error(`The route ${name} has no handler`);
  }
  return found as Record<RouteName, Handler>;
}
