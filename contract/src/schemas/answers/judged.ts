import { DISPUTE_KINDS } from '@hurrow/core/answers';
import { HANDLINGS } from '@hurrow/core/conditions';
import { OUTCOMES } from '@hurrow/core/names';
import { ANSWER_BOXES, PRESETS } from '@hurrow/core/quizzes';
import { PRESENCES } from '@hurrow/core/range';
import { QUANTIFIERS } from '@hurrow/core/rules';
import type { DisputeKind } from '@hurrow/core/answers';
import type { AskKind, GradeOutcome, NameAskKind } from '@hurrow/core/grading';
import type { Outcome } from '@hurrow/core/names';
import type { CallOutcome, GradePolicy, QuizPlan, ValueOutcome } from '@hurrow/core/quizzes';
import type { Area, Fit, Ground, Presence, Ring } from '@hurrow/core/range';
import type { Clause, Feature, Quantifier } from '@hurrow/core/rules';
import { either, flag, listOf, nullOr, number, oneOf, optional, record, text } from '../typed.ts';
import type { Of } from '../typed.ts';
import { valueSchema } from './recorded.ts';

export const presenceSchema: Of<Presence> = oneOf(PRESENCES);

export const nameAskKindSchema: Of<NameAskKind> = oneOf([
  'common',
  'scientific',
  'either',
  'genus',
  'family',
]);

export const askKindSchema: Of<AskKind> = either(
  oneOf(['call']),
  nameAskKindSchema,
  oneOf(['sureness']),
  oneOf(['choice']),
  oneOf(['match']),
  oneOf(['point']),
  oneOf(['text']),
);

export const disputeKindSchema: Of<DisputeKind> = oneOf(DISPUTE_KINDS);

export const outcomeSchema: Of<Outcome> = oneOf(OUTCOMES);

export const callOutcomeSchema: Of<CallOutcome> = oneOf(['right', 'wrong', 'coarse', 'not_recorded']);

export const valueOutcomeSchema: Of<ValueOutcome> = either(
  callOutcomeSchema,
  oneOf(['blank']),
  oneOf(['cannot_tell']),
  oneOf(['to_read']),
);

export const gradeOutcomeSchema: Of<GradeOutcome> = either(outcomeSchema, valueOutcomeSchema);

export const fitSchema: Of<Fit> = oneOf(['fits', 'limit', 'no', 'unknown']);

export const groundSchema = record<Ground>({
  of: oneOf(['region', 'elevation', 'zone', 'ground']),
  character: nullOr(text),
  fit: fitSchema,
  presence: optional(presenceSchema),
  value: optional(valueSchema),
});

export const gradePolicySchema = record<GradePolicy>({
  spelling: oneOf(['exact', 'tolerant']),
  misspelled: number,
  synonym: number,
  sharedCommon: number,
  genusOnly: number,
  otherLanguage: number,
});

export const quizPlanSchema = record<QuizPlan>({
  preset: nullOr(oneOf(PRESETS)),
  handling: listOf(oneOf(HANDLINGS)),
  walk: oneOf(['timed', 'free']),
  seconds: number,
  moveSeconds: number,
  freeMinutes: number,
  against: oneOf(['taught', 'list']),
  box: oneOf(ANSWER_BOXES),
  sureness: flag,
  mostCalls: number,
  showScore: flag,
});

export const ringSchema: Of<Ring> = listOf(listOf(number));

export const areaSchema: Of<Area> = either(
  record<Extract<Area, { readonly type: 'Polygon' }>>({
    type: oneOf(['Polygon']),
    coordinates: listOf(ringSchema),
  }),
  record<Extract<Area, { readonly type: 'MultiPolygon' }>>({
    type: oneOf(['MultiPolygon']),
    coordinates: listOf(listOf(ringSchema)),
  }),
);

export const quantifierSchema: Of<Quantifier> = oneOf(QUANTIFIERS);

export const featureSchema: Of<Feature> = either(
  record<Extract<Feature, { readonly state: unknown }>>({ character: text, state: text }),
  record<Extract<Feature, { readonly low: unknown }>>({ character: text, low: number, high: number }),
);

export const clauseSchema: Of<Clause> = either(
  record<Extract<Clause, { readonly state: unknown }>>({ character: text, state: text }),
  record<Extract<Clause, { readonly low: unknown }>>({ character: text, low: number, high: number }),
  record<Extract<Clause, { readonly none: unknown }>>({ none: featureSchema }),
  record<Extract<Clause, { readonly any: unknown }>>({ any: listOf(featureSchema) }),
  record<Extract<Clause, { readonly taxon: unknown }>>({ taxon: text }),
);
