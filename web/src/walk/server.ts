import { Refused } from '../api/problem.ts';
import { request } from '../api/request.ts';
import type { WalkServer } from './engine/index.ts';

const SIGNED_OUT = 401;
const BUSY: ReadonlySet<number> = new Set([429, 502, 503, 504, 507]);

/** What a request is about: a phone may be in several sittings. */
export const at = (sitting: string | null): { readonly query?: { readonly sitting: string } } =>
  sitting === null ? {} : { query: { sitting } };

/** The server as a phone reaches it. */
export const phoneServer: WalkServer = {
  read: (sitting) => request('walk', at(sitting)),
  send: (sitting, answers) => request('walkAnswers', { ...at(sitting), body: { answers } }),
  submit: async (sitting) => {
    await request('walkSubmit', at(sitting));
  },
  unsubmit: async (sitting) => {
    await request('walkUnsubmit', at(sitting));
  },
  leave: () => request('walkLeave'),
  failure: (error) => {
    const problem = error instanceof Refused ? error.problem : null;
    const retryAfterMs = (problem?.retryAfter ?? 0) * 1000;
    if (problem?.status === SIGNED_OUT) return { why: 'signed_out', retryAfterMs };
    const away = problem === null ? false : problem.status === 0 || BUSY.has(problem.status);
    return { why: away ? 'unreached' : 'other', retryAfterMs };
  },
};
