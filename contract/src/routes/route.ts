export type Method = 'GET' | 'POST' | 'PUT' | 'DELETE';

/**
 * Who may call a route. *staff*: owner, instructor and assistant (an assistant only for the sections given to them);
 * *teachers*: owner and instructor; *owner*: the owner alone; *student*: a student within one sitting.
 */
export type Audience = 'anyone' | 'staff' | 'teachers' | 'owner' | 'student';

declare const HELD: unique symbol;

/** Stands in the table for a type; nothing of it is left when the program runs. */
export interface Shape<T> {
  readonly [HELD]?: (held: T) => T;
}

/** Names the type of a body or of an answer. Its schema stands under the name of the route in `schemas`. */
export const shape = <T>(): Shape<T> => ({});

export interface Route {
  readonly method: Method;
  readonly path: string;
  readonly audience: Audience;
  readonly summary: string;
  /** What is sent as JSON. */
  readonly body?: Shape<never>;
  /** What is answered as JSON; a route without one answers nothing, or a file. */
  readonly answer?: Shape<never>;
  /** Whether `If-Match` must carry the version that was read. */
  readonly ifMatch?: boolean;
  /** The body is a file of this kind instead of JSON. */
  readonly file?: 'image' | 'text';
  /** Answers with a file instead of JSON. */
  readonly answersFile?: boolean;
  /** Makes a new thing: an idempotency key makes two presses one. */
  readonly creates?: boolean;
  /** Answered without asking who calls, so that it never waits for the database. */
  readonly withoutSession?: boolean;
  /** The reads that say other things once this was written. */
  readonly makesStale?: readonly string[];
}

type More = Omit<Route, 'method' | 'path' | 'audience' | 'summary' | 'body' | 'answer'> & {
  readonly body?: object;
  readonly answer?: object;
};

/** One line of the route table. */
export const route = <
  const M extends Method,
  const P extends string,
  const A extends Audience,
  const X extends More,
>(
  method: M,
  path: P,
  audience: A,
  summary: string,
  more: X,
): { readonly method: M; readonly path: P; readonly audience: A; readonly summary: string } & X => ({
  method,
  path,
  audience,
  summary,
  ...more,
});

/** Reads that say other things wherever an answer, its grade or whose it is changed. */
export const FROM_ANSWERS = ['characters', 'readings', 'sectionsAndYears', 'lessons', 'review'] as const;
