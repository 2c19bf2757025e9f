import type { AnyoneHandlers, StudentHandlers } from '../http/index.ts';
import { submit, takeAnswers } from './answers.ts';
import { join, joining, leave } from './join.ts';
import { walkResults } from './results.ts';
import { walkSitting } from './sitting.ts';

export const joinHandlers: AnyoneHandlers = { walkJoin: join, walkJoining: joining };

export const walkHandlers: StudentHandlers = {
  walk: async (call) => ({ body: await walkSitting(call) }),
  walkAnswers: takeAnswers,
  walkSubmit: submit,
  walkResults: async (call) => ({ body: await walkResults(call) }),
  walkLeave: leave,
};
