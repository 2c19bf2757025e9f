import type { Role, RouteName } from '@hurrow/contract';
import type { Database } from '../db/index.ts';
import type { AnswersLog, Erasures } from '../answers/index.ts';
import type { Jobs } from '../jobs/index.ts';
import { invalid, stale, versionMissing } from './problem.ts';

/** What every handler works with. */
export interface App {
  readonly db: Database;
  readonly answers: AnswersLog;
  readonly erasures: Erasures;
  readonly clock: () => Date;
  /** Shown in the terminal; the first owner proves with it that they started the application. Null once one exists. */
  readonly setupCode: string | null;
  readonly version: string;
  readonly jobs: Jobs;
}

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
      readonly student: string;
      readonly sitting: string;
      readonly takeover: number;
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

export type Handler<W = Who> = (call: Call<W>) => Promise<Reply>;

export type AnyoneHandlers = Partial<Record<RouteName, Handler>>;
export type StaffHandlers = Partial<Record<RouteName, Handler<Account>>>;
export type StudentHandlers = Partial<Record<RouteName, Handler<Student>>>;

/** A path parameter that must be an id; anything else is refused before it reaches SQL. */
export function idParam(call: Call<unknown>, key: string): string {
  const value = call.params[key] ?? '';
  if (/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i.test(value)) return value;
  throw invalid(`“${value}” is no id.`, { field: key, remedy: 'Open it from its list.' });
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
