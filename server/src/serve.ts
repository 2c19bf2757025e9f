import { randomInt } from 'node:crypto';
import { mkdirSync, readFileSync } from 'node:fs';
import { createServer as createHttp } from 'node:http';
import type { RequestListener, Server } from 'node:http';
import { createServer as createHttps } from 'node:https';
import type { AddressInfo } from 'node:net';
import { fileURLToPath } from 'node:url';
import { pino } from 'pino';
import { nameIndex } from '@hurrow/core/names';
import { createApp } from './app.ts';
import { lockFolder } from './db/index.ts';
import type { Database } from './db/index.ts';
import { ownHosts } from './http/index.ts';
import type { Recovery } from './http/index.ts';
import { bringUpToDate, isEmpty, openData } from './openData.ts';
import { startingHandler } from './startup.ts';

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
  /** Host names this application is reached at besides those of the machine. */
  readonly hosts?: readonly string[];
  /** Fills a database that holds nothing yet, after the migrations. */
  readonly prepare?: (db: Database) => Promise<void>;
  /** Told once the port answers, while the answers log is still being read. */
  readonly listening?: (address: string) => void;
  /** Runs once the answers log has been brought in. */
  readonly started?: (db: Database) => Promise<void>;
}

export interface Running {
  readonly address: string;
  readonly setupCode: string | null;
  readonly recovery: Recovery;
  /** Ends it; asked again, as by a key that two processes hear, it waits for the same end. */
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
  const logger = pino({ level: process.env['LOG_LEVEL'] ?? 'error' });
  let checked = 0;
  let stopped: Promise<void> | null = null;
  let current: RequestListener = startingHandler(() => checked);
  const answer: RequestListener = (req, res) => current(req, res);
  const server = options.certificate ? createHttps(options.certificate, answer) : createHttp(answer);
  const end = async (): Promise<void> => {
    await new Promise((done) => {
      server.close(done);
      server.closeAllConnections();
    });
    lock.release();
  };
  try {
    const address = `${scheme}://${shown}:${await listen(server, options.port, options.host)}`;
    options.listening?.(address);
    const opened = await openData(options.data, options.databaseUrl ?? null, 'with tables', (error) =>
      logger.warn(error),
    );
    const { db, answers, erasures } = opened;
    const recovery = await bringUpToDate(opened, options.prepare, (n) => (checked = n));
    await options.started?.(db);
    const code = (await isEmpty(db)) ? setupCode() : null;
    // The checklist of real names takes half a second to make ready; nobody should wait for it at a first name.
    nameIndex([]);
    current = createApp({
      app: {
        db,
        answers,
        erasures,
        recovery,
        clock: () => new Date(),
        wait: (ms) => new Promise((done) => setTimeout(done, ms)),
        isOwnHost: ownHosts([options.host, ...(options.hosts ?? [])]),
        setupCode: code,
        version: VERSION,
      },
      logger,
      dist: DIST,
      proxies: options.proxies ?? 0,
    });
    return {
      address,
      setupCode: code,
      recovery,
      stop: () => (stopped ??= end().then(opened.close)),
    };
  } catch (error) {
    await end().catch(() => undefined);
    throw error;
  }
}
