/** One line of a sheet: what was named there, and what is right there. */
export interface SheetLine {
  /** Number of the station. */
  readonly number: number;
  /** The species that was named; null where the line says none. */
  readonly named: string | null;
  /** The species whose names are right there. */
  readonly right: readonly string[];
}

/** Lines of a sheet that fit the key better one line up or down. */
export interface Shift {
  /** Places of the first and the last line, from 0. */
  readonly first: number;
  readonly last: number;
  /** Where the answers belong: -1 one line up, 1 one line down. */
  readonly by: -1 | 1;
}

/** So many lines in a row must fit the next line and not their own. */
export const LEAST_SHIFTED = 4;

type Fit = 'own' | 'next' | 'both' | 'neither' | 'nothing';

function fitOf(lines: readonly SheetLine[], at: number, by: number): Fit {
  const { named, right } = lines[at] ?? { named: null, right: [] };
  if (named === null) return 'nothing';
  const own = right.includes(named);
  const next = lines[at + by]?.right.includes(named) ?? false;
  return own ? (next ? 'both' : 'own') : next ? 'next' : 'neither';
}

/** The longest stretch in one direction: no line in it fits its own place alone, and some stretch of it fits the next. */
function shiftBy(lines: readonly SheetLine[], by: -1 | 1): Shift | null {
  let best: (Shift & { readonly fits: number }) | null = null;
  let from = -1;
  let to = -1;
  let fits = 0;
  let inRow = 0;
  let isClear = false;
  const close = (): void => {
    if (isClear && fits > (best?.fits ?? 0)) best = { first: from, last: to, by, fits };
    from = -1;
    fits = 0;
    inRow = 0;
    isClear = false;
  };
  lines.forEach((_, i) => {
    const fit = fitOf(lines, i, by);
    if (fit === 'own') close();
    else if (fit === 'next') {
      if (from < 0) from = i;
      to = i;
      fits += 1;
      inRow += 1;
      if (inRow >= LEAST_SHIFTED) isClear = true;
    } else if (fit === 'neither') inRow = 0;
  });
  close();
  return best === null ? null : asShift(best);
}

const asShift = ({ first, last, by }: Shift): Shift => ({ first, last, by });

/**
 * Finds answers that were written one line off: at least four lines in a row that name what stands one line up, or down,
 * and not what stands at their own. Lines that say nothing, or fit both, neither speak for it nor break the row.
 * @param lines in the order of the sheet. @returns null where no stretch is that clear. Source: docs/formulas.md, Shifted lines.
 */
export function shiftOf(lines: readonly SheetLine[]): Shift | null {
  const [up, down] = [shiftBy(lines, -1), shiftBy(lines, 1)];
  if (up === null || down === null) return up ?? down;
  return down.last - down.first > up.last - up.first ? down : up;
}

/** Where each of some lines goes when a stretch is moved; the line that becomes free goes to none. */
export interface Moved {
  readonly from: number;
  readonly to: number;
}

/** The moves that put a stretch right, without those that would leave the sheet. */
export function movesOf({ first, last, by }: Shift, lines: number): readonly Moved[] {
  return Array.from({ length: last - first + 1 }, (_, i) => ({ from: first + i, to: first + i + by })).filter(
    ({ to }) => to >= 0 && to < lines,
  );
}

/** The line that nothing is moved to: at the end of a stretch that goes up, at the start of one that goes down. */
export const freedBy = ({ first, last, by }: Shift): number => (by === -1 ? last : first);
