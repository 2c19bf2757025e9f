import { randomBytes } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import express from 'express';
import type { Request, Response } from 'express';
import helmet from 'helmet';
import sirv from 'sirv';

const policy = (nonce: string): string =>
  [
    "default-src 'none'",
    "script-src 'self'",
    `style-src 'self' 'nonce-${nonce}'`,
    "img-src 'self' data:",
    "font-src 'self'",
    "connect-src 'self'",
    "manifest-src 'self'",
    "worker-src 'self'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');

/** Sends a page with its nonce in the policy and where the styles take it from. */
function sendPage(res: Response, html: string): void {
  const nonce = randomBytes(16).toString('base64');
  res.setHeader('Content-Security-Policy', policy(nonce));
  res.setHeader('Cache-Control', 'no-store');
  res.type('html').send(html.replaceAll('__NONCE__', nonce));
}

/** The built application: precompressed files, and one page for every address of the two entries. */
export function pages(dist: string): express.Router {
  const router = express.Router();
  router.use(helmet({ contentSecurityPolicy: false, strictTransportSecurity: false }));
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
