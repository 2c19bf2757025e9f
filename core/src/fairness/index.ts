export { FAIRNESS, FAIRNESS_ORDER, NEAR, worstOf } from './types.ts';
export type {
  Asked,
  Competitor,
  FairnessSettings,
  FairnessVerdict,
  NameRankAsked,
  StationMet,
} from './types.ts';
export type { PairFairness, Weighed } from './pairs.ts';
export { againstAll } from './wholeList.ts';
export type { WholeList } from './wholeList.ts';
export type { CallDoubt, CallFairness } from './calls.ts';
export { expectedMiss } from './difficulty.ts';
export { fixesFor, forbiddenAt, withFix } from './fixes.ts';
export type { Fix, FixResult } from './fixes.ts';
export { competing, fairnessJudge } from './judge.ts';
export type { StationFairness } from './judge.ts';
export { settlingValues } from './settling.ts';
export type { Settling } from './settling.ts';
export { askedBy, competitorOf } from './asked.ts';
export type { AskAt } from './asked.ts';
export { fairnessChecker } from './checker.ts';
export type { FairnessChecker, StationAsked } from './checker.ts';
export { OFTEN, givenAway, placeIsLearnt, ruledOutByAsking } from './giveaway.ts';
export type { GivenAway, SaidAt } from './giveaway.ts';
