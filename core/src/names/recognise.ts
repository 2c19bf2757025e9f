import { lookup, nearer } from './lookup.ts';
import type { IndexedName } from './entries.ts';
import type { NameIndex } from './nameIndex.ts';

/** What a pasted name is to the library. */
export type Recognised =
  | {
      readonly kind: 'known';
      readonly taxon: string;
      readonly by: string;
      readonly how: IndexedName['kind'] | 'abbreviated';
    }
  | { readonly kind: 'misspelled'; readonly taxon: string; readonly by: string }
  | { readonly kind: 'shared'; readonly taxa: readonly string[]; readonly by: string }
  | { readonly kind: 'new' };

const taxaOf = (names: readonly IndexedName[]): string[] => [...new Set(names.map((n) => n.taxon))];

/** Recognises one pasted name: known, misspelled (with what it is near to), shared by several taxa, or new. */
export function recognise(typed: string, index: NameIndex): Recognised {
  const found = lookup(typed, index);
  switch (found.kind) {
    case 'none':
      return { kind: 'new' };
    case 'exact':
    case 'abbreviated': {
      const [first] = found.names;
      if (!first) return { kind: 'new' };
      const taxa = taxaOf(found.names);
      if (taxa.length > 1) return { kind: 'shared', taxa, by: first.text };
      return {
        kind: 'known',
        taxon: first.taxon,
        by: first.text,
        how: found.kind === 'exact' ? first.kind : 'abbreviated',
      };
    }
    case 'near': {
      const [first, ...rest] = found.near;
      if (!first) return { kind: 'new' };
      const tied = [first, ...rest.filter((n) => !nearer(first, n))].map((n) => n.name);
      const taxa = taxaOf(tied);
      return taxa.length > 1
        ? { kind: 'shared', taxa, by: first.name.text }
        : { kind: 'misspelled', taxon: first.name.taxon, by: first.name.text };
    }
  }
}
