import type { Character, State } from '../../types.ts';
import { FLOWER_FRUIT_MEANINGS } from './flowerFruit.ts';
import { FORM_BARK_MEANINGS } from './formBark.ts';
import { LEAF_MEANINGS } from './leaf.ts';
import { NEEDLE_MEANINGS } from './needle.ts';
import { OTHER_MEANINGS } from './others.ts';
import { TWIG_MEANINGS } from './twig.ts';

/** Meanings by character and state, read from the texts: a head line names the characters that share what follows. */
function readMeanings(text: string): ReadonlyMap<string, string> {
  const found = new Map<string, string>();
  let heads: string[] = [];
  for (const line of text.split('\n')) {
    if (line.trim() === '') continue;
    if (!line.startsWith(' ')) {
      heads = line.trim().split(' ');
      continue;
    }
    const at = line.indexOf(': ');
    for (const head of heads) found.set(`${head}/${line.slice(2, at)}`, line.slice(at + 2));
  }
  return found;
}

/** What every state that needs words of its own means, keyed `character/state`. */
export const MEANINGS: ReadonlyMap<string, string> = readMeanings(
  [
    FORM_BARK_MEANINGS,
    TWIG_MEANINGS,
    LEAF_MEANINGS,
    NEEDLE_MEANINGS,
    FLOWER_FRUIT_MEANINGS,
    OTHER_MEANINGS,
  ].join('\n'),
);

const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

/** The meaning of a state: its own sentence; a color and a yes or no follow from the character. */
export function meaningOf(character: Character, state: State): string {
  const own = MEANINGS.get(`${character.id}/${state.id}`);
  if (own !== undefined) return own;
  if (character.kind === 'colour') return `Its ${lower(character.plain)} is ${state.plain}.`;
  if (character.kind === 'yesno') {
    return state.id === 'yes' ? character.definition : `Not so: ${lower(character.definition)}`;
  }
  return character.definition;
}
