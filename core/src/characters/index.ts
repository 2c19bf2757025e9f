export * from './types.ts';
export { applies } from './applies.ts';
export { mergeStatements } from './merge.ts';
export { lineage, resolver, sameValue, standing } from './resolve.ts';
export type { CharacterPolicy, ResolveInput } from './resolve.ts';
export { asEntered, foldWords, readCell, readNot, readOlderCell, writeCell } from './cell.ts';
export { readValue } from './check.ts';
export type { EnteredValue } from './check.ts';
export { parseRange } from './ranges.ts';
export { WEIGHTS, isShown, onlyRulesOut, ruledOut, shownStates } from './shown.ts';
export { characterWords, stateWords, statePart, valueWords, valuesWords } from './show.ts';
export type { Words, Wording } from './show.ts';
export {
  clauseAbout,
  contrastSentence,
  leadSentence,
  missingSentences,
  oneSentence,
  onlySentence,
} from './sentences.ts';
export type { Subject } from './sentences.ts';
export { isBroader, leavesUnder, stateOf, vocabularyOf, withDescendants } from './vocabularyOf.ts';
export { CHARACTERS, VOCABULARY_VERSION, WORDS } from './vocabulary/index.ts';
export { differ, disagreements, takenBy } from './disagree.ts';
export type { Disagreement, DisagreementKind } from './disagree.ts';
export { atStage } from './atStage.ts';
export { REPLACED, saidToday } from './replaced.ts';
export type { Replaced } from './replaced.ts';
export { visibilityTable } from './visibilityTable.ts';
export { isSubjective } from './vocabulary/subjective.ts';
