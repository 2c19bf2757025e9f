import type { ResponseLine } from '../responses/index.ts';
import type { Judged } from './judged.ts';

/** One row with what its answer names. */
export interface Row extends Judged {
  readonly line: ResponseLine;
  /** The student within the section. */
  readonly student: string;
  /** Quiz and station. */
  readonly station: string;
  /** Quiz, day and section. */
  readonly sitting: string;
}
