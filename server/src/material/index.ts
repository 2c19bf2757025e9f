import type { StaffHandlers } from '../http/index.ts';
import { createTree, readTrees } from './trees.ts';

export { readTrees } from './trees.ts';

export const materialHandlers: StaffHandlers = {
  trees: async (call) => ({ body: await readTrees(call.app.db, call.who.ws) }),
  treeCreate: createTree,
};
