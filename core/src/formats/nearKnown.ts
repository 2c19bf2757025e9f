import { nameIndex, normalise, recognise } from '../names/index.ts';
import type { NameEntry, NameKind } from '../names/index.ts';
import type { LibraryDocument, TaxonPart } from './document.ts';
import type { ReadFile, Refusal } from './place.ts';

const KINDS: readonly NameKind[] = ['accepted', 'synonym', 'older_family', 'common'];
const RANKS: Readonly<Record<string, NameEntry['rank']>> = { section: 'group' };

/** Every name of a library, each known by the accepted name of its taxon. */
const entriesOf = (library: LibraryDocument): NameEntry[] =>
  library.taxa.flatMap((t) => {
    const rank = RANKS[t.rank] ?? (t.rank as NameEntry['rank']);
    const names = (t.names ?? []).flatMap((n): NameEntry[] => {
      const kind = KINDS.find((k) => k === n.kind);
      return kind ? [{ taxon: t.name, rank, kind, text: n.text, use: n.use ?? null }] : [];
    });
    return [{ taxon: t.name, rank, kind: 'accepted', text: t.name }, ...names];
  });

/**
 * Refuses rows whose species the library does not have although it has one with nearly that name, or has it under another
 * name: more likely a slip than a new species. Names are compared as those of a pasted list.
 */
export function refuseNearNames(
  read: ReadFile<readonly TaxonPart[]>,
  library: LibraryDocument,
): ReadFile<readonly TaxonPart[]> {
  if (!read.ok) return read;
  const known = new Set(library.taxa.map((t) => normalise(t.name)));
  const fresh = read.value.map((t, i) => ({ t, i })).filter(({ t }) => !known.has(normalise(t.name)));
  if (fresh.length === 0) return read;
  const index = nameIndex(entriesOf(library));
  const refused = fresh.flatMap(({ t, i }): Refusal[] => {
    const found = recognise(t.name, index);
    if (found.kind === 'misspelled') {
      return [
        {
          ...read.where(['taxa', i]),
          message: `The library has no ${t.name}. Did you mean ${found.taxon}?`,
          remedy: 'Fix the name in the file. If it is another species, add it under Species first.',
        },
      ];
    }
    // A synonym is told where it is planned, with what takes its place.
    if (found.kind === 'known' && found.how === 'common') {
      return [
        {
          ...read.where(['taxa', i]),
          message: `“${t.name}” is a common name of ${found.taxon}.`,
          remedy: `Write ${found.taxon} in the file.`,
        },
      ];
    }
    return [];
  });
  return refused.length > 0 ? { ok: false, refused } : read;
}
