import { useState } from 'react';
import type { Source, SpeciesProfile } from '@hurrow/contract';
import { keepSource, lastSource } from './drafts.ts';

/** Sources a person can write under: not the one that ships. */
export const writable = (sources: readonly Source[]): readonly Source[] =>
  sources.filter((s) => s.kind !== 'shipped');

/** The source that says most of a species itself. */
function saysMost(profile: SpeciesProfile | undefined): string | undefined {
  const counts = new Map<string, number>();
  for (const s of profile?.statements ?? []) {
    if (s.taxon === profile?.header.id) counts.set(s.source, (counts.get(s.source) ?? 0) + 1);
  }
  return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0];
}

/**
 * The source that entries are written under: the one chosen last, else the one that says most of the species, else the
 * own one, else the first.
 */
export function useSource(
  sources: readonly Source[],
  profile?: SpeciesProfile,
): {
  readonly source: string;
  readonly choose: (id: string) => void;
} {
  const [wanted, setWanted] = useState(() => lastSource(localStorage));
  const own = writable(sources);
  const found =
    own.find((s) => s.id === wanted) ??
    own.find((s) => s.id === saysMost(profile)) ??
    own.find((s) => s.kind === 'own' || s.kind === 'measurement') ??
    own[0];
  return {
    source: found?.id ?? '',
    choose: (id) => {
      keepSource(localStorage, id);
      setWanted(id);
    },
  };
}
