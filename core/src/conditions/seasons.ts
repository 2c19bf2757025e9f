import { dayOfYear, daysForward, showDay, wrapDay } from './day.ts';
import type { Season, SeasonWindow, Subject, Visibility, WindowKind } from './types.ts';

/** Days on either side of a recorded bound within which it is taken as uncertain (docs/formulas.md, What can be seen). */
export const BOUND_SLACK = 10;

/** Leaves come off now, or the last of them: those in the hand are whole. */
export const FALLING = 'leaves falling';
export const ALL_BUT_GONE = 'leaves all but gone';

const yes: Visibility = { seen: 'yes', reason: '' };
const partly = (reason: string): Visibility => ({ seen: 'partly', reason });
const no = (reason: string): Visibility => ({ seen: 'no', reason });
const unknown = (reason: string): Visibility => ({ seen: 'unknown', reason });

/** Is the day inside the window, both ends included? */
export function within(window: SeasonWindow, day: number): boolean {
  return daysForward(window.start, day) <= daysForward(window.start, window.end);
}

/**
 * Windows that are open on a day and end within some days of it, with the days that are left.
 * @param date ISO; @param days how far ahead an end counts.
 */
export function endsSoon<W extends SeasonWindow>(
  windows: readonly W[],
  date: string,
  days: number,
): readonly (W & { readonly inDays: number })[] {
  const day = dayOfYear(date);
  return windows.flatMap((w) => {
    const inDays = daysForward(day, w.end);
    return within(w, day) && inDays <= days ? [{ ...w, inDays }] : [];
  });
}

/** Days from the nearest end of a window that the day is not in. */
function daysOutside(window: SeasonWindow, day: number): number {
  return Math.min(daysForward(day, window.start), daysForward(window.end, day));
}

function find(subject: Subject, kinds: readonly WindowKind[]): SeasonWindow[] {
  return subject.windows.filter((w) => kinds.includes(w.kind));
}

const HALF_A_YEAR = 182;

/**
 * When something is not there, for a reason in words: the gap the day is in, or the time it is there where that is shorter.
 * @param what as *flower*, *fruit*.
 */
function away(what: string, windows: readonly SeasonWindow[], day: number): string {
  const next = windows.reduce((a, b) => (daysForward(day, b.start) < daysForward(day, a.start) ? b : a));
  const last = windows.reduce((a, b) => (daysForward(b.end, day) < daysForward(a.end, day) ? b : a));
  const isOne = next.start === last.start && next.end === last.end;
  if (isOne && daysForward(next.start, next.end) < HALF_A_YEAR)
    return `${what} only from ${showDay(next.start)} to ${showDay(next.end)}`;
  return `no ${what} between ${showDay(last.end)} and ${showDay(next.start)}`;
}

/**
 * One of a set of windows: yes inside, partly within ten days outside a bound, else no. The slack lies outside
 * only: inside as well, a flower window shorter than three weeks would never be a plain yes.
 */
function inWindows(subject: Subject, day: number, kinds: readonly WindowKind[], what: string): Visibility {
  const windows = find(subject, kinds);
  if (windows.length === 0) return unknown(`${what} season not recorded`);
  if (windows.some((w) => within(w, day))) return yes;
  if (windows.some((w) => daysOutside(w, day) <= BOUND_SLACK)) {
    return partly(`${what} only about to start or just over`);
  }
  return no(away(what, windows, day));
}

/** Leaf-on: yes from the end of leaf-out to the start of leaf fall, partly in either window and ten days around. */
function leafOn(subject: Subject, day: number): Visibility {
  if (subject.persistence === 'evergreen') return yes;
  const [out] = find(subject, ['leaf_out']);
  const [fall] = find(subject, ['leaf_fall']);
  if (!out || !fall) return unknown('leaf season not recorded');
  if (within({ kind: 'leaf_out', start: out.end, end: fall.start }, day)) return yes;
  if (within(out, day)) return partly('leaves still opening');
  if (within(fall, day)) return partly(FALLING);
  if (daysOutside(out, day) <= BOUND_SLACK) return partly('leaves about to open');
  if (daysOutside(fall, day) <= BOUND_SLACK) return partly(ALL_BUT_GONE);
  return no(`no leaves between ${showDay(fall.end)} and ${showDay(out.start)}`);
}

function leafless(subject: Subject, day: number): Visibility {
  if (subject.persistence === 'evergreen') return no('keeps its leaves all year');
  const leaf = leafOn(subject, day);
  if (leaf.seen === 'no') return yes;
  if (leaf.seen === 'yes') return no('in leaf now');
  return leaf;
}

/** Days from the end of leaf-out until winter buds are set, and before that in which they form. */
const BUD_SET = 60;
const BUD_FORMING = 30;
/** Days after leaf-out in which leaves still have the color they opened with. */
const NEW_GROWTH = 21;

const moved = (day: number, days: number): number => wrapDay(day + days);

