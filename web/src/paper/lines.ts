import type { Sheet, SheetAsk } from '@hurrow/contract';
import type { Vocabulary } from '@hurrow/core/characters';
import { START } from './entry.ts';
import type { AskAt, Given, Line, Place } from './entry.ts';

const NAMES: ReadonlySet<SheetAsk['kind']> = new Set(['common', 'scientific', 'either', 'genus', 'family']);

export const slotOf = (a: Pick<SheetAsk, 'sittingStation' | 'ask'>): string => `${a.sittingStation}/${a.ask}`;

/** What keys need to know of a question, with what is on its way to the server taken as answered. */
export function askAt(
  a: SheetAsk,
  vocabulary: Vocabulary | undefined,
  pending: ReadonlyMap<string, Given>,
): AskAt {
  const c = a.kind === 'call' ? vocabulary?.get(a.character ?? '') : undefined;
  return {
    sittingStation: a.sittingStation,
    ask: a.ask,
    named: NAMES.has(a.kind),
    picks: NAMES.has(a.kind) && a.kind !== 'family',
    states: c ? c.states.map((s) => s.id) : [],
    // What was moved to another sheet or line leaves its place free.
    answered: pending.has(slotOf(a)) || (a.typed !== null && a.typed !== MOVED),
    byPhone: a.origin === 'phone',
  };
}
/** What the server says where an answer was moved elsewhere. */
const MOVED = 'moved';

/** The stations of a sheet as lines. */
export function linesOf(
  sheet: Pick<Sheet, 'asks'>,
  vocabulary: Vocabulary | undefined,
  pending: ReadonlyMap<string, Given>,
): readonly Line[] {
  const found = new Map<string, AskAt[]>();
  for (const a of sheet.asks) {
    const at = askAt(a, vocabulary, pending);
    const had = found.get(a.sittingStation);
    if (had) had.push(at);
    else found.set(a.sittingStation, [at]);
  }
  return [...found].map(([id, asks]) => ({ id, asks }));
}

/** Where an entry was made, with its text in the field again; null where it is not among the lines. */
export function placeOf(
  lines: readonly Line[],
  given: Pick<Given, 'sittingStation' | 'ask' | 'typed' | 'as'> | undefined,
): Place | null {
  if (!given) return null;
  for (const [line, { asks }] of lines.entries()) {
    const ask = asks.findIndex((a) => a.sittingStation === given.sittingStation && a.ask === given.ask);
    if (ask >= 0) return { ...START, line, ask, text: given.as ? '' : (given.typed ?? ''), opened: true };
  }
  return null;
}

const rounded = (n: number): number => Math.round(n * 100) / 100;

/** Points entered so far, of the most there are; what is on its way counts once it is there, but for what is right. */
export function totalOf(
  sheet: Pick<Sheet, 'asks'>,
  pending: ReadonlyMap<string, Given>,
): { readonly points: number; readonly most: number; readonly left: number } {
  let [points, most, left] = [0, 0, 0];
  for (const a of sheet.asks) {
    most += a.most;
    const given = pending.get(slotOf(a));
    if (given) points += given.as === 'right' ? a.most : 0;
    else if (a.typed === null || a.typed === MOVED) left += 1;
    else points += a.points ?? 0;
  }
  return { points: rounded(points), most: rounded(most), left };
}

const BY_STAFF = ' (entered by staff)';

/** What a cell of the sheet says. */
export function cellOf(
  a: SheetAsk,
  pending: ReadonlyMap<string, Given>,
  speciesName: (id: string) => string,
): string {
  const given = pending.get(slotOf(a));
  // On a sheet everything was entered by staff.
  if (!given) return a.typed === '' ? 'left blank' : (a.typed ?? '').replace(BY_STAFF, '');
  if (given.as === 'right') return a.key;
  if (given.as === 'species') return speciesName(given.typed ?? '');
  return given.as ? ENTRY_WORDS[given.as] : (given.typed ?? '');
}

/** How an answer that staff entered without its letters reads. */
export const ENTRY_WORDS: Readonly<Record<NonNullable<SheetAsk['as']>, string>> = {
  right: 'right',
  misspelled: 'right, misspelled',
  species: 'another species',
  blank: 'left blank',
  cannot_tell: 'cannot be told',
  not_sure: 'not sure',
  illegible: 'illegible',
  not_reached: 'not reached',
};

/** The question about lines that look one station off. */
export function shiftWords({ first, last, by }: { first: number; last: number; by: -1 | 1 }): string {
  const to = by === -1 ? 'up' : 'down';
  return `Lines ${first} to ${last} look one station off. They fit the key one line ${to}.`;
}
