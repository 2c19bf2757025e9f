import type Joi from 'joi';
import { ROUTES } from '@hurrow/contract';
import type { Route } from '@hurrow/contract';
import { BODIES } from '@hurrow/contract/schemas';
import type { BodyName } from '@hurrow/contract/schemas';

interface Described {
  type?: string;
  keys?: Record<string, Described>;
  items?: Described[];
  allow?: unknown[];
  flags?: { only?: boolean; presence?: string };
  rules?: { name: string; args?: { limit?: number } }[];
}

type JsonSchema = Record<string, unknown>;

const LIMITS: Readonly<Record<string, Record<string, string>>> = {
  string: { min: 'minLength', max: 'maxLength' },
  number: { min: 'minimum', max: 'maximum' },
  array: { min: 'minItems', max: 'maxItems' },
};

/** A body's schema as JSON Schema, as far as OpenAPI needs it: types, fields, required ones, limits and choices. */
function toJsonSchema(d: Described): JsonSchema {
  const type = d.type === 'date' ? 'string' : d.type;
  const out: JsonSchema = type && type !== 'alternatives' && type !== 'any' ? { type } : {};
  if (d.flags?.only && d.allow) out['enum'] = d.allow;
  for (const rule of d.rules ?? []) {
    const key = LIMITS[type ?? '']?.[rule.name];
    if (key && rule.args?.limit !== undefined) out[key] = rule.args.limit;
    if (rule.name === 'integer') out['type'] = 'integer';
  }
  if (d.keys) {
    out['properties'] = Object.fromEntries(Object.entries(d.keys).map(([k, v]) => [k, toJsonSchema(v)]));
    const required = Object.entries(d.keys).filter(([, v]) => v.flags?.presence === 'required');
    if (required.length > 0) out['required'] = required.map(([k]) => k);
  }
  if (d.items?.[0]) out['items'] = toJsonSchema(d.items[0]);
  return out;
}

const bodySchema = (name: BodyName): JsonSchema =>
  toJsonSchema((BODIES[name] as Joi.Schema).describe() as Described);

function operation(name: string, route: Route): JsonSchema {
  const params = [...route.path.matchAll(/:([a-z]+)/g)].map((m) => ({
    name: m[1],
    in: 'path',
    required: true,
    schema: { type: 'string' },
  }));
  const version = { name: 'If-Match', in: 'header', required: true, schema: { type: 'string' } };
  return {
    operationId: name,
    summary: route.summary,
    'x-audience': route.audience,
    parameters: [...params, ...(route.ifMatch ? [version] : [])],
    ...(route.body
      ? {
          requestBody: {
            required: true,
            content: { 'application/json': { schema: bodySchema(route.body as BodyName) } },
          },
        }
      : {}),
    responses: {
      '2XX': { description: 'Done' },
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
  for (const [name, route] of Object.entries(ROUTES) as [string, Route][]) {
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
