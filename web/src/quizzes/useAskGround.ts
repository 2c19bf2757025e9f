import { useMemo } from 'react';
import type { QuizDetail, RuleRow, TreeRow } from '@hurrow/contract';
import { nearest } from '@hurrow/core/asking';
import type { AskGround, RuleOnList } from '@hurrow/core/asking';
import { EVERYTHING_AT_THE_TREE } from '@hurrow/core/conditions';
import type { TaxonNode, Vocabulary, Wording } from '@hurrow/core/characters';
import { checkRule, ruleSentence } from '@hurrow/core/rules';
import { describeTaxa } from '@hurrow/core/tells';
import type { DescribedTaxon } from '@hurrow/core/tells';
import { useRead } from '../api/index.ts';
import { sitePlace, useSession, useView, useVocabulary } from '../app/index.ts';

const whoWords = ({ whoHeader: who }: RuleRow): string =>
  who === null ? 'tree' : who.rank === 'species' ? who.scientific : `member of ${who.scientific}`;

/** Rules of thumb that some of a list break, in the words of the class. */
function rulesOn(
  rules: readonly RuleRow[],
  list: readonly DescribedTaxon[],
  taxa: ReadonlyMap<string, TaxonNode>,
  vocabulary: Vocabulary,
  wording: Wording,
  date: string,
): readonly RuleOnList[] {
  const idOf = (i: number): string => list[i]?.id ?? '';
  return rules.map((rule) => {
    const report = checkRule(rule, list, taxa, vocabulary, { ...EVERYTHING_AT_THE_TREE, date });
    const breaks = report.exceptions.map((e) => e.member);
    return {
      sentence: ruleSentence(
        rule,
        whoWords(rule),
        vocabulary,
        wording,
        (id) => taxa.get(id)?.label ?? 'another group',
      ),
      breaks: breaks.map(idOf),
      keeps: report.subjects.filter((m) => !breaks.includes(m)).map(idOf),
    };
  });
}

/** What questions about one tree are made from. */
export type GroundOf = (tree: TreeRow) => Omit<AskGround, 'next'>;

/** What questions about trees are made from; null until it is read. */
export function useAskGround(quiz: Pick<QuizDetail, 'list'>): GroundOf | null {
  const { today } = useSession();
  const { wording } = useView();
  const vocabulary = useVocabulary();
  const library = useRead('listLibrary', { id: quiz.list }).data;
  const rules = useRead('rules').data;
  return useMemo(() => {
    if (!vocabulary || !library || !rules) return null;
    const taxa = new Map(library.data.taxa.map((t) => [t.id, t]));
    return (tree) => {
      const list = describeTaxa(
        library.members.map((m) => m.id),
        library.data,
        vocabulary,
        sitePlace(tree.site, library.sightings),
      );
      const described = new Map(list.map((d) => [d.id, d]));
      const own = described.get(tree.taxon.id);
      return {
        own: tree.taxon,
        list: library.members,
        described,
        vocabulary,
        conditions: { ...EVERYTHING_AT_THE_TREE, date: today, material: ['tree', 'twig', 'leaf'] },
        closest: own ? nearest(own, list) : [],
        rules: rulesOn(rules, list, taxa, vocabulary, wording, today),
        elevM: tree.site.elevM,
        wording,
      };
    };
  }, [vocabulary, library, rules, today, wording]);
}
