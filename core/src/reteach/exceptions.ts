import type { Value, Vocabulary } from '../characters/index.ts';
import { gapFor, separate } from '../tells/index.ts';
import type { Described, DescribedTaxon } from '../tells/index.ts';
import type { Conditions } from '../conditions/index.ts';
import type { Candidate } from './showing.ts';

/** What goes against a look: a tree that was checked and does not show it, or a species of which it holds only most of the time. */
export type Exception =
  | { readonly kind: 'tree'; readonly individual: string; readonly character: string; readonly value: Value }
  | { readonly kind: 'sometimes'; readonly character: string; readonly overlap: number };

/**
 * What goes against the looks of a contrast, so that a rule is never taught without its exceptions.
 * @param pair the two species; candidates of either are held against the other one.
 */
export function exceptionsTo(
  [a, b]: readonly [DescribedTaxon, DescribedTaxon],
  candidates: readonly Candidate[],
  looks: readonly string[],
  vocabulary: Vocabulary,
  conditions: Conditions,
): readonly Exception[] {
  const gap = gapFor(conditions);
  const apart = (id: string, x: Value | undefined, y: Described): ReturnType<typeof separate> | null => {
    const c = vocabulary.get(id);
    return c ? separate(c, x, y.values.get(id)?.value, gap) : null;
  };
  const sometimes = looks.flatMap((character): Exception[] => {
    const s = apart(character, a.values.get(character)?.value, b);
    return s?.kind === 'tell' && s.overlap > 0 ? [{ kind: 'sometimes', character, overlap: s.overlap }] : [];
  });
  const trees = candidates.flatMap((c): Exception[] => {
    const other = c.taxon === a.id ? b : c.taxon === b.id ? a : null;
    if (!other || c.cut) return [];
    return looks.flatMap((character): Exception[] => {
      const value = c.certified[character];
      const s = value ? apart(character, value, other) : null;
      return value && s && (s.kind === 'none' || (s.kind === 'tell' && s.strength === 'partial'))
        ? [{ kind: 'tree', individual: c.individual, character, value }]
        : [];
    });
  });
  return [...sometimes, ...trees];
}
