import type { QuestionKind } from '@hurrow/core/quizzes';
import type { Ask, SittingState } from '@hurrow/contract';
import { characterWords } from '@hurrow/core/characters';
import type { Vocabulary, Words } from '@hurrow/core/characters';
import { ASK_WORDS } from '@hurrow/core/grading';

export const STATE_WORDS: Readonly<Record<SittingState, string>> = {
  draft: 'draft',
  locked: 'key locked',
  open: 'open',
  closed: 'closed, to grade',
  graded: 'graded, to return',
  returned: 'returned',
};

export const QUESTION_WORDS: Readonly<Record<QuestionKind, string>> = {
  which_of_two: 'which of two',
  next_look: 'what to look at next',
  odd_one_out: 'odd one out',
  match_parts: 'match parts',
  january: 'seen in January',
  grows_here: 'who could grow here',
  find_bud: 'find the bud',
  rule_breaker: 'which breaks a rule',
  spelling: 'spell it',
  term_drawing: 'match terms',
};

export function askWords(
  ask: Pick<Ask, 'kind' | 'character'> & { readonly params?: Ask['params'] },
  vocabulary: Vocabulary | undefined,
  words: Words,
): string {
  if (ask.params) return QUESTION_WORDS[ask.params.question];
  if (ask.kind !== 'call') return ASK_WORDS[ask.kind];
  const c = vocabulary?.get(ask.character ?? '');
  return c ? characterWords(c, words) : (ask.character ?? '');
}
