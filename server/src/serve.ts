import { randomInt } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync } from 'node:fs';
import { createServer as createHttp } from 'node:http';
import type { Server } from 'node:http';
import { createServer as createHttps } from 'node:https';
import type { AddressInfo } from 'node:net';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { pino } from 'pino';
import { readWorkspace } from './access/index.ts';
import { answersFile, erasuresFile, replayAnswers } from './answers/index.ts';
import { createApp } from './app.ts';
import { lockFolder, migrate, openPglite, openPostgres } from './db/index.ts';
import type { Database } from './db/index.ts';

export interface ServeOptions {
  /** The data folder: database, answers log and lock. */
  readonly data: string;
  /** A PostgreSQL server in place of the database in the folder. */
  readonly databaseUrl?: string;
  /** 0 takes a free port. */
  readonly port: number;
  readonly host: string;
  readonly certificate?: { readonly cert: string; readonly key: string };
  readonly proxies?: number;
  /** Runs after the migrations, before the first request. */
  readonly prepare?: (db: Database) => Promise<void>;
  /** Runs once the answers log has been brought in. */
  readonly started?: (db: Database) => Promise<void>;
}

export interface Running {
  readonly address: string;
  readonly setupCode: string | null;
  readonly replayed: number;
  readonly stop: () => Promise<void>;
}

/** The folder is in use; the message says by whom and where. */
export class FolderInUse extends Error {
  readonly code = 'FOLDER_IN_USE';
}

const DIST = fileURLToPath(new URL('../../web/dist/', import.meta.url));
const VERSION = (
  JSON.parse(readFileSync(new URL('../../package.json', import.meta.url), 'utf8')) as { version: string }
).version;

const setupCode = (): string =>
  Array.from({ length: 8 }, () => 'ABCDEFGHJKMNPQRTUVWXY346789'.charAt(randomInt(27))).join('');

function listen(server: Server, port: number, host: string): Promise<number> {
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, host, () => resolve((server.address() as AddressInfo).port));
  });
}

/** Starts the application on a data folder. @throws FolderInUse where another process has it. */
export async function serve(options: ServeOptions): Promise<Running> {
  mkdirSync(options.data, { recursive: true });
  const scheme = options.certificate ? 'https' : 'http';
  const shown = options.host === '0.0.0.0' || options.host === '::' ? 'localhost' : options.host;
  const lock = lockFolder(options.data, `${scheme}://${shown}:${options.port || '(a free port)'}`);
  if (!lock.ok) throw new FolderInUse(lock.message);
  const folder = join(options.data, 'database');
  const fresh = !existsSync(folder);
  const db = options.databaseUrl ? openPostgres(options.databaseUrl) : await openPglite(folder);
  const logger = pino({ level: process.env['LOG_LEVEL'] ?? 'error' });
  await migrate(db);
  if (options.prepare && fresh) await options.prepare(db);
  const answers = answersFile(join(options.data, 'answers.log'));
  const erasures = erasuresFile(join(options.data, 'erasures.log'));
  const replayed = await replayAnswers(db, answers.read());
  // Without counts of its rows the planner chooses badly; they are taken anew at every start.
  await db.query('analyze');
  await options.started?.(db);
  const code = (await readWorkspace(db, new Date())) ? null : setupCode();
  const app = createApp({
    app: { db, answers, erasures, clock: () => new Date(), setupCode: code, version: VERSION },
    logger,
    dist: DIST,
    proxies: options.proxies ?? 0,
  });
  const server = options.certificate ? createHttps(options.certificate, app) : createHttp(app);
  const port = await listen(server, options.port, options.host);
  return {
    address: `${scheme}://${shown}:${port}`,
    setupCode: code,
    replayed: replayed.stored,
    stop: async () => {
      await new Promise((done) => {
        server.close(done);
        server.closeAllConnections();
      });
      await db.close();
      answers.close();
      lock.release();
    },
  };
}
