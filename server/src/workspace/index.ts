export { readWorkspace } from './workspace.ts';
export type { Workspace } from './workspace.ts';
