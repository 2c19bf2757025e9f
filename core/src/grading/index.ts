export { ASK_WORDS } from './askWords.ts';
export { MOST_CLUES, clueCost, lessClues } from './clues.ts';
export type { ClueCost } from './clues.ts';
export { acceptedInWords, saidTo, shownInWords } from './shown.ts';
export type { ShownInWords } from './shown.ts';
export { gradeAnswer, grader } from './gradeAnswer.ts';
export type { Grader } from './gradeAnswer.ts';
export { asksSpecies, lookOf, namedOf } from './looks.ts';
export { gradeAnswers, gradeStation, looksAt } from './station.ts';
export type {
  AnswerGrade,
  FirstCall,
  StationAnswer,
  StationGrades,
  StationTask,
  StudentLook,
} from './station.ts';
export { TO_LOOK_AT } from './toLookAt.ts';
export type { LookCall, LookInput, NamedKind, StationLook } from './looks.ts';
export type {
  AskKind,
  Graded,
  GradeOutcome,
  GradingContext,
  KeyAsk,
  KeyTruth,
  NameAskKind,
  NameDecision,
} from './types.ts';
export { grouped } from './grouped.ts';
export { reasonFor } from './reasons.ts';
