import { SITTING_STATES } from '../../index.ts';
import { ORGANS, STAGES } from '@hurrow/core/conditions';
import type {
  Ask,
  QuizDetail,
  QuizSummary,
  SittingState,
  SittingSummary,
  Station,
  TreeRow,
} from '../../index.ts';
import { either, flag, listOf, mapOf, nullOr, number, oneOf, partOf, record, text } from '../typed.ts';
import type { Keys, Of } from '../typed.ts';
import { askKindSchema, gradePolicySchema } from './judged.ts';
import { cautionSchema, taxonHeaderSchema } from './library.ts';
import { siteSchema } from './people.ts';
import { distanceSchema, valueSchema } from './recorded.ts';

export const treeRowSchema = record<TreeRow>({
  id: text,
  tag: text,
  site: siteSchema,
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

export const askSchema = record<Ask>({
  id: text,
  ord: number,
  kind: askKindSchema,
  character: nullOr(text),
  points: number,
});

export const stationSchema = record<Station>({
  id: text,
  number: number,
  tree: treeRowSchema,
  asks: listOf(askSchema),
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
