import { CATKINS } from './catkins.data.ts';
import { CONIFERS } from './conifers.data.ts';
import { HEATHS } from './heaths.data.ts';
import { OTHERS } from './others.data.ts';
import { once } from './once.ts';
import { readChecklist } from './read.ts';
import type { Checklist } from './read.ts';
import { ROSES } from './roses.data.ts';

export { once } from './once.ts';
export type { CheckedFamily, CheckedGenus, CheckedName, Checklist } from './read.ts';

/**
 * Trees and shrubs of North America, native and planted, by name alone: what a typed name may stand for besides what a
 * library holds, so that a real tree is never taken for a slip in the name of another. Source: docs/formulas.md,
 * Grading names.
 */
export const checklist: () => Checklist = once(() =>
  readChecklist([CONIFERS, CATKINS, ROSES, HEATHS, OTHERS].join('\n')),
);
