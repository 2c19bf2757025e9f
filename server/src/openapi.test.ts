import { expect, test } from '@jest/globals';
import { ROUTES, ROUTE_LIST, staleAfter } from '@hurrow/contract';
import { openApi } from './openapi.ts';

interface Operation {
  readonly operationId: string;
  readonly 'x-audience': string;
  readonly parameters: readonly { readonly name: string; readonly in: string }[];
  readonly requestBody?: {
    readonly content: { readonly 'application/json': { readonly schema: { readonly required?: string[] } } };
  };
  readonly responses: Readonly<
    Record<string, { readonly content: Readonly<Record<string, { readonly schema: object }>> }>
  >;
}

const document = openApi('1.2.3') as unknown as {
  info: { version: string };
  paths: Record<string, Record<string, Operation>>;
};

test('the document lists every route of the table, with its parameters and body', () => {
  const listed = Object.entries(document.paths).flatMap(([path, methods]) =>
    Object.keys(methods).map((m) => `${m.toUpperCase()} ${path}`),
  );
  const table = Object.values(ROUTES).map((r) => `${r.method} ${r.path.replace(/:([a-z]+)/g, '{$1}')}`);
  expect(listed.sort()).toEqual(table.sort());
  expect(document.info.version).toBe('1.2.3');
  const change = document.paths['/api/statements/{id}']?.['put'];
  expect(change?.parameters.map((p) => `${p.in} ${p.name}`)).toEqual(['path id', 'header If-Match']);
  expect(
    document.paths['/api/walk/join']?.['post']?.requestBody?.content['application/json'].schema.required,
  ).toEqual(['code', 'student']);
});

test('every answer of the table has its shape, made of its schema; a file is told as one', () => {
  const { paths } = document;
  const sections = paths['/api/sections']?.['get']?.responses['2XX'];
  expect(sections?.content['application/json']?.schema).toMatchObject({
    type: 'array',
    items: { type: 'object', required: expect.arrayContaining(['id', 'name', 'students']) },
  });
  expect(paths['/api/backup']?.['get']?.responses['2XX']?.content).toHaveProperty(['*/*']);
  expect(paths['/api/statements/{id}']?.['delete']?.responses).toHaveProperty(['204']);
  for (const [name, route] of ROUTE_LIST) {
    const path = route.path.replace(/:([a-z]+)/g, '{$1}');
    const done = paths[path]?.[route.method.toLowerCase()]?.responses['2XX'];
    const schema = done?.content['application/json']?.schema ?? {};
    // A tagged answer or a free document may be of any type; nothing may be left without a word.
    if (route.answer && name !== 'openapi') expect(Object.keys(schema).length).toBeGreaterThan(0);
  }
});

test('what a write makes stale is a read of the table', () => {
  for (const [name] of ROUTE_LIST)
    for (const read of staleAfter(name)) expect(ROUTES[read].method).toBe('GET');
  expect(staleAfter('ruleCreate')).toEqual(['rules']);
});
