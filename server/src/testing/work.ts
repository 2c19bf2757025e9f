import type { ImportKind, JobStarted, JobState } from '@hurrow/contract';
import type { Client } from './client.ts';

/** Follows long work to its end. */
export async function finished(client: Client, job: string): Promise<JobState> {
  for (;;) {
    const { body } = await client.call<JobState>('GET', `/api/jobs/${job}`);
    if (body.state !== 'running') return body;
  }
}

/** Sends a file in, as a preview or for good, and waits for what comes of it. */
export async function sendFile(
  client: Client,
  kind: ImportKind,
  text: string,
  { name = 'A file', apply = false } = {},
): Promise<JobState> {
  const path = `/api/imports${apply ? '' : '/preview'}?kind=${kind}&name=${encodeURIComponent(name)}`;
  const { status, body } = await client.call<JobStarted>('POST', path, text, { type: 'text/plain' });
  if (status !== 202) throw new Error(`The file was not taken: ${status} ${JSON.stringify(body)}`);
  return finished(client, body.job);
}
