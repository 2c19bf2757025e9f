import { CATKINS } from './catkins.ts';
import { CEDARS } from './cedars.ts';
import { FILLED } from './filled.ts';
import { FIRS } from './firs.ts';
import { LOBED } from './lobed.ts';
import { MORE_PINES } from './morePines.ts';
import { OTHERS } from './others.ts';
import { PINES } from './pines.ts';
import { PINNATE } from './pinnate.ts';
import { RANGES } from './ranges.ts';
import { ROSES } from './roses.ts';
import { SECOND_LOOKS } from './secondLooks.ts';
import { SILVER } from './silver.ts';
import { SUMACS } from './sumacs.ts';
import { WILLOWS } from './willows.ts';

/** Everything recorded of the demo's taxa, in the notation that `readTaxa` reads. */
export const TAXA_TEXT = [
  FIRS,
  PINES,
  CATKINS,
  PINNATE,
  SILVER,
  MORE_PINES,
  CEDARS,
  WILLOWS,
  LOBED,
  ROSES,
  SUMACS,
  OTHERS,
  FILLED,
  SECOND_LOOKS,
  RANGES,
].join('\n');
