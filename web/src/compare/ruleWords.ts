import type { TaxonHeader } from '@hurrow/contract';
import { checkRule, ruleSentence } from '@hurrow/core/rules';
import type { Breach, Rule, RuleReport } from '@hurrow/core/rules';
import type { Compared } from './useCompared.ts';

export const BREACH: Readonly<Record<Breach, string>> = {
  lacks: 'lacks it',
  sometimes_lacks: 'does not always have it',
  also_has: 'has it too',
  sometimes_has: 'sometimes has it too',
};

export const VERDICT: Readonly<Record<RuleReport['verdict'], { words: string; tone: string }>> = {
  holds: { words: 'holds', tone: 'spruce' },
  exceptions: { words: 'holds with exceptions', tone: 'larch' },
  does_not_hold: { words: 'does not hold', tone: 'cherry' },
  untestable: { words: 'not enough recorded', tone: 'larch' },
  nobody: { words: 'speaks of nobody here', tone: '' },
};

/** What those a rule speaks of are called in a sentence. */
export const whoWords = (who: TaxonHeader | null): string =>
  who === null ? 'tree' : who.rank === 'species' ? who.scientific : `member of ${who.scientific}`;

/** Any taxon of the list or above it, by id. */
export const taxonIn = ({ members, lore }: Compared, id: string | null): TaxonHeader | null =>
  id === null ? null : ([...members, ...lore.groups].find((t) => t.id === id) ?? null);

export const sentenceOf = (c: Compared, rule: Rule, who: TaxonHeader | null): string =>
  ruleSentence(rule, whoWords(who), c.vocabulary, c.wording, (id) => {
    const taxon = taxonIn(c, id);
    if (taxon === null) return 'a taxon that is not on this list';
    return taxon.rank === 'species' ? taxon.scientific : `a member of ${taxon.scientific}`;
  });

/** Taxa to choose from, by both names. */
export const taxonOptions = (taxa: readonly TaxonHeader[]): { value: string; label: string }[] =>
  taxa.map((t) => ({ value: t.id, label: t.common ? `${t.scientific} (${t.common})` : t.scientific }));

/** A sentence in parts, so that the scientific name of whom it speaks is set in italics. */
export function sentenceParts(
  sentence: string,
  who: TaxonHeader | null,
): readonly [string, TaxonHeader | null, string] {
  const at = who === null ? -1 : sentence.indexOf(who.scientific);
  return who === null || at < 0
    ? [sentence, null, '']
    : [sentence.slice(0, at), who, sentence.slice(at + who.scientific.length)];
}

export const reportOf = (c: Compared, rule: Rule): RuleReport =>
  checkRule(rule, c.described, c.taxa, c.vocabulary, c.conditions);

const listed = (names: readonly string[], most: number): string =>
  names.length > most
    ? `${names.slice(0, most).join(', ')} and ${names.length - most} more`
    : names.join(', ');

/** The outcome of a rule in a line: exceptions named, what is not recorded, whether it can be seen now. */
export function outcomeWords({ members }: Compared, report: RuleReport): string {
  const name = (i: number): string => members[i]?.scientific ?? '';
  const parts = [
    report.exceptions.length > 0
      ? `Except ${listed(
          report.exceptions.map((e) => `${name(e.member)} (${BREACH[e.breach]})`),
          6,
        )}.`
      : '',
    report.untestable.length > 0 ? `Not recorded of ${listed(report.untestable.map(name), 4)}.` : '',
    report.hidden.length > 0
      ? `Cannot be seen now on ${report.hidden.length} of ${report.subjects.length}: ${report.hidden[0]?.reason ?? ''}.`
      : '',
  ];
  return parts.filter((p) => p !== '').join(' ');
}
