import { useMemo } from 'react';
import type { SpeciesProfile, StatementRow } from '@hurrow/contract';
import { applies } from '@hurrow/core/characters';
import type { Character, Resolved, Vocabulary } from '@hurrow/core/characters';
import { ORGANS, visible } from '@hurrow/core/conditions';
import type { Conditions, Organ, Visibility } from '@hurrow/core/conditions';
import { describeTaxa } from '@hurrow/core/tells';
import type { DescribedTaxon, SitePlace } from '@hurrow/core/tells';

export interface ProfileLine {
  readonly character: Character;
  readonly resolved: Resolved | null;
  readonly seen: Visibility;
  /** The species' own statements of this character, best source first. */
  readonly own: readonly StatementRow[];
}

export interface OrganLines {
  readonly organ: Organ;
  readonly lines: readonly ProfileLine[];
  /** Applicable characters of which nothing is recorded. */
  readonly missing: readonly Character[];
}

export interface ReadProfile {
  readonly described: DescribedTaxon;
  readonly congeners: readonly DescribedTaxon[];
  readonly organs: readonly OrganLines[];
}

/** A profile resolved and seen under conditions, organ by organ in the order that is used everywhere. */
export function readProfile(
  profile: SpeciesProfile,
  vocabulary: Vocabulary,
  conditions: Conditions,
  site: SitePlace | null,
): ReadProfile | null {
  const id = profile.header.id;
  const [described, ...congeners] = describeTaxa([id, ...profile.congeners], profile, vocabulary, site);
  if (!described) return null;
  const organs = ORGANS.map((organ): OrganLines => {
    const all = [...vocabulary.values()].filter((c) => c.organ === organ);
    const lines = all.flatMap((character): ProfileLine[] => {
      const resolved = described.profile.get(character.id);
      if (!resolved || resolved.value.kind === 'inapplicable') return [];
      const own = profile.statements.filter(
        (s) => s.taxon === id && s.character === character.id && s.life === undefined,
      );
      return [{ character, resolved, own, seen: visible(described.subject, character, conditions) }];
    });
    const missing = all.filter(
      (c) => !described.profile.has(c.id) && applies(c, described.profile, vocabulary) !== 'no',
    );
    return { organ, lines, missing };
  });
  return { described, congeners, organs };
}

export function useReadProfile(
  profile: SpeciesProfile | undefined,
  vocabulary: Vocabulary | undefined,
  conditions: Conditions,
  site: SitePlace | null,
): ReadProfile | null {
  return useMemo(
    () => (profile && vocabulary ? readProfile(profile, vocabulary, conditions, site) : null),
    [profile, vocabulary, conditions, site],
  );
}
