/** How far a student is at a station. */
export interface StationProgress {
  readonly number: number;
  /** Questions there, and those without an answer. */
  readonly asks: number;
  readonly blank: number;
}

/** With the word before the numbers, since two numbers alone beside a station read as a score. */
export const stationWords = (p: StationProgress | undefined): string =>
  !p || p.blank === p.asks ? 'blank' : `answered ${p.asks - p.blank} of ${p.asks}`;

/** Which stations have blanks. */
export function blankWords(open: readonly StationProgress[]): string {
  const numbers = open.map((p) => p.number);
  if (numbers.length === 0) return 'Everything is answered.';
  if (numbers.length === 1) return `Station ${numbers[0] ?? ''} has blanks.`;
  if (numbers.length > 6) return `${numbers.length} stations have blanks.`;
  return `Stations ${numbers.slice(0, -1).join(', ')} and ${numbers.at(-1) ?? ''} have blanks.`;
}
