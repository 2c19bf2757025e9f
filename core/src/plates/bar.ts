import type { Wording } from '../characters/index.ts';

/** A scale bar: how long it is on the page, mm, and the length it stands for. */
export interface Bar {
  readonly page: number;
  readonly mm: number;
}

const MM_PER_INCH = 25.4;
/** Inches a person reads off a ruler, with how they are written. */
const INCHES: readonly (readonly [number, string])[] = [
  [1 / 8, '⅛ in'],
  [1 / 4, '¼ in'],
  [1 / 2, '½ in'],
  [1, '1 in'],
  [2, '2 in'],
  [4, '4 in'],
  [6, '6 in'],
  [12, '1 ft'],
];

/**
 * A scale bar in the units that are asked for: a metric bar as it is, or the length in inches whose bar comes nearest to it.
 * @returns its length on the page, mm, what it stands for, mm, and the words beside it.
 */
export function barIn(bar: Bar, units: Wording['units']): Bar & { readonly words: string } {
  if (units === 'metric') return { ...bar, words: bar.mm >= 10 ? `${bar.mm / 10} cm` : `${bar.mm} mm` };
  const apart = ([inches]: readonly [number, string]): number =>
    Math.abs(Math.log((inches * MM_PER_INCH) / bar.mm));
  const [inches, words] = INCHES.reduce((best, n) => (apart(n) < apart(best) ? n : best));
  const mm = inches * MM_PER_INCH;
  return { page: (bar.page / bar.mm) * mm, mm, words };
}
