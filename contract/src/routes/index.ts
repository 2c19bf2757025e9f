import { CHARACTERS } from './characters.ts';
import { CLASSES } from './classes.ts';
import { COMPARING } from './comparing.ts';
import { EXCHANGE } from './exchange.ts';
import { LIBRARY } from './library.ts';
import { MIXUPS } from './mixups.ts';
import { PEOPLE } from './people.ts';
import { QUIZZES } from './quizzes.ts';
import { RESULTS } from './results.ts';
import { RETEACH } from './reteach.ts';
import type { Route, Shape } from './route.ts';
import { SHEETS } from './sheets.ts';
import { WALK } from './walk.ts';

export type { Audience, Method, Route, Shape } from './route.ts';

/** Every route of the application; the server mounts exactly these and the OpenAPI document lists them. */
export const ROUTES = {
  ...PEOPLE,
  ...CLASSES,
  ...LIBRARY,
  ...COMPARING,
  ...EXCHANGE,
  ...QUIZZES,
  ...SHEETS,
  ...RESULTS,
  ...MIXUPS,
  ...CHARACTERS,
  ...RETEACH,
  ...WALK,
} as const satisfies Record<string, Omit<Route, 'body' | 'answer'>>;

type Table = typeof ROUTES;
export type RouteName = keyof Table;

/** Routes with a JSON body, and routes that answer with JSON. */
export type BodyRoute = { [R in RouteName]: Table[R] extends { body: object } ? R : never }[RouteName];
export type AnswerRoute = { [R in RouteName]: Table[R] extends { answer: object } ? R : never }[RouteName];
export type AudienceOf<R extends RouteName> = Table[R]['audience'];
export type ReadRoute = { [R in RouteName]: Table[R] extends { method: 'GET' } ? R : never }[RouteName];

type Names<P extends string> = P extends `${string}:${infer N}/${infer Rest}`
  ? N | Names<Rest>
  : P extends `${string}:${infer N}`
    ? N
    : never;

/** What the path of a route names, by name. */
export type ParamsOf<R extends RouteName> = Readonly<Record<Names<Table[R]['path']>, string>>;

/** The checked body of a route; nothing where it has none. */
export type BodyOf<R extends RouteName> = Table[R] extends { body: Shape<infer B> } ? B : undefined;

/** What a route answers; nothing where it answers without a body, or with a file. */
export type AnswerOf<R extends RouteName> = Table[R] extends { answer: Shape<infer A> } ? A : undefined;

/** The table as it is walked through: every line with all that a line may have. */
export const ROUTE_LIST: readonly (readonly [RouteName, Route])[] = Object.entries(
  ROUTES,
) as unknown as readonly (readonly [RouteName, Route])[];

export const routeOf = (name: RouteName): Route => ROUTES[name] as Route;

/** The reads that a write makes stale. */
export const staleAfter = (name: RouteName): readonly ReadRoute[] => {
  const line = ROUTES[name];
  return 'makesStale' in line ? line.makesStale : [];
};

/** The address of a route with its parameters filled in. */
export function address(name: RouteName, params: Readonly<Record<string, string>> = {}): string {
  return ROUTES[name].path.replace(/:([a-z]+)/g, (_, key: string) => encodeURIComponent(params[key] ?? ''));
}
