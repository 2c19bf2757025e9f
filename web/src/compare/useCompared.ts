import { useDeferredValue, useMemo } from 'react';
import type { ListLibrary, ListLore, ListSummary, TaxonHeader } from '@hurrow/contract';
import type { TaxonNode, Vocabulary, Wording } from '@hurrow/core/characters';
import type { Forbidden } from '@hurrow/core/compare';
import type { Conditions } from '@hurrow/core/conditions';
import { describeTaxa, expectedCharacters } from '@hurrow/core/tells';
import type { DescribedTaxon, SitePlace } from '@hurrow/core/tells';
import { useRead } from '../api/index.ts';
import { useHere, useView, useVocabulary } from '../app/index.ts';
import { useChosenList } from '../species/index.ts';
import { forbiddenBy, withCautions } from '../workers/index.ts';

/** A list with all that comparing it needs. */
export interface Compared {
  readonly list: ListSummary;
  readonly library: ListLibrary;
  readonly lore: ListLore;
  readonly members: readonly TaxonHeader[];
  readonly described: readonly DescribedTaxon[];
  readonly expected: ReadonlySet<string>;
  readonly taxa: ReadonlyMap<string, TaxonNode>;
  /** What the cautions of each member forbid. */
  readonly forbidden: Forbidden;
  readonly vocabulary: Vocabulary;
  readonly conditions: Conditions;
  readonly wording: Wording;
  readonly place: SitePlace | null;
}

export interface ReadList {
  readonly lists: readonly ListSummary[] | undefined;
  readonly list: ListSummary | null;
  readonly choose: (id: string) => void;
  readonly compared: Compared | null;
  readonly error: unknown;
}

const NOTHING_READ = { library: undefined, lore: undefined };

/**
 * A list described at the site, under the conditions of the bar; null until it is read.
 * @param fixed the list of a printed page; the chosen one where left out.
 */
export function useCompared(fixed?: string): ReadList {
  const { lists, list: chosen, choose } = useChosenList();
  const list = fixed === undefined ? chosen : (lists?.find((l) => l.id === fixed) ?? null);
  const { conditions, wording } = useView();
  const { place, ready } = useHere();
  const vocabulary = useVocabulary();
  const on = list !== null;
  const libraryRead = useRead('listLibrary', { id: list?.id ?? '' }, on);
  const loreRead = useRead('listLore', { id: list?.id ?? '' }, on);
  // A list is described apart from what else came with it, so that a page stands before its comparisons do.
  const of = list?.id;
  const read = useMemo(
    () => (libraryRead.data && loreRead.data ? { of, library: libraryRead.data, lore: loreRead.data } : null),
    [of, libraryRead.data, loreRead.data],
  );
  const held = useDeferredValue(read, null);
  const { library, lore } = held?.of === of ? (held ?? NOTHING_READ) : NOTHING_READ;
  const described = useMemo(() => {
    if (!library || !lore || !vocabulary || !ready) return null;
    const forbidden = forbiddenBy(lore.cautions);
    const found = describeTaxa(
      library.members.map((m) => m.id),
      library.data,
      vocabulary,
      place,
    );
    const all = withCautions(found, forbidden);
    return { all, forbidden, expected: expectedCharacters(all) };
  }, [library, lore, vocabulary, ready, place]);
  const compared = useMemo((): Compared | null => {
    if (!list || !library || !lore || !vocabulary || !described) return null;
    return {
      list,
      library,
      lore,
      members: library.members,
      described: described.all,
      expected: described.expected,
      taxa: new Map(library.data.taxa.map((t) => [t.id, t])),
      forbidden: described.forbidden,
      vocabulary,
      conditions,
      wording,
      place,
    };
  }, [list, library, lore, vocabulary, described, conditions, wording, place]);
  return { lists, list, choose, compared, error: libraryRead.error ?? loreRead.error };
}
