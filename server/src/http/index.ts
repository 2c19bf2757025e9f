export { idParam, needVersion } from './call.ts';
export type {
  Account,
  AnyoneHandlers,
  App,
  Call,
  Cookie,
  Handler,
  Reply,
  StaffHandlers,
  Student,
  StudentHandlers,
  Who,
} from './call.ts';
export { apiRouter, checkAudience } from './mount.ts';
export type { Handlers, Recognise } from './mount.ts';
export * from './problem.ts';
