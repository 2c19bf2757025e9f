import type { IncomingMessage, RequestListener, ServerResponse } from 'node:http';
import { starting } from './http/index.ts';

const RETRY_SECONDS = 2;

const PAGE = `<!doctype html><html lang="en"><head><meta charset="utf-8"><meta http-equiv="refresh" content="3">
<meta name="viewport" content="width=device-width"><title>Hurrow is starting</title></head>
<body><h1>Hurrow is starting</h1><p>It is checking the answers it holds. This page loads by itself.</p></body></html>`;

/** What the application answers while it is still reading its answers log: where it stands, and when to ask again. */
export function startingHandler(checked: () => number): RequestListener {
  return (req: IncomingMessage, res: ServerResponse) => {
    const n = checked();
    const { details } = starting(
      n === 0 ? 'Hurrow is opening its data.' : `Hurrow has checked ${n} answers and is still going.`,
      {
        remedy: 'Wait a moment. Phones keep their answers and send them by themselves.',
        retryAfter: RETRY_SECONDS,
      },
    );
    const api = req.url?.startsWith('/api') ?? false;
    const isHealth = req.url === '/api/health';
    req.resume();
    res.writeHead(503, {
      'Content-Type': api ? 'application/problem+json' : 'text/html; charset=utf-8',
      'Cache-Control': 'no-store',
      'Retry-After': String(RETRY_SECONDS),
      'Content-Security-Policy': "default-src 'none'",
    });
    res.end(api ? JSON.stringify(isHealth ? { ...details, checked: n } : details) : PAGE);
  };
}
