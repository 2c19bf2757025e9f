import type { NameRuling } from '@hurrow/contract';

/** What a written name counts as, in front of the species. */
export const DECISION_WORDS: Readonly<Record<NameRuling['outcome'], string>> = {
  exact: 'right name of',
  misspelled: 'misspelling of',
  synonym: 'older name of',
  other_species: 'name of',
  genus_only: 'the genus only',
  unlisted: 'no name',
};

/** Whom a decision holds for. */
export function reachWords(r: Pick<NameRuling, 'scope' | 'listName' | 'sectionName' | 'quizName'>): string {
  switch (r.scope) {
    case 'list':
      return `every class with ${r.listName}`;
    case 'section':
      return `${r.sectionName ?? 'one class'}, with ${r.listName}`;
    case 'sitting':
      return `${r.quizName ?? 'one quiz'}, ${r.sectionName ?? 'one class'}`;
  }
}
