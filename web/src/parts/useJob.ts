import { useCallback, useRef, useState } from 'react';
import type { JobStarted, JobState } from '@hurrow/contract';
import { Refused, request } from '../api/index.ts';

const PAUSE = 250;

export interface Job {
  readonly state: JobState | null;
  readonly error: unknown;
  readonly run: (start: () => Promise<JobStarted>) => Promise<JobState['result']>;
  readonly cancel: () => void;
  readonly clear: () => void;
}

/** Follows long work on the server to its end, and can stop it. */
export function useJob(): Job {
  const [state, setState] = useState<JobState | null>(null);
  const [error, setError] = useState<unknown>(null);
  const token = useRef<string | null>(null);
  const run = useCallback(async (start: () => Promise<JobStarted>): Promise<JobState['result']> => {
    setError(null);
    setState({ state: 'running', stage: 'sending', done: 0, total: null, result: null, problem: null });
    try {
      const { job } = await start();
      token.current = job;
      for (;;) {
        const next = await request('job', { params: { token: job } });
        setState(next);
        if (next.state !== 'running') {
          token.current = null;
          return next.result;
        }
        await new Promise((go) => setTimeout(go, PAUSE));
      }
    } catch (e) {
      token.current = null;
      setState(null);
      setError(e);
      return null;
    }
  }, []);
  return {
    state,
    error:
      error ??
      (state?.state === 'failed' && state.problem
        ? new Refused({ type: 'urn:hurrow:job', title: 'Refused', status: 409, ...state.problem })
        : null),
    run,
    cancel: () => {
      if (token.current)
        void request('jobCancel', { params: { token: token.current } }).catch(() => undefined);
    },
    clear: () => {
      setState(null);
      setError(null);
    },
  };
}
