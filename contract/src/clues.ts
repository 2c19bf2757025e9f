import type { ClueOrgan } from '@hurrow/core/quizzes';

/** What a clue shows, in words. */
export const CLUE_WORDS: Readonly<Record<ClueOrgan, string>> = {
  far: 'the tree from afar',
  form: 'the whole tree',
  bark: 'the bark',
  twig: 'the twig',
  leaf: 'the leaf',
  flower: 'the flower',
  fruit: 'the cone or fruit',
};
