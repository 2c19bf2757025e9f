export { ListPicker } from './ListPicker.tsx';
export { RangeWords } from './RangeWords.tsx';
export { MonthScale, SeasonBand, SeasonKey, SeasonPatterns } from './SeasonBand.tsx';
export { SpeciesNav } from './SpeciesNav.tsx';
export { lookalikesOf, viewList } from './lookalikes.ts';
export type { ListView, Lookalike } from './lookalikes.ts';
export { FORBIDDEN, HAZARD_LABELS, TOPIC_LABELS } from './topics.ts';
export { useChosenList } from './useList.ts';
export { readProfile } from './useProfile.ts';
