import { useMemo } from 'react';
import type { LibraryTable } from '@hurrow/contract';
import type { TaxonHeader } from '@hurrow/contract';
import { resolver, shownStates, withDescendants } from '@hurrow/core/characters';
import type { Character, Vocabulary } from '@hurrow/core/characters';

/** The species of a table that show a state, or any state under it, at least rarely. */
export function useShowing(
  table: LibraryTable | undefined,
  vocabulary: Vocabulary | undefined,
): ((character: Character, state: string) => readonly TaxonHeader[]) | null {
  return useMemo(() => {
    if (!table || !vocabulary) return null;
    const profileOf = resolver({
      taxa: new Map(table.taxa.map((t) => [t.id, t])),
      statements: table.rows,
      vocabulary,
      policy: table.policy,
      policyOf: new Map(table.policies.map((p) => [p.character, p])),
    });
    const known = new Map<string, readonly TaxonHeader[]>();
    return (character, state) => {
      const key = `${character.id}/${state}`;
      const had = known.get(key);
      if (had) return had;
      const states = new Set(withDescendants(character, state));
      const found = table.members.filter((m) => {
        const value = profileOf(m.id).get(character.id)?.value;
        return value?.kind === 'states' && shownStates(value).some((s) => states.has(s.state));
      });
      known.set(key, found);
      return found;
    };
  }, [table, vocabulary]);
}
