import { checklist, once } from './checklist/index.ts';
import type { CheckedName } from './checklist/index.ts';
import { isBroad, taxaOf } from './entries.ts';
import { exactNames } from './exact.ts';
import { checklistSearch, typedTokens } from './nameIndex.ts';
import type { NameIndex } from './nameIndex.ts';

/** A real tree or shrub that a name stands for, with what it is called. */
export interface RealTree {
  readonly scientific: string;
  readonly common: string | null;
  readonly family: string;
}

const byScientific = once(
  (): ReadonlyMap<string, CheckedName> => new Map(checklist().species.map((s) => [s.scientific, s])),
);

/**
 * The real tree that a typed name stands for where the library does not hold it: *sugar maple* is Acer saccharum. An
 * English name is kept as it was typed. Null where it stands for several, for none, or for one of the library.
 */
export function realTree(typed: string, index: NameIndex): RealTree | null {
  const names = exactNames(index, typedTokens(typed)).filter(
    (n) => n.checked && !isBroad(n.rank) && !index.accepted.has(n.taxon),
  );
  const [taxon, ...others] = taxaOf(names);
  if (taxon === undefined || others.length > 0) return null;
  const scientific = checklistSearch().accepted.get(taxon)?.[0]?.text;
  const found = scientific === undefined ? undefined : byScientific().get(scientific);
  if (!found) return null;
  const isEnglish = names.every((n) => !n.latin);
  return {
    scientific: found.scientific,
    common: isEnglish ? typed.trim() : (found.common[0] ?? null),
    family: found.family,
  };
}
