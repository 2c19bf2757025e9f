import { useMemo } from 'react';
import { useQueries } from '@tanstack/react-query';
import type { SpeciesProfile, TaxonHeader } from '@hurrow/contract';
import type { Vocabulary } from '@hurrow/core/characters';
import { describeTaxa } from '@hurrow/core/tells';
import type { DescribedTaxon, SitePlace } from '@hurrow/core/tells';
import { request } from '../api/index.ts';

/** A species on the bench with what is recorded of it. */
export interface Laid {
  readonly header: TaxonHeader;
  readonly profile: SpeciesProfile;
  readonly described: DescribedTaxon;
}

/** Reads the species of the bench, whatever list they are on; null until all of them are read. */
export function useTrayProfiles(
  ids: readonly string[],
  vocabulary: Vocabulary | undefined,
  place: SitePlace | null,
  ready: boolean,
): readonly Laid[] | null {
  const profiles = useQueries({
    queries: ids.map((id) => ({
      queryKey: ['profile', { id }],
      queryFn: ({ signal }: { signal: AbortSignal }) => request('profile', { params: { id }, signal }),
      retry: false,
    })),
    combine: (all) => ({
      // A species that is gone from the library is not waited for.
      done: all.every((q) => q.isSuccess || q.isError),
      read: all.flatMap((q) => q.data ?? []),
    }),
  });
  return useMemo(() => {
    if (!profiles.done || !vocabulary || !ready) return null;
    return profiles.read.flatMap((profile): Laid[] => {
      const [described] = describeTaxa([profile.header.id], profile, vocabulary, place);
      if (!described) return [];
      const forbids = profile.cautions.flatMap((c) => c.forbids);
      const subject = forbids.length > 0 ? { ...described.subject, forbids } : described.subject;
      return [{ header: profile.header, profile, described: { ...described, subject } }];
    });
  }, [profiles, vocabulary, place, ready]);
}
