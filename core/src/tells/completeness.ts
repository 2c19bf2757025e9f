import { applies } from '../characters/index.ts';
import type { Vocabulary } from '../characters/index.ts';
import { ORGANS } from '../conditions/index.ts';
import type { Organ } from '../conditions/index.ts';
import type { Described } from './tells.ts';

export interface OrganCompleteness {
  readonly organ: Organ;
  /** Characters the list is described by and that apply to the taxon. */
  readonly needed: number;
  readonly recorded: number;
}

/**
 * How complete a taxon is, organ by organ, counted against what its list needs: the characters by which at least half
 * of the list is described, as far as they apply to it. Source: docs/domain.md, Taxa.
 * @param needed as `expectedCharacters` gives them for the list.
 */
export function completeness(
  taxon: Described,
  vocabulary: Vocabulary,
  needed: ReadonlySet<string>,
): readonly OrganCompleteness[] {
  return ORGANS.map((organ) => {
    const wanted = [...needed]
      .flatMap((id) => vocabulary.get(id) ?? [])
      .filter((c) => c.organ === organ && applies(c, taxon.values, vocabulary) !== 'no');
    return {
      organ,
      needed: wanted.length,
      recorded: wanted.filter((c) => taxon.values.has(c.id)).length,
    };
  }).filter((o) => o.needed > 0);
}
