import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import type { SpeciesProfile } from '@hurrow/contract';
import type { Vocabulary } from '@hurrow/core/characters';
import type { SitePlace } from '@hurrow/core/tells';
import { useRead } from '../api/index.ts';
import { useClassAtHand } from '../app/index.ts';
import { viewList } from './lookalikes.ts';
import type { ListView } from './lookalikes.ts';

export interface ProfileList {
  readonly id: string;
  readonly name: string;
  readonly view: ListView;
}

/** The list a profile is held against: the one in the address where it stands on it, else that of the class at hand, else the first it is on. */
export function useProfileList(
  profile: SpeciesProfile,
  vocabulary: Vocabulary | undefined,
  place: SitePlace | null,
): ProfileList | null {
  const [search] = useSearchParams();
  const taught = useClassAtHand().section?.list;
  const wanted = search.get('list') ?? taught;
  const list = profile.lists.find((l) => l.id === wanted) ?? profile.lists[0];
  const { data } = useRead('listLibrary', { id: list?.id ?? '' }, list !== undefined);
  return useMemo(
    () =>
      list && data && vocabulary
        ? { id: list.id, name: list.name, view: viewList(data, vocabulary, place) }
        : null,
    [list, data, vocabulary, place],
  );
}
