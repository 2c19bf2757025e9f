import type { DueItem } from '@hurrow/contract';
import type { SittingOfQuiz } from '../quizzes/index.ts';

/** The next step of a sitting, if it has one now. */
export function sittingStep(s: SittingOfQuiz, today: string): DueItem | null {
  const href = `/quizzes/${s.quiz}/sittings/${s.id}`;
  const who = `${s.sectionName} · ${s.quizName}`;
  const base = { href, on: s.on } as const;
  const sent = `${s.submitted} of ${s.roster} handed in, ${s.joined} began`;
  switch (s.state) {
    case 'draft':
    case 'locked':
      return s.on < today
        ? {
            ...base,
            kind: 'open_sitting',
            title: `Set a new date: ${who}`,
            detail: 'It was to be sat already.',
          }
        : {
            ...base,
            kind: 'draft',
            title: `Check and open: ${who}`,
            detail: 'Drafted; look at what can be told at each station.',
          };
    case 'open':
      return {
        ...base,
        kind: 'enter',
        title: `Running: ${who}`,
        detail: `${sent}. Close it when all are in.`,
      };
    case 'closed':
      return { ...base, kind: 'grade', title: `Grade: ${who}`, detail: `${sent}.` };
    case 'graded':
      return {
        ...base,
        kind: 'return',
        title: `Return results: ${who}`,
        detail: 'Graded. Students wait for their results.',
      };
    case 'returned':
      return null;
  }
}
