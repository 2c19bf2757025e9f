import { spawn } from 'node:child_process';
import type { ChildProcess } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { afterAll, beforeAll, expect, test } from '@jest/globals';
import type { SentAnswer, WalkSitting } from '@hurrow/contract';
import { answersFor, client, openSitting, PASSPHRASES, send } from './testing/index.ts';

const ROOT = fileURLToPath(new URL('../../', import.meta.url));
const PORT = 4197;
const BASE = `http://127.0.0.1:${PORT}`;

let home: string;
let data: string;
let running: ChildProcess | null = null;

beforeAll(() => {
  home = mkdtempSync(join(tmpdir(), 'hurrow-crash-'));
  data = join(home, 'data');
});
afterAll(() => {
  running?.kill('SIGKILL');
  rmSync(home, { recursive: true, force: true });
});

interface Started {
  readonly child: ChildProcess;
  readonly output: () => string;
}

/** A server of its own process on the data folder, filled with the fixture when the folder is new. */
async function start(): Promise<Started> {
  const child = spawn(
    process.execPath,
    ['--import', 'tsx', 'server/src/testing/serveFixture.ts', data, String(PORT)],
    {
      cwd: ROOT,
      stdio: ['ignore', 'pipe', 'pipe'],
    },
  );
  let output = '';
  child.stdout?.on('data', (d) => (output += String(d)));
  child.stderr?.on('data', (d) => (output += String(d)));
  await new Promise<void>((resolve, reject) => {
    child.stdout?.on('data', () => {
      if (output.includes('ready')) resolve();
    });
    child.on('exit', (code) => reject(new Error(`The server ended with ${code}: ${output}`)));
  });
  running = child;
  return { child, output: () => output };
}

const kill = (child: ChildProcess): Promise<void> =>
  new Promise((done) => {
    child.removeAllListeners('exit');
    child.on('exit', () => done());
    child.kill('SIGKILL');
  });

test('a killed server put back from an earlier copy has every acknowledged answer', async () => {
  const first = await start();
  const owner = client(BASE);
  await owner.call('POST', '/api/session', { name: 'Ilse Varn', passphrase: PASSPHRASES.owner });
  const { code } = await openSitting(owner, 'first');
  const phones = await Promise.all(
    ['11', '12'].map(async (student) => {
      const phone = client(BASE);
      expect(
        (await phone.call('POST', '/api/walk/join', { code, student, word: `word ${student}` })).status,
      ).toBe(201);
      return { phone, walk: (await phone.call<WalkSitting>('GET', '/api/walk/sitting')).body };
    }),
  );

  const acknowledged: SentAnswer[] = [];
  let seq = 0;
  const round = async (): Promise<void> => {
    seq += 1;
    for (const { phone, walk } of phones) {
      const batch = answersFor(walk, 1 + (seq % 4), { call: 'none', name: `try ${seq}` }, seq);
      const { body } = await send(phone, batch);
      acknowledged.push(...batch.filter((a) => body.accepted.includes(a.id)));
    }
  };
  for (let i = 0; i < 5; i += 1) await round();

  // A copy of the stopped database is what a backup holds; the log beside it goes on growing.
  await kill(first.child);
  cpSync(join(data, 'database'), join(home, 'earlier'), { recursive: true });
  const second = await start();

  const sendingOn = (async () => {
    for (;;) await round();
  })().catch(() => 'cut off');
  const enough = new Promise<void>((done) => {
    const look = (): void => void (acknowledged.length > 60 ? done() : setImmediate(look));
    look();
  });
  await enough;
  await kill(second.child);
  await sendingOn;
  expect(acknowledged.length).toBeGreaterThan(60);

  rmSync(join(data, 'database'), { recursive: true });
  cpSync(join(home, 'earlier'), join(data, 'database'), { recursive: true });
  const third = await start();
  expect(third.output()).toMatch(/replayed [1-9]/);
  const stored = new Set(
    third
      .output()
      .match(/stored ([^\n]*)/)?.[1]
      ?.split(' ') ?? [],
  );
  expect(acknowledged.filter((a) => !stored.has(a.id))).toEqual([]);
  for (const { phone } of phones) expect((await phone.call('GET', '/api/walk/sitting')).status).toBe(200);

  const rival = spawn(process.execPath, ['--import', 'tsx', 'server/src/main.ts'], {
    cwd: ROOT,
    env: { ...process.env, HURROW_DATA: data, PORT: '4198' },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let said = '';
  rival.stderr?.on('data', (d) => (said += String(d)));
  const exit = await new Promise((done) => rival.on('exit', done));
  expect(exit).toBe(1);
  expect(said).toContain('is in use by process');
  expect(said).toContain(BASE);
  await kill(third.child);
}, 120_000);
