import { parseCookie } from 'cookie';
import express from 'express';
import type { NextFunction, Request, Response } from 'express';
import { MOST_SENT, ROUTES } from '@hurrow/contract';
import type { ProblemDetails, Route, RouteName } from '@hurrow/contract';
import { checkBody } from '@hurrow/contract/schemas';
import type { BodyName } from '@hurrow/contract/schemas';
import type { App, Call, Handler, Reply, Who } from './call.ts';
import { badRequest, broken, forbidden, invalid, isHttpProblem, notFound, notSignedIn } from './problem.ts';

export type Handlers = Readonly<Record<RouteName, Handler>>;
/** Who a request comes from, by the cookies it carries. */
export type Recognise = (
  app: App,
  cookies: Readonly<Record<string, string | undefined>>,
  route: Route,
) => Promise<Who>;

const WRITES = new Set(['POST', 'PUT', 'DELETE', 'PATCH']);

/** A write must come from a page of this very origin. */
function checkOrigin(req: Request): void {
  if (!WRITES.has(req.method)) return;
  const origin = req.headers.origin;
  let host: string | null = null;
  try {
    host = origin === undefined ? null : new URL(origin).host;
  } catch {
    host = null;
  }
  if (host === null || host !== req.headers.host) {
    throw forbidden('The request does not come from this application’s own pages.', {
      remedy: 'Work from the address the application was started at.',
    });
  }
}

/** @throws unless this caller may use a route of this audience. */
export function checkAudience(who: Who, route: Route): void {
  if (route.audience === 'anyone') return;
  if (who.kind === 'nobody')
    throw notSignedIn('Nobody is signed in.', { remedy: 'Sign in, then do it again.' });
  if (route.audience === 'student') {
    if (who.kind !== 'student') throw forbidden('This is for students.', { remedy: 'Join with a code.' });
    return;
  }
  if (who.kind !== 'account') throw forbidden('This is for people who teach.', { remedy: 'Sign in.' });
  if (route.audience === 'teachers' && who.role === 'assistant') {
    throw forbidden('An assistant may not do this.', { remedy: 'Ask the instructor of the section.' });
  }
}

function versionOf(req: Request): number | null {
  const m = /^(?:W\/)?"?(\d{1,9})"?$/.exec(req.headers['if-match'] ?? '');
  return m ? Number(m[1]) : null;
}

function readBody(route: Route, body: unknown): unknown {
  if (route.file) return body;
  if (!route.body) return undefined;
  const checked = checkBody(route.body as BodyName, body);
  if (checked.ok) return checked.value;
  throw invalid(`${checked.fault.message}.`, {
    field: checked.fault.field,
    remedy: 'Correct this entry; nothing was saved.',
  });
}

function send(res: Response, reply: Reply, secure: boolean): void {
  for (const c of reply.cookies ?? []) {
    const options = { httpOnly: true, sameSite: 'strict' as const, secure, path: c.path };
    if (c.value === null) res.clearCookie(c.name, options);
    else res.cookie(c.name, c.value, { ...options, ...(c.expires ? { expires: c.expires } : {}) });
  }
  if (reply.version !== undefined) res.setHeader('ETag', `"${reply.version}"`);
  const keeps = reply.file !== undefined && reply.file.name === undefined;
  res.setHeader('Cache-Control', keeps ? 'private, max-age=86400, immutable' : 'no-store');
  if (reply.file) {
    if (reply.file.name !== undefined) res.attachment(reply.file.name);
    res.status(200).type(reply.file.type).send(reply.file.bytes);
  } else if (reply.body === undefined) res.status(reply.status ?? 204).end();
  else res.status(reply.status ?? 200).json(reply.body);
}

function handle(app: App, route: Route, handler: Handler, recognise: Recognise) {
  return async (req: Request, res: Response): Promise<void> => {
    checkOrigin(req);
    const who: Who = route.withoutSession
      ? { kind: 'nobody' }
      : await recognise(app, parseCookie(req.headers.cookie ?? ''), route);
    checkAudience(who, route);
    const call: Call = {
      app,
      who,
      params: req.params as Record<string, string>,
      query: Object.fromEntries(Object.entries(req.query).map(([k, v]) => [k, String(v)])),
      body: readBody(route, req.body),
      version: versionOf(req),
      ip: req.ip ?? '',
      secure: req.secure,
    };
    send(res, await handler(call), req.secure);
  };
}

function sendProblem(res: Response, details: ProblemDetails): void {
  res.status(details.status).setHeader('Cache-Control', 'no-store');
  res.type('application/problem+json').send(JSON.stringify(details));
}

/** Errors become problem details; what is not ours to explain is logged and said plainly. */
function onError(report: (error: unknown) => void) {
  return (error: unknown, _req: Request, res: Response, next: NextFunction): void => {
    if (res.headersSent) {
      next(error);
      return;
    }
    if (isHttpProblem(error)) return sendProblem(res, error.details);
    const status = (error as { status?: number }).status;
    if (status === 400 || status === 413) {
      return sendProblem(
        res,
        badRequest(status === 413 ? 'The request is too large.' : 'The request is not valid JSON.', {
          remedy: status === 413 ? 'Send it in smaller parts.' : 'Send valid JSON.',
        }).details,
      );
    }
    report(error);
    sendProblem(res, broken('It could not be done.', { remedy: 'Try again; nothing was changed.' }).details);
  };
}

/** Files are read as they are, up to what their formats allow. */
const READ = {
  image: express.raw({ type: 'image/*', limit: '12mb' }),
  text: express.text({ type: 'text/*', limit: MOST_SENT }),
} as const;

/** All routes of the table on one router, with unknown addresses under `/api` answered as problems. */
export function apiRouter(
  app: App,
  handlers: Handlers,
  recognise: Recognise,
  report: (error: unknown) => void,
): express.Router {
  const router = express.Router();
  router.use(express.json({ limit: '1mb' }));
  for (const [name, route] of Object.entries(ROUTES) as [RouteName, Route][]) {
    const method = route.method.toLowerCase() as 'get' | 'post' | 'put' | 'delete';
    const before = route.file ? [READ[route.file]] : [];
    router[method](route.path, ...before, handle(app, route, handlers[name], recognise));
  }
  router.use('/api', () => {
    throw notFound('There is no such address.', { remedy: 'See /api/openapi.json.' });
  });
  router.use(onError(report));
  return router;
}
