import type { CuttingRow } from '@hurrow/contract';
import { materialWords, showDate } from '@hurrow/core/conditions';
import { SPECIMEN_STEPS } from '@hurrow/core/cutting';
import type { SpecimenState } from '@hurrow/core/cutting';

export const SPECIMEN_WORDS: Readonly<Record<SpecimenState, string>> = {
  to_gather: 'to gather',
  gathered: 'gathered',
  on_table: 'on the table',
  spoiled: 'spoiled',
  returned: 'returned',
};

/** What to cut or gather, with how much of it: *a twig with at least 2 nodes*. */
export const whatWords = (row: Pick<CuttingRow, 'material' | 'nodes' | 'bagged'>): string =>
  `${materialWords(row.material)}${row.nodes > 0 ? ` with at least ${row.nodes} nodes` : ''}${row.bagged ? ', in a bag' : ''}`;

/** By when: the days between which it may be taken, or until when what was taken is good. */
export function whenWords(row: CuttingRow, on: string, today: string): string {
  if (row.permission === 'forbidden') return 'do not collect';
  if (row.goodUntil === null) return `from ${showDate(row.from, today)}`;
  const until = showDate(row.goodUntil, today);
  return row.goodUntil < on ? `good until ${until}, before the sitting` : `good until ${until}`;
}

/** Whether what was gathered is no longer good on the day of the sitting. */
export const isTooOld = (row: CuttingRow, on: string): boolean =>
  row.goodUntil !== null && row.goodUntil < on;

/** The states it may have next, the present one first. */
export const nextStates = (row: CuttingRow): readonly SpecimenState[] =>
  row.permission === 'forbidden' ? [row.state] : [row.state, ...SPECIMEN_STEPS[row.state]];
