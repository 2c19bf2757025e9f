import { ROUTES, address } from '@hurrow/contract';
import type { AnswerOf, BodyOf, BodyRoute, ParamsOf, ProblemDetails, RouteName } from '@hurrow/contract';
import { v4 } from 'uuid';
import { Refused, isUnreached, unreached } from './problem.ts';
import { pressKeys } from './press.ts';

type Texts = Readonly<Record<string, string>>;

interface Options {
  /** What stands behind the question mark of the address. */
  readonly query?: Texts;
  /** Sent as `If-Match`. */
  readonly version?: number;
  readonly signal?: AbortSignal;
  /** Sent as `Idempotency-Key`. */
  readonly key?: string;
}

/** What is sent to a route: what its path names, and its body, as the table says. */
export type RequestOptions<R extends RouteName = RouteName> = Options &
  (Record<never, never> extends ParamsOf<R>
    ? { readonly params?: Texts }
    : { readonly params: ParamsOf<R> }) &
  (R extends BodyRoute ? { readonly body: BodyOf<R> } : { readonly body?: undefined });

/** The address of a route with its parameters and its query. */
export function addressOf(
  name: RouteName,
  { params, query }: { readonly params?: Texts; readonly query?: Texts },
): string {
  const asked = new URLSearchParams(query).toString();
  return `${address(name, params)}${asked === '' ? '' : `?${asked}`}`;
}

/** Calls a route of the table. @throws Refused with problem details, status 0 where nothing answered. */
export async function request<R extends RouteName>(
  name: R,
  ...[options]: Record<never, never> extends RequestOptions<R> ? [RequestOptions<R>?] : [RequestOptions<R>]
): Promise<AnswerOf<R>> {
  return send<AnswerOf<R>>(name, options ?? {});
}

interface Sent extends Options {
  readonly params?: Texts;
  readonly body?: unknown;
}

/** Calls a route with what is sent to it already put together. @throws as `request` does. */
export async function send<T>(name: RouteName, options: Sent): Promise<T> {
  return answered<T>(addressOf(name, options), {
    method: ROUTES[name].method,
    headers: {
      ...(options.body === undefined ? {} : { 'Content-Type': 'application/json' }),
      ...(options.version === undefined ? {} : { 'If-Match': `"${options.version}"` }),
      ...(options.key === undefined ? {} : { 'Idempotency-Key': options.key }),
    },
    ...(options.body === undefined ? {} : { body: JSON.stringify(options.body) }),
    ...(options.signal ? { signal: options.signal } : {}),
  });
}

const files = pressKeys(v4, () => Date.now());

/** Sends under the key of its press; a refusal settles it, nobody reached does not. */
async function pressed<T>(content: string, sendUnder: (key: string) => Promise<T>): Promise<T> {
  const key = files.keyFor(content);
  try {
    const reply = await sendUnder(key);
    files.settled(key);
    return reply;
  } catch (error) {
    if (!isUnreached(error)) files.settled(key);
    throw error;
  }
}

/** Sends a file as the body of a route, under its own type. @throws as `request` does. */
export const sendFile = <R extends RouteName>(
  name: R,
  params: ParamsOf<R>,
  file: Blob,
): Promise<AnswerOf<R>> =>
  pressed(JSON.stringify([name, params, file.size, file.type]), (key) =>
    answered<AnswerOf<R>>(address(name, params), {
      method: ROUTES[name].method,
      headers: { 'Content-Type': file.type || 'image/jpeg', 'Idempotency-Key': key },
      body: file,
    }),
  );

/** Sends a text as the body of a route. @throws as `request` does. */
export const sendText = <R extends RouteName>(name: R, query: Texts, text: string): Promise<AnswerOf<R>> =>
  pressed(JSON.stringify([name, query, text.length, text.slice(0, 400), text.slice(-400)]), (key) =>
    answered<AnswerOf<R>>(addressOf(name, { query }), {
      method: ROUTES[name].method,
      headers: { 'Content-Type': 'text/plain; charset=utf-8', 'Idempotency-Key': key },
      body: text,
    }),
  );

async function answered<T>(to: string, init: RequestInit): Promise<T> {
  let response: Response;
  try {
    response = await fetch(to, { credentials: 'same-origin', ...init });
  } catch (error) {
    // What this page called off itself is no lost network.
    if (init.signal?.aborted) throw error;
    throw unreached();
  }
  if (response.status === 204) return undefined as T;
  const body: unknown = await response.json().catch(() => null);
  if (response.ok) return body as T;
  throw new Refused(
    (body as ProblemDetails | null) ?? {
      type: 'urn:hurrow:broken',
      title: 'Something broke',
      status: response.status,
      detail: 'The answer could not be read.',
      remedy: 'Try again.',
    },
  );
}
