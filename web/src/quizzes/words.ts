import type { Ask, AskKind, SittingState } from '@hurrow/contract';
import { characterWords } from '@hurrow/core/characters';
import type { Vocabulary, Words } from '@hurrow/core/characters';

export const STATE_WORDS: Readonly<Record<SittingState, string>> = {
  draft: 'draft',
  frozen: 'frozen',
  open: 'open',
  closed: 'closed, to grade',
  marked: 'graded, to return',
  given_back: 'returned',
};

const ASK_WORDS: Readonly<Record<Exclude<AskKind, 'call'>, string>> = {
  common: 'common name',
  scientific: 'scientific name',
  either: 'common or scientific name',
  genus: 'genus',
  sureness: 'how sure',
};

export function askWords(
  ask: Pick<Ask, 'kind' | 'character'>,
  vocabulary: Vocabulary | undefined,
  words: Words,
): string {
  if (ask.kind !== 'call') return ASK_WORDS[ask.kind];
  const c = vocabulary?.get(ask.character ?? '');
  return c ? characterWords(c, words) : (ask.character ?? '');
}
