import type { WalkStation } from '@hurrow/contract';

const keptAs = (sitting: string, student: string, station: string): string =>
  `hurrow.clues.${sitting}.${student}.${station}`;

/** How many clues of a station were opened on this phone beside the first. */
export function openedClues(sitting: string, student: string, station: string): number {
  try {
    const n = Number(localStorage.getItem(keptAs(sitting, student, station)));
    return Number.isInteger(n) && n > 0 ? n : 0;
  } catch {
    return 0;
  }
}

/** Keeps that a clue was opened; what was opened stays open. */
export function keepOpened(sitting: string, student: string, station: string, opened: number): void {
  try {
    localStorage.setItem(keptAs(sitting, student, station), String(opened));
  } catch {
    // A phone that keeps nothing shows the first clue again after a reload.
  }
}

export interface CluesShown {
  readonly open: readonly string[];
  /** The next one, as its button says it; null where all are open. */
  readonly next: string | null;
}

/** What is open of a station's clues, and what the next one costs. */
export function cluesShown(clues: WalkStation['clues'], opened: number): CluesShown {
  const next = clues[opened + 1];
  const costs = next && next.cost > 0 ? ` (−${next.cost} ${next.cost === 1 ? 'point' : 'points'})` : '';
  return {
    open: clues.slice(0, opened + 1).map((c) => c.part),
    next: next ? `Open ${next.part}${costs}` : null,
  };
}
