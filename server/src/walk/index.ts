import type { Handlers } from '../http/index.ts';
import { submit, takeAnswers, unsubmit } from './answers.ts';
import { join, joining, leave, walkSittings } from './join.ts';
import { slips, walkResults } from './results.ts';
import { walkSitting } from './sitting.ts';

export const joinHandlers = { walkJoin: join, walkJoining: joining } satisfies Partial<Handlers>;

/** Results as staff print them. */
export const slipHandlers = {
  slips: async (call) => ({ body: await slips(call) }),
} satisfies Partial<Handlers>;

export const walkHandlers = {
  walk: async (call) => ({ body: await walkSitting(call) }),
  walkSittings,
  walkAnswers: takeAnswers,
  walkSubmit: submit,
  walkUnsubmit: unsubmit,
  walkResults: async (call) => ({ body: await walkResults(call) }),
  walkLeave: leave,
} satisfies Partial<Handlers>;
