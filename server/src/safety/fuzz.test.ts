import { afterAll, beforeAll, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { ROUTES } from '@hurrow/contract';
import type { Route, RouteName } from '@hurrow/contract';
import { bodyFor, id, joinWalk, openSitting, openTestApp } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

const REQUESTS = Number(process.env['HURROW_FUZZ_REQUESTS'] ?? 2500);
const CHUNK = 25;

let app: TestApp;
let callers: Readonly<Record<'owner' | 'assistant' | 'phone' | 'nobody', Client>>;
let sitting: string;

beforeAll(async () => {
  app = await openTestApp();
  const owner = await app.owner();
  const opened = await openSitting(owner, 'first');
  sitting = opened.sitting.id;
  callers = {
    owner,
    assistant: await app.assistant(),
    phone: (await joinWalk(app, opened.code, '11')).phone,
    nobody: app.nobody(),
  };
});
afterAll(() => app.close());

const WRITES = (Object.entries(ROUTES) as [RouteName, Route][]).filter(
  // Leaving and signing out would end the callers; every other route that writes is here.
  ([name, r]) => r.method !== 'GET' && !['sessionEnd', 'walkLeave'].includes(name),
);

const uuid = id('grandis');
const nasty: fc.Arbitrary<unknown> = fc.oneof(
  fc.constantFrom<unknown>(
    null,
    '',
    '\u0000',
    'fir \ud83d',
    '\udc00',
    0,
    -1,
    1e308,
    -0.5,
    2 ** 53,
    true,
    [],
    {},
    [[]],
    'x'.repeat(3000),
    `[${uuid}]`,
    `(${uuid})`,
    uuid.replaceAll('-', ':'),
    uuid.toUpperCase(),
    '0000-01-01',
    '0000-01-01T00:00:00.000Z',
    '2026-02-30',
    '+275760-09-13T00:00:00.000Z',
    '9999-12-31',
    '=HYPERLINK("x")',
    "'; drop table taxon; --",
    '__proto__',
    { __proto__: { a: 1 } },
    Array.from({ length: 300 }, () => uuid),
  ),
  fc.string({ unit: 'binary', maxLength: 12 }),
  fc.integer(),
  fc.double(),
  fc.nat(60).map((depth) => {
    let value: unknown = 1;
    for (let i = 0; i < depth; i += 1) value = [value];
    return value;
  }),
);

type Json = Record<string, unknown> | unknown[];

/** A body of a schema with some of its values replaced, dropped or added to. */
function mutated(body: unknown, picks: readonly number[], values: readonly unknown[]): unknown {
  if (typeof body !== 'object' || body === null) return values[0];
  const copy = structuredClone(body) as Json;
  picks.forEach((pick, i) => {
    let at: Json = copy;
    for (let depth = pick % 3; depth > 0; depth -= 1) {
      const inner = Object.values(at).find((v): v is Json => typeof v === 'object' && v !== null);
      if (inner) at = inner;
    }
    const keys = Object.keys(at);
    const key = keys[pick % Math.max(1, keys.length)] ?? 'extra';
    if (pick % 7 === 0) delete (at as Record<string, unknown>)[key];
    else
      (at as Record<string, unknown>)[pick % 11 === 0 ? 'extra' : key] = structuredClone(
        values[i % values.length],
      );
  });
  return copy;
}

const request = fc.record({
  route: fc.constantFrom(...WRITES),
  who: fc.constantFrom('owner', 'owner', 'assistant', 'phone', 'nobody' as const),
  picks: fc.array(fc.nat(1000), { maxLength: 4 }),
  values: fc.array(nasty, { minLength: 1, maxLength: 4 }),
  ids: fc.constantFrom('none', 'quiz', 'first', 'grandis', 'list', 'tree-a', 'st1', 's21', 'sitting', 'odd'),
  version: fc.constantFrom(undefined, 1, 999),
  raw: fc.option(fc.constantFrom('{"a"', '['.repeat(5000), '\ufeff{}', '"x"', 'null', '1e999'), { freq: 12 }),
  key: fc.option(fc.constantFrom('press-one-1', 'x', 'y'.repeat(90)), { freq: 8 }),
});
type Made = typeof request extends fc.Arbitrary<infer T> ? T : never;

function path(route: Route, name: RouteName, ids: string): string {
  // Erasing a student of the tests would end what the others stand on.
  const chosen =
    name === 'studentErase' ? id('none') : ids === 'sitting' ? sitting : ids === 'odd' ? '%5B%5D' : id(ids);
  return route.path.replace(/:([a-z]+)/g, () => chosen);
}

async function send({ route: [name, route], who, picks, values, ids, version, raw, key }: Made) {
  const base = bodyFor(name) ?? {};
  const body = route.file ? String(values[0]) : (raw ?? mutated(base, picks, values));
  return callers[who].call(route.method, path(route, name, ids), body, {
    ...(version === undefined ? {} : { version }),
    ...(key === null ? {} : { key }),
    ...(route.file ? { type: route.file === 'image' ? 'image/png' : 'text/plain' } : {}),
  });
}

/** Tables that a refused request must leave as they are. */
const LEFT_ALONE = ['limit', 'session', 'known_browser', 'change', 'idempotency'];

async function fingerprint(tables: readonly string[]): Promise<string> {
  const rows = await app.db.query<{ t: string; n: number }>(
    tables.map((t) => `select '${t}' as t, count(*)::integer as n from "${t}"`).join(' union all '),
  );
  return JSON.stringify(rows);
}

test(`${REQUESTS} fuzzed requests over every writing route: no fault of ours, and what is refused changes nothing`, async () => {
  const tables = (
    await app.db.query<{ name: string }>(
      `select relname as name from pg_class where relkind = 'r' and relnamespace = 'public'::regnamespace`,
    )
  )
    .map((r) => r.name)
    .filter((t) => !LEFT_ALONE.some((l) => t.includes(l)));
  const seen = new Map<number, number>();
  const faults: string[] = [];
  for (let done = 0; done < REQUESTS; done += CHUNK) {
    const before = await fingerprint(tables);
    let refusedAll = true;
    for (const made of fc.sample(request, { numRuns: CHUNK, seed: 1000 + done })) {
      const { status, body } = await send(made);
      seen.set(status, (seen.get(status) ?? 0) + 1);
      if (status < 400) refusedAll = false;
      else if (status >= 500 || (body.remedy?.length ?? 0) < 5)
        faults.push(`${made.route[0]}: ${status} ${JSON.stringify(body)}`);
    }
    if (refusedAll && (await fingerprint(tables)) !== before)
      faults.push(`the ${CHUNK} requests before ${done + CHUNK} changed something`);
  }
  expect(faults.slice(0, 10)).toEqual([]);
  expect([...seen.keys()].filter((s) => s >= 500)).toEqual([]);
  // The fuzz reaches past the door: some of it is taken, and it is refused for more than one reason.
  expect(seen.get(422) ?? 0).toBeGreaterThan(REQUESTS / 20);
  expect([...seen.keys()].some((s) => s < 300)).toBe(true);
  for (const at of ['/api/due', '/api/species', '/api/quizzes', `/api/sittings/${sitting}`])
    expect((await callers.owner.call('GET', at)).status).toBe(200);
  expect((await callers.phone.call('GET', '/api/walk/sitting')).status).toBe(200);
});
