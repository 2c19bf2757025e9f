import { useMemo } from 'react';
import { useQuery } from '@tanstack/react-query';
import { countyOutlines, stateOutlines } from '@hurrow/core/range';
import type { Atlas, Outline } from '@hurrow/core/range';
import countiesUrl from 'us-atlas/counties-albers-10m.json?url';
import statesUrl from 'us-atlas/states-albers-10m.json?url';

const fetched = (url: string) => ({
  queryKey: ['atlas', url],
  queryFn: async ({ signal }: { signal: AbortSignal }): Promise<Atlas> =>
    (await (await fetch(url, { signal })).json()) as Atlas,
  staleTime: Infinity,
  gcTime: Infinity,
});

/** The states as paths; they come with the application, so nothing is asked of the network outside. */
export function useStates(): readonly Outline[] | undefined {
  const atlas = useQuery(fetched(statesUrl)).data;
  return useMemo(() => (atlas ? stateOutlines(atlas) : undefined), [atlas]);
}

/** Counties as paths: those of one state and those spoken of; fetched only where there are any. */
export function useCounties(state: string | null, codes: readonly string[]): readonly Outline[] {
  const wanted = state !== null || codes.length > 0;
  const atlas = useQuery({ ...fetched(countiesUrl), enabled: wanted }).data;
  const key = codes.join();
  return useMemo(() => {
    if (!atlas || !wanted) return [];
    const spoken = new Set(key.split(','));
    return countyOutlines(atlas, (c) => spoken.has(c) || (state !== null && c.startsWith(`${state}-`)));
  }, [atlas, wanted, state, key]);
}
