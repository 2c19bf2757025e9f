import { lineage } from '../characters/index.ts';
import type { TaxonNode, Vocabulary, Wording } from '../characters/index.ts';
import { addDays, visible } from '../conditions/index.ts';
import type { Conditions } from '../conditions/index.ts';
import type { Described } from '../tells/index.ts';
import { allOf, clauseWords, featuresOf, holds } from './clause.ts';
import type { Clause } from './clause.ts';
import { featureClause, has, hasWhole } from './feature.ts';
import type { Feature, Has } from './feature.ts';

export const QUANTIFIERS = ['all', 'only', 'all_and_only'] as const;
export type Quantifier = (typeof QUANTIFIERS)[number];

/** All, only, or all and only the taxa that meet some conditions have a feature. Source: docs/domain.md, Look-alikes and rules of thumb. */
export interface Rule {
  readonly quantifier: Quantifier;
  /** The taxon they stand under; null for any. */
  readonly who: string | null;
  readonly when: readonly Feature[];
  /** All of these, at least one. */
  readonly then: readonly Clause[];
}

/** Why a member stands against a rule. */
export type Breach = 'lacks' | 'sometimes_lacks' | 'also_has' | 'sometimes_has';

/**
 * What a list says of a rule. It does not hold where more break it than keep it, or where what it says of one species is
 * false of that species.
 */
export type RuleVerdict = 'holds' | 'exceptions' | 'does_not_hold' | 'untestable' | 'nobody';

