export { KeyCheckNote } from './KeyCheckNote.tsx';
export { LeadDrawings, askWords, leadWords } from './KeyWords.tsx';
export { StepView, useSort } from './SortPage.tsx';
export { useKeyOptions } from './keyOptions.ts';
export { rootCards } from './rootGroups.ts';
export { useCompared } from './useCompared.ts';
export type { Compared } from './useCompared.ts';
export { useKey } from './useKey.ts';
export type { BuiltKey } from './useKey.ts';
