import { useParams, useSearchParams } from 'react-router';
import type { Wording } from '@hurrow/core/characters';
import { useContrast } from '../reteach/index.ts';
import type { Contrast } from '../reteach/index.ts';

/** The lesson that a paper is printed of, as the address names it. */
export interface ContrastPaper {
  readonly contrast: Contrast | null;
  readonly gone: boolean;
  readonly names: readonly [string, string];
  /** Both names as one title. */
  readonly title: string;
  /** The page of the lesson. */
  readonly back: string;
}

/** Reads the lesson of a paper. @param wording other words than those of the bar. */
export function useContrastPaper(wording?: Wording): ContrastPaper {
  const { a = '', b = '' } = useParams();
  const [search] = useSearchParams();
  const { contrast, gone } = useContrast(a, b, search.get('leave')?.split(',') ?? [], wording);
  const names = contrast?.say.names ?? (['', ''] as const);
  return { contrast, gone, names, title: names.join(' and '), back: `/reteach/${a}/${b}` };
}
