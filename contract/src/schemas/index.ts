import Joi from 'joi';
import { taggedValue } from '@hurrow/core/answers';
import { MOST_CLUES } from '@hurrow/core/grading';
import { MAX_TYPED, SURENESS } from '../index.ts';
import type { AnswerRoute, BodyOf, BodyRoute, CheckedAnswer, RouteName, SentAnswer } from '../index.ts';
import { ANSWERS } from './answers/index.ts';
import { answerValue } from './answerValue.ts';
import { BODIES } from './bodies/index.ts';
import { findUnkeepable } from './keepable.ts';
import { id, moment, typedText, whole } from './parts.ts';
import { made, oneOf, optional, record } from './typed.ts';

export { findUnkeepable, isKeepable } from './keepable.ts';
export type { Unkeepable } from './keepable.ts';
export { ID } from './parts.ts';
export { isAnswerValue } from './answerValue.ts';
export { readChosenFile } from './chosen.ts';

/** One answer of a batch. */
const sentAnswer = (
  record<SentAnswer>({
    id,
    ask: typedText(40),
    seq: whole(1, 100_000),
    typed: optional(made<string>(Joi.string().max(MAX_TYPED).allow(''))),
    state: optional(typedText(80)),
    sure: optional(oneOf(SURENESS)),
    at: moment,
    value: optional(answerValue),
    clues: optional(whole(0, MOST_CLUES)),
  }) as unknown as Joi.ObjectSchema
).xor('typed', 'state', 'sure', 'value');

/** The first fault of a body, with the path of the field. */
export interface BodyFault {
  readonly field: string;
  readonly message: string;
}

/** Bodies whose entries are checked one by one where they are used, so that a bad one refuses itself alone. */
const BY_ENTRY: ReadonlySet<BodyRoute> = new Set<BodyRoute>(['walkAnswers']);

/** What people can get wrong in plain words; the rest is told as the validator tells it. */
const MESSAGES: Joi.LanguageMessages = {
  'any.required': '{{#label}} is missing',
  'string.empty': '{{#label}} is empty',
  'string.max': '{{#label}} has more than {{#limit}} characters',
  'number.base': '{{#label}} is not a number',
  'number.max': '{{#label}} is more than {{#limit}}',
  'number.min': '{{#label}} is less than {{#limit}}',
};

const faultOf = (error: Joi.ValidationError): BodyFault => ({
  field: error.details[0]?.path.join('.') ?? '',
  message: (error.details[0]?.message ?? error.message).replace(/"/g, ''),
});

type Checked<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly fault: BodyFault };

/** Whether a route has a JSON body, and so a schema for it. */
export const hasBody = (route: RouteName): route is BodyRoute => route in BODIES;
/** Whether a route answers with JSON, and so has a schema for it. */
export const hasAnswer = (route: RouteName): route is AnswerRoute => route in ANSWERS;

/** Checks the body of a route. @returns the value with defaults filled in and text trimmed, or its first fault. */
export function checkBody<R extends BodyRoute>(route: R, body: unknown): Checked<BodyOf<R>> {
  const bad = BY_ENTRY.has(route) ? null : findUnkeepable(body);
  if (bad !== null) return { ok: false, fault: { field: bad.field, message: bad.why } };
  const { value, error } = BODIES[route].validate(body ?? {}, {
    convert: true,
    abortEarly: true,
    messages: MESSAGES,
  });
  return error ? { ok: false, fault: faultOf(error) } : { ok: true, value: value as BodyOf<R> };
}

/** Checks what a route answers. @returns its first fault, or null where it fits its schema. */
export function faultOfAnswer(route: AnswerRoute, answer: unknown): BodyFault | null {
  const { error } = ANSWERS[route].validate(answer, { convert: false, abortEarly: true });
  return error ? faultOf(error) : null;
}

const asJsonSchema = (schema: Joi.Schema, way: 'input' | 'output'): Readonly<Record<string, unknown>> =>
  schema['~standard'].jsonSchema[way]({ target: 'draft-2020-12' });

/** The JSON Schema of a body as it is sent, and of an answer, by Joi itself. */
export const bodyShape = (route: BodyRoute): Readonly<Record<string, unknown>> =>
  asJsonSchema(BODIES[route], 'input');
export const answerShape = (route: AnswerRoute): Readonly<Record<string, unknown>> =>
  asJsonSchema(ANSWERS[route], 'output');

/** Checks one answer of a batch. @returns the answer with its id in lower case, or its first fault. */
export function checkAnswer(answer: unknown): Checked<CheckedAnswer> {
  const bad = findUnkeepable(answer);
  if (bad !== null) return { ok: false, fault: { field: bad.field, message: bad.why } };
  const { value, error } = sentAnswer.validate(answer, {
    convert: true,
    abortEarly: true,
    messages: MESSAGES,
  });
  if (error) return { ok: false, fault: faultOf(error) };
  const { id: answerId, ask, seq, at, value: tagged, clues = 0, ...short } = value as SentAnswer;
  return { ok: true, value: { id: answerId, ask, seq, at, clues, value: tagged ?? taggedValue(short) } };
}
