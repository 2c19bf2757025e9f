export { compoundLeaf } from './compound.ts';
export { simpleLeaf } from './simple.ts';
