import type { Handlers } from '../http/index.ts';
import { submit, takeAnswers, unsubmit } from './answers.ts';
import { join, joining, leave, walkSittings } from './join.ts';
import { walkResults } from './results.ts';
import { walkSitting } from './sitting.ts';

export const joinHandlers = { walkJoin: join, walkJoining: joining } satisfies Partial<Handlers>;

export const walkHandlers = {
  walk: async (call) => ({ body: await walkSitting(call) }),
  walkSittings,
  walkAnswers: takeAnswers,
  walkSubmit: submit,
  walkUnsubmit: unsubmit,
  walkResults: async (call) => ({ body: await walkResults(call) }),
  walkLeave: leave,
} satisfies Partial<Handlers>;
