import type { CountOf, StudentMixUp, StudentMixUps } from '@hurrow/contract';

/** How one student went on with a pair: again, clean, or not asked since. */
export function studentWords(m: {
  readonly again: CountOf;
  readonly clean: number;
  readonly resolved: boolean;
}): string {
  const again =
    m.again.n === 0 ? 'not asked again on a new tree' : `${m.again.k} of ${m.again.n} chances mixed up again`;
  if (m.resolved) return `${again}; resolved`;
  if (m.clean === 0) return again;
  return `${again}; right on ${m.clean} ${m.clean === 1 ? 'day' : 'days'} since`;
}

/** What *resolved* means, with the chance of it for a student who has not learned the pair. */
export const resolvedWords = (cleanDays: number, luck: number): string =>
  `Resolved: right on new trees on ${cleanDays} different days. A student who still mixes a pair up 3 times in 10 gets there by luck ${Math.round(luck * 100)}% of the time.`;

/** How many of the class made the same mix-up, beside the student. */
export function othersWords({ others }: Pick<StudentMixUp, 'others'>): string {
  if (others === null) return '';
  if (others.k === 0) return `nobody else of ${others.n}`;
  return `${others.k} of ${others.n} others too`;
}

export interface StudentSums {
  readonly open: number;
  readonly again: number;
  readonly resolved: number;
}

/** Pairs of a student that are open, that came back, and that are resolved; both directions of a pair are one. */
export function sumsOf(s: Pick<StudentMixUps, 'mixUps'>): StudentSums {
  const pairs = new Map(s.mixUps.map((m) => [[m.truth.id, m.answer.id].sort().join('/'), m]));
  const all = [...pairs.values()];
  return {
    open: all.filter((m) => !m.resolved).length,
    again: all.filter((m) => m.again.k > 0 && !m.resolved).length,
    resolved: all.filter((m) => m.resolved).length,
  };
}
