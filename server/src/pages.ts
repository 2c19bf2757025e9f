import { randomBytes } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import type { ServerResponse } from 'node:http';
import { join } from 'node:path';
import express from 'express';
import type { Request, Response } from 'express';
import helmet from 'helmet';
import sirv from 'sirv';

/** The nonce of a response, made when the policy first asks for it. */
function nonceOf(res: ServerResponse): string {
  const { locals } = res as ServerResponse & { locals: { nonce?: string } };
  locals.nonce ??= randomBytes(16).toString('base64');
  return locals.nonce;
}

/**
 * Headers of every page and file. No HSTS: a school's own certificate may have to be replaced in the middle of a term,
 * and browsers would then refuse the address for as long as the header said.
 */
const headers = helmet({
  strictTransportSecurity: false,
  contentSecurityPolicy: {
    useDefaults: false,
    directives: {
      defaultSrc: ["'none'"],
      scriptSrc: ["'self'"],
      styleSrc: ["'self'", (_req, res) => `'nonce-${nonceOf(res)}'`],
      // Attributes alone: libraries of controls set the place of what they open with them.
      styleSrcAttr: ["'unsafe-inline'"],
      imgSrc: ["'self'", 'data:'],
      fontSrc: ["'self'"],
      connectSrc: ["'self'"],
      manifestSrc: ["'self'"],
      workerSrc: ["'self'"],
      baseUri: ["'none'"],
      formAction: ["'self'"],
      frameAncestors: ["'none'"],
    },
  },
});

/** Sends a page with its nonce where the styles take it from. */
function sendPage(res: Response, html: string): void {
  res.setHeader('Cache-Control', 'no-store');
  res.type('html').send(html.replaceAll('__NONCE__', nonceOf(res)));
}

/** The built application: precompressed files, and one page for every address of the two entries. */
export function pages(dist: string): express.Router {
  const router = express.Router();
  router.use(headers);
  // Files are small and sent whole; the ranges of a hostile request would close the connection.
  router.use((req, _res, next) => {
    delete req.headers.range;
    next();
  });
  const page = (folder: string): string | null => {
    const file = join(dist, folder, 'index.html');
    return existsSync(file) ? readFileSync(file, 'utf8') : null;
  };
  const walk = page('walk');
  const app = page('app');
  const notBuilt = (res: Response): void => {
    res.status(503).type('text').send('The application is not built. Run: npm run build');
  };
  const files = (folder: string) =>
    sirv(join(dist, folder), { gzip: true, brotli: true, etag: true, extensions: [] });
  const isPage = (req: Request): boolean =>
    !/\.[a-z0-9]+$/i.test(req.path) || req.path.endsWith('/index.html');
  const serve = (prefix: string, folder: string, html: string | null) => {
    router.use(prefix, (req, res, next) => {
      if (req.method !== 'GET' && req.method !== 'HEAD') return next();
      if (!isPage(req)) return next();
      if (html === null) return notBuilt(res);
      sendPage(res, html);
    });
    if (html !== null) router.use(prefix, files(folder));
  };
  serve('/walk', 'walk', walk);
  serve('/', 'app', app);
  return router;
}
