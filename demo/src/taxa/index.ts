import { CATKINS } from './catkins.ts';
import { FIRS } from './firs.ts';
import { PINES } from './pines.ts';
import { PINNATE } from './pinnate.ts';
import { SILVER } from './silver.ts';

/** Everything recorded of the demo's taxa, in the notation that `taxonText` reads. */
export const TAXA_TEXT = [FIRS, PINES, CATKINS, PINNATE, SILVER].join('\n');
