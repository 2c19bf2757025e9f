/** Problem details (RFC 9457) as every refused request answers, with the field that is wrong and what would be right. */
export interface ProblemDetails {
  readonly type: string;
  readonly title: string;
  readonly status: number;
  readonly detail: string;
  /** A path into the body, `asks.0.points`, where one field is at fault. */
  readonly field?: string;
  readonly remedy?: string;
  readonly offer?: string;
  /** Seconds after which the same request may pass; sent as `Retry-After` too. */
  readonly retryAfter?: number;
  /** A stale write gets the version that stands now beside the one that was sent. */
  readonly current?: unknown;
  readonly sent?: unknown;
}
