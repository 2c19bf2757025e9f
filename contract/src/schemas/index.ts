import Joi from 'joi';
import { DISTANCES, HANDLINGS, MATERIALS, ORGANS } from '@hurrow/core/conditions';
import { OUTCOMES } from '@hurrow/core/names';
import { AUDIENCES, MAX_BATCH, MAX_TYPED, NAME_ASKS, SURENESS } from '../index.ts';
import { LIBRARY_BODIES } from './library.ts';
import { LIST_BODIES, site } from './lists.ts';
import { findUnkeepable } from './keepable.ts';
import { date, id, moment, name } from './parts.ts';
import type { SentAnswer } from '../index.ts';

export { findUnkeepable, isKeepable } from './keepable.ts';
export type { Unkeepable } from './keepable.ts';
export { ID } from './parts.ts';

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

/** A student's private word, as it is compared: spaces at the ends and capitals do not count. */
const word = Joi.string()
  .trim()
  .lowercase()
  .pattern(/^[\p{L}\p{N} '-]{4,40}$/u, 'a private word of 4 to 40 letters or digits');

/** One answer of a batch. */
const sentAnswer = Joi.object({
  id: id.required(),
  ask: Joi.string().max(40).required(),
  seq: Joi.number().integer().min(1).max(100_000).required(),
  typed: Joi.string().max(MAX_TYPED).allow(''),
  state: Joi.string().max(80),
  sure: Joi.string().valid(...SURENESS),
  at: moment.required(),
}).or('typed', 'state', 'sure');

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
            .pattern(/^[A-Za-z0-9-]{1,16}$/, 'a student number of letters, digits and hyphens')
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
    makeUp: Joi.boolean().default(false),
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
    word: word.allow(null).default(null),
    ask: Joi.boolean().default(false),
  }),
  answers: Joi.object({
    answers: Joi.array().min(1).max(MAX_BATCH).items(Joi.any()).required(),
  }),
  holdDays: Joi.object({ days: Joi.number().integer().min(0).max(60).required() }),
  deviceDecision: Joi.object({ decision: Joi.string().valid('let-in', 'refuse', 'end').required() }),
  stationRelease: Joi.object({ stations: Joi.array().min(1).max(200).items(id).unique().required() }),
} as const satisfies Record<string, Joi.Schema>;

export type BodyName = keyof typeof BODIES;

/** The first fault of a body, with the path of the field. */
export interface BodyFault {
  readonly field: string;
  readonly message: string;
}

/** Bodies whose entries are checked one by one where they are used, so that a bad one refuses itself alone. */
const BY_ENTRY: ReadonlySet<BodyName> = new Set<BodyName>(['answers']);

const faultOf = (error: Joi.ValidationError): BodyFault => ({
  field: error.details[0]?.path.join('.') ?? '',
  message: (error.details[0]?.message ?? error.message).replace(/"/g, ''),
});

type Checked<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly fault: BodyFault };

/** Checks a body. @returns the value with defaults filled in and text trimmed, or its first fault. */
export function checkBody(schema: BodyName, body: unknown): Checked<unknown> {
  const bad = BY_ENTRY.has(schema) ? null : findUnkeepable(body);
  if (bad !== null) return { ok: false, fault: { field: bad.field, message: bad.why } };
  const { value, error } = BODIES[schema].validate(body ?? {}, { convert: true, abortEarly: true });
  return error ? { ok: false, fault: faultOf(error) } : { ok: true, value: value as unknown };
}

/** Checks one answer of a batch. @returns the answer with its id in lower case, or its first fault. */
export function checkAnswer(answer: unknown): Checked<SentAnswer> {
  const bad = findUnkeepable(answer);
  if (bad !== null) return { ok: false, fault: { field: bad.field, message: bad.why } };
  const { value, error } = sentAnswer.validate(answer, { convert: true, abortEarly: true });
  return error ? { ok: false, fault: faultOf(error) } : { ok: true, value: value as SentAnswer };
}
