import type {
  AnswerOf,
  AnswerRoute,
  AudienceOf,
  BodyOf,
  ParamsOf,
  Role,
  RouteName,
  ROUTES,
} from '@hurrow/contract';
import { ID } from '@hurrow/contract/schemas';
import type { Database } from '../db/index.ts';
import type { AnswersLog, Erasures, Intake } from '../answers/index.ts';
import type { Jobs } from '../jobs/index.ts';
import { invalid, stale, versionMissing } from './problem.ts';

/** What every handler works with. */
export interface App {
  readonly db: Database;
  readonly answers: AnswersLog;
  /** Takes answers in, on the disk first. */
  readonly intake: Intake;
  readonly erasures: Erasures;
  readonly clock: () => Date;
  /** Shown in the terminal; the first owner proves with it that they started the application. Null once one exists. */
  readonly setupCode: string | null;
  readonly version: string;
  readonly jobs: Jobs;
  /** What the start could not bring back; shown where work is due. */
  readonly recovery: Recovery;
  /** Waits some milliseconds. Limits slow down with it; tests let it pass at once. */
  readonly wait: (ms: number) => Promise<void>;
  /** Whether a host name is one this application is reached at. */
  readonly isOwnHost: (hostname: string) => boolean;
}

/** What the last start found in the answers log and the erasures beside the database. */
export interface Recovery {
  readonly stored: number;
  /** Answers of sittings or students that the database does not know. */
  readonly left: number;
  /** Lines that are no answer, or that the database refused. */
  readonly aside: number;
  /** Lines of the erasures that cannot be read. */
  readonly damagedErasures: number;
}

export const NOTHING_TO_RECOVER: Recovery = { stored: 0, left: 0, aside: 0, damagedErasures: 0 };

export type Who =
  | { readonly kind: 'nobody' }
  | {
      readonly kind: 'account';
      readonly ws: string;
      readonly id: string;
      readonly name: string;
      readonly role: Role;
      readonly tokenHash: string;
    }
  | {
      readonly kind: 'student';
      readonly ws: string;
      /** The session of this phone, which may be in several sittings. */
      readonly session: string;
      readonly student: string;
      readonly sitting: string;
      readonly takeover: number;
      readonly device: string;
      /** Other phones that this student number is open on. */
      readonly otherDevices: number;
      readonly tokenHash: string;
    };

export type Account = Extract<Who, { kind: 'account' }>;
export type Student = Extract<Who, { kind: 'student' }>;

export interface Call<W = Who> {
  readonly app: App;
  readonly who: W;
  readonly params: Readonly<Record<string, string>>;
  readonly query: Readonly<Record<string, string>>;
  readonly body: unknown;
  /** The version in `If-Match`. */
  readonly version: number | null;
  readonly ip: string;
  readonly secure: boolean;
  /** A cookie of the request. */
  readonly cookie: (name: string) => string | undefined;
  /** The name of the browser, where it tells one; read only where it is asked for, which takes as long as a small query. */
  readonly browser: () => string | null;
}

export interface Cookie {
  readonly name: string;
  /** Null takes it away. */
  readonly value: string | null;
  readonly path: string;
  readonly expires?: Date;
}

export interface Reply {
  readonly status?: number;
  readonly body?: unknown;
  /** Sent as it is instead of a body; with a name it is saved by the browser. */
  readonly file?: { readonly type: string; readonly bytes: Buffer | string; readonly name?: string };
  /** Sent as the ETag. */
  readonly version?: number;
  readonly cookies?: readonly Cookie[];
}

type Table = typeof ROUTES;

/** Who calls a route, by its audience: it is checked before the handler runs. */
type WhoOf<R extends RouteName> =
  AudienceOf<R> extends 'anyone' ? Who : AudienceOf<R> extends 'student' ? Student : Account;

/** What is sent to a route: its checked body, or the file. */
export type SentTo<R extends RouteName> = Table[R] extends { readonly file: 'image' }
  ? Buffer
  : Table[R] extends { readonly file: 'text' }
    ? string
    : BodyOf<R>;

/** A call of one route, with its own parameters and body. */
export interface CallOf<R extends RouteName> extends Call<WhoOf<R>> {
  readonly params: ParamsOf<R>;
  readonly body: SentTo<R>;
}

/** The reply of one route: its answer, its file, or neither. */
export type ReplyOf<R extends RouteName> = Omit<Reply, 'body' | 'file'> &
  (R extends AnswerRoute
    ? { readonly body: AnswerOf<R> }
    : Table[R] extends { readonly answersFile: true }
      ? { readonly file: NonNullable<Reply['file']> }
      : { readonly body?: undefined });

export type Handlers = { readonly [R in RouteName]: (call: CallOf<R>) => Promise<ReplyOf<R>> };
/** A route's handler as the router calls it, after the checks that make its types true. */
export type Handler<W = Who> = (call: Call<W>) => Promise<Reply>;

/** A path parameter that must be an id; anything else is refused before it reaches SQL. */
export function idParam<K extends string>(
  call: { readonly params: Readonly<Record<K, string>> },
  key: K,
): string {
  const value = call.params[key].toLowerCase();
  if (ID.test(value)) return value;
  throw invalid('The address has an id that is not one.', { field: key, remedy: 'Open it from its list.' });
}

/** Refuses a write against another version than the one that stands, with both shown. */
export function needVersion(call: Call<unknown>, standing: number, current: unknown): void {
  if (call.version === null) {
    throw versionMissing('The request names no version.', { remedy: 'Send the version read as If-Match.' });
  }
  if (call.version !== standing) {
    throw stale(`It is at version ${standing} now; this was written against version ${call.version}.`, {
      remedy: 'Compare both and save again.',
      current,
      sent: call.body,
    });
  }
}
