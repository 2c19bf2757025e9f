import { Agent, request } from 'node:http';

export interface Received {
  readonly status: number;
  readonly headers: Headers;
  readonly bytes: Uint8Array;
}

/** Connections stay open from request to request, as those of a browser do. */
const agent = new Agent({ keepAlive: true });

/** Sends one request and reads the whole answer. With the platform's `fetch` a test takes an eighth more. */
export function roundTrip(
  url: string,
  method: string,
  headers: Readonly<Record<string, string>>,
  body: string | Uint8Array | undefined,
): Promise<Received> {
  const bytes = typeof body === 'string' ? Buffer.from(body) : body;
  const length = bytes === undefined ? {} : { 'Content-Length': String(bytes.length) };
  return new Promise((resolve, reject) => {
    const sent = request(url, { method, agent, headers: { ...headers, ...length } }, (answer) => {
      const parts: Buffer[] = [];
      answer.on('data', (part: Buffer) => parts.push(part));
      answer.on('error', reject);
      answer.on('end', () => {
        const fields = new Headers();
        for (let i = 0; i < answer.rawHeaders.length; i += 2)
          fields.append(answer.rawHeaders[i] ?? '', answer.rawHeaders[i + 1] ?? '');
        resolve({ status: answer.statusCode ?? 0, headers: fields, bytes: Buffer.concat(parts) });
      });
    });
    sent.on('error', (error: NodeJS.ErrnoException) => {
      // The server may close a connection that was idle just as it is used again; nothing of the request was read then.
      if (sent.reusedSocket && error.code === 'ECONNRESET')
        roundTrip(url, method, headers, body).then(resolve, reject);
      else reject(error);
    });
    sent.end(bytes);
  });
}
