import type { AskKind } from './types.ts';

/** What a question asks, in words; a character question is said by its character. */
export const ASK_WORDS: Readonly<Record<Exclude<AskKind, 'call'>, string>> = {
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
