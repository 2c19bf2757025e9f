import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { AUDIENCES } from '@hurrow/core/keys';
import type { Audience, KeyOptions } from '@hurrow/core/keys';
import { useClassAtHand } from '../app/index.ts';

/** The audience of the class at hand. */
export const useUsualAudience = (): Audience => useClassAtHand().section?.level ?? 'general';

/** What a key is asked for, kept in the address so that the printed one is the same. */
export function useKeyOptions(): {
  readonly options: KeyOptions;
  readonly set: (part: Partial<Record<'for' | 'first' | 'without' | 'leads', string | null>>) => void;
} {
  const [search, setSearch] = useSearchParams();
  const usual = useUsualAudience();
  const audience = search.get('for');
  const first = search.get('first');
  const without = search.get('without');
  const leads = search.get('leads');
  const options = useMemo(
    (): KeyOptions => ({
      audience: AUDIENCES.find((a): a is Audience => a === audience) ?? usual,
      first,
      forbidden: new Set((without ?? '').split(',').filter((c) => c !== '')),
      leads: leads === '2' || leads === '3' ? Number(leads) : 4,
    }),
    [audience, first, without, leads, usual],
  );
  return {
    options,
    set: (part) =>
      setSearch(
        (before) => {
          const next = new URLSearchParams(before);
          for (const [k, v] of Object.entries(part)) {
            if (v === null || v === '') next.delete(k);
            else next.set(k, v);
          }
          return next;
        },
        { replace: true },
      ),
  };
}
