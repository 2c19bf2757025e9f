import { useQuery } from '@tanstack/react-query';
import type { UseQueryResult } from '@tanstack/react-query';
import type { GradeEffect, RulingBody, StationDrop } from '@hurrow/contract';
import { request } from '../api/index.ts';

/** What a decision about a written name would do; read anew for every choice. */
export const useRulingPreview = (sitting: string, body: RulingBody): UseQueryResult<GradeEffect> =>
  useQuery({
    queryKey: ['rulingPreview', { id: sitting }, body],
    queryFn: () => request('rulingPreview', { params: { id: sitting }, body }),
    placeholderData: (last) => last,
  });

/** What dropping a station would do, or letting it count again; nothing is asked while none is chosen. */
export const useDropPreview = (
  sitting: string,
  body: Pick<StationDrop, 'station' | 'drop'> | null,
): UseQueryResult<GradeEffect> =>
  useQuery({
    queryKey: ['stationDropPreview', { id: sitting }, body],
    queryFn: () =>
      request('stationDropPreview', {
        params: { id: sitting },
        body: { station: body?.station ?? '', drop: body?.drop ?? true, why: 'preview' },
      }),
    enabled: body !== null,
  });
