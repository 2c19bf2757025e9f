/** A drawing as it is sent: geometry and pens, with no word of what drew it. */
export interface Sketch {
  readonly box: { readonly x: number; readonly y: number; readonly width: number; readonly height: number };
  readonly lines: readonly (readonly [d: string, width: number, fill: string])[];
  /** A length in mm that a bar beside it may stand for; null where the size is not recorded. */
  readonly bar: number | null;
}
