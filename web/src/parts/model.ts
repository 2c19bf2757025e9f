/** Parts that draw nothing. */
export { moved } from './moved.ts';
