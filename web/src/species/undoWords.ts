import type { Undone } from '@hurrow/contract';
import { characterWords } from '@hurrow/core/characters';
import type { Vocabulary, Words } from '@hurrow/core/characters';

/** What undoing or redoing did, in one line: the character and the species where it was one entry, their number where many. */
export function undoneWords(
  { changes, taxa }: Undone,
  verb: string,
  names: readonly { readonly id: string; readonly scientific: string }[],
  vocabulary: Vocabulary | undefined,
  words: Words,
): string {
  const nameOf = (id: string): string => names.find((n) => n.id === id)?.scientific ?? 'a species';
  const [first, ...more] = changes;
  if (!first) return `${verb}: nothing.`;
  const c = vocabulary?.get(first.character);
  const said = c ? characterWords(c, words) : first.character;
  if (more.length === 0) return `${verb}: ${said} of ${nameOf(first.taxon)}.`;
  return taxa.length === 1
    ? `${verb}: ${changes.length} entries of ${nameOf(first.taxon)}.`
    : `${verb}: ${changes.length} entries of ${taxa.length} species.`;
}
