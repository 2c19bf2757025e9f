import { daysForward, wrapDay } from './day.ts';
import type { SeasonWindow, WindowKind } from './types.ts';

export interface Place {
  /** Degrees north. */
  readonly lat: number;
  /** Degrees east; west is negative. */
  readonly lon: number;
  readonly elevM: number;
}

/** Days later per degree north, per degree east and per metre of elevation; how strongly fruit and fall move. */
export interface ShiftRates {
  readonly perLat: number;
  readonly perLon: number;
  readonly perMetre: number;
  /** Of the days by which spring moves, the share by which color, leaf fall and fall flowers move the other way. */
  readonly autumnStrength: number;
  /** Of the days by which spring moves, the share by which fruit moves the same way. */
  readonly fruitStrength: number;
}

/** Hopkins 1918: 4 days a degree north, 4/5 a degree east, 4 per 400 ft; fruit and fall at half strength. */
export const HOPKINS: ShiftRates = {
  perLat: 4,
  perLon: 4 / 5,
  perMetre: 4 / 121.92,
  autumnStrength: 0.5,
  fruitStrength: 0.5,
};

/** Beyond this many days, as a sum or in one of its terms, a shift is called a guess. */
export const SHIFT_GUESS = 45;
/** Beyond this many degrees of longitude a shift is called a guess: the law was never meant to reach so far. */
export const SHIFT_GUESS_LON = 10;
/** Above this size the order of days could be lost, so a shift is cut here. */
export const SHIFT_LIMIT = 60;

const termsOf = (from: Place, to: Place, rates: ShiftRates): readonly number[] => [
  rates.perLat * (to.lat - from.lat),
  rates.perLon * (to.lon - from.lon),
  rates.perMetre * (to.elevM - from.elevM),
];

/** Days by which spring comes later at the site than where a window was recorded (docs/formulas.md, Seasons at a site). */
export const shiftDays = (from: Place, to: Place, rates: ShiftRates = HOPKINS): number =>
  termsOf(from, to, rates).reduce((sum, term) => sum + term, 0);

/** Why a shift is no more than a guess; null where it is within what the law was made for. */
export function guessReason(from: Place, to: Place, rates: ShiftRates = HOPKINS): 'days' | 'distance' | null {
  const terms = termsOf(from, to, rates);
  const sum = terms.reduce((n, t) => n + t, 0);
  if (Math.abs(sum) > SHIFT_GUESS) return 'days';
  const isFar = Math.abs(to.lon - from.lon) > SHIFT_GUESS_LON || terms.some((t) => Math.abs(t) > SHIFT_GUESS);
  return isFar ? 'distance' : null;
}

/** Flowers that open from 15 August to the end of November are those of a taxon that flowers in fall. */
const FALL_FLOWERS = { from: 227, to: 334 } as const;

type Moves = 'spring' | 'fruit' | 'fall';

const MOVES: Readonly<Record<WindowKind, Moves>> = {
  leaf_out: 'spring',
  pollen: 'spring',
  receptive: 'spring',
  ripening: 'fruit',
  hanging: 'fruit',
  autumn: 'fall',
  leaf_fall: 'fall',
};

/** Which way a window moves: what it is decides, and never the calendar, but for flowers of fall. */
export function movesWith(window: SeasonWindow): Moves {
  const opensInFall = window.start >= FALL_FLOWERS.from && window.start <= FALL_FLOWERS.to;
  const isFlower = window.kind === 'pollen' || window.kind === 'receptive';
  return isFlower && opensInFall ? 'fall' : MOVES[window.kind];
}

/** Days by which a window moves, later where positive, when spring comes `shift` days later. */
export function moveOf(window: SeasonWindow, shift: number, rates: ShiftRates = HOPKINS): number {
  const cut = Math.max(-SHIFT_LIMIT, Math.min(SHIFT_LIMIT, shift));
  const strength = { spring: 1, fruit: rates.fruitStrength, fall: -rates.autumnStrength };
  return Math.round(strength[movesWith(window)] * cut);
}

/** A window and the days by which spring comes later at the site than where the window was recorded. */
export interface Shifted extends SeasonWindow {
  readonly shift: number;
}

/** Half a year: what starts within it after another is taken to follow it. */
const HALF = 182;
/** Lasts all year, and so everywhere. */
const isAllYear = (w: SeasonWindow): boolean => daysForward(w.start, w.end) >= 363;

/**
 * How much more a window must move so as not to pass one it follows: leaves do not fall, nor color, before they are out,
 * and no fruit stands before its flower. Only windows recorded at one place are held to their order.
 */
function heldBack(
  w: Shifted,
  move: number,
  others: readonly { readonly of: Shifted; readonly move: number }[],
): number {
  const follows: readonly WindowKind[] =
    MOVES[w.kind] === 'fruit'
      ? ['pollen', 'receptive']
      : w.kind === 'autumn' || w.kind === 'leaf_fall'
        ? ['leaf_out']
        : [];
  return others
    .filter((o) => follows.includes(o.of.kind) && o.of.shift === w.shift && !isAllYear(o.of))
    .reduce((held, o) => {
      const from = o.of.kind === 'leaf_out' ? o.of.end : o.of.start;
      const gap = daysForward(from, w.start);
      return gap > HALF ? held : Math.max(held, o.move - gap);
    }, move);
}

/**
 * Windows moved from where they were recorded to the class's site, each as a whole, so that none loses its length. One
 * that lasts all year stays as it is.
 */
export function shiftWindows<W extends Shifted>(
  windows: readonly W[],
  rates: ShiftRates = HOPKINS,
): readonly W[] {
  const first = windows.map((of) => ({ of, move: moveOf(of, of.shift, rates) }));
  const moved = first.map(({ of, move }) => ({ of, move: heldBack(of, move, first) }));
  return moved.map(({ of, move }) =>
    isAllYear(of) ? of : { ...of, start: wrapDay(of.start + move), end: wrapDay(of.end + move) },
  );
}
