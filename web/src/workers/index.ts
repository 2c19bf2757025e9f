export type { CompareGround, Diagnoses, WholeList } from './compareWork.ts';
export { useLibraryWork } from './useLibraryWork.ts';
export type { Start, Work } from './useLibraryWork.ts';
export type { Checks } from './checks.worker.ts';
export type { CostedDisagreement, Worth } from './library.worker.ts';
export type { CheckAt, FairnessGround } from './fairness.ts';
export { forbiddenBy, withCautions } from './cautions.ts';
