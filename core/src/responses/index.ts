export { ANSWER_FORMS } from './types.ts';
export type { AnswerForm, ResponseLine } from './types.ts';
export { dateRead, readResponses, readRows, sittingKey } from './read.ts';
export type { ReadRows } from './read.ts';
export { writeResponses } from './write.ts';
export { ADD, planResponses } from './plan.ts';
export type {
  Choices,
  PlannedAnswer,
  PlannedSitting,
  PlannedStation,
  ResponseGround,
  ResponsePlan,
  ResponseQuestion,
} from './plan.ts';
