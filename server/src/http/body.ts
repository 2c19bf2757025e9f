import express from 'express';
import type { Request, RequestHandler, Response } from 'express';
import { MOST_SENT } from '@hurrow/contract';
import type { Audience, Route, RouteName } from '@hurrow/contract';
import { checkBody, hasBody } from '@hurrow/contract/schemas';
import { invalid } from './problem.ts';

/** What a caller may send at most, by who they are: nobody in particular sends little. */
const JSON_LIMITS: Readonly<Record<Audience, string>> = {
  anyone: '16kb',
  student: '256kb',
  staff: '1mb',
  teachers: '1mb',
  owner: '1mb',
};

const READ_JSON: Readonly<Record<Audience, RequestHandler>> = {
  anyone: express.json({ limit: JSON_LIMITS.anyone }),
  student: express.json({ limit: JSON_LIMITS.student }),
  staff: express.json({ limit: JSON_LIMITS.staff }),
  teachers: express.json({ limit: JSON_LIMITS.teachers }),
  owner: express.json({ limit: JSON_LIMITS.owner }),
};

const READ_FILE: Readonly<Record<NonNullable<Route['file']>, RequestHandler>> = {
  image: express.raw({ type: 'image/*', limit: '12mb' }),
  text: express.text({ type: 'text/*', limit: MOST_SENT }),
};

const parsed = (reader: RequestHandler, req: Request, res: Response): Promise<unknown> =>
  new Promise((resolve, reject) => {
    void reader(req, res, (error?: unknown) =>
      error === undefined
        ? resolve(req.body as unknown)
        : reject(error instanceof Error ? error : new Error(String(error))),
    );
  });

/**
 * Reads the body of a route, once it is known who calls, and checks it against its schema.
 * @throws a refusal that names the field at fault.
 */
export async function readBody(name: RouteName, route: Route, req: Request, res: Response): Promise<unknown> {
  if (route.file) return parsed(READ_FILE[route.file], req, res);
  if (!hasBody(name)) return undefined;
  const checked = checkBody(name, await parsed(READ_JSON[route.audience], req, res));
  if (checked.ok) return checked.value;
  throw invalid(`${checked.fault.message}.`, {
    field: checked.fault.field,
    remedy: 'Change this entry. Nothing was saved.',
  });
}
