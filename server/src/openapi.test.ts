import { expect, test } from '@jest/globals';
import { ROUTES } from '@hurrow/contract';
import { BODIES } from '@hurrow/contract/schemas';
import { openApi } from './openapi.ts';

interface Operation {
  readonly operationId: string;
  readonly 'x-audience': string;
  readonly parameters: readonly { readonly name: string; readonly in: string }[];
  readonly requestBody?: {
    readonly content: { readonly 'application/json': { readonly schema: { readonly required?: string[] } } };
  };
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

test('every body named in the table has a schema, and every schema is used', () => {
  const named = Object.values(ROUTES).flatMap((r: { body?: string }) => r.body ?? []);
  expect([...new Set(named)].sort()).toEqual(Object.keys(BODIES).sort());
});
