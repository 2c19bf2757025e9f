import { answerText } from '@hurrow/core/answers';
import { createHash } from 'node:crypto';
import { appendFileSync, cpSync, existsSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { v4 } from 'uuid';
import type { LoggedAnswer } from '@hurrow/server/answers';
import { writeLine } from '@hurrow/server/answers';
import { migrate, openPglite } from '@hurrow/server/db';
import { fill } from '@hurrow/server';
import { WS, fixture, id } from '@hurrow/server/testing';
import { ROOT, plainTree } from './plain.ts';
import { startServer } from './serverProcess.ts';

const CLOSED = 1_990_000;
const SEGMENTS = 199;
const OPEN = 10_000;
const UNSTORED = 200_000;
const PLAIN_UNSTORED = 2_000;
const PLAIN_COMMIT = 'd78de92';
const TAKEOVERS = 40;

interface Ask {
  readonly ask: string;
  readonly sittingStation: string;
}

/** An answer of the fixture's closed sitting, so that it has a place in the database. */
function answer(n: number, asks: readonly Ask[]): LoggedAnswer {
  const at = asks[n % asks.length] ?? { ask: '', sittingStation: '' };
  return {
    id: v4(),
    ws: WS,
    sitting: id('oldsit'),
    student: id(n % 2 === 0 ? 's11' : 's12'),
    origin: 'phone',
    takeover: 2 + (n % TAKEOVERS),
    precedence: 1,
    ...at,
    seq: 1 + Math.floor(n / TAKEOVERS),
    value: { kind: 'name', text: `Abies grandis as written ${n}` },
    deviceAt: '2026-10-01T18:00:00.000Z',
    receivedAt: '2026-10-01T18:00:00.000Z',
    when: 'open',
  };
}

/** The same answer as the plain form writes and reads it. */
function earlier(n: number, asks: readonly Ask[]): Record<string, unknown> {
  const { value, precedence: _p, when: _w, ...a } = answer(n, asks);
  return { ...a, typed: answerText(value), value: null, sure: null, late: true };
}

const ASKS: readonly Ask[] = [{ ask: id('apaper'), sittingStation: id('oldss') }];

/** Writes lines in pieces, so that no text is longer than a string may be. */
function writeLines(path: string, count: number, line: (n: number) => string): void {
  writeFileSync(path, '');
  for (let from = 0; from < count; from += 20_000)
    appendFileSync(
      path,
      Array.from({ length: Math.min(20_000, count - from) }, (_, i) => line(from + i)).join(''),
    );
}

const oldLine = (n: number): string => `${JSON.stringify(earlier(n, ASKS))}\n`;
const seconds = (ms: number): string => `${(ms / 1000).toFixed(2)} s`;

async function baseFolder(home: string): Promise<string> {
  const data = join(home, 'base');
  mkdirSync(data);
  const db = await openPglite(join(data, 'database'));
  await migrate(db);
  await fill(db, fixture());
  await db.query('analyze');
  await db.close();
  return data;
}

/** The closed segments, registered in the database as a start registers what it has stored. */
async function addClosed(data: string): Promise<void> {
  const answers = join(data, 'answers');
  mkdirSync(answers, { recursive: true });
  const perSegment = CLOSED / SEGMENTS;
  const line = writeLine(answer(0, ASKS));
  const text = line.repeat(perSegment);
  const digest = {
    sha256: createHash('sha256').update(text).digest('hex'),
    bytes: text.length,
    lines: perSegment,
  };
  const db = await openPglite(join(data, 'database'));
  for (let i = 0; i < SEGMENTS; i += 1) {
    const name = `${v4()}-1.jsonl`;
    writeFileSync(join(answers, name), text);
    writeFileSync(join(answers, `${name}.closed`), JSON.stringify(digest));
    await db.query('insert into answer_segment (name, sha256, bytes) values ($1, $2, $3)', [
      name,
      digest.sha256,
      digest.bytes,
    ]);
  }
  await db.close();
}

/** Starts once to bring everything in, then once more to measure. */
async function measured(root: string, data: string): Promise<{ ms: number; mb: number; output: string }> {
  const server = await startServer(root, data);
  const result = { ms: server.readyMs, mb: server.peakMb(), output: server.output };
  await server.stop();
  return result;
}

const best = async (root: string, data: string): Promise<{ ms: number; mb: number }> => {
  const runs = [await measured(root, data), await measured(root, data), await measured(root, data)];
  return { ms: Math.min(...runs.map((r) => r.ms)), mb: Math.min(...runs.map((r) => r.mb)) };
};

/** A start on a long log, and replaying what the database lacks, each beside the code of before in the same run. */
export async function measureStart(): Promise<string> {
  const home = mkdtempSync(join(tmpdir(), 'hurrow-start-'));
  const plain = plainTree(PLAIN_COMMIT);
  try {
    const base = await baseFolder(home);
    const copy = (name: string): string => {
      cpSync(base, join(home, name), { recursive: true });
      return join(home, name);
    };
    const empty = await best(ROOT, copy('empty'));

    const long = copy('long');
    await addClosed(long);
    // The open ones belong to a sitting that takes answers, so their segment is read at every start.
    const db = await openPglite(join(long, 'database'));
    await db.query(`update sitting set state = 'open' where id = $1`, [id('oldsit')]);
    await db.close();
    writeLines(join(long, 'answers', `${id('oldsit')}-1.jsonl`), OPEN, (n) => writeLine(answer(n, ASKS)));
    await measured(ROOT, long);
    const full = await best(ROOT, long);

    const unstored = copy('unstored');
    mkdirSync(join(unstored, 'answers'));
    writeLines(join(unstored, 'answers', `${id('oldsit')}-1.jsonl`), UNSTORED, (n) =>
      writeLine(answer(n, ASKS)),
    );
    const replay = await measured(ROOT, unstored);
    if (!replay.output.includes(`replayed ${UNSTORED}`)) throw new Error('Not every answer was replayed');
    const rate = UNSTORED / ((replay.ms - empty.ms) / 1000);

    const plainData = join(home, 'plain');
    const plainEmpty = await measured(plain.root, plainData);
    const plainAgain = await measured(plain.root, plainData);
    writeLines(join(plainData, 'answers.log'), PLAIN_UNSTORED, oldLine);
    const plainReplay = await measured(plain.root, plainData);
    const plainRate = PLAIN_UNSTORED / ((plainReplay.ms - plainAgain.ms) / 1000);
    writeLines(join(plainData, 'answers.log'), CLOSED + OPEN, oldLine);
    const plainLong = await measured(plain.root, plainData).then(
      (r) => `${seconds(r.ms)} and ${r.mb.toFixed(0)} MB`,
      (e: unknown) =>
        `does not start (${/(Cannot create a string|Invalid string length|heap)[^\n]*/.exec(String(e))?.[0] ?? 'it ended'})`,
    );
    if (!existsSync(plainData)) throw new Error('The plain form has no folder');
    return [
      `Start with ${CLOSED} answers in ${SEGMENTS} closed segments and ${OPEN} open: ${seconds(full.ms)} and ${full.mb.toFixed(0)} MB; ` +
        `the same folder with an empty log ${seconds(empty.ms)} and ${empty.mb.toFixed(0)} MB ` +
        `(${seconds(full.ms - empty.ms)} and ${(full.mb - empty.mb).toFixed(0)} MB above it; target 3 s, 150 MB). ` +
        `Plain form at ${plain.commit}: ${plainLong}; with an empty log ${seconds(plainEmpty.ms)}.`,
      `Replay of ${UNSTORED} unstored answers: ${seconds(replay.ms - empty.ms)}, ${rate.toFixed(0)} a second (target 5000). ` +
        `Plain form at ${plain.commit}: ${PLAIN_UNSTORED} in ${seconds(plainReplay.ms - plainAgain.ms)}, ${plainRate.toFixed(0)} a second; ` +
        `${(rate / plainRate).toFixed(0)} times as fast.`,
    ].join('\n');
  } finally {
    plain.remove();
    rmSync(home, { recursive: true, force: true });
  }
}
