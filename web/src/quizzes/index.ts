export { NewQuiz } from './NewQuiz.tsx';
export { SPECIMEN_WORDS, whatWords, whenWords } from './cuttingWords.ts';
export { REASON_WORDS } from './fairWords.ts';
export { askWords } from './words.ts';
