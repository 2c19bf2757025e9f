import { spawn } from 'node:child_process';
import type { ChildProcess } from 'node:child_process';
import { cpSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import type { AddressInfo } from 'node:net';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { afterAll, beforeAll, expect, test } from '@jest/globals';
import type { SentAnswer, WalkSitting } from '@hurrow/contract';
import {
  PASSPHRASES,
  answersFor,
  client,
  joinWalkAt,
  openSitting,
  placeFilled,
  send,
  scratch,
} from './testing/index.ts';
import type { Client } from './testing/index.ts';

const ROOT = fileURLToPath(new URL('../../', import.meta.url));
/** A server that lives for seconds gains nothing from a database compiled twice, the second time slowly for speed. */
const PLAIN = ['--liftoff-only'];
const ROUNDS = Number(process.env['HURROW_KILLS'] ?? 3);

let home: string;
let data: string;
let port: number;
let running: ChildProcess | null = null;

const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const s = createServer().listen(0, '127.0.0.1', () => {
      const at = s.address() as AddressInfo;
      s.close(() => resolve(at.port));
    });
  });

beforeAll(async () => {
  home = scratch('crash');
  data = join(home, 'data');
  placeFilled(join(data, 'database'));
  port = await freePort();
});
afterAll(() => {
  running?.kill('SIGKILL');
  rmSync(home, { recursive: true, force: true });
});

const base = (): string => `http://127.0.0.1:${port}`;

interface Started {
  readonly child: ChildProcess;
  readonly stored: ReadonlySet<string>;
  readonly replayed: number;
}

/** A server of its own process on the data folder, filled with the fixture when the folder is new. */
async function start(): Promise<Started> {
  const child = spawn(process.execPath, [...PLAIN, 'server/dist/serveFixture.js', data, String(port)], {
    cwd: ROOT,
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let output = '';
  child.stdout.on('data', (d) => (output += String(d)));
  child.stderr.on('data', (d) => (output += String(d)));
  await new Promise<void>((resolve, reject) => {
    child.stdout.on('data', () => {
      if (output.includes('ready at')) resolve();
    });
    child.on('exit', (code) => reject(new Error(`The server ended with ${code}: ${output}`)));
  });
  running = child;
  return {
    child,
    stored: new Set(/stored ([^\n]*)/.exec(output)?.[1]?.split(' ') ?? []),
    replayed: Number(/replayed (\d+)/.exec(output)?.[1] ?? 0),
  };
}

const kill = (child: ChildProcess): Promise<void> =>
  new Promise((done) => {
    running = null;
    child.removeAllListeners('exit');
    child.on('exit', () => done());
    child.kill('SIGKILL');
  });

const acknowledged: SentAnswer[] = [];
let phones: { phone: Client; walk: WalkSitting }[] = [];
let seq = 0;

async function round(): Promise<void> {
  seq += 1;
  for (const { phone, walk } of phones) {
    const batch = answersFor(walk, 1 + (seq % 4), { call: 'none', name: `try ${seq}` }, seq);
    const { body } = await send(phone, batch);
    acknowledged.push(...batch.filter((a) => body.accepted.includes(a.id)));
  }
}

const missing = (stored: ReadonlySet<string>): readonly string[] =>
  acknowledged.filter((a) => !stored.has(a.id)).map((a) => a.id);

/** Opens a new sitting, so that no phone reaches the most answers it may send. */
async function join_(): Promise<void> {
  const owner = client(base());
  await owner.call('POST', '/api/session', { name: 'Ilse Varn', passphrase: PASSPHRASES.owner });
  const { code } = await openSitting(owner, 'first');
  phones = await Promise.all(['11', '12'].map((student) => joinWalkAt(base(), code, student)));
}

test(`killed ${ROUNDS} times while phones send, it starts each time with every acknowledged answer`, async () => {
  let server = await start();
  for (let r = 0; r < ROUNDS; r += 1) {
    await join_();
    const until = acknowledged.length + 8 + ((r * 13) % 40);
    // The phones go on sending while the server is killed.
    let sending: Promise<unknown> = Promise.resolve();
    await new Promise<void>((enough) => {
      sending = (async () => {
        for (;;) {
          await round();
          if (acknowledged.length > until) enough();
        }
      })().catch(() => 'cut off');
    });
    await kill(server.child);
    await sending;
    server = await start();
    expect(missing(server.stored)).toEqual([]);
  }
});

test('put back from an earlier copy of its database, it has every acknowledged answer', async () => {
  const first = running ?? (await start()).child;
  await join_();
  for (let i = 0; i < 3; i += 1) await round();
  // A copy of the stopped database is what a backup holds; the log beside it goes on growing.
  await kill(first);
  cpSync(join(data, 'database'), join(home, 'earlier'), { recursive: true });
  const second = await start();
  for (let i = 0; i < 10; i += 1) await round();
  await kill(second.child);
  rmSync(join(data, 'database'), { recursive: true });
  cpSync(join(home, 'earlier'), join(data, 'database'), { recursive: true });
  const third = await start();
  expect(third.replayed).toBeGreaterThanOrEqual(20);
  expect(missing(third.stored)).toEqual([]);
  for (const { phone } of phones) expect((await phone.call('GET', '/api/walk/sitting')).status).toBe(200);
});

test('a second process on the folder is told the address of the first', async () => {
  const first = running ?? (await start()).child;
  const rival = spawn(process.execPath, ['server/dist/main.js'], {
    cwd: ROOT,
    env: { ...process.env, HURROW_DATA: data, PORT: '0' },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let said = '';
  rival.stderr.on('data', (d) => (said += String(d)));
  expect(await new Promise((done) => rival.on('exit', done))).toBe(1);
  expect(said).toContain('is in use by process');
  expect(said).toContain(base());
  await kill(first);
});
