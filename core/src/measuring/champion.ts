const INCH = 25.4;
const FOOT = 304.8;

export interface RecordSize {
  /** All in millimetres; the girth at 4.5 ft above the ground. */
  readonly girth: number;
  readonly height: number;
  /** Mean crown spread. */
  readonly spread: number;
}

/**
 * Champion points: girth in inches, height in feet and a quarter of the mean crown spread in feet, rounded to whole
 * points. Source: docs/formulas.md, Record trees.
 */
export function championPoints(size: RecordSize): number {
  return Math.round(size.girth / INCH + size.height / FOOT + size.spread / FOOT / 4);
}
