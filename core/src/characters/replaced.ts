import type { Frequency } from './types.ts';

/** A state that ships no more, and what says the same today; nothing where it was no look at all. */
export interface Replaced {
  readonly character: string;
  readonly state: string;
  readonly instead: readonly { readonly character: string; readonly state: string }[];
}

const REPLACED_TEXT = `
twig.pith/large-and-white = twig.pith/solid, twig.pith_width/wide, twig.pith_colour/white
twig.pith/large-and-brown = twig.pith/solid, twig.pith_width/wide, twig.pith_colour/brown
twig.pith/star-shaped = twig.pith/solid, twig.pith_outline/star-shaped
leaf.sap/irritant =
`;

const place = (text: string): { character: string; state: string } => {
  const [character = '', state = ''] = text.trim().split('/');
  return { character, state };
};

/** What older folders and files say that is said otherwise now. */
export const REPLACED: readonly Replaced[] = REPLACED_TEXT.trim()
  .split('\n')
  .map((line) => {
    const [from = '', to = ''] = line.split('=');
    return { ...place(from), instead: to.trim() === '' ? [] : to.split(',').map(place) };
  });

const BY_PLACE = new Map(REPLACED.map((r) => [`${r.character}/${r.state}`, r.instead]));

interface Stated {
  readonly state: string;
  readonly freq: Frequency;
}

const ORDER: Readonly<Record<Frequency, number>> = {
  usual: 0,
  sometimes: 1,
  rare: 2,
  never: 3,
  mistaken_for: 4,
};

/**
 * What some states of a character are today, by character. Where two of them lead to the same, the more frequent stands.
 * @returns null where none of them is replaced; a character without states where nothing says it any more.
 */
export function saidToday(
  character: string,
  states: readonly Stated[],
): ReadonlyMap<string, readonly Stated[]> | null {
  if (!states.some((s) => BY_PLACE.has(`${character}/${s.state}`))) return null;
  const found = new Map<string, Stated[]>([[character, []]]);
  for (const { state, freq } of states) {
    for (const to of BY_PLACE.get(`${character}/${state}`) ?? [{ character, state }]) {
      const list = found.get(to.character) ?? [];
      const had = list.find((s) => s.state === to.state);
      if (!had) found.set(to.character, [...list, { state: to.state, freq }]);
      else if (ORDER[freq] < ORDER[had.freq])
        found.set(
          to.character,
          list.map((s) => (s === had ? { ...s, freq } : s)),
        );
    }
  }
  return found;
}
