import type { ProblemDetails } from '@hurrow/contract';

/** A refused request, with what was wrong and what would be right. */
export class Refused extends Error {
  readonly problem: ProblemDetails;

  constructor(problem: ProblemDetails) {
    super(problem.detail);
    this.problem = problem;
  }
}

const UNREACHED: ProblemDetails = {
  type: 'urn:hurrow:unreached',
  title: 'Not reached',
  status: 0,
  detail: 'Hurrow cannot be reached.',
  remedy: 'Check the network. What you typed is still here.',
};

/** An error that is no answer of the server: a fault of this page, told as one and never as a missing network. */
const FAULT: ProblemDetails = {
  type: 'urn:hurrow:page-fault',
  title: 'Something went wrong on this page',
  status: -1,
  detail: 'Something went wrong on this page.',
  remedy: 'Reload the page. What you saved is safe.',
};

export const problemOf = (error: unknown): ProblemDetails =>
  error instanceof Refused ? error.problem : FAULT;

/** Answers of a server that is starting or has too much to do: worth sending again, as no answer is. */
const AWAY: ReadonlySet<number> = new Set([0, 502, 503, 504]);

/** True where nothing answered, so that it is worth sending again. */
export const isUnreached = (error: unknown): boolean =>
  error instanceof Refused && AWAY.has(error.problem.status);

export const unreached = (): Refused => new Refused(UNREACHED);
