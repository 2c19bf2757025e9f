import { daysForward, wrapDay } from './day.ts';
import type { SeasonWindow } from './types.ts';

export interface Place {
  /** Degrees north. */
  readonly lat: number;
  /** Degrees east; west is negative. */
  readonly lon: number;
  readonly elevM: number;
}

/** Days later per degree north, per degree east and per metre of elevation; autumn counts at this strength. */
export interface ShiftRates {
  readonly perLat: number;
  readonly perLon: number;
  readonly perMetre: number;
  readonly autumnStrength: number;
}

/** Hopkins 1918: 4 days a degree north, 4/5 a degree east, 4 per 400 ft; autumn at half strength. */
export const HOPKINS: ShiftRates = { perLat: 4, perLon: 4 / 5, perMetre: 4 / 121.92, autumnStrength: 0.5 };

/** Beyond this many days a shift is called a guess. */
export const SHIFT_GUESS = 45;
/** Above this size the order of days could be lost, so a shift is cut here. */
export const SHIFT_LIMIT = 60;

const JUNE = 152;
const OCTOBER = 274;

/** Days by which spring comes later at the site than where a window was recorded (docs/formulas.md, Seasons at a site). */
export function shiftDays(from: Place, to: Place, rates: ShiftRates = HOPKINS): number {
  return (
    rates.perLat * (to.lat - from.lat) +
    rates.perLon * (to.lon - from.lon) +
    rates.perMetre * (to.elevM - from.elevM)
  );
}

function strength(day: number, autumn: number): number {
  const f = day <= JUNE ? 1 : day >= OCTOBER ? -1 : 1 - (2 * (day - JUNE)) / (OCTOBER - JUNE);
  return f < 0 ? f * autumn : f;
}

/** One bound moved by f(t)·S, before rounding and wrapping. */
export function shiftBound(day: number, shift: number, rates: ShiftRates = HOPKINS): number {
  const cut = Math.max(-SHIFT_LIMIT, Math.min(SHIFT_LIMIT, shift));
  return day + strength(day, rates.autumnStrength) * cut;
}

/**
 * Windows moved from the place they were recorded for to the class's site. The order of the bounds within the
 * year is kept: a window never turns inside out, and one that lasts all year stays as it is.
 */
export function shiftWindows(
  windows: readonly SeasonWindow[],
  shift: number,
  rates: ShiftRates = HOPKINS,
): SeasonWindow[] {
  return windows.map((w) => {
    if (daysForward(w.start, w.end) >= 363) return w;
    const length = daysForward(w.start, w.end);
    const start = shiftBound(w.start, shift, rates);
    const end = shiftBound(w.end, shift, rates);
    const moved = end - start + (w.end < w.start ? 365 : 0);
    const kept = Math.max(Math.min(length, 1), Math.min(363, Math.round(moved)));
    const from = wrapDay(start);
    return { kind: w.kind, start: from, end: wrapDay(from + kept) };
  });
}
