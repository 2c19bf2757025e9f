import type { CompareGround } from '../workers/index.ts';
import type { Compared } from './useCompared.ts';

/** What a worker needs of a compared list. */
export const groundOf = ({ library, vocabulary, conditions, place, forbidden }: Compared): CompareGround => ({
  library,
  vocabulary,
  conditions,
  place,
  forbidden,
});
