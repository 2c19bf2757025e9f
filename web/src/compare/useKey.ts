import { useCallback } from 'react';
import type { Key, KeyCheck, KeyOptions } from '@hurrow/core/keys';
import { useLibraryWork } from '../workers/index.ts';
import type { Start, Work } from '../workers/index.ts';
import { groundOf } from './groundOf.ts';
import type { Compared } from './useCompared.ts';

export interface BuiltKey {
  readonly key: Key;
  readonly check: KeyCheck;
}

/** Builds a key in a worker and runs every recorded way through it. */
export function useKey(c: Compared, options: KeyOptions): Work<BuiltKey | null> {
  const start = useCallback<Start<BuiltKey | null>>(
    (work, onProgress) => work.key(groundOf(c), options, onProgress),
    [c, options],
  );
  return useLibraryWork<BuiltKey | null>(start);
}
