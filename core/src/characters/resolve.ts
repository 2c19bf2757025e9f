import { applies } from './applies.ts';
import type { Stage } from '../conditions/index.ts';
import { atStage } from './atStage.ts';
import { mergeStatements } from './merge.ts';
import type { MergePolicy, Profile, Resolved, Statement, TaxonNode, Value, Vocabulary } from './types.ts';

export interface CharacterPolicy {
  readonly policy: MergePolicy;
  readonly source: string | null;
}

const preferring = (statements: readonly Statement[], source: string | null): readonly Statement[] =>
  source === null
    ? statements
    : [...statements.filter((s) => s.source === source), ...statements.filter((s) => s.source !== source)];

export interface ResolveInput {
  readonly taxa: ReadonlyMap<string, TaxonNode>;
  /** All statements, best source first within a taxon and character. */
  readonly statements: readonly Statement[];
  readonly vocabulary: Vocabulary;
  readonly policy: MergePolicy;
  /** Policies of single characters, with the source put first under `preferred`. */
  readonly policyOf?: ReadonlyMap<string, CharacterPolicy>;
  /** The stage of life of the individual that is described; absent for a taxon, which is taken as grown. */
  readonly stage?: Stage;
}

type ByCharacter = Map<string, Statement[]>;

/** What ships with the application gives way to whatever else is stated at the same place. */
export function standing(statements: readonly Statement[]): readonly Statement[] {
  if (statements.length === 1) return statements;
  const own = statements.filter((s) => !s.shipped);
  return own.length > 0 ? own : statements;
}

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
    if (a.states.length !== b.states.length) return false;
    const [p, q] = [a.states[0], b.states[0]];
    if (a.states.length === 1) return p?.state === q?.state && p?.freq === q?.freq;
    const key = (v: typeof a): string =>
      v.states
        .map((s) => `${s.state}:${s.freq}`)
        .sort()
        .join('|');
    return key(a) === key(b);
  }
  if (a.kind === 'range' && b.kind === 'range') {
    return (
      a.low === b.low && a.high === b.high && a.xlow === b.xlow && a.xhigh === b.xhigh && !a.more === !b.more
    );
  }
  return a.kind === b.kind;
}

/**
 * A resolver over one library: groups the statements once, then gives the profile of any taxon. The nearest level
 * wins (own, then named groups by declared order, section, genus, family); an own value that departs from what
 * would be inherited is marked as an exception; origins at one level that differ are named. Characters that do
 * not apply by their controllers are given as inapplicable unless the taxon itself states them.
 * Source: docs/domain.md, Taxa.
 */
export function resolver(input: ResolveInput): (taxon: string) => Profile {
  const byTaxon = new Map<string, ByCharacter>();
  for (const s of input.statements) {
    let characters = byTaxon.get(s.taxon);
    if (!characters) byTaxon.set(s.taxon, (characters = new Map<string, Statement[]>()));
    const had = characters.get(s.character);
    if (had) had.push(s);
    else characters.set(s.character, [s]);
  }
  const wordsOf = (taxon: string): Iterable<readonly [string, readonly Statement[]]> =>
    byTaxon.get(taxon) ?? [];
  const conditional = [...input.vocabulary.values()].filter((c) => c.appliesIf.length > 0);
  // Species of one genus inherit the same, so it is gathered once for each set of parents.
  const inherited = new Map<string, ReadonlyMap<string, Resolved>>();
  const aboveOf = (levels: readonly (readonly string[])[]): ReadonlyMap<string, Resolved> => {
    const key = levels.map((l) => l.join(' ')).join('\n');
    const had = inherited.get(key);
    if (had) return had;
    const made = gather(levels, wordsOf, input);
    inherited.set(key, made);
    return made;
  };
  const known = new Map<string, Profile>();
  return (taxon) => {
    const had = known.get(taxon);
    if (had) return had;
    const profile = new Map(aboveOf(lineage(input.taxa, taxon).slice(1)));
    for (const [character, all] of wordsOf(taxon)) {
      const own = word(character, taxon, all, input);
      if (!own) continue;
      const above = profile.get(character);
      if (above && !sameValue(above.value, own.value)) {
        own.exceptionTo = { origin: above.origin, value: above.value };
      }
      profile.set(character, own);
    }
    for (const character of conditional) {
      const resolved = profile.get(character.id);
      if (!resolved || resolved.origin === taxon) continue;
      if (applies(character, profile, input.vocabulary) !== 'no') continue;
      profile.set(character.id, { ...resolved, value: { kind: 'inapplicable' } });
    }
    known.set(taxon, profile);
    return profile;
  };
}

type Building = { -readonly [K in keyof Resolved]: Resolved[K] };

/** What one taxon says of one character at one stage of life, its sources merged; null where it says it of others alone. */
function word(
  character: string,
  origin: string,
  all: readonly Statement[],
  input: ResolveInput,
): Building | null {
  const { chosen, others } = atStage(all, input.stage ?? null);
  if (chosen.length === 0) return null;
  const statements = standing(chosen);
  const only = statements[0];
  const made: Building = {
    character,
    value: NOTHING,
    origin,
    statements,
    disagreesWith: NOBODY,
    tied: false,
  };
  if (others.length > 0) made.otherStages = others;
  if (only && statements.length === 1) made.value = only.value;
  else {
    const own = input.policyOf?.get(character);
    const merged = mergeStatements(preferring(statements, own?.source ?? null), own?.policy ?? input.policy);
    made.value = merged.value;
    made.tied = merged.tied;
  }
  // Where one shipped statement stands, all that stand are shipped.
  if (only?.shipped) made.shipped = true;
  return made;
}

/** The nearest word on each character from some levels, with who differs at the same level. */
function gather(
  levels: readonly (readonly string[])[],
  wordsOf: (taxon: string) => Iterable<readonly [string, readonly Statement[]]>,
  input: ResolveInput,
): ReadonlyMap<string, Resolved> {
  const profile = new Map<string, Building>();
  for (const level of levels) {
    const ofThisLevel = new Set<string>();
    for (const origin of level) {
      for (const [character, all] of wordsOf(origin)) {
        const had = profile.get(character);
        if (had && !ofThisLevel.has(character)) continue;
        const found = word(character, origin, all, input);
        if (!found) continue;
        if (!had) {
          profile.set(character, found);
          ofThisLevel.add(character);
        } else if (!sameValue(had.value, found.value)) had.disagreesWith = [...had.disagreesWith, origin];
      }
    }
  }
  return profile;
}

const NOBODY: readonly string[] = [];
const NOTHING: Value = { kind: 'inapplicable' };
