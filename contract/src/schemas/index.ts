import Joi from 'joi';
import { DISTANCES, HANDLINGS, MATERIALS, ORGANS } from '@hurrow/core/conditions';
import { OUTCOMES } from '@hurrow/core/names';
import { AUDIENCES, MAX_BATCH, MAX_TYPED, NAME_ASKS, SURENESS } from '../index.ts';
import { LIBRARY_BODIES } from './library.ts';
import { LIST_BODIES, site } from './lists.ts';
import { date, id, name } from './parts.ts';

const passphrase = Joi.string().min(10).max(200);
const ask = Joi.object({
  kind: Joi.string()
    .valid('call', ...NAME_ASKS, 'sureness')
    .required(),
  character: Joi.when('kind', {
    is: 'call',
    then: Joi.string().max(60).required(),
    otherwise: Joi.valid(null),
  }),
  points: Joi.number().min(0).max(100).precision(2).required(),
});

/** The schema of every body, by the name the route table gives it. */
export const BODIES = {
  ...LIBRARY_BODIES,
  ...LIST_BODIES,
  signIn: Joi.object({ name: name.max(80).required(), passphrase: Joi.string().max(200).required() }),
  setup: Joi.object({
    code: Joi.string().max(40).required(),
    workspace: name.max(120).required(),
    name: name.max(80).required(),
    passphrase: passphrase.required(),
    site: site.optional(),
  }),
  site,
  section: Joi.object({
    name: name.max(120).required(),
    term: name.max(60).required(),
    list: id.required(),
    site: id.required(),
    level: Joi.string()
      .valid(...AUDIENCES)
      .default('general'),
    students: Joi.array()
      .max(400)
      .items(
        Joi.object({
          code: Joi.string()
            .pattern(/^[A-Za-z0-9-]{1,16}$/, 'a class number of letters, digits and hyphens')
            .required(),
          firstName: Joi.string().trim().max(40).allow(null, ''),
        }),
      )
      .required(),
  }),
  tree: Joi.object({
    site: id.required(),
    tag: name.max(24).required(),
    taxon: id.required(),
    stage: Joi.string().valid('seedling', 'pole', 'young', 'mature', 'old').allow(null),
    reach: Joi.object()
      .pattern(Joi.string().valid(...ORGANS), Joi.string().valid(...DISTANCES, 'out'))
      .default({}),
  }),
  quiz: Joi.object({ name: name.max(120).required(), list: id.required() }),
  station: Joi.object({
    individual: id.required(),
    number: Joi.number().integer().min(1).max(200),
    asks: Joi.array().min(1).max(12).items(ask).required(),
  }),
  sitting: Joi.object({
    section: id.required(),
    on: date.required(),
    handling: Joi.array()
      .items(Joi.string().valid(...HANDLINGS))
      .unique()
      .default(['look', 'touch']),
    wet: Joi.boolean().default(false),
  }),
  sittingChange: Joi.object({
    on: date.required(),
    handling: Joi.array()
      .items(Joi.string().valid(...HANDLINGS))
      .unique()
      .required(),
    wet: Joi.boolean().required(),
  }),
  sittingStation: Joi.object({
    distance: Joi.string()
      .valid(...DISTANCES)
      .required(),
    material: Joi.array()
      .min(1)
      .items(Joi.string().valid(...MATERIALS))
      .unique()
      .required(),
  }),
  sittingState: Joi.object({ to: Joi.string().valid('draft', 'open', 'closed', 'given_back').required() }),
  sheet: Joi.object({
    answers: Joi.array()
      .min(1)
      .max(MAX_BATCH)
      .items(
        Joi.object({
          id: id.required(),
          sittingStation: id.required(),
          ask: id.required(),
          typed: Joi.string().max(MAX_TYPED).allow('', null).required(),
        }),
      )
      .required(),
  }),
  override: Joi.object({
    points: Joi.number().min(0).max(100).precision(2).required(),
    reason: Joi.string().trim().min(3).max(400).required(),
  }),
  ruling: Joi.object({
    typed: Joi.string().trim().min(1).max(MAX_TYPED).required(),
    taxon: id.allow(null),
    outcome: Joi.string()
      .valid(
        ...OUTCOMES.filter((o) =>
          ['exact', 'misspelt', 'synonym', 'other_species', 'genus_only', 'unlisted'].includes(o),
        ),
      )
      .required(),
  }),
  join: Joi.object({
    code: Joi.string().trim().max(20).required(),
    student: Joi.string().trim().max(16).required(),
    takeover: Joi.boolean().default(false),
  }),
  answers: Joi.object({
    answers: Joi.array()
      .min(1)
      .max(MAX_BATCH)
      .items(
        Joi.object({
          id: id.required(),
          ask: Joi.string().max(40).required(),
          seq: Joi.number().integer().min(1).max(100_000).required(),
          typed: Joi.string().max(MAX_TYPED).allow(''),
          state: Joi.string().max(80),
          sure: Joi.string().valid(...SURENESS),
          at: Joi.string().isoDate().required(),
        }).or('typed', 'state', 'sure'),
      )
      .required(),
  }),
} as const satisfies Record<string, Joi.Schema>;

export type BodyName = keyof typeof BODIES;

/** The first fault of a body, with the path of the field. */
export interface BodyFault {
  readonly field: string;
  readonly message: string;
}

/** The path of the first text with a NUL, which no database keeps; null where there is none. */
function nulPath(value: unknown, path: readonly string[] = []): string | null {
  if (typeof value === 'string') return value.includes('\u0000') ? path.join('.') : null;
  if (typeof value !== 'object' || value === null) return null;
  for (const [key, inner] of Object.entries(value)) {
    const found = nulPath(inner, [...path, key]);
    if (found !== null) return found;
  }
  return null;
}

/** Checks a body. @returns the value with defaults filled in and text trimmed, or its first fault. */
export function checkBody(
  schema: BodyName,
  body: unknown,
): { readonly ok: true; readonly value: unknown } | { readonly ok: false; readonly fault: BodyFault } {
  const nul = nulPath(body);
  if (nul !== null)
    return { ok: false, fault: { field: nul, message: 'A character in the text cannot be kept' } };
  const { value: checked, error } = BODIES[schema].validate(body ?? {}, { convert: true, abortEarly: true });
  if (!error) return { ok: true, value: checked as unknown };
  const [first] = error.details;
  return {
    ok: false,
    fault: {
      field: first?.path.join('.') ?? '',
      message: (first?.message ?? error.message).replace(/"/g, ''),
    },
  };
}
