import Joi from 'joi';
import { PICKED, SURENESS } from '@hurrow/core/answers';
import type { AnswerKind, AnswerValue } from '@hurrow/core/answers';
import { isKeepable } from './keepable.ts';
import { made } from './typed.ts';

/** Longest text of an answer; what staff read from paper may be longer than what a phone sends. */
const MOST_TEXT = 400;
const MOST_CHOICES = 60;

const text = Joi.string()
  .max(MOST_TEXT)
  .custom((t: string, helpers) => (isKeepable(t) ? t : helpers.error('any.invalid')));
const choice = text.min(1).max(80);
const choices = Joi.array().items(choice).min(1).max(MOST_CHOICES).unique();
const share = Joi.number().min(0).max(1);

/** What each kind of answer holds besides its kind. */
const PARTS: Readonly<Record<AnswerKind, Joi.SchemaMap>> = {
  name: { text: text.allow('').required(), picked: Joi.valid(...PICKED) },
  state: { state: choice.required() },
  states: { states: choices.required() },
  count: { n: Joi.number().integer().min(0).max(9999).required() },
  measure: { mm: Joi.number().greater(0).max(200_000).required(), typed: text.min(1).max(40).required() },
  choice: { chosen: choice.required(), shown: choices.required() },
  choice_by_character: { chosen: choice.required(), shown: choices.required(), character: choice.required() },
  match: {
    pairs: Joi.array()
      .items(Joi.array().ordered(choice.required(), choice.required()))
      .max(MOST_CHOICES)
      .required(),
  },
  point: { x: share.required(), y: share.required() },
  text: { text: text.required() },
  sureness: {
    sure: Joi.string()
      .valid(...SURENESS)
      .required(),
  },
  cannot_tell: {},
  not_sure: {},
  does_not_apply: {},
  illegible: {},
  blank: {},
  not_reached: {},
  withdrawn: {},
};

const WHOLE: readonly Joi.SwitchCases[] = Object.entries(PARTS).map(([kind, parts]) => ({
  is: kind,
  then: Joi.object({ kind: Joi.valid(kind), v: Joi.valid(1), written: text.allow(''), ...parts })
    .required()
    .prefs({ convert: false }),
}));

/** A tagged answer; a kind that is not known, or parts that do not fit it, are refused. */
export const answerValue = made<AnswerValue>(
  Joi.alternatives().conditional('.kind', {
    switch: [...WHOLE],
    otherwise: Joi.object({
      kind: Joi.valid(...Object.keys(PARTS))
        .required()
        .messages({ 'any.only': '{{#label}} is not a kind of answer' }),
    }).unknown(),
  }),
);

/** Whether a value is an answer as the store keeps it. */
export const isAnswerValue = (value: unknown): value is AnswerValue =>
  answerValue.validate(value, { convert: false }).error === undefined;
