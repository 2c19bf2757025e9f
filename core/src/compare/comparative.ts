import type { Character, Value } from '../characters/index.ts';

/** What more of a character is called, and less of it. */
const WORDS: Readonly<Record<Character['kind'], readonly [more: string, less: string]>> = {
  length: ['larger', 'smaller'],
  count: ['more', 'fewer'],
  ratio: ['higher', 'lower'],
  colour: ['darker', 'paler'],
  ordered: ['more so', 'less so'],
  nominal: ['more so', 'less so'],
  yesno: ['more so', 'less so'],
};

/** What is said of a taxon beside the other of a pair. */
export const comparativeWords = (character: Character, isGreater: boolean): string =>
  WORDS[character.kind][isGreater ? 0 : 1];

/** The middle of a recorded number; null for anything else, and for a number that is open above. */
const middle = (v: Value | undefined): number | null =>
  v?.kind === 'range' && !v.more ? (v.low + v.high) / 2 : null;

/** Do recorded numbers say otherwise than that the first is the greater? */
export function isAgainst(greater: Value | undefined, less: Value | undefined): boolean {
  const [g, l] = [middle(greater), middle(less)];
  return g !== null && l !== null && g < l;
}
