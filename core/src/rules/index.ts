export { has } from './feature.ts';
export type { Feature, Has } from './feature.ts';
export {
  QUANTIFIERS,
  charactersOf,
  checkRule,
  decides,
  membersUnder,
  misleads,
  ruleSentence,
  weeksOf,
} from './rule.ts';
export type { Breach, Quantifier, Rule, RuleReport, RuleVerdict } from './rule.ts';
export { featuresOf, holds } from './clause.ts';
export type { Clause } from './clause.ts';
export { proposeRules } from './propose.ts';
export type { Proposed } from './propose.ts';
