/** What is wrong with an entry and what would be right, in words for the person who typed it. */
export interface Problem {
  readonly code: string;
  readonly message: string;
  readonly remedy: string;
  /** An entry that would be accepted, where one can be offered. */
  readonly offer?: string;
}

export type Result<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly problem: Problem };

export const ok = <T>(value: T): Result<T> => ({ ok: true, value });

export const refuse = (code: string, message: string, remedy: string, offer?: string): Result<never> => ({
  ok: false,
  problem: { code, message, remedy, ...(offer === undefined ? {} : { offer }) },
});
