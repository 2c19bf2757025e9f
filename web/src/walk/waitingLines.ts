import type { WalkSitting } from '@hurrow/contract';
import type { Refusal } from './engine/index.ts';

export interface WaitingLine {
  /** The stations whose answers it is about, in order. */
  readonly stations: readonly number[];
  readonly why: string;
  /** The server keeps them, and staff decide. */
  readonly kept: boolean;
}

/** Answers that do not count as they are, put together by reason, in the order of their stations. */
export function waitingLines(
  sitting: Pick<WalkSitting, 'stations'>,
  refused: ReadonlyMap<string, Refusal>,
): readonly WaitingLine[] {
  const found = new Map<string, { stations: number[]; kept: boolean }>();
  for (const s of sitting.stations)
    for (const a of s.asks) {
      const r = refused.get(a.id);
      if (!r) continue;
      const had = found.get(r.why);
      if (had && !had.stations.includes(s.number)) had.stations.push(s.number);
      else if (!had) found.set(r.why, { stations: [s.number], kept: r.kept });
    }
  return [...found].map(([why, line]) => ({ why, ...line }));
}

/** Which stations, in words: “Station 3”, “Stations 3 and 5”, “Stations 1, 3 and 5”. */
export function stationsText(stations: readonly number[]): string {
  const [last] = stations.slice(-1);
  if (stations.length < 2) return `Station ${last ?? ''}`;
  return `Stations ${stations.slice(0, -1).join(', ')} and ${last ?? ''}`;
}
