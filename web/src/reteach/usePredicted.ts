import { useCallback, useMemo } from 'react';
import type { Section } from '@hurrow/contract';
import { taughtBy } from '@hurrow/core/quizzes';
import { useRead } from '../api/index.ts';
import { groundOf, useCompared } from '../compare/index.ts';
import { useLibraryWork } from '../workers/index.ts';
import type { Start, Work } from '../workers/index.ts';
import type { PredictedPair } from '@hurrow/core/reteach';
import { predictedContrasts } from './planWords.ts';
import type { ContrastRow } from './planWords.ts';

/**
 * Contrasts of the species taught so far that a class is likely to mix up, worked out beside the page; null until they are.
 * @param wanted whether they are needed at all.
 */
export function usePredicted(
  section: Section,
  wanted: boolean,
): { readonly rows: readonly ContrastRow[] | null; readonly work: Work<readonly PredictedPair[] | null> } {
  const { compared } = useCompared(section.list);
  const list = useRead('list', { id: section.list }, wanted).data;
  const start: Start<readonly PredictedPair[] | null> = useCallback(
    (work, onProgress) => {
      if (!compared) throw new Error('No list to compare');
      return work.predicted(groundOf(compared), onProgress);
    },
    [compared],
  );
  const work = useLibraryWork(wanted && compared ? start : null);
  const rows = useMemo(() => {
    if (!work.result || !compared || !list) return null;
    const taught = new Set(
      list.members
        .filter((m) => taughtBy(m.week, section.startsOn, compared.conditions.date))
        .map((m) => m.id),
    );
    const both = work.result.filter((p) => taught.has(p.a) && taught.has(p.b));
    return predictedContrasts(
      both,
      (id) => compared.members.find((m) => m.id === id),
      // A class that has no students yet is planned for as if it had one.
      Math.max(1, section.students.length),
    );
  }, [work.result, compared, list, section]);
  return { rows, work };
}
