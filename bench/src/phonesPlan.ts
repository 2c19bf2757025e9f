/** What a generator of phones is told to do. */
export interface PhonesPlan {
  readonly base: string;
  readonly code: string;
  /** Student numbers, one phone each. */
  readonly students: readonly string[];
  readonly joinSeconds: number;
  readonly answerSeconds: number;
  /** Sending is given up after this long; what was planned and not sent counts as not acknowledged. */
  readonly mostSeconds: number;
  readonly seed: number;
}

/** What the phones saw; times in milliseconds from the moment at which each was planned. */
export interface PhonesReport {
  readonly joins: readonly number[];
  readonly loads: readonly number[];
  readonly batches: readonly number[];
  readonly planned: number;
  readonly acknowledged: readonly string[];
  /** Requests that did not go through at the first try, and were tried again. */
  readonly again: number;
  readonly seconds: number;
}

/** The value under which a share of the numbers lies. */
export const percentile = (numbers: readonly number[], share: number): number =>
  [...numbers].sort((a, b) => a - b)[Math.min(numbers.length - 1, Math.floor(numbers.length * share))] ?? 0;
