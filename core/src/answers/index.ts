export {
  ANSWER_VERSION,
  PICKED,
  SURENESS,
  answerText,
  isEmpty,
  isNoLook,
  sameAnswer,
  stored,
} from './value.ts';
export type { AnswerKind, AnswerValue, Picked, StoredValue, Sureness } from './value.ts';
export { refusalOf } from './takes.ts';
export type { Refusal, Taking } from './takes.ts';
export { taggedValue } from './earlier.ts';
export type { EarlierAnswer } from './earlier.ts';
export { UNREADABLE, characterWritten, emptyWritten, lengthWritten, nameWritten } from './written.ts';
export { countedOf } from './counted.ts';
export type { Candidate } from './counted.ts';
export { DISPUTE_KINDS, disputeOf } from './disputes.ts';
export type { DisputeKind, Placed } from './disputes.ts';
