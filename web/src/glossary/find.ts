import type { Glossary, GlossaryCharacter, GlossaryWord } from '@hurrow/contract';
import { foldWords } from '@hurrow/core/characters';
import type { State } from '@hurrow/core/characters';
import type { Organ } from '@hurrow/core/conditions';

/** One line of the glossary: a character, or one of its states under it. */
export type GlossaryLine =
  | {
      readonly kind: 'character';
      readonly character: GlossaryCharacter;
      readonly words: readonly GlossaryWord[];
    }
  | {
      readonly kind: 'state';
      readonly character: GlossaryCharacter;
      readonly state: State;
      /** How many broader states of the character stand above it. */
      readonly depth: number;
      readonly words: readonly GlossaryWord[];
    };

/** States in the order they are recorded, narrower ones straight behind the one they are a kind of. */
export function inHierarchy(
  states: readonly State[],
): readonly { readonly state: State; readonly depth: number }[] {
  const ids = new Set(states.map((s) => s.id));
  const under = (parent: string | undefined, depth: number): { state: State; depth: number }[] =>
    states
      .filter((s) => (s.parent !== undefined && ids.has(s.parent) ? s.parent : undefined) === parent)
      .flatMap((state) => [{ state, depth }, ...under(state.id, depth + 1)]);
  return under(undefined, 0);
}

export interface Search {
  readonly text: string;
  readonly organ: Organ | 'all';
  readonly retired: boolean;
}

/**
 * The lines that hold every word of the search, in a term, the plain words, the definition or a learner's own word. A
 * state that fits brings its character; a character that fits brings its states.
 */
export function findLines(glossary: Glossary, search: Search): readonly GlossaryLine[] {
  const wanted = foldWords(search.text).trim().split(' ').filter(Boolean);
  const fits = (texts: readonly string[]): boolean => {
    const all = ` ${texts.map(foldWords).join(' ')}`;
    return wanted.every((w) => all.includes(` ${w}`));
  };
  return glossary.characters
    .filter((c) => (search.organ === 'all' || c.organ === search.organ) && (search.retired || !c.retired))
    .flatMap((character): GlossaryLine[] => {
      const own = glossary.words.filter((w) => w.character === character.id);
      const wordsOf = (state: string | null): GlossaryWord[] => own.filter((w) => w.state === state);
      const texts = (
        x: { term: string; plain: string; definition: string },
        words: GlossaryWord[],
      ): string[] => [x.term, x.plain, x.definition, ...words.map((w) => w.text)];
      const whole = fits([...texts(character, wordsOf(null)), character.id]);
      const states = inHierarchy(character.states)
        .filter(({ state }) => search.retired || !state.retired)
        .map(({ state, depth }): GlossaryLine => ({
          kind: 'state',
          character,
          state,
          depth,
          words: wordsOf(state.id),
        }))
        .filter((l) => whole || (l.kind === 'state' && fits(texts(l.state, wordsOf(l.state.id)))));
      return whole || states.length > 0
        ? [{ kind: 'character', character, words: wordsOf(null) }, ...states]
        : [];
    });
}
