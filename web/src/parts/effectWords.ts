import type { KeyEffect } from '@hurrow/contract';

const points = (n: number): string => `${n} ${n === 1 ? 'point' : 'points'}`;

/** What taking all changes over does to the grades. */
export function effectWords(effect: KeyEffect | null): string {
  if (effect === null) return 'No grade depends on it yet.';
  if (effect.answers === 0) return 'No grade changes.';
  const answers = effect.answers === 1 ? '1 answer' : `${effect.answers} answers`;
  const students = effect.students === 1 ? '1 student' : `${effect.students} students`;
  const parts = [
    effect.gained > 0 ? `${points(effect.gained)} gained` : '',
    effect.lost > 0 ? `${points(effect.lost)} lost` : '',
  ].filter((p) => p !== '');
  return `${answers} of ${students} ${effect.answers === 1 ? 'gets' : 'get'} another grade: ${parts.join(', ')}.`;
}

/** Who gains or loses how much, the largest change first. */
export const effectLines = (effect: KeyEffect): readonly string[] =>
  effect.byStudent.map(
    (s) =>
      `${s.code}${s.firstName ? ` ${s.firstName}` : ''} ${s.by > 0 ? 'gains' : 'loses'} ${points(Math.abs(s.by))}`,
  );
