import { cpSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { v4 } from 'uuid';
import type { Section } from '@hurrow/contract';
import { writeLine } from '../answers/index.ts';
import type { LoggedAnswer } from '../answers/index.ts';
import { openPglite } from '../db/index.ts';
import { fill } from '../fill/index.ts';
import { makeData } from '../openData.ts';
import { serve } from '../serve.ts';
import type { Running, ServeOptions } from '../serve.ts';
import {
  PASSPHRASES,
  answersFor,
  client,
  fixture,
  id,
  joinWalkAt,
  loggedAnswer,
  openSitting,
  placeEmpty,
  placeFilled,
  send,
  scratch,
} from '../testing/index.ts';
import type { Client } from '../testing/index.ts';

let home: string;
let data: string;
/** An answer that the database and the log both hold. */
let stored: LoggedAnswer;

const start = (more: Partial<ServeOptions> = {}): Promise<Running> =>
  serve({ data, port: 0, host: '127.0.0.1', prepare: (db) => fill(db, fixture()), ...more });

async function signIn(base: string): Promise<Client> {
  const owner = client(base);
  await owner.call('POST', '/api/session', { name: 'Ilse Varn', passphrase: PASSPHRASES.owner });
  return owner;
}

const segmentOf = (a: LoggedAnswer): string => join(data, 'answers', `${a.sitting}-1.jsonl`);
const lines = (file: string): LoggedAnswer[] =>
  readFileSync(file, 'utf8')
    .trimEnd()
    .split('\n')
    .map((l) => JSON.parse(l) as LoggedAnswer);

beforeAll(async () => {
  home = scratch('start');
  data = join(home, 'data');
  placeFilled(join(data, 'database'));
  const running = await start();
  const owner = await signIn(running.address);
  const { sitting, code } = await openSitting(owner, 'first');
  const { phone, walk } = await joinWalkAt(running.address, code, '11');
  await send(phone, answersFor(walk, 1, { name: 'grand fir' }));
  await running.stop();
  stored = lines(join(data, 'answers', `${sitting.id}-1.jsonl`))[0] as LoggedAnswer;
});
afterAll(() => rmSync(home, { recursive: true, force: true }));

test('poison in the log of an earlier version never keeps the application from starting, and is counted', async () => {
  const line = JSON.parse(writeLine(stored)) as Record<string, unknown>;
  const fresh = { ...line, id: v4(), seq: 50, typed: 'western larch', v: undefined };
  const poison = [
    'null',
    '0',
    '{}',
    '[',
    JSON.stringify({ ...line, id: `[${v4()}]` }),
    JSON.stringify({ ...line, id: v4().replaceAll('-', ':') }),
    JSON.stringify({ ...line, id: `g${v4().slice(1)}` }),
    JSON.stringify({ ...line, id: v4(), typed: 'Thuja \ud83d' }),
    JSON.stringify({ ...line, id: v4(), receivedAt: '0000-01-01T00:00:00.000Z' }),
    // Well formed, of a student and a sitting that no database knows.
    writeLine(loggedAnswer()).trimEnd(),
    JSON.stringify(fresh),
    '{"id":"torn',
  ];
  writeFileSync(join(data, 'answers.log'), poison.join('\n'));
  const running = await start();
  expect(running.recovery).toEqual({ stored: 1, left: 1, aside: 9, damagedErasures: 0 });
  const owner = await signIn(running.address);
  const due = await owner.call<{ kind: string; detail: string }[]>('GET', '/api/due');
  expect(due.body.filter((d) => d.kind === 'recovery').map((d) => d.detail)).toEqual([
    expect.stringMatching(/^1 answer belongs to a quiz or a student/),
    expect.stringMatching(/^9 lines of the answers log could not be read/),
  ]);
  expect((await owner.call('GET', '/api/backup', undefined, { asText: true })).status).toBe(200);
  await running.stop();

  const again = await start();
  expect(again.recovery).toMatchObject({ stored: 0, left: 1, aside: 9 });
  await again.stop();
});

test('the port answers “starting” while the log is read, and nothing is lost meanwhile', async () => {
  const seen: { status: number; body: { type?: string }; retry: string | null }[] = [];
  const running = await start({
    started: async () => {
      for (const path of ['/api/health', '/api/session', '/walk/']) {
        const r = await fetch(address + path);
        const text = await r.text();
        seen.push({
          status: r.status,
          body: r.headers.get('content-type')?.includes('json') ? (JSON.parse(text) as { type: string }) : {},
          retry: r.headers.get('retry-after'),
        });
      }
    },
    listening: (at) => {
      address = at;
    },
  });
  expect(seen.map((s) => s.status)).toEqual([503, 503, 503]);
  expect(seen[1]).toMatchObject({ body: { type: 'urn:hurrow:starting' }, retry: '2' });
  expect((await fetch(`${running.address}/api/health`)).status).toBe(200);
  await running.stop();
});
let address = '';

test('closed segments are skipped by their digest, also by a database put back that does not know them', async () => {
  const running = await start();
  const owner = await signIn(running.address);
  const { body } = await owner.call<{ version: number }>('GET', `/api/sittings/${stored.sitting}`);
  await owner.call(
    'POST',
    `/api/sittings/${stored.sitting}/state`,
    { to: 'closed' },
    { version: body.version },
  );
  await running.stop();
  const sidecar = JSON.parse(readFileSync(`${segmentOf(stored)}.closed`, 'utf8')) as { lines: number };
  expect(sidecar.lines).toBe(1);

  const db = await openPglite(join(data, 'database'));
  const rows = await db.query<{ name: string }>('select name from answer_segment');
  expect(rows.map((r) => r.name)).toContain(`${stored.sitting}-1.jsonl`);
  await db.transaction(async (tx) => {
    await tx.query(`set local hurrow.erasing = 'yes'`);
    await tx.query('delete from response where id = $1', [stored.id]);
  });
  await db.close();
  // The digest stands in the database, so the segment is not read: the loss made by hand is not seen.
  const skipped = await start();
  expect(skipped.recovery.stored).toBe(0);
  await skipped.stop();

  const earlier = await openPglite(join(data, 'database'));
  await earlier.query('delete from answer_segment');
  await earlier.close();
  const read = await start();
  expect(read.recovery.stored).toBe(1);
  await read.stop();
});

test('an erased student stays erased: after a crash in the middle, and when older data are put back', async () => {
  const student = id('s12');
  const before = await start();
  const owner = await signIn(before.address);
  const { code } = await openSitting(owner, 'first');
  const { phone, walk } = await joinWalkAt(before.address, code, '12');
  await send(phone, answersFor(walk, 1, { name: 'limber pine' }));
  await before.stop();

  // The crash: the erasure is written down, and nothing of it is done yet.
  writeFileSync(
    join(data, 'erasures.log'),
    `{"torn\n${JSON.stringify({ ws: stored.ws, student, at: '2026-10-02T00:00:00.000Z' })}\n`,
  );
  const running = await start();
  expect(running.recovery).toMatchObject({ stored: 0, damagedErasures: 1 });
  const again = await signIn(running.address);
  const sections = await again.call<Section[]>('GET', '/api/sections');
  expect(sections.body.flatMap((s) => s.students).map((s) => s.id)).not.toContain(student);
  await running.stop();

  // An earlier copy of a log put beside it: her lines are dropped, and gone from the disk after the start.
  const copy = join(data, 'answers.log');
  writeFileSync(copy, writeLine({ ...stored, id: v4(), student, value: { kind: 'name', text: 'hers' } }));
  const put = await start();
  expect(put.recovery.stored).toBe(0);
  await put.stop();
  expect(readFileSync(join(data, 'answers', 'legacy-2.jsonl'), 'utf8')).not.toContain(student);
});

test('a copy of a folder that was made before opens with what was filled in, and asks for no set-up', async () => {
  const [made, copy] = [join(home, 'made'), join(home, 'copy')];
  placeEmpty(join(made, 'database'));
  await makeData(made, (db) => fill(db, fixture()));
  cpSync(made, copy, { recursive: true });
  const running = await serve({ data: copy, port: 0, host: '127.0.0.1' });
  try {
    expect(running.setupCode).toBeNull();
    const owner = await signIn(running.address);
    const { body } = await owner.call<readonly Section[]>('GET', '/api/sections');
    expect(body.map((s) => s.name).sort()).toEqual(['first section', 'second section']);
  } finally {
    // A key that ends it may be heard twice.
    await Promise.all([running.stop(), running.stop()]);
  }
});
