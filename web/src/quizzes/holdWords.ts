import type { Hold } from '@hurrow/contract';

const DAY = new Intl.DateTimeFormat('en-US', {
  weekday: 'short',
  month: 'short',
  day: 'numeric',
  timeZone: 'UTC',
});

/** A day as people write it: *Tue, Oct 6*. */
export const dayWords = (iso: string): string => DAY.format(new Date(`${iso}T00:00:00Z`));

/** Until when a station is held, in words. */
export const untilWords = ({ until }: Pick<Hold, 'until'>): string =>
  until === null ? 'until that sitting is closed' : `until ${dayWords(until)}`;

/** What returning a held station would give away. */
export function giveAwayWords({ because }: Pick<Hold, 'because'>): string {
  const who = `${because.section} (${because.quiz}, ${dayWords(because.on)})`;
  return because.reason === 'same_quiz'
    ? `${who} still has this quiz ahead and would learn the answer.`
    : `${who} uses this tree and would learn what it is.`;
}

/** Held stations, one line for each sitting that holds them. */
export function byReason(holds: readonly Hold[]): readonly {
  readonly numbers: readonly number[];
  readonly hold: Hold;
  readonly stations: readonly string[];
}[] {
  const groups = new Map<string, Hold[]>();
  for (const h of holds.filter((x) => !x.released)) {
    const key = `${h.because.sitting}/${h.because.reason}`;
    groups.set(key, [...(groups.get(key) ?? []), h]);
  }
  return [...groups.values()].flatMap((g) => {
    const [hold] = g;
    return hold ? [{ hold, numbers: g.map((h) => h.number), stations: g.map((h) => h.station) }] : [];
  });
}

/** Station numbers in words: *station 4*, *stations 1 to 6*, *stations 1, 3 and 4*. */
export function stationWords(numbers: readonly number[]): string {
  const sorted = [...numbers].sort((a, b) => a - b);
  const [first] = sorted;
  const last = sorted.at(-1);
  if (first === undefined || last === undefined) return 'no station';
  if (sorted.length === 1) return `station ${first}`;
  if (sorted.length > 2 && last - first === sorted.length - 1) return `stations ${first} to ${last}`;
  return `stations ${sorted.slice(0, -1).join(', ')} and ${last}`;
}

/** How many stations are held back, as a sentence. */
export function heldWords(held: number, all: number): string {
  if (held === all)
    return all === 1 ? 'The only station is held back.' : `All ${all} stations are held back.`;
  return `${held} of ${all} stations ${held === 1 ? 'is' : 'are'} held back.`;
}

/** Which held stations were returned early, and by whom; null where none was. */
export function releasedWords(holds: readonly Hold[]): string | null {
  const early = holds.filter((h) => h.released !== null);
  if (early.length === 0) return null;
  const by = [...new Set(early.flatMap((h) => h.released?.by ?? []))].join(' and ');
  return `${by} returned ${stationWords(early.map((h) => h.number))} before another class was done.`;
}
