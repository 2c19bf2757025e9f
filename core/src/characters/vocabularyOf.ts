import type { Character, State, Vocabulary } from './types.ts';

/** The vocabulary by character id. */
export function vocabularyOf(characters: readonly Character[]): Vocabulary {
  return new Map(characters.map((c) => [c.id, c]));
}

/** A state of a character by id. */
export function stateOf(character: Character, id: string): State | undefined {
  return character.states.find((s) => s.id === id);
}

/** The hierarchy of a character does not change, and is asked for millions of times over a large library. */
const under = new WeakMap<Character, Map<string, readonly string[]>>();

/** A state with all states under it. */
export function withDescendants(character: Character, id: string): readonly string[] {
  let known = under.get(character);
  if (!known) under.set(character, (known = new Map<string, readonly string[]>()));
  const had = known.get(id);
  if (had) return had;
  const made = descend(character, id);
  known.set(id, made);
  return made;
}

function descend(character: Character, id: string): readonly string[] {
  const found = [id];
  // The list grows while it is walked: each state found is looked under in turn.
  for (const broad of found) {
    for (const s of character.states) if (s.parent === broad && !found.includes(s.id)) found.push(s.id);
  }
  return found;
}

const leaves = new WeakMap<Character, Map<string, readonly string[]>>();

/** The finest states under a state: itself where nothing lies under it. Worked out once for each state. */
export function leavesUnder(character: Character, id: string): readonly string[] {
  const known = leaves.get(character) ?? new Map<string, readonly string[]>();
  leaves.set(character, known);
  const had = known.get(id);
  if (had) return had;
  const found = withDescendants(character, id).filter((s) => !character.states.some((t) => t.parent === s));
  known.set(id, found);
  return found;
}

/** Is one state strictly broader than another? */
export function isBroader(character: Character, broad: string, fine: string): boolean {
  return broad !== fine && withDescendants(character, broad).includes(fine);
}
