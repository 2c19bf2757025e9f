import type { NextFunction, Request, Response } from 'express';
import type { ProblemDetails } from '@hurrow/contract';
import { faultOf } from '../db/index.ts';
import type { DatabaseFault } from '../db/index.ts';
import {
  badRequest,
  broken,
  conflict,
  diskFull,
  invalid,
  isHttpProblem,
  payloadTooLarge,
  unavailable,
  unsupported,
} from './problem.ts';
import type { HttpProblem } from './problem.ts';

const RETRY_SECONDS = 5;

export function sendProblem(res: Response, details: ProblemDetails): void {
  res.status(details.status).setHeader('Cache-Control', 'no-store');
  if (details.retryAfter !== undefined) res.setHeader('Retry-After', String(details.retryAfter));
  res.type('application/problem+json').send(JSON.stringify(details));
}

/** Refusals of what reads a body: too large, of another kind, not JSON. */
function bodyFault(error: unknown): HttpProblem | null {
  const { status } = (error ?? {}) as { status?: unknown };
  if (status === 413)
    return payloadTooLarge('The request is too large.', { remedy: 'Send it in smaller parts.' });
  if (status === 415)
    return unsupported('The encoding of the request is not one this application reads.', {
      remedy: 'Send UTF-8 text, not compressed or with gzip.',
    });
  if (typeof status === 'number' && status >= 400 && status < 500)
    return badRequest('The request is not valid JSON.', { remedy: 'Send valid JSON.' });
  return null;
}

const BY_FAULT: Readonly<Record<DatabaseFault, () => HttpProblem>> = {
  value: () =>
    invalid('An entry has a value that cannot be kept.', {
      remedy: 'Change it and save again. Nothing was saved.',
    }),
  missing: () =>
    conflict('Something this refers to does not exist any more.', {
      remedy: 'Load the page again, then save. Nothing was saved.',
    }),
  exists: () =>
    conflict('This exists already.', { remedy: 'Load the page again to see it. Nothing was saved.' }),
  busy: () =>
    unavailable('Somebody else was saving the same thing.', {
      remedy: 'Save again. Nothing was saved.',
      retryAfter: 1,
    }),
  full: () =>
    diskFull('The disk of the server is full.', {
      remedy: 'Make room on it, then try again. What phones hold is sent again by itself.',
    }),
  down: () =>
    unavailable('The database cannot be reached.', {
      remedy: 'Wait a moment and try again. If it stays away, start the database server.',
      retryAfter: RETRY_SECONDS,
    }),
};

/** What to tell of an error; `reported` where it is not the caller's doing. */
export function explain(error: unknown): { readonly problem: HttpProblem; readonly reported: boolean } {
  if (isHttpProblem(error)) return { problem: error, reported: false };
  const body = bodyFault(error);
  if (body) return { problem: body, reported: false };
  const fault = faultOf(error);
  if (fault) return { problem: BY_FAULT[fault](), reported: true };
  return {
    problem: broken('Something went wrong on our side.', {
      remedy: 'Look whether your last change was saved, then try again.',
    }),
    reported: true,
  };
}

/** Errors become problem details; what is not the caller's doing is logged too. */
export function onError(report: (error: unknown) => void) {
  return (error: unknown, _req: Request, res: Response, next: NextFunction): void => {
    if (res.headersSent) {
      next(error);
      return;
    }
    const { problem, reported } = explain(error);
    if (reported) report(error);
    sendProblem(res, problem.details);
  };
}
