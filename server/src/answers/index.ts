export { answersFile, answersInMemory } from './log.ts';
export type { AnswersLog, LoggedAnswer } from './log.ts';
export { attemptFor, replayAnswers, storeAnswers } from './store.ts';
export type { Replayed, StoreReceipt } from './store.ts';
export { erasuresFile, erasuresInMemory } from './erasures.ts';
export type { Erasure, Erasures } from './erasures.ts';
