import type { Sketch } from '@hurrow/contract';
import { GREY, PEN } from '@hurrow/core/plates';
import type { Box, Mark } from '@hurrow/core/plates';

/** Small drawings keep the weight of their lines whatever the size of the organ. */
const LARGE = 46;
/** The pen of a small drawing in a line, and of one that fills a card. */
export const FOR_A_LINE = 1.5;
export const FOR_A_CARD = 0.8;

/** A drawing as it is sent: geometry, pens and greys, with no part and no character named. */
export function asSketch(
  marks: readonly Mark[],
  box: Box,
  bar: number | null = null,
  pen = FOR_A_LINE,
): Sketch {
  const weight = Math.max(1, Math.max(box.width, box.height) / LARGE) * pen;
  return {
    box,
    bar,
    lines: marks.map((m) => [m.d, Number((PEN[m.ink] * weight).toFixed(3)), GREY[m.tone]]),
  };
}
