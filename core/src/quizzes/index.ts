export { POLICY, familyPoints, namePoints } from './points.ts';
export type { GradePolicy, NameAsk } from './points.ts';
export { judgeCall } from './calls.ts';
export type { Call, CallOutcome } from './calls.ts';
export { HOLD_DAYS, stationHolds } from './holds.ts';
export type { OtherSitting, ReturnedStation, RunState, StationHold } from './holds.ts';
export { acceptedCall } from './accept.ts';
export type { Accepted, AcceptedCall } from './accept.ts';
export { gradeValue } from './gradeValue.ts';
export type { ValueGrade, ValueOutcome } from './gradeValue.ts';
export { MATERIAL_CLASSES, materialClass } from './materialClass.ts';
export type { MaterialClass } from './materialClass.ts';
export { taughtBy } from './taughtBy.ts';
export { comparedWith } from './compared.ts';
export type { ListedSpecies } from './compared.ts';
export { keyFor, stillHolding } from './keyInForce.ts';
export type { TimedKey } from './keyInForce.ts';
export { questionFault } from './questionFault.ts';
export type { QuestionFault } from './questionFault.ts';
export { ANSWERED_BY, DRAWN_PARTS, QUESTION_KINDS } from './questionKinds.ts';
export type { AskOption, AskParams, Drawing, DrawnPart, QuestionKind } from './questionKinds.ts';
export {
  ANSWER_BOXES,
  CLUE_ORGANS,
  PLAN,
  PRESETS,
  PRESET_SETTINGS,
  UNFAIR_REASONS,
  minutesOf,
} from './plan.ts';
export type { AnswerBox, ClueOrgan, Preset, PresetSetting, QuizPlan, UnfairReason } from './plan.ts';
