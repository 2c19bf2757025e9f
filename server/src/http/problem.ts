import type { ProblemDetails } from '@hurrow/contract';

/** A refusal on its way to the edge; the answer is problem details (RFC 9457). */
export class HttpProblem extends Error {
  readonly code = 'HTTP_PROBLEM';
  readonly details: ProblemDetails;

  constructor(details: ProblemDetails) {
    super(details.detail);
    this.details = details;
  }
}

type More = Partial<Pick<ProblemDetails, 'field' | 'remedy' | 'offer' | 'current' | 'sent' | 'retryAfter'>>;

const problem =
  (status: number, type: string, title: string) =>
  (detail: string, more: More = {}): HttpProblem =>
    new HttpProblem({ type: `urn:hurrow:${type}`, title, status, detail, ...more });

export const badRequest = problem(400, 'bad-request', 'The request cannot be read');
export const notSignedIn = problem(401, 'not-signed-in', 'Not signed in');
export const forbidden = problem(403, 'forbidden', 'Not allowed');
export const notFound = problem(404, 'not-found', 'Not found');
export const conflict = problem(409, 'conflict', 'This cannot be done right now');
export const payloadTooLarge = problem(413, 'too-large', 'The request is too large');
export const unsupported = problem(415, 'unsupported', 'The request is in a form that cannot be read');
export const stale = problem(412, 'stale', 'Someone else changed this');
export const invalid = problem(422, 'invalid', 'One entry needs a change');
export const versionMissing = problem(428, 'version-missing', 'The version that was read is missing');
export const tooMany = problem(429, 'too-many', 'Too many tries');
export const broken = problem(500, 'broken', 'Something went wrong on our side');
export const unavailable = problem(503, 'unavailable', 'Not available right now');
export const starting = problem(503, 'starting', 'Hurrow is starting');
export const diskFull = problem(507, 'disk-full', 'The disk is full');

/** Errors may come from another realm, so they are known by their code. */
export const isHttpProblem = (error: unknown): error is HttpProblem =>
  typeof error === 'object' && error !== null && (error as { code?: unknown }).code === 'HTTP_PROBLEM';
