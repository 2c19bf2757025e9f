export {
  OFF,
  PARTLY,
  SAYS,
  conditionsKey,
  keptSights,
  matrixOf,
  overlapIn,
  says,
  under,
  underFor,
  valuesOf,
  withMembers,
} from './matrix.ts';
export type { Column, Matrix, Says } from './matrix.ts';
export { STANDINGS, apartness, cellAt, countsOf, pairTable, verdictOf } from './pairTable.ts';
export type { Counts, PairCell, PairTable, Standing } from './pairTable.ts';
export { rowReports } from './rowReports.ts';
export { earnings } from './earning.ts';
export type { Earning } from './earning.ts';
export { MOST_COUNTED, diagnostic, lones } from './diagnostic.ts';
export type { Diagnosis, DiagnosticSet, Lone } from './diagnostic.ts';
export { WEEKS, standingIn, throughYear } from './year.ts';
export type { Year } from './year.ts';
export { lost, tellCards, tellSentence, usable, usableWhen } from './tellCards.ts';
export type { TellCard, Usable } from './tellCards.ts';
export { contrastsAmong } from './amongAll.ts';
export type { Contrasted } from './amongAll.ts';
export { inTeachingOrder, isJudged, isLookedAt, lockedInOrder, lookingStep, saidBy } from './looking.ts';
export { applyChange, barred, changesOf, whatIfs } from './whatIf.ts';
export type { Change, Forbidden, WhatIf } from './whatIf.ts';
export { checkDeclared } from './declared.ts';
export { comparativeWords } from './comparative.ts';
export type { DeclaredVerdict } from './declared.ts';
