import type { Ask, AskKind, SittingState } from '@hurrow/contract';
import { characterWords } from '@hurrow/core/characters';
import type { Vocabulary, Words } from '@hurrow/core/characters';

export const STATE_WORDS: Readonly<Record<SittingState, string>> = {
  draft: 'draft',
  locked: 'key locked',
  open: 'open',
  closed: 'closed, to grade',
  graded: 'graded, to return',
  returned: 'returned',
};

const ASK_WORDS: Readonly<Record<Exclude<AskKind, 'call'>, string>> = {
  common: 'common name',
  scientific: 'scientific name',
  either: 'common or scientific name',
  genus: 'genus',
  family: 'family',
  sureness: 'how sure',
  choice: 'a choice',
  match: 'matching',
  point: 'a place on the drawing',
  text: 'a short text',
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
