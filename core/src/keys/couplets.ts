import type { Key, KeyNode, Lead } from './types.ts';

/** A couplet of the printed key with its number, and where it was reached from. */
export interface Couplet {
  readonly number: number;
  /** The number of the couplet before; null for the first. */
  readonly from: number | null;
  readonly depth: number;
  readonly character: string;
  readonly leads: readonly (Omit<Lead, 'to'> & {
    /** The number of the couplet it leads to, or the species it ends with. */
    readonly goes: { readonly couplet: number } | { readonly species: readonly number[] };
  })[];
}

/** The couplets of a key, numbered in the order in which they are printed: each lead is followed before the next. */
export function couplets(key: Key): readonly Couplet[] {
  const all: Couplet[] = [];
  let number = 0;
  const walk = (node: KeyNode, from: number | null, depth: number): Couplet['leads'][number]['goes'] => {
    if (node.kind === 'end') return { species: node.species };
    number += 1;
    const own = number;
    const at = all.length;
    all.push({ number: own, from, depth, character: node.character, leads: [] });
    const leads = node.leads.map(({ to, ...lead }) => ({ ...lead, goes: walk(to, own, depth + 1) }));
    all[at] = { number: own, from, depth, character: node.character, leads };
    return { couplet: own };
  };
  walk(key.root, null, 0);
  return all;
}
