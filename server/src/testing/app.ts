import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { Express } from 'express';
import { pino } from 'pino';
import type { SittingDetail, WalkSitting } from '@hurrow/contract';
import { answersInMemory, erasuresInMemory } from '../answers/index.ts';
import type { AnswersLog, Erasures } from '../answers/index.ts';
import { NOTHING_TO_RECOVER } from '../http/index.ts';
import { createApp } from '../app.ts';
import { migrate, openPostgres } from '../db/index.ts';
import type { Database } from '../db/index.ts';
import { answersFor, send } from './answer.ts';
import { client } from './client.ts';
import { openEmpty, openFilled } from './copied.ts';
import type { Client } from './client.ts';
import { PASSPHRASES } from './fixture.ts';
import { id } from './ids.ts';
import { TEMPLATE } from './prepare.ts';

const NOW = new Date('2026-10-01T18:00:00Z');
let made = 0;

async function freshDatabase(filled: boolean): Promise<{ db: Database; drop: () => Promise<void> }> {
  const url = process.env['HURROW_TEST_POSTGRES'];
  if (!url) {
    const db = await (filled ? openFilled() : openEmpty());
    if (!filled) await migrate(db);
    return { db, drop: () => db.close() };
  }
  made += 1;
  const name = `hurrow_t${process.pid}_${made}`;
  const admin = openPostgres(`${url}/postgres`);
  // Copied as files: through the write-ahead log it takes twice as long.
  await admin.query(`create database ${name} ${filled ? `template ${TEMPLATE} strategy file_copy` : ''}`);
  const db = openPostgres(`${url}/${name}`);
  if (!filled) await migrate(db);
  return {
    db,
    drop: async () => {
      await db.close();
      await admin.query(`drop database ${name}`);
      await admin.close();
    },
  };
}

export interface TestApp {
  readonly db: Database;
  readonly express: Express;
  readonly base: string;
  readonly answers: AnswersLog;
  /** A client nobody has signed in on. */
  readonly nobody: () => Client;
  readonly owner: () => Promise<Client>;
  readonly assistant: () => Promise<Client>;
  readonly erasures: Erasures;
  /** How long each request that was held up would have waited, in milliseconds. */
  readonly waits: readonly number[];
  /** Moves the clock. */
  readonly later: (ms: number) => void;
  readonly close: () => Promise<void>;
}

/** The application over HTTP on a database of its own: with the fixture, or empty with a set-up code. */
export async function openTestApp({
  filled = true,
  setupCode = null as string | null,
} = {}): Promise<TestApp> {
  const { db, drop } = await freshDatabase(filled);
  const answers = answersInMemory();
  const erasures = erasuresInMemory();
  const waits: number[] = [];
  let ahead = 0;
  const express = createApp({
    app: {
      db,
      answers,
      erasures,
      // Time goes on by itself, so that what comes later is later.
      clock: () => new Date(NOW.getTime() + (ahead += 1)),
      setupCode,
      version: 'test',
      recovery: NOTHING_TO_RECOVER,
      // Limits hold nobody up here; what they would have waited is on record.
      wait: (ms) => {
        waits.push(ms);
        return Promise.resolve();
      },
      isOwnHost: (name) => name === '127.0.0.1',
    },
    logger: pino({ level: process.env['LOG_LEVEL'] ?? 'silent' }),
    dist: '/nowhere',
    proxies: 0,
  });
  const server = createServer(express);
  // A test that computes for a while must not find its connection closed.
  server.keepAliveTimeout = 600_000;
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  const base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  const signedIn = async (name: string, passphrase: string): Promise<Client> => {
    const c = client(base);
    const { status } = await c.call('POST', '/api/session', { name, passphrase });
    if (status !== 204) throw new Error(`Could not sign in as ${name}: ${status}`);
    return c;
  };
  return {
    db,
    express,
    base,
    answers,
    erasures,
    waits,
    nobody: () => client(base),
    owner: () => signedIn('Ilse Varn', PASSPHRASES.owner),
    assistant: () => signedIn('Corin Dask', PASSPHRASES.assistant),
    later: (ms) => {
      ahead += ms;
    },
    close: async () => {
      server.closeAllConnections();
      await new Promise((done) => server.close(done));
      await drop();
    },
  };
}

/** Makes and opens a sitting of the fixture's quiz. */
export async function openSitting(
  owner: Client,
  section: string,
): Promise<{ sitting: SittingDetail; code: string }> {
  const made_ = await owner.call<SittingDetail>('POST', `/api/quizzes/${id('quiz')}/sittings`, {
    section: id(section),
    on: '2026-10-01',
    handling: ['look', 'lens', 'touch'],
  });
  const opened = await owner.call<SittingDetail & { code: string }>(
    'POST',
    `/api/sittings/${made_.body.id}/state`,
    { to: 'open' },
    { version: made_.body.version },
  );
  return { sitting: opened.body, code: opened.body.code };
}

export async function moveSitting(owner: Client, sitting: string, to: string): Promise<void> {
  const { body } = await owner.call<SittingDetail>('GET', `/api/sittings/${sitting}`);
  const { status } = await owner.call(
    'POST',
    `/api/sittings/${sitting}/state`,
    { to },
    { version: body.version },
  );
  if (status !== 200) throw new Error(`The sitting could not become ${to}: ${status}`);
}

export const joinWalk = (app: TestApp, code: string, student: string, word?: string) =>
  joinWalkAt(app.base, code, student, word);

/** Joins a sitting from a phone of its own, with a word that only this student uses. */
export async function joinWalkAt(
  base: string,
  code: string,
  student: string,
  word = `word of ${student}`,
): Promise<{ phone: Client; walk: WalkSitting }> {
  const phone = client(base);
  const joined = await phone.call('POST', '/api/walk/join', { code, student, word });
  if (joined.status !== 201) throw new Error(`Number ${student} could not join: ${joined.status}`);
  return { phone, walk: (await phone.call<WalkSitting>('GET', '/api/walk/sitting')).body };
}

/** Has students join an open sitting and write these names at its stations, in order, each on a phone of their own. */
export async function writeNames(
  app: TestApp,
  code: string,
  byStudent: Readonly<Record<string, readonly string[]>>,
): Promise<void> {
  for (const [student, names] of Object.entries(byStudent)) {
    const { phone, walk } = await joinWalk(app, code, student);
    await send(
      phone,
      names.flatMap((name, i) => answersFor(walk, i + 1, { name })),
    );
  }
}
