import type { Sketch } from '@hurrow/contract';
import { smallLines } from '@hurrow/core/plates';
import type { Box, Mark } from '@hurrow/core/plates';

/** The pen of a small drawing in a line, and of one that fills a card. */
export const FOR_A_LINE = 1.5;
export const FOR_A_CARD = 0.8;

/** A drawing as it is sent: geometry, pens and greys, with no part and no character named. */
export const asSketch = (
  marks: readonly Mark[],
  box: Box,
  bar: number | null = null,
  pen = FOR_A_LINE,
): Sketch => ({ box, bar, lines: smallLines(marks, box, pen) });
