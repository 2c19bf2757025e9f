import type { Handlers } from '../http/index.ts';
import { readSpecimens } from './specimens.ts';
import { changeTree, checkTree, createTree, readTrees } from './trees.ts';

export { readSpecimens } from './specimens.ts';
export { determine, readTrees } from './trees.ts';

export const materialHandlers = {
  trees: async (call) => ({ body: await readTrees(call.app.db, call.who.ws) }),
  specimens: async (call) => ({ body: await readSpecimens(call.app.db, call.who.ws) }),
  treeCreate: createTree,
  treeChange: changeTree,
  treeChecks: checkTree,
} satisfies Partial<Handlers>;
