import { randomBytes } from 'node:crypto';
import type { JobState } from '@hurrow/contract';

type Result = JobState['result'];

/** Told by long work as it goes on. @throws Cancelled once somebody wants it to stop. */
export interface Progress {
  (stage: string, done: number, total: number | null): void;
  /** Called when the work should stop before it next tells how far it is. */
  readonly onCancel: (stop: () => void) => void;
}

export interface Jobs {
  /** Starts work. @returns the token by which it is followed and stopped. */
  start(work: (progress: Progress) => Promise<Result>): string;
  read(token: string): JobState | null;
  /** @returns whether there was such work. */
  cancel(token: string): boolean;
}

/** Thrown within work that somebody has stopped. */
export class Cancelled extends Error {
  readonly code = 'CANCELLED';
}

const MOST_KEPT = 100;

interface Kept {
  state: JobState;
  cancelled: boolean;
  stops: (() => void)[];
}

/**
 * Long work in this process. It is kept in memory alone: each job is one transaction, so a process that dies leaves
 * nothing half done, and a job can be followed while its transaction holds the only connection of the database.
 * @param explain what to tell of an error that ended a job; null where it is not one to explain.
 */
export function jobsInMemory(
  explain: (error: unknown) => JobState['problem'],
  report: (error: unknown) => void,
): Jobs {
  const kept = new Map<string, Kept>();
  const start = (work: (progress: Progress) => Promise<Result>): string => {
    const token = randomBytes(18).toString('base64url');
    const job: Kept = {
      state: { state: 'running', stage: 'waiting', done: 0, total: null, result: null, problem: null },
      cancelled: false,
      stops: [],
    };
    kept.set(token, job);
    for (const oldest of kept.keys()) {
      if (kept.size <= MOST_KEPT) break;
      if (kept.get(oldest)?.state.state !== 'running') kept.delete(oldest);
    }
    const progress: Progress = Object.assign(
      (stage: string, done: number, total: number | null) => {
        if (job.cancelled) throw new Cancelled('Stopped');
        job.state = { ...job.state, stage, done, total };
      },
      { onCancel: (stop: () => void) => void job.stops.push(stop) },
    );
    void work(progress).then(
      (result) => {
        job.state = { ...job.state, state: 'done', result };
      },
      (error: unknown) => {
        if (job.cancelled) {
          job.state = { ...job.state, state: 'cancelled' };
          return;
        }
        const problem = explain(error);
        if (!problem) report(error);
        job.state = {
          ...job.state,
          state: 'failed',
          problem: problem ?? { detail: 'It could not be done.', remedy: 'Try again; nothing was changed.' },
        };
      },
    );
    return token;
  };
  return {
    start,
    read: (token) => kept.get(token)?.state ?? null,
    cancel: (token) => {
      const job = kept.get(token);
      if (!job) return false;
      if (job.state.state === 'running') {
        job.cancelled = true;
        for (const stop of job.stops) stop();
      }
      return true;
    },
  };
}
