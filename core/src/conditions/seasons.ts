import { dayOfYear, daysForward, showDay } from './day.ts';
import type { Season, SeasonWindow, Subject, Visibility, WindowKind } from './types.ts';

/** Days on either side of a recorded bound within which it is taken as uncertain (docs/formulas.md, What can be seen). */
export const BOUND_SLACK = 10;

const yes: Visibility = { seen: 'yes', reason: '' };
const partly = (reason: string): Visibility => ({ seen: 'partly', reason });
const no = (reason: string): Visibility => ({ seen: 'no', reason });
const unknown = (reason: string): Visibility => ({ seen: 'unknown', reason });

/** Is the day inside the window, both ends included? */
export function within(window: SeasonWindow, day: number): boolean {
  return daysForward(window.start, day) <= daysForward(window.start, window.end);
}

/** Days from the nearest end of a window that the day is not in. */
function daysOutside(window: SeasonWindow, day: number): number {
  return Math.min(daysForward(day, window.start), daysForward(window.end, day));
}

function find(subject: Subject, kinds: readonly WindowKind[]): SeasonWindow[] {
  return subject.windows.filter((w) => kinds.includes(w.kind));
}

/** The gap in which none of the windows stands, for a reason in words. */
function span(windows: readonly SeasonWindow[], day: number): string {
  const next = windows.reduce((a, b) => (daysForward(day, b.start) < daysForward(day, a.start) ? b : a));
  const last = windows.reduce((a, b) => (daysForward(b.end, day) < daysForward(a.end, day) ? b : a));
  return `between ${showDay(last.end)} and ${showDay(next.start)}`;
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
  return no(`no ${what} ${span(windows, day)}`);
}

/** Leaf-on: yes from the end of leaf-out to the start of leaf fall, partly in either window and ten days around. */
function leafOn(subject: Subject, day: number): Visibility {
  if (subject.persistence === 'evergreen') return yes;
  const [out] = find(subject, ['leaf_out']);
  const [fall] = find(subject, ['leaf_fall']);
  if (!out || !fall) return unknown('leaf season not recorded');
  if (within({ kind: 'leaf_out', start: out.end, end: fall.start }, day)) return yes;
  if (within(out, day)) return partly('leaves still opening');
  if (within(fall, day)) return partly('leaves falling');
  if (daysOutside(out, day) <= BOUND_SLACK) return partly('leaves about to open');
  if (daysOutside(fall, day) <= BOUND_SLACK) return partly('leaves all but gone');
  return no(`no leaves between ${showDay(fall.end)} and ${showDay(out.start)}`);
}

function leafless(subject: Subject, day: number): Visibility {
  if (subject.persistence === 'evergreen') return no('keeps its leaves all year');
  const leaf = leafOn(subject, day);
  if (leaf.seen === 'no') return yes;
  if (leaf.seen === 'yes') return no('in leaf now');
  return leaf;
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
    case 'fruit':
      return inWindows(subject, day, ['ripening', 'hanging'], 'fruit');
    case 'autumn':
      return subject.persistence === 'evergreen'
        ? no('does not colour in autumn')
        : inWindows(subject, day, ['autumn'], 'autumn colour');
  }
}
