export { ComparisonView } from './ComparisonView.tsx';
export { DrawnNow } from './DrawnNow.tsx';
export { PlateView } from './PlateView.tsx';
export { TermDrawing } from './TermDrawing.tsx';
export { Ink } from './ink.tsx';
export { PIECE_WORDS, barWords, ratioWords } from './pieceWords.ts';
