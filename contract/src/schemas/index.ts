import Joi from 'joi';
import { DISTANCES, HANDLINGS, MATERIALS, ORGANS, isDate } from '@hurrow/core/conditions';
import { FREQUENCIES } from '@hurrow/core/characters';
import { OUTCOMES } from '@hurrow/core/names';
import { MAX_BATCH, MAX_TYPED, NAME_ASKS, SURENESS } from '../index.ts';

const id = Joi.string().uuid();
const date = Joi.string().custom((value: string, helpers) =>
  isDate(value) ? value : helpers.message({ custom: '{{#label}} must be a date written YYYY-MM-DD' }),
);
const name = Joi.string().trim().min(1);
const passphrase = Joi.string().min(10).max(200);
const site = Joi.object({
  name: name.max(120).required(),
  lat: Joi.number().min(-90).max(90).required(),
  lon: Joi.number().min(-180).max(180).required(),
  elevM: Joi.number().min(-500).max(9000).required(),
  tz: Joi.string().max(60).default('UTC'),
});

const value = Joi.alternatives().conditional('.kind', {
  switch: [
    {
      is: 'states',
      then: Joi.object({
        kind: Joi.string().required(),
        states: Joi.array()
          .max(30)
          .items(
            Joi.object({
              state: Joi.string().max(80).required(),
              freq: Joi.string()
                .valid(...FREQUENCIES)
                .required(),
            }),
          )
          .required(),
      }),
    },
    {
      is: 'range',
      then: Joi.object({
        kind: Joi.string().required(),
        entered: Joi.string().max(120).allow('').required(),
      }),
    },
    { is: 'inapplicable', then: Joi.object({ kind: Joi.string().required() }) },
  ],
  otherwise: Joi.object({
    kind: Joi.string().valid('states', 'range', 'inapplicable').required(),
  }).required(),
});

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
  listText: Joi.object({ text: Joi.string().max(200_000).required() }),
  list: Joi.object({
    name: name.max(120).required(),
    members: Joi.array()
      .min(1)
      .max(2000)
      .items(
        Joi.object({
          taxon: id,
          newName: name.max(160),
          week: Joi.number().integer().min(1).max(60).allow(null),
          label: Joi.string().trim().max(120).allow(null, ''),
        }).xor('taxon', 'newName'),
      )
      .required(),
  }),
  statement: Joi.object({
    taxon: id.required(),
    character: Joi.string().max(60).required(),
    source: id.required(),
    value: value.required(),
    note: Joi.string().trim().max(400).allow(null, ''),
  }),
  statementValue: Joi.object({
    value: value.required(),
    note: Joi.string().trim().max(400).allow(null, ''),
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
