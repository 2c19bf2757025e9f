export { LEAST_SHIFTED, freedBy, movesOf, shiftOf } from './shift.ts';
export type { Moved, SheetLine, Shift } from './shift.ts';
export { LINES_A_PAGE, pagesOf, startsOf } from './starts.ts';
