export { answersFile, answersInMemory } from './log.ts';
export type { AnswersLog, LoggedAnswer } from './log.ts';
export { attemptFor, replayAnswers, storeAnswers } from './store.ts';
export type { Replayed, StoreReceipt } from './store.ts';
