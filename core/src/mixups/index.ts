export { jeffreys } from './rates.ts';
export type { Interval } from './rates.ts';
export { countMixUps } from './counts.ts';
export type { Look, MixUp } from './counts.ts';
export { NOT_THE_STUDENTS, READINGS, diagnose, isTaughtSo } from './diagnose.ts';
export type { CalledLook, ReadCall, Reading, ReadingKind } from './diagnose.ts';
export { MISREAD_CASES, misreadAs, termsThroughout } from './misreadAs.ts';
export type { MisreadCase, Shows, StateCall, WrongCall } from './misreadAs.ts';
export { SMALLEST_CLASS, classThreshold, effectsOn, freshCounts, pairStates } from './pairStates.ts';
export type {
  FollowSettings,
  PairInterval,
  PairStateName,
  RetaughtPair,
  SectionSitting,
} from './pairStates.ts';
export { lessonEffect } from './effect.ts';
export type { EffectOf, EffectVerdict, FreshCount, LessonEffect } from './effect.ts';
export { FALLS_ABOVE, flagsAfter } from './flags.ts';
export type { PairFlag } from './flags.ts';
export { MIX_UP_SETTINGS, SETTING_LIMITS, settingsOf } from './settings.ts';
export type { MixUpSettings } from './settings.ts';
export { directionOf } from './direction.ts';
export type { Counted, Direction } from './direction.ts';
export { countLevel, namesInDoubt, oftenMissed } from './levels.ts';
export type { InDoubt, LevelCount, LevelLook, OftenMissed } from './levels.ts';
export { countByCharacter } from './characterLevel.ts';
export type { CharacterCount } from './characterLevel.ts';
export { matrixOrder } from './order.ts';
export type { Confused, MatrixOrder } from './order.ts';
export { CLEAN_DAYS, RESOLVED_BY_LUCK, studentPairs } from './repeats.ts';
export type { DatedLooks, StudentPair } from './repeats.ts';
export {
  FLAGS,
  expectedStudents,
  moreThanSlips,
  qValues,
  slipCounts,
  testPairs,
  upperTail,
} from './slips.ts';
export type { FlagSettings, PairTest, SlipCounts, StudentAt } from './slips.ts';
export { fitSlips } from './slipFit.ts';
export type { SlipFit, SlipTable } from './slipFit.ts';
export { poissonTail, quasiIndependence } from './quasi.ts';
export type { WrongTable } from './quasi.ts';
export { poolPair } from './pooled.ts';
export type { PooledPair, SectionCount } from './pooled.ts';