export interface RuleReport {
  /** Places in the list of those the rule speaks of. */
  readonly subjects: readonly number[];
  readonly exceptions: readonly { readonly member: number; readonly breach: Breach }[];
  /** Members of which what would decide is not recorded. */
  readonly untestable: readonly number[];
  readonly verdict: RuleVerdict;
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

/** Characters that a rule asks for. */
export const charactersOf = (rule: Rule): readonly string[] => [
  ...new Set([...rule.when, ...rule.then.flatMap(featuresOf)].map((f) => f.character)),
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

/** How a member stands to what a rule says; what is said of a single species is said of its whole range. */
function saidOf(rule: Rule, d: Described, taxa: ReadonlyMap<string, TaxonNode>, vocabulary: Vocabulary): Has {
  return allOf(
    rule.then.map((c) =>
      rule.who === d.id && 'low' in c ? hasWhole(d, c, vocabulary) : holds(d, c, taxa, vocabulary),
    ),
  );
}

type Standing = 'keeps' | 'open' | Breach;

const LACKS: Readonly<Record<Has, Standing>> = {
  yes: 'keeps',
  sometimes: 'sometimes_lacks',
  no: 'lacks',
  unknown: 'open',
};
const ALSO: Readonly<Record<Has, Standing>> = {
  yes: 'also_has',
  sometimes: 'sometimes_has',
  no: 'keeps',
  unknown: 'open',
};

function verdictOf(
  rule: Rule,
  subjects: readonly number[],
  having: readonly number[],
  report: Pick<RuleReport, 'exceptions' | 'untestable'>,
): RuleVerdict {
  if (subjects.length === 0) return 'nobody';
  const { exceptions, untestable } = report;
  const denied = exceptions.some((e) => e.breach === 'lacks') && having.length === 0;
  // One that is not recorded may yet be the one that keeps it.
  if (denied && untestable.every((m) => !subjects.includes(m))) return 'does_not_hold';
  const kept = rule.quantifier === 'all' ? subjects.length - exceptions.length : having.length;
  if (exceptions.length > kept) return 'does_not_hold';
  if (exceptions.length > 0) return 'exceptions';
  return untestable.length > 0 ? 'untestable' : 'holds';
}

/**
 * Holds a rule against a list: whom it speaks of, who stands against it, of whom too little is recorded, and on whom it
 * cannot be seen now. “Only” says of its own subjects that one of them has it. Source: docs/domain.md, Look-alikes and
 * rules of thumb.
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
  const [subjects, having, untestable]: [number[], number[], number[]] = [[], [], []];
  const exceptions: { member: number; breach: Breach }[] = [];
  const stand = (member: number, standing: Standing): void => {
    if (standing === 'open') untestable.push(member);
    else if (standing !== 'keeps') exceptions.push({ member, breach: standing });
  };
  const said = list.map((d) => saidOf(rule, d, taxa, vocabulary));
  list.forEach((d, member) => {
    const meets = allOf(rule.when.map((f) => has(d, f, vocabulary)));
    const inside = under.has(member) && meets !== 'no';
    const then = said[member] ?? 'unknown';
    if (inside && meets !== 'yes') {
      // One that may or may not be meant breaks nothing by having the feature, and nothing by lacking it only if it is not meant.
      if (rule.quantifier !== 'only' && then !== 'yes') untestable.push(member);
    } else if (inside) {
      subjects.push(member);
      if (then === 'yes' || then === 'sometimes') having.push(member);
      if (rule.quantifier !== 'only') stand(member, LACKS[then]);
    } else if (rule.quantifier !== 'all') stand(member, ALSO[then]);
  });
  if (rule.quantifier === 'only' && having.length === 0) {
    for (const member of subjects) stand(member, LACKS[said[member] ?? 'unknown']);
  }
  const hidden = subjects.flatMap((member) => {
    const d = list[member];
    const reason = d ? hiddenOn(rule, d, vocabulary, conditions) : null;
    return reason === null ? [] : [{ member, reason }];
  });
  const verdict = verdictOf(rule, subjects, having, { exceptions, untestable });
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

const START: Readonly<Record<Quantifier, readonly [of: string, on: string]>> = {
  all: ['Every', 'On every'],
  only: ['Only', 'only on'],
  all_and_only: ['Every', 'On every'],
};

/** What narrows whom a rule speaks of: “whose leaves are needles”, “that drops its leaves in winter”. */
const whoseWords = (clause: string): string =>
  clause.startsWith('* ') ? `that ${clause.slice(2)}` : `whose ${clause.replace(/^the /, '')}`;

/**
 * A rule as one sentence: *Every tree whose leaves are needles keeps its leaves all year.*
 * @param who what those it speaks of are called: “fir”, “species of Abies”.
 * @param taxonWords what a taxon that a clause names is called: “a member of Fraxinus”.
 * Source: docs/formulas.md, Sentences.
 */
export function ruleSentence(
  rule: Rule,
  who: string,
  vocabulary: Vocabulary,
  wording: Wording,
  taxonWords: (taxon: string) => string = (t) => t,
): string {
  const when = rule.when.map((f) => whoseWords(featureClause(f, vocabulary, wording)));
  // *Every* needs no article; *only* does, before all but the name of a species.
  const article = rule.quantifier === 'only' && /^(tree|member|species)\b/.test(who) ? 'a ' : '';
  const whom = [`${article}${who}`, when.join(' and ')].filter((t) => t !== '').join(' ');
  const said = rule.then.map((c) => clauseWords(c, vocabulary, wording, taxonWords));
  const [of, on] = START[rule.quantifier];
  const alone = (where: string): string =>
    rule.quantifier === 'all_and_only' ? `, and ${where}nothing else,` : '';
  if (said.every((k) => k.startsWith('* ')))
    return `${of} ${whom}${alone('')} ${said.map((k) => k.slice(2)).join(' and ')}.`;
  const clauses = said.map((k) => k.replace('*', 'it')).join(' and ');
  return rule.quantifier === 'only'
    ? `${clauses.charAt(0).toUpperCase()}${clauses.slice(1)} ${on} ${whom}.`
    : `${on} ${whom},${alone('on ').replace(/^,/, '')} ${clauses}.`;
}

/** Whether a rule leads from a tree of one member to the name of another: the rule holds for the other, and the first breaks it. */
export const misleads = (report: RuleReport, truth: number, answer: number): boolean =>
  report.exceptions.some((e) => e.member === truth) &&
  report.subjects.includes(answer) &&
  !report.exceptions.some((e) => e.member === answer) &&
  !report.untestable.includes(answer);
