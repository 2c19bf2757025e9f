import { ROUTE_LIST } from '@hurrow/contract';
import type { Route, RouteName } from '@hurrow/contract';
import { answerShape, bodyShape, hasAnswer, hasBody } from '@hurrow/contract/schemas';

type JsonSchema = Readonly<Record<string, unknown>>;

const json = (schema: JsonSchema): JsonSchema => ({ 'application/json': { schema } });
const anyFile = { '*/*': { schema: { type: 'string', format: 'binary' } } };
const FILES = {
  image: { 'image/*': { schema: { type: 'string', format: 'binary' } } },
  text: { 'text/plain': { schema: { type: 'string' } } },
} as const;

function parametersOf(route: Route): readonly JsonSchema[] {
  const params = [...route.path.matchAll(/:([a-z]+)/g)].map((m) => ({
    name: m[1],
    in: 'path',
    required: true,
    schema: { type: 'string' },
  }));
  const header = (name: string, required: boolean) => ({
    name,
    in: 'header',
    required,
    schema: { type: 'string' },
  });
  return [
    ...params,
    ...(route.ifMatch ? [header('If-Match', true)] : []),
    ...(route.creates ? [header('Idempotency-Key', false)] : []),
  ];
}

function sentTo(name: RouteName, route: Route): JsonSchema {
  const content = route.file ? FILES[route.file] : hasBody(name) ? json(bodyShape(name)) : null;
  return content ? { requestBody: { required: true, content } } : {};
}

function answered(name: RouteName, route: Route): JsonSchema {
  if (hasAnswer(name)) return { '2XX': { description: 'Done', content: json(answerShape(name)) } };
  if (route.answersFile) return { '2XX': { description: 'The file', content: anyFile } };
  return { '204': { description: 'Done' } };
}

function operation(name: RouteName, route: Route): JsonSchema {
  return {
    operationId: name,
    summary: route.summary,
    'x-audience': route.audience,
    ...(route.makesStale ? { 'x-makes-stale': route.makesStale } : {}),
    parameters: parametersOf(route),
    ...sentTo(name, route),
    responses: {
      ...answered(name, route),
      default: {
        description: 'Refused',
        content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } },
      },
    },
  };
}

/** The OpenAPI document, made from the same table the routes are mounted from. */
export function openApi(version: string): JsonSchema {
  const paths: Record<string, JsonSchema> = {};
  for (const [name, route] of ROUTE_LIST) {
    const path = route.path.replace(/:([a-z]+)/g, '{$1}');
    paths[path] = { ...(paths[path] ?? {}), [route.method.toLowerCase()]: operation(name, route) };
  }
  const text = { type: 'string' };
  return {
    openapi: '3.1.0',
    info: { title: 'Hurrow', version },
    paths,
    components: {
      schemas: {
        Problem: {
          type: 'object',
          required: ['type', 'title', 'status', 'detail'],
          properties: {
            type: text,
            title: text,
            status: { type: 'integer' },
            detail: text,
            field: text,
            remedy: text,
          },
        },
      },
    },
  };
}