/**
 * When buds break and leaves grow. An evergreen of which that is not recorded opens its buds about when its pollen
 * flies; not so one that flowers in fall.
 */
function breaking(subject: Subject): SeasonWindow | null {
  const [out] = find(subject, ['leaf_out']);
  if (out) return out;
  const [pollen] = find(subject, ['pollen']);
  return pollen && subject.persistence === 'evergreen' && pollen.start < JULY ? pollen : null;
}
const JULY = 182;

/** Winter buds: from the time they are set until they break. */
function buds(subject: Subject, day: number): Visibility {
  const out = breaking(subject);
  if (!out) return unknown('bud season not recorded');
  const set = moved(out.end, BUD_SET);
  const forming = moved(set, -BUD_FORMING);
  if (within({ kind: 'leaf_out', start: set, end: moved(out.start, -1) }, day)) return yes;
  if (within(out, day)) return partly('buds breaking now');
  if (within({ kind: 'leaf_out', start: forming, end: set }, day)) return partly('winter buds still forming');
  return no(`no winter buds between ${showDay(out.end)} and ${showDay(forming)}`);
}

/** Catkins that wait on the twig: from leaf fall until they open. */
function waitingCatkins(subject: Subject, day: number): Visibility {
  const [fall] = find(subject, ['leaf_fall']);
  const [pollen] = find(subject, ['pollen']);
  if (!fall || !pollen) return unknown('catkin season not recorded');
  const waiting: SeasonWindow = { kind: 'pollen', start: fall.start, end: moved(pollen.start, -1) };
  if (within(waiting, day)) return yes;
  if (daysOutside(waiting, day) <= BOUND_SLACK) return partly('catkins only about to show or just opened');
  return no(`no catkins waiting between ${showDay(pollen.start)} and ${showDay(fall.start)}`);
}

function newGrowth(subject: Subject, day: number): Visibility {
  const out = breaking(subject);
  if (!out) return unknown('new growth not recorded');
  const fresh: SeasonWindow = { kind: 'leaf_out', start: out.start, end: moved(out.end, NEW_GROWTH) };
  if (within(fresh, day)) return yes;
  if (daysOutside(fresh, day) <= BOUND_SLACK) return partly('new growth only about to show or just over');
  return no(`no new growth between ${showDay(fresh.end)} and ${showDay(fresh.start)}`);
}

/** Whether leaves are kept shows from leaf fall until new ones open; on an evergreen, by its older leaves, all year. */
function dormant(subject: Subject, day: number): Visibility {
  if (subject.persistence === 'evergreen') return yes;
  const leaf = leafOn(subject, day);
  if (leaf.seen === 'no') return yes;
  return leaf.seen === 'yes' ? no('shows only once leaves fall') : leaf;
}

/**
 * Is the taxon or individual in this season on a date? Source: docs/formulas.md, What can be seen.
 * @param date ISO date at which the part is, or was, on the tree.
 */
export function inSeason(subject: Subject, season: Season, date: string, onBrownLeaf = false): Visibility {
  const day = dayOfYear(date);
  switch (season) {
    case 'always':
      return yes;
    case 'leaf-on': {
      const leaf = leafOn(subject, day);
      const brown = onBrownLeaf && subject.persistence === 'marcescent' && leaf.seen === 'no';
      return brown ? { seen: 'yes', reason: 'on the brown leaf it keeps' } : leaf;
    }
    case 'leafless':
      return leafless(subject, day);
    case 'flower':
      return inWindows(subject, day, ['pollen', 'receptive'], 'flower');
    case 'pollen':
      return inWindows(subject, day, ['pollen'], 'pollen');
    case 'receptive':
      return inWindows(subject, day, ['receptive'], 'seed flower');
    case 'fruit':
      return inWindows(subject, day, ['ripening', 'hanging'], 'fruit');
    case 'autumn':
      return subject.persistence === 'evergreen'
        ? no('does not color in fall')
        : inWindows(subject, day, ['autumn'], 'fall color');
    case 'new-growth':
      return newGrowth(subject, day);
    case 'dormant':
      return dormant(subject, day);
    case 'buds':
      return buds(subject, day);
    case 'waiting-catkins':
      return waitingCatkins(subject, day);
  }
}

/** Days after it has gone from the tree within which fruit that rots or blows away still lies below. */
const LITTER_DAYS = 21;

/**
 * Can fruit be found whole on the ground below? What falls to pieces on the tree never is; what rots or blows away is for
 * three weeks; what lasts lies there all year.
 */
export function fruitBelow(subject: Subject, date: string): Visibility {
  if (subject.onGround === 'in-pieces') return no('falls to pieces on the tree');
  if (subject.onGround !== 'gone-in-weeks') return yes;
  const day = dayOfYear(date);
  const windows = find(subject, ['ripening', 'hanging']);
  if (windows.length === 0) return unknown('fruit season not recorded');
  const lies = windows.some((w) => within({ ...w, end: moved(w.end, LITTER_DAYS) }, day));
  return lies ? yes : no('rotten or blown away by then');
}
