const FIRST_MS = 2000;
const MOST_MS = 60_000;

/**
 * How long to wait before sending again: doubled with each failure up to a minute, then spread over half to one and a
 * half of it, so that a class that regains its network together does not send at one moment.
 * @param tries failures in a row, from 1 on.
 * @param random a number from 0 to 1.
 * @param atLeastMs what the server asked for, if it did.
 */
export function retryDelay(tries: number, random: number, atLeastMs = 0): number {
  const doubled = Math.min(MOST_MS, FIRST_MS * 2 ** Math.max(0, tries - 1));
  return Math.round(Math.max(atLeastMs, doubled) * (0.5 + random));
}
