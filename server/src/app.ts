import express from 'express';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import { recognise } from './access/index.ts';
import { intake } from './answers/index.ts';
import { HANDLERS } from './handlers.ts';
import { apiRouter, isHttpProblem } from './http/index.ts';
import type { App } from './http/index.ts';
import { jobsInMemory } from './jobs/index.ts';
import { pages } from './pages.ts';

export interface AppOptions {
  readonly app: Omit<App, 'jobs' | 'intake'>;
  readonly logger: Logger;
  /** The folder with the built interface. */
  readonly dist: string;
  /** Proxies in front whose forwarded address is believed. */
  readonly proxies: number;
}

/** The whole application: the API first, then the pages. */
export function createApp({ app, logger, dist, proxies }: AppOptions): express.Express {
  const server = express();
  const report = (error: unknown): void => logger.error(error);
  const jobs = jobsInMemory(
    (error) =>
      isHttpProblem(error) ? { detail: error.details.detail, remedy: error.details.remedy ?? '' } : null,
    report,
  );
  server.disable('x-powered-by');
  server.set('trust proxy', proxies);
  // Addresses hold no names and bodies are never logged.
  server.use(
    pinoHttp({
      logger,
      customLogLevel: (_req, res) => (res.statusCode >= 500 ? 'error' : 'debug'),
      serializers: { req: (req: { method: string; url: string }) => ({ method: req.method, url: req.url }) },
    }),
  );
  server.use((_req, res, next) => {
    res.setHeader('X-Content-Type-Options', 'nosniff');
    res.setHeader('Referrer-Policy', 'same-origin');
    next();
  });
  server.use(apiRouter({ ...app, jobs, intake: intake(app.db, app.answers) }, HANDLERS, recognise, report));
  server.use(pages(dist));
  return server;
}
