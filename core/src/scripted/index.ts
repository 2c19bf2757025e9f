export { judgeAnswers } from './judgeAnswers.ts';
export type { Scripted } from './judgeAnswers.ts';
export { tellsOfTable } from './tellsOfTable.ts';
export type { PairTells, TellsFound, TellsRequest } from './tellsOfTable.ts';
