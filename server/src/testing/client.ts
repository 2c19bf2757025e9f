import type { ProblemDetails } from '@hurrow/contract';
import { needFit } from './fits.ts';
import { roundTrip } from './roundTrip.ts';

export interface Answer<T> {
  readonly status: number;
  readonly body: T;
  readonly headers: Headers;
}

export interface ClientOptions {
  readonly version?: number;
  readonly origin?: string | null;
  /** Sent as `Idempotency-Key`. */
  readonly key?: string;
  /** The kind of a body that is a file. */
  readonly type?: string;
  /** The answer is wanted as it was sent, letter by letter. */
  readonly asText?: boolean;
  /** The answer is a file of bytes. */
  readonly asBytes?: boolean;
}

export interface Client {
  call<T = ProblemDetails>(
    method: string,
    path: string,
    body?: unknown,
    options?: ClientOptions,
  ): Promise<Answer<T>>;
  /** Everything that was ever sent back to this client, headers included. */
  readonly received: () => string;
}

/**
 * A browser's worth of HTTP: keeps cookies by path and sends the origin of its page. What is answered is held against
 * the schema of its route, so that every test that calls the application checks it.
 */
export function client(base: string): Client {
  const cookies = new Map<string, { value: string; path: string }>();
  let received = '';
  return {
    received: () => received,
    call: async <T>(
      method: string,
      path: string,
      body?: unknown,
      options: ClientOptions = {},
    ): Promise<Answer<T>> => {
      const sent = [...cookies].filter(([, c]) => path.startsWith(c.path)).map(([n, c]) => `${n}=${c.value}`);
      const origin = options.origin === undefined ? base : options.origin;
      const response = await roundTrip(
        base + path,
        method,
        {
          ...(body === undefined ? {} : { 'Content-Type': options.type ?? 'application/json' }),
          ...(origin === null ? {} : { Origin: origin }),
          ...(options.version === undefined ? {} : { 'If-Match': `"${options.version}"` }),
          ...(options.key === undefined ? {} : { 'Idempotency-Key': options.key }),
          ...(sent.length > 0 ? { Cookie: sent.join('; ') } : {}),
        },
        typeof body === 'string' || body instanceof Uint8Array ? body : JSON.stringify(body),
      );
      for (const set of response.headers.getSetCookie()) {
        const [pair = ''] = set.split(';');
        const at = pair.indexOf('=');
        const value = pair.slice(at + 1);
        if (value === '') cookies.delete(pair.slice(0, at));
        else cookies.set(pair.slice(0, at), { value, path: /path=([^;]+)/i.exec(set)?.[1] ?? '/' });
      }
      const { bytes } = response;
      const text = new TextDecoder().decode(bytes);
      received += `${[...response.headers].map((h) => h.join(': ')).join('\n')}\n${text}\n`;
      const isSaved = response.headers.has('content-disposition');
      const isJson = /[/+]json/.test(response.headers.get('content-type') ?? '');
      const read: unknown = text === '' ? undefined : isJson ? JSON.parse(text) : text;
      if (!isSaved) needFit(method, path, response.status, read);
      return {
        status: response.status,
        body: (options.asBytes ? bytes : options.asText ? text : read) as T,
        headers: response.headers,
      };
    },
  };
}
