import { showDay } from '@hurrow/core/conditions';
import type { SeasonWindow, WindowKind } from '@hurrow/core/conditions';

export const WINDOW_WORDS: Readonly<Record<WindowKind, string>> = {
  leaf_out: 'leaves open',
  pollen: 'pollen',
  receptive: 'seed flowers open',
  ripening: 'ripens',
  hanging: 'hangs',
  autumn: 'fall color',
  leaf_fall: 'leaves fall',
};

/** A window in words: `May 12 – Jun 3`, or all year. */
export const windowWords = (w: Pick<SeasonWindow, 'start' | 'end'>): string =>
  w.start === 1 && w.end >= 364 ? 'all year' : `${showDay(w.start)} – ${showDay(w.end)}`;

/** The parts of a year a window covers, as shares of it; one that crosses new year has two. */
export function yearParts(w: Pick<SeasonWindow, 'start' | 'end'>): readonly { from: number; to: number }[] {
  const at = (day: number): number => (day - 1) / 365;
  if (w.start <= w.end) return [{ from: at(w.start), to: at(w.end + 1) }];
  return [
    { from: 0, to: at(w.end + 1) },
    { from: at(w.start), to: 1 },
  ];
}

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

/** A day of the year as people write it (`20 May`, `May 20`, `05-20`) as `MM-DD`; null where it is none. */
export function readDay(text: string): string | null {
  const t = text.trim().toLowerCase();
  const iso = /^(\d{1,2})-(\d{1,2})$/.exec(t);
  const dayFirst = /^(\d{1,2})\.?\s*([a-z]{3,9})\.?$/.exec(t);
  const monthFirst = /^([a-z]{3,9})\.?\s*(\d{1,2})$/.exec(t);
  const named = dayFirst
    ? { month: dayFirst[2] ?? '', day: dayFirst[1] }
    : { month: monthFirst?.[1] ?? '', day: monthFirst?.[2] };
  const month = iso ? Number(iso[1]) : MONTHS.indexOf(named.month.slice(0, 3)) + 1;
  const day = Number(iso ? iso[2] : named.day);
  const most = [31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31][month - 1] ?? 0;
  if (!(day >= 1 && day <= most)) return null;
  return `${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
}
