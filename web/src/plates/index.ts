export { ComparisonView } from './ComparisonView.tsx';
export { DrawnNow } from './DrawnNow.tsx';
export { PlateView } from './PlateView.tsx';
export { TermDrawing } from './TermDrawing.tsx';
export { Ink } from './ink.tsx';
export { ScaleBar } from './ScaleBar.tsx';
export { PIECE_WORDS, ratioWords } from './pieceWords.ts';
