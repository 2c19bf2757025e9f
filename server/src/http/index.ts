export { NOTHING_TO_RECOVER, idParam, needVersion } from './call.ts';
export { explain, sendProblem } from './errors.ts';
export { ownHosts } from './origin.ts';
export type {
  Account,
  AnyoneHandlers,
  App,
  Call,
  Cookie,
  Handler,
  Recovery,
  Reply,
  StaffHandlers,
  Student,
  StudentHandlers,
  Who,
} from './call.ts';
export { apiRouter, checkAudience } from './mount.ts';
export type { Handlers, Recognise } from './mount.ts';
export * from './problem.ts';
