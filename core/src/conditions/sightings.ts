import { daysForward } from './day.ts';
import { within } from './seasons.ts';
import type { SeasonWindow } from './types.ts';

/** A sighting: on this day of the year it stood, or did not. */
export interface Sighting {
  readonly day: number;
  readonly present: boolean;
}

export type SightedWindow = SeasonWindow & { readonly seen: 'none' | 'start' | 'end' | 'both' };

const before = (day: number): number => ((day - 2 + 365) % 365) + 1;
const after = (day: number): number => (day % 365) + 1;

/**
 * A window corrected by what was seen at the site: something standing outside the window stretches the nearer bound
 * to that day; something missing inside it draws the nearer bound back to the day before or after. What was seen
 * overrides what was shifted (docs/formulas.md, Seasons at a site). Sightings are taken in the order given, the latest last.
 */
export function bySight(window: SeasonWindow, sightings: readonly Sighting[]): SightedWindow {
  let { start, end } = window;
  let moved = { start: false, end: false };
  for (const s of sightings) {
    const inside = within({ kind: window.kind, start, end }, s.day);
    if (s.present === inside) continue;
    if (s.present) {
      const early = daysForward(s.day, start) <= daysForward(end, s.day);
      if (early) start = s.day;
      else end = s.day;
      moved = early ? { ...moved, start: true } : { ...moved, end: true };
      continue;
    }
    const early = daysForward(start, s.day) <= daysForward(s.day, end);
    if (early && s.day !== end) {
      start = after(s.day);
      moved = { ...moved, start: true };
    } else if (s.day !== start) {
      end = before(s.day);
      moved = { ...moved, end: true };
    }
  }
  const seen = moved.start ? (moved.end ? 'both' : 'start') : moved.end ? 'end' : 'none';
  return { kind: window.kind, start, end, seen };
}
