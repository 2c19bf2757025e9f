import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { performance } from 'node:perf_hooks';
import { v4 } from 'uuid';
import type { SentAnswer, WalkSitting } from '@hurrow/contract';
import { PASSPHRASES, client, openSitting } from '@hurrow/server/testing';
import type { Client } from '@hurrow/server/testing';
import { ROOT, plainTree } from './plain.ts';
import { startServer } from './serverProcess.ts';

const READS = 120;
const BATCH = 200;
const FLOODERS = 4;
const WARM = 10;
/** A form that answers too slowly is measured by fewer reads. */
const MOST_MS = 30_000;
const FEWEST = 5;

const p95 = (times: readonly number[]): number =>
  [...times].sort((a, b) => a - b)[Math.floor(times.length * 0.95)] ?? 0;

interface Flooded {
  readonly calm: number;
  readonly flooded: number;
  readonly batches: number;
  readonly stored: number;
  /** Batches told to come again later. */
  readonly refused: number;
}

/** A phone of a student; the plain form asks for no word and takes a number over on request. */
async function join_(base: string, code: string, student: string): Promise<Client> {
  const phone = client(base);
  const word = `word of ${student}`;
  const joined = await phone.call('POST', '/api/walk/join', { code, student, word });
  if (joined.status === 201) return phone;
  const plain = await phone.call('POST', '/api/walk/join', { code, student, takeover: true });
  if (plain.status !== 201) throw new Error(`${student} could not join: ${joined.status}, ${plain.status}`);
  return phone;
}

/** Times reads one after the other, as many as fit into the time there is. */
async function timeReads(reader: Client): Promise<number> {
  const times: number[] = [];
  const began = performance.now();
  for (let i = 0; i < READS + WARM; i += 1) {
    if (performance.now() - began > MOST_MS && times.length >= FEWEST) break;
    const start = performance.now();
    // A connection closed while it waited is opened again; the time goes on counting.
    let status = 0;
    while (status === 0)
      status = await reader.call('GET', '/api/walk/sitting').then(
        (r) => r.status,
        () => 0,
      );
    if (status !== 200) throw new Error(`The read failed: ${status}`);
    if (i >= WARM || performance.now() - began > MOST_MS) times.push(performance.now() - start);
  }
  return p95(times);
}

async function measure(root: string): Promise<Flooded> {
  const data = mkdtempSync(join(tmpdir(), 'hurrow-flood-'));
  const server = await startServer(root, data);
  try {
    const owner = client(server.base);
    await owner.call('POST', '/api/session', { name: 'Ilse Varn', passphrase: PASSPHRASES.owner });
    const first = await openSitting(owner, 'first');
    const second = await openSitting(owner, 'second');
    const reader = await join_(server.base, second.code, '22');
    const calm = await timeReads(reader);
    let over = false;
    let [batches, stored, refused] = [0, 0, 0];
    const flood = async (n: number): Promise<void> => {
      const [code, student] = n < 2 ? [first.code, n === 0 ? '11' : '12'] : [second.code, '21'];
      let phone = await join_(server.base, code, student);
      const walk = (await phone.call<WalkSitting>('GET', '/api/walk/sitting')).body;
      const asks = walk.stations.flatMap((s) => s.asks.filter((a) => a.kind === 'common'));
      for (let seq = 1; !over; seq += 1) {
        const answers = Array.from({ length: BATCH }, (_, i): SentAnswer => ({
          id: v4(),
          ask: asks[i % asks.length]?.id ?? '',
          seq: seq * BATCH + i + 1,
          typed: 'x'.repeat(200),
          at: '2026-10-01T18:00:00.000Z',
        }));
        // A connection that the server has closed meanwhile is opened again, as a browser would.
        const sent = await phone
          .call<{ accepted?: string[] }>('POST', '/api/walk/answers', { answers })
          .catch(() => null);
        if (!sent) continue;
        const { status, body } = sent;
        batches += 1;
        refused += status === 429 ? 1 : 0;
        const taken = body.accepted?.length ?? 0;
        stored += taken;
        // A phone that has sent all it may comes back as another one, as an attacker would.
        if (taken === 0 && status !== 429) phone = await join_(server.base, code, student).catch(() => phone);
      }
    };
    const floods = Array.from({ length: FLOODERS }, (_, n) => flood(n));
    const flooded = await timeReads(reader);
    over = true;
    await Promise.all(floods);
    return { calm, flooded, batches, stored, refused };
  } finally {
    await server.stop();
    rmSync(data, { recursive: true, force: true });
  }
}

const line = (f: Flooded): string =>
  `p95 of a read ${f.calm.toFixed(0)} ms calm, ${f.flooded.toFixed(0)} ms flooded (${f.batches} batches, ${f.stored} answers stored, ${f.refused} told to wait)`;

/** One phone's read while four others send as much as they can, beside the code of before. */
export async function measureFlood(): Promise<string> {
  const now = await measure(ROOT);
  const plain = plainTree('d78de92');
  try {
    const before = await measure(plain.root);
    const most = Math.max(150, 3 * now.calm);
    return (
      `Flood of ${FLOODERS} connections with batches of ${BATCH}: ${line(now)}; target at most ${most.toFixed(0)} ms` +
      `${now.flooded > most ? ', MISSED' : ''}. Plain form at ${plain.commit}: ${line(before)}.`
    );
  } finally {
    plain.remove();
  }
}
