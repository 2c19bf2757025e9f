import { claimsOf } from './claims.ts';
import type { Claim } from './claims.ts';
import type { NameIndex } from './nameIndex.ts';
import { readTyped } from './reading.ts';

/** A taxon that a written name may mean. */
export interface Meaning {
  readonly taxon: string;
  /** Letters that differ from its name; 0 where it is the name, or short for it. */
  readonly edits: number;
}

const meantBy = (claim: Claim): readonly Meaning[] =>
  claim.how === 'near'
    ? claim.near.map((n) => ({ taxon: n.name.taxon, edits: n.raw }))
    : claim.names.map((n) => ({ taxon: n.taxon, edits: 0 }));

/**
 * The taxa that a name as typed may mean, the nearest first and each once; those equally near stand together. Unlike its
 * grade, this does not depend on what is right.
 */
export function meaningsOf(typed: string, index: NameIndex): readonly Meaning[] {
  const best = new Map<string, number>();
  for (const part of readTyped(typed).parts)
    for (const claim of claimsOf(part, null, index))
      for (const { taxon, edits } of meantBy(claim))
        if (edits < (best.get(taxon) ?? Infinity)) best.set(taxon, edits);
  return [...best].map(([taxon, edits]) => ({ taxon, edits })).sort((a, b) => a.edits - b.edits);
}
