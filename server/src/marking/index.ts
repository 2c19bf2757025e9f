export { markingHandlers } from './routes.ts';
export { markSitting } from './run.ts';
export { readMarkRows } from './marks.ts';
export { countCells } from './looks.ts';
