import { applies } from './applies.ts';
import { mergeStatements } from './merge.ts';
import type { MergePolicy, Profile, Resolved, Statement, TaxonNode, Value, Vocabulary } from './types.ts';

export interface ResolveInput {
  readonly taxa: ReadonlyMap<string, TaxonNode>;
  /** All statements, best source first within a taxon and character. */
  readonly statements: readonly Statement[];
  readonly vocabulary: Vocabulary;
  readonly policy: MergePolicy;
  readonly policyOf?: ReadonlyMap<string, MergePolicy>;
}

type ByCharacter = Map<string, Statement[]>;

/** The levels from which a taxon takes its values, nearest first; a hybrid has only itself. */
export function lineage(taxa: ReadonlyMap<string, TaxonNode>, id: string): readonly (readonly string[])[] {
  const levels: string[][] = [[id]];
  const seen = new Set([id]);
  let frontier = taxa.get(id)?.isHybrid ? [] : [...(taxa.get(id)?.parents ?? [])];
  while (frontier.length > 0) {
    const fresh = frontier.filter((p) => taxa.has(p) && !seen.has(p));
    for (const p of fresh) seen.add(p);
    if (fresh.length > 0) levels.push(fresh);
    frontier = fresh.flatMap((p) => taxa.get(p)?.parents ?? []);
  }
  return levels;
}

/** Same meaning, whatever the order of states or the text typed. */
export function sameValue(a: Value, b: Value): boolean {
  if (a.kind === 'states' && b.kind === 'states') {
    const key = (v: typeof a): string =>
      v.states
        .map((s) => `${s.state}:${s.freq}`)
        .sort()
        .join('|');
    return key(a) === key(b);
  }
  if (a.kind === 'range' && b.kind === 'range') {
    return a.low === b.low && a.high === b.high && a.xlow === b.xlow && a.xhigh === b.xhigh;
  }
  return a.kind === b.kind;
}

/**
 * A resolver over one library: groups the statements once, then gives the profile of any taxon. The nearest level
 * wins (own, then named groups by declared order, section, genus, family); an own value that departs from what
 * would be inherited is marked as an exception; origins at one level that differ are named. Characters that do
 * not apply by their controllers are given as inapplicable unless the taxon itself states them.
 * Source: 2-domain, Taxa.
 */
export function resolver(input: ResolveInput): (taxon: string) => Profile {
  const byTaxon = new Map<string, ByCharacter>();
  for (const s of input.statements) {
    const characters = byTaxon.get(s.taxon) ?? new Map<string, Statement[]>();
    characters.set(s.character, [...(characters.get(s.character) ?? []), s]);
    byTaxon.set(s.taxon, characters);
  }
  const known = new Map<string, Profile>();

  const mergedAt = (origin: string, character: string): { value: Value; tied: boolean } | null => {
    const statements = byTaxon.get(origin)?.get(character);
    if (!statements) return null;
    return mergeStatements(statements, input.policyOf?.get(character) ?? input.policy);
  };

  const resolveOne = (levels: readonly (readonly string[])[], character: string): Resolved | null => {
    const found: { origin: string; value: Value; tied: boolean; level: number }[] = [];
    levels.forEach((level, index) => {
      for (const origin of level) {
        const merged = mergedAt(origin, character);
        if (merged) found.push({ origin, ...merged, level: index });
      }
    });
    const [used, ...others] = found;
    if (!used) return null;
    const inherited = used.level === 0 ? others[0] : undefined;
    return {
      character,
      value: used.value,
      origin: used.origin,
      statements: byTaxon.get(used.origin)?.get(character) ?? [],
      ...(inherited && !sameValue(inherited.value, used.value)
        ? { exceptionTo: { origin: inherited.origin, value: inherited.value } }
        : {}),
      disagreesWith: others
        .filter((o) => o.level === used.level && !sameValue(o.value, used.value))
        .map((o) => o.origin),
      tied: used.tied,
    };
  };

  return (taxon) => {
    const had = known.get(taxon);
    if (had) return had;
    const levels = lineage(input.taxa, taxon);
    const ids = new Set(levels.flat().flatMap((t) => [...(byTaxon.get(t)?.keys() ?? [])]));
    const profile = new Map<string, Resolved>();
    for (const id of ids) {
      const resolved = resolveOne(levels, id);
      if (resolved) profile.set(id, resolved);
    }
    for (const [id, resolved] of profile) {
      const character = input.vocabulary.get(id);
      if (!character || resolved.origin === taxon) continue;
      if (applies(character, profile, input.vocabulary) === 'no') {
        profile.set(id, { ...resolved, value: { kind: 'inapplicable' } });
      }
    }
    known.set(taxon, profile);
    return profile;
  };
}
