/** A part that may be shown after others, and what it costs. */
export interface ClueCost {
  readonly organ: string;
  readonly cost: number;
}

/** More clues than these no station has. */
export const MOST_CLUES = 7;

/**
 * What opened clues cost: those after the first, which is there from the start, as far as they were opened.
 * Source: docs/domain.md, Clues.
 * @param opened how many were opened after the first.
 */
export const clueCost = (clues: readonly ClueCost[], opened: number): number =>
  clues.slice(0, opened + 1).reduce((sum, c) => sum + c.cost, 0);

/** Points less what the opened clues cost, never below none; in hundredths. */
export const lessClues = (points: number, clues: readonly ClueCost[], opened: number): number =>
  Math.max(0, Math.round((points - clueCost(clues, opened)) * 100) / 100);
