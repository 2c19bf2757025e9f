export { nestedSort } from './sort.ts';
export type { Pile, SortOptions, Step } from './sort.ts';
export { adjustedRand, comparePiles } from './piles.ts';
export type { Agreement } from './piles.ts';
