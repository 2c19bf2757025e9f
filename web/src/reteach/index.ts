export { Check, ContrastCautions, Looks, Plates, Remember, namesOf } from './ContrastParts.tsx';
export { DRILL_WORDS, checkLines, drillValueWords } from './contrastWords.ts';
export type { Saying } from './contrastWords.ts';
export { useContrast } from './useContrast.ts';
export type { Contrast } from './useContrast.ts';
