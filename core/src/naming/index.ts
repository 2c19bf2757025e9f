export { callTable } from './outcomes.ts';
export type { CallTable, Outcome } from './outcomes.ts';
export { against, nameFrom, namingOf } from './posterior.ts';
export type { Call, Evidence, Named, Naming } from './posterior.ts';
export { POSSIBLE, nextLooks } from './nextLook.ts';
export type { Look } from './nextLook.ts';
export { cannotBeTold } from './remaining.ts';
export type { NotTold } from './remaining.ts';
export { priorAt } from './prior.ts';
