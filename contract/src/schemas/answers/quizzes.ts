import { SITTING_STATES } from '../../index.ts';
import { MATERIALS, ORGANS, STAGES } from '@hurrow/core/conditions';
import { CLUE_ORGANS, DRAWN_PARTS, QUESTION_KINDS } from '@hurrow/core/quizzes';
import type { AskOption, AskParams, Drawing } from '@hurrow/core/quizzes';
import type {
  Ask,
  Clue,
  QuizDetail,
  QuizSummary,
  SittingState,
  SittingSummary,
  Station,
  TreePlace,
  TreeRow,
} from '../../index.ts';
import {
  either,
  flag,
  listOf,
  mapOf,
  nullOr,
  number,
  oneOf,
  optional,
  partOf,
  record,
  text,
  tupleOf,
} from '../typed.ts';
import type { Keys, Of } from '../typed.ts';
import { askKindSchema, gradePolicySchema, quizPlanSchema } from './judged.ts';
import { cautionSchema, taxonHeaderSchema } from './library.ts';
import { siteSchema } from './people.ts';
import { distanceSchema, valueSchema } from './recorded.ts';

export const treeRowSchema = record<TreeRow>({
  id: text,
  tag: text,
  site: siteSchema,
  place: nullOr(record<TreePlace>({ lat: number, lon: number, elevM: nullOr(number) })),
  trail: nullOr(text),
  taxon: taxonHeaderSchema,
  stage: nullOr(oneOf(STAGES)),
  condition: nullOr(text),
  planted: flag,
  hazards: listOf(text),
  access: nullOr(text),
  cautions: listOf(cautionSchema),
  reach: partOf(ORGANS, either(distanceSchema, oneOf(['out']))),
  certified: mapOf(valueSchema),
  retired: flag,
  version: number,
});

const drawingSchema: Of<Drawing> = either(
  record<Extract<Drawing, { taxon: string }>>({ taxon: text, part: oneOf(DRAWN_PARTS) }),
  record<Extract<Drawing, { state: string }>>({ character: text, state: text }),
);

const optionSchema = record<AskOption>({
  id: text,
  label: text,
  taxon: optional(text),
  character: optional(text),
  draw: optional(drawingSchema),
});

const askParamsSchema = record<AskParams>({
  question: oneOf(QUESTION_KINDS),
  prompt: text,
  options: listOf(optionSchema),
  others: listOf(optionSchema),
  right: listOf(text),
  pairs: listOf(tupleOf<readonly [string, string]>(text, text)),
  drawing: nullOr(drawingSchema),
  place: nullOr(record<NonNullable<AskParams['place']>>({ x: number, y: number, within: number })),
  text: nullOr(text),
});

export const askSchema = record<Ask>({
  id: text,
  ord: number,
  kind: askKindSchema,
  character: nullOr(text),
  points: number,
  params: nullOr(askParamsSchema),
});

export const stationSchema = record<Station>({
  id: text,
  number: number,
  tree: treeRowSchema,
  asks: listOf(askSchema),
  material: listOf(oneOf(MATERIALS)),
  distance: distanceSchema,
  accepts: listOf(text),
  notTellable: flag,
  clues: listOf(record<Clue>({ organ: oneOf(CLUE_ORGANS), cost: number })),
  stoodBefore: number,
  version: number,
});

export const sittingStateSchema: Of<SittingState> = oneOf(SITTING_STATES);

export const sittingSummaryKeys: Keys<SittingSummary> = {
  id: text,
  section: text,
  sectionName: text,
  on: text,
  state: sittingStateSchema,
  joined: number,
  submitted: number,
  roster: number,
};
export const sittingSummarySchema = record<SittingSummary>(sittingSummaryKeys);

export const quizDetailSchema = record<QuizDetail>({
  id: text,
  name: text,
  list: text,
  listName: text,
  policy: gradePolicySchema,
  plan: quizPlanSchema,
  stations: listOf(stationSchema),
  sittings: listOf(sittingSummarySchema),
  locked: flag,
  archived: flag,
  version: number,
});

export const quizSummarySchema = record<QuizSummary>({
  id: text,
  name: text,
  list: text,
  listName: text,
  stations: number,
  sittings: listOf(sittingSummarySchema),
  archived: flag,
});
