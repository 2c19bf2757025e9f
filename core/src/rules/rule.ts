import { lineage } from '../characters/index.ts';
import type { TaxonNode, Vocabulary, Wording } from '../characters/index.ts';
import { addDays, visible } from '../conditions/index.ts';
import type { Conditions } from '../conditions/index.ts';
import type { Described } from '../tells/index.ts';
import { featureWords, has } from './feature.ts';
import type { Feature } from './feature.ts';

export const QUANTIFIERS = ['all', 'only', 'all_and_only'] as const;
export type Quantifier = (typeof QUANTIFIERS)[number];

/** All, only, or all and only the taxa that meet some conditions have a feature. Source: docs/domain.md, Look-alikes and rules of thumb. */
export interface Rule {
  readonly quantifier: Quantifier;
  /** The taxon they stand under; null for any. */
  readonly who: string | null;
  readonly when: readonly Feature[];
  readonly then: Feature;
}

/** Why a member stands against a rule. */
export type Breach = 'lacks' | 'sometimes_lacks' | 'also_has' | 'sometimes_has';

export interface RuleReport {
  /** Places in the list of those the rule speaks of. */
  readonly subjects: readonly number[];
  readonly exceptions: readonly { readonly member: number; readonly breach: Breach }[];
  /** Members of which what would decide is not recorded. */
  readonly untestable: readonly number[];
  readonly verdict: 'holds' | 'exceptions' | 'untestable' | 'nobody';
  /** Members on which what the rule asks cannot be seen now, with the reason. */
  readonly hidden: readonly { readonly member: number; readonly reason: string }[];
}

/** Which members stand under a taxon, themselves included; all of them where none is named. */
export function membersUnder(
  who: string | null,
  list: readonly Described[],
  taxa: ReadonlyMap<string, TaxonNode>,
): readonly number[] {
  const all = list.map((_, i) => i);
  if (who === null) return all;
  return all.filter((i) => lineage(taxa, list[i]?.id ?? '').some((level) => level.includes(who)));
}

const charactersOf = (rule: Rule): readonly string[] => [
  ...new Set([...rule.when, rule.then].map((f) => f.character)),
];

/** Why a character of the rule cannot be seen on a member now; null where all can. */
function hiddenOn(rule: Rule, d: Described, vocabulary: Vocabulary, conditions: Conditions): string | null {
  for (const id of charactersOf(rule)) {
    const c = vocabulary.get(id);
    if (!c) continue;
    const seen = visible(d.subject, c, conditions);
    if (seen.seen === 'no') return seen.reason;
    if (seen.seen === 'unknown') return seen.reason || 'its season is not recorded';
  }
  return null;
}

/**
 * Holds a rule against a list: whom it speaks of, who stands against it, of whom too little is recorded, and on whom it
 * cannot be seen now. Source: docs/domain.md, Look-alikes and rules of thumb.
 * @param taxa every taxon of the list and those above them.
 */
export function checkRule(
  rule: Rule,
  list: readonly Described[],
  taxa: ReadonlyMap<string, TaxonNode>,
  vocabulary: Vocabulary,
  conditions: Conditions,
): RuleReport {
  const under = new Set(membersUnder(rule.who, list, taxa));
  const subjects: number[] = [];
  const exceptions: { member: number; breach: Breach }[] = [];
  const untestable: number[] = [];
  list.forEach((d, member) => {
    const meets = rule.when.map((f) => has(d, f, vocabulary));
    const inside = under.has(member) && !meets.includes('no');
    const unsure = inside && meets.some((m) => m === 'unknown' || m === 'sometimes');
    const then = has(d, rule.then, vocabulary);
    if (inside && !unsure) {
      subjects.push(member);
      if (rule.quantifier === 'only') return;
      if (then === 'unknown') untestable.push(member);
      else if (then !== 'yes')
        exceptions.push({ member, breach: then === 'no' ? 'lacks' : 'sometimes_lacks' });
      return;
    }
    // One that may or may not be meant breaks nothing by having the feature, and nothing by lacking it only if it is not meant.
    if (unsure) {
      if (rule.quantifier !== 'only' && then !== 'yes') untestable.push(member);
      return;
    }
    if (rule.quantifier === 'all') return;
    if (then === 'unknown') untestable.push(member);
    else if (then !== 'no')
      exceptions.push({ member, breach: then === 'yes' ? 'also_has' : 'sometimes_has' });
  });
  const hidden = subjects.flatMap((member) => {
    const d = list[member];
    const reason = d ? hiddenOn(rule, d, vocabulary, conditions) : null;
    return reason === null ? [] : [{ member, reason }];
  });
  const verdict =
    subjects.length === 0
      ? 'nobody'
      : exceptions.length > 0
        ? 'exceptions'
        : untestable.length > 0
          ? 'untestable'
          : 'holds';
  return { subjects, exceptions, untestable, verdict, hidden };
}

/** Members a rule decides: those it speaks of and that do not stand against it. */
export const decides = (report: RuleReport): readonly number[] =>
  report.subjects.filter((m) => !report.exceptions.some((e) => e.member === m));

/** Weeks of the year, from 1 January, in which all that the rule asks can be seen on everybody it speaks of. */
export function weeksOf(
  rule: Rule,
  report: RuleReport,
  list: readonly Described[],
  vocabulary: Vocabulary,
  conditions: Conditions,
): readonly boolean[] {
  const first = `${conditions.date.slice(0, 4)}-01-01`;
  return Array.from({ length: 52 }, (_, w) => {
    const then = { ...conditions, date: addDays(first, 7 * w) };
    return report.subjects.every((m) => {
      const d = list[m];
      return !d || hiddenOn(rule, d, vocabulary, then) === null;
    });
  });
}

const START: Readonly<Record<Quantifier, string>> = {
  all: 'Every',
  only: 'Only',
  all_and_only: 'Every',
};

/** A rule as one sentence. @param who what those it speaks of are called: “fir”, “species of Abies”. */
export function ruleSentence(rule: Rule, who: string, vocabulary: Vocabulary, wording: Wording): string {
  const when = rule.when.map((f) => featureWords(f, vocabulary, wording));
  const whose = when.length > 0 ? ` with ${when.join(' and ')}` : '';
  const alone = rule.quantifier === 'all_and_only' ? ', and nothing else,' : '';
  return `${START[rule.quantifier]} ${who}${whose}${alone} has ${featureWords(rule.then, vocabulary, wording)}.`;
}
