export { accessHandlers } from './routes.ts';
export { checkPassphrase, checkWord, hashPassphrase, hashWord } from './passphrase.ts';
export {
  WALK_COOKIE,
  endSession,
  goOnWith,
  hashToken,
  recognise,
  sessionOfPerson,
  startSession,
} from './sessions.ts';
export { slowDown } from './limits.ts';
export type { Limit } from './limits.ts';
export { SEES_SECTION, needSection } from './sections.ts';
