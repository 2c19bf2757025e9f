import { ROUTE_LIST } from '@hurrow/contract';
import type { RouteName } from '@hurrow/contract';
import { faultOfAnswer, hasAnswer } from '@hurrow/contract/schemas';

const SHAPES = ROUTE_LIST.map(([name, route]) => ({
  name,
  method: route.method,
  // A part of the path that is named is anything; one that is written out is itself.
  path: new RegExp(`^${route.path.replace(/[.]/g, '\\.').replace(/:[a-z]+/g, '[^/]+')}$`),
  named: (route.path.match(/:/g) ?? []).length,
}));

/** The route of the table that answers to an address; the one with fewest names where two could. */
export function routeAt(method: string, path: string): RouteName | null {
  const [bare = ''] = path.split('?');
  const found = SHAPES.filter((s) => s.method === method && s.path.test(bare)).sort(
    (a, b) => a.named - b.named,
  );
  return found[0]?.name ?? null;
}

/** @throws where what a route answered does not fit the schema of its answer. */
export function needFit(method: string, path: string, status: number, answer: unknown): void {
  const name = routeAt(method, path);
  if (name === null || status < 200 || status > 299) return;
  if (!hasAnswer(name)) {
    if (answer !== undefined && typeof answer === 'object')
      throw new Error(`${name} answers, and the table says it does not`);
    return;
  }
  const fault = faultOfAnswer(name, answer);
  if (fault)
    throw new Error(`What ${name} answers does not fit its schema: ${fault.message} (at ${fault.field})`);
}
