export { NOTHING_TO_RECOVER, idParam, needVersion } from './call.ts';
export { explain, sendProblem } from './errors.ts';
export { ownHosts } from './origin.ts';
export type {
  Account,
  App,
  Call,
  CallOf,
  Cookie,
  Handler,
  Handlers,
  Recovery,
  Reply,
  ReplyOf,
  Student,
  Who,
} from './call.ts';
export { apiRouter, checkAudience } from './mount.ts';
export type { Recognise } from './mount.ts';
export * from './problem.ts';
