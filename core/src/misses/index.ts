export { fitMisses } from './fit.ts';
export type { FitProgress, FittedRate, MissFit } from './fit.ts';
export type {
  MissCall,
  MissCharacter,
  MissData,
  MissLook,
  MissRival,
  MissStation,
  MissTell,
} from './types.ts';
export type { MissForm } from './layout.ts';
export { logit, expit, ratePrior } from './prior.ts';
export { LEFT_OUT, chooseLooks } from './choose.ts';
export type { ChosenLooks, LeftOut, WeighedLook, WeighedStation } from './choose.ts';

/** Changes whenever the same answers could be fitted otherwise. */
export const MISS_ENGINE = 'misses-1';
export { packMisses, unpackMisses } from './pack.ts';
export type { PackedMisses } from './pack.ts';
