import { browserName } from './browserName.ts';
import { parseCookie } from 'cookie';
import express from 'express';
import type { Request, Response } from 'express';
import { ROUTE_LIST } from '@hurrow/contract';
import type { Route, RouteName } from '@hurrow/contract';
import { readBody } from './body.ts';
import { bodyBytes } from './bodyBytes.ts';
import type { Account, App, Call, Handler, Handlers, Reply, Who } from './call.ts';
import { onError } from './errors.ts';
import { once } from './once.ts';
import { checkOrigin } from './origin.ts';
import { forbidden, notFound, notSignedIn } from './problem.ts';

/** Who a request comes from, by the cookies it carries. */
export type Recognise = (
  app: App,
  cookies: Readonly<Record<string, string | undefined>>,
  route: Route,
  sitting?: string,
) => Promise<Who>;

/** @throws unless this caller may use a route of this audience. */
export function checkAudience(who: Who, route: Route): void {
  if (route.audience === 'anyone') return;
  if (who.kind === 'nobody')
    throw notSignedIn('You are not signed in.', { remedy: 'Sign in, then do it again.' });
  if (route.audience === 'student') {
    if (who.kind !== 'student') throw forbidden('This is for students.', { remedy: 'Join with a code.' });
    return;
  }
  if (who.kind !== 'account') throw forbidden('This is for people who teach.', { remedy: 'Sign in.' });
  if (route.audience === 'owner' && who.role !== 'owner')
    throw forbidden('Only an owner may do this.', { remedy: 'Ask an owner.' });
  if (route.audience === 'teachers' && who.role === 'assistant') {
    throw forbidden('An assistant may not do this.', { remedy: 'Ask the instructor of the class.' });
  }
}

function versionOf(req: Request): number | null {
  const m = /^(?:W\/)?"?(\d{1,9})"?$/.exec(req.headers['if-match'] ?? '');
  return m ? Number(m[1]) : null;
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
  else {
    res.status(reply.status ?? 200).type('application/json');
    // Not `res.send`, which reads a body once more to name it for browsers that keep it; none keeps these.
    res.end(bodyBytes(reply.body));
  }
}

/**
 * Handles a request in the one order that is safe: where it comes from, who sends it, whether they may, and only then
 * its body. Nothing is read of a request that is refused.
 */
function handle(app: App, name: RouteName, route: Route, handler: Handler, recognise: Recognise) {
  return async (req: Request, res: Response): Promise<void> => {
    checkOrigin(req, app.isOwnHost);
    const cookies = parseCookie(req.headers.cookie ?? '');
    const query = Object.fromEntries(Object.entries(req.query).map(([k, v]) => [k, String(v)]));
    const who: Who = route.withoutSession
      ? { kind: 'nobody' }
      : await recognise(app, cookies, route, query['sitting']);
    checkAudience(who, route);
    const call: Call = {
      app,
      who,
      params: req.params as Record<string, string>,
      query,
      body: await readBody(name, route, req, res),
      version: versionOf(req),
      ip: req.ip ?? '',
      secure: req.secure,
      cookie: (key) => cookies[key],
      browser: () => browserName(req.header('user-agent')),
    };
    const reply =
      route.creates && who.kind === 'account'
        ? await once(name, handler as Handler<Account>, { ...call, who }, req.header('idempotency-key'))
        : await handler(call);
    send(res, reply, req.secure);
  };
}

/** All routes of the table on one router, with unknown addresses under `/api` answered as problems. */
export function apiRouter(
  app: App,
  handlers: Handlers,
  recognise: Recognise,
  report: (error: unknown) => void,
): express.Router {
  const router = express.Router();
  for (const [name, route] of ROUTE_LIST) {
    const method = route.method.toLowerCase() as 'get' | 'post' | 'put' | 'delete';
    // Who calls and what they send is checked first, so each handler gets what its types say.
    router[method](route.path, handle(app, name, route, handlers[name] as Handler, recognise));
  }
  router.use('/api', () => {
    throw notFound('This address does not exist.', { remedy: 'See /api/openapi.json.' });
  });
  router.use(onError(report));
  return router;
}
