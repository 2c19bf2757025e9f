import { GREY, PEN } from './svg.ts';
import type { Box, Mark } from './types.ts';

/** Small drawings keep the weight of their lines whatever the size of the organ. */
const LARGE = 46;

/** A path with its pen and its grey, ready to be put on a screen. */
export type Line = readonly [d: string, width: number, fill: string];

/**
 * The lines of a small drawing, in millimeters of the organ.
 * @param pen how heavy they are: 1.5 for a drawing in a line, 0.8 for one that fills a card.
 */
export function smallLines(marks: readonly Mark[], box: Box, pen = 1.5): readonly Line[] {
  const weight = Math.max(1, Math.max(box.width, box.height) / LARGE) * pen;
  return marks.map((m) => [m.d, Number((PEN[m.ink] * weight).toFixed(3)), GREY[m.tone]]);
}
