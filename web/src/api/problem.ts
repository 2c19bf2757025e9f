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
  detail: 'The application could not be reached.',
  remedy: 'Check the network; what you typed is still here.',
};

export const problemOf = (error: unknown): ProblemDetails =>
  error instanceof Refused ? error.problem : { ...UNREACHED, detail: UNREACHED.detail };

/** True where nothing answered, so that it is worth sending again. */
export const isUnreached = (error: unknown): boolean =>
  !(error instanceof Refused) || error.problem.status === 0;

export const unreached = (): Refused => new Refused(UNREACHED);
