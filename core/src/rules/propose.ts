import { lineage } from '../characters/index.ts';
import type { Character, TaxonNode, Vocabulary } from '../characters/index.ts';
import { visible } from '../conditions/index.ts';
import type { Conditions } from '../conditions/index.ts';
import { easeOf } from '../tells/index.ts';
import type { Described } from '../tells/index.ts';
import { has } from './feature.ts';
import type { Feature, Has } from './feature.ts';
import type { Quantifier, Rule } from './rule.ts';

/** A rule found in the record of a list. Sound: it has no exception, and nothing it needs is missing. */
export interface Proposed {
  readonly rule: Rule;
  /** Places in the list of those it speaks of. */
  readonly subjects: readonly number[];
  /** The ease of what must be looked at; less is easier. */
  readonly ease: number;
}

interface Fact {
  readonly feature: Feature;
  readonly character: Character;
  readonly has: readonly Has[];
}

/** What can be seen now of every member that shows it, state by state. */
function factsOf(
  list: readonly Described[],
  vocabulary: Vocabulary,
  conditions: Conditions,
): readonly Fact[] {
  return [...vocabulary.values()]
    .filter((c) => !c.retired && c.states.length > 0 && c.organ !== 'site')
    .flatMap((character) =>
      character.states.flatMap((s): Fact[] => {
        const feature = { character: character.id, state: s.id };
        const all = list.map((d) => has(d, feature, vocabulary));
        const having = all.flatMap((h, i) => (h === 'yes' ? [i] : []));
        const seen = having.every((i) => {
          const d = list[i];
          return (
            d !== undefined && ['yes', 'partly'].includes(visible(d.subject, character, conditions).seen)
          );
        });
        return having.length > 0 && having.length < list.length && seen
          ? [{ feature, character, has: all }]
          : [];
      }),
    );
}

/** Groups of the list: every taxon above at least two members and not above all. */
function groupsOf(
  list: readonly Described[],
  taxa: ReadonlyMap<string, TaxonNode>,
): ReadonlyMap<string, readonly number[]> {
  const found = new Map<string, number[]>();
  list.forEach((d, i) => {
    for (const level of lineage(taxa, d.id).slice(1)) {
      for (const id of new Set(level)) {
        const had = found.get(id) ?? [];
        if (!had.includes(i)) found.set(id, [...had, i]);
      }
    }
  });
  return new Map([...found].filter(([, m]) => m.length > 1 && m.length < list.length));
}

const RANK: Readonly<Record<Quantifier, number>> = { all_and_only: 0, only: 1, all: 2 };

/** Weighs a group against a fact among some members; null where the record is not sound for any quantifier. */
function quantifierOf(fact: Fact, group: readonly number[], among: readonly number[]): Quantifier | null {
  const inside = new Set(group);
  let all = true;
  let only = true;
  for (const i of among) {
    const h = fact.has[i];
    if (inside.has(i)) all &&= h === 'yes';
    else only &&= h === 'no';
  }
  if (!only) return null;
  if (all) return 'all_and_only';
  return group.some((i) => fact.has[i] === 'yes') ? 'only' : null;
}

/** The characters by which a beginner narrows a list first; a proposed rule asks at most one of them beforehand. */
const FIRST_LOOKS = [
  'leaf.kind',
  'leaf.complexity',
  'leaf.arrangement',
  'twig.arrangement',
  'leaf.persistence',
];

/**
 * Rules true of a list, short and sound first: “all and only” and “only” rules of its groups and of single species, with
 * at most one condition beforehand. Source: docs/domain.md, Look-alikes and rules of thumb.
 * @param most how many are wanted.
 * @param onProgress told as the first looks are gone through.
 */
export function proposeRules(
  list: readonly Described[],
  taxa: ReadonlyMap<string, TaxonNode>,
  vocabulary: Vocabulary,
  conditions: Conditions,
  most: number,
  onProgress?: (done: number, total: number) => void,
): readonly Proposed[] {
  const facts = factsOf(list, vocabulary, conditions);
  const groups = groupsOf(list, taxa);
  const everybody = list.map((_, i) => i);
  const found: Proposed[] = [];
  const ruled = new Set<string>();
  const add = (
    fact: Fact,
    who: string,
    subjects: readonly number[],
    quantifier: Quantifier,
    when: readonly Fact[],
  ): void => {
    // The same species are not spoken of twice by the same character: not as a genus and again as its family.
    const key = `${subjects.join()}/${fact.character.id}`;
    if (ruled.has(key)) return;
    ruled.add(key);
    found.push({
      rule: { quantifier, who, when: when.map((w) => w.feature), then: [fact.feature] },
      subjects,
      ease: [fact, ...when].reduce((sum, f) => sum + easeOf(f.character), 0),
    });
  };
  const within = (fact: Fact, among: readonly number[], when: readonly Fact[]): void => {
    for (const [who, members] of groups) {
      const group = members.filter((m) => among.includes(m));
      if (group.length < 2 || group.length === among.length) continue;
      const q = quantifierOf(fact, group, among);
      if (q === 'all_and_only') add(fact, who, group, q, when);
    }
    const having = among.filter((i) => fact.has[i] === 'yes');
    const [lone] = having;
    if (having.length === 1 && lone !== undefined && quantifierOf(fact, having, among) === 'all_and_only') {
      add(fact, list[lone]?.id ?? '', having, 'all_and_only', when);
    }
  };
  for (const fact of facts) within(fact, everybody, []);
  const firsts = facts.filter((f) => FIRST_LOOKS.includes(f.character.id));
  for (const [n, first] of firsts.entries()) {
    onProgress?.(n, firsts.length);
    if (first.has.some((h) => h === 'unknown' || h === 'sometimes')) continue;
    const among = everybody.filter((i) => first.has[i] === 'yes');
    if (among.length < 3) continue;
    for (const fact of facts) {
      if (fact.character.id === first.character.id) continue;
      within(fact, among, [first]);
    }
  }
  return found
    .sort(
      (x, y) =>
        x.rule.when.length - y.rule.when.length ||
        RANK[x.rule.quantifier] - RANK[y.rule.quantifier] ||
        Number(y.subjects.length > 1) - Number(x.subjects.length > 1) ||
        x.ease - y.ease,
    )
    .slice(0, most);
}
