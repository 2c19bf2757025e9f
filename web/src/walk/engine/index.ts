export { retryDelay } from './backoff.ts';
export { contentFrom, contentOf, ownerOf } from './kept.ts';
export type { Content, KeptAnswer, Refusal, WalkStore } from './kept.ts';
export { START, next } from './machine.ts';
export type { Failure, Phase, WalkEvent, WalkState } from './machine.ts';
export { walkController } from './controller.ts';
export type { WalkController, WalkDeps, WalkServer } from './controller.ts';
