/** The door to the parts of this folder that draw nothing, for modules that are tested without a browser. */
export { lookalikesOf } from './lookalikes.ts';
export type { ListView, Lookalike } from './lookalikes.ts';
