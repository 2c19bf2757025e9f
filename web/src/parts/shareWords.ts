import type { CharacterRate } from '@hurrow/contract';

/** Shares from this one on are said of ten, below of a hundred. */
const TENTHS_FROM = 0.095;

/** A share as people say it: *4 in 10*, *3 in 100*. */
export function shareWords(p: number): string {
  if (p >= TENTHS_FROM) return `${Math.round(p * 10)} in 10`;
  const hundredths = Math.round(p * 100);
  return hundredths === 0 ? 'under 1 in 100' : `${hundredths} in 100`;
}

/** An interval in the words of its ends; once where both are said alike. */
export function rangeWords(low: number, high: number): string {
  const [a, b] = [shareWords(low), shareWords(high)];
  if (a === b) return a;
  const [an, aOf] = a.split(' in ');
  const [, bOf] = b.split(' in ');
  return aOf === bOf && an !== undefined ? `${an} to ${b}` : `${a} to ${b}`;
}

/** How often a character is missed: *about 4 in 10 (2 to 6 in 10)*. */
export const missedWords = ({ m }: Pick<CharacterRate, 'm'>): string =>
  `about ${shareWords(m.value)} (${rangeWords(m.low, m.high)})`;
