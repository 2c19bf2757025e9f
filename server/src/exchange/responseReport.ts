import type { ImportReport } from '@hurrow/contract';
import type { PlannedSitting } from '@hurrow/core/responses';
import { MOST_TOLD } from './read.ts';
import type { PlannedResponses } from './responsePlan.ts';

const answersOf = (s: PlannedSitting): number => s.stations.reduce((n, t) => n + t.answers.length, 0);

/** What a responses file would do, or did: sittings and students that are new, what it leaves open, what is refused. */
export function reportOfResponses(p: PlannedResponses, batch: string | null): ImportReport {
  const kind = 'responses';
  const none = { kind, changes: [], more: 0, questions: [], left: [], batch } as const;
  if (!p.ok)
    return {
      ...none,
      counts: { new: 0, changed: 0, same: 0, refused: p.refused.length },
      refused: p.refused,
    };
  const { plan, unread } = p;
  const names = new Map(plan.sittings.map((s) => [s.section, s.sectionName]));
  const changes: ImportReport['changes'] = [
    ...plan.sittings.map((s) => ({
      kind: 'sitting' as const,
      what: 'new' as const,
      name: `${s.quiz}: ${s.sectionName}, ${s.on}`,
      detail: `${s.students} students, ${s.stations.length} stations, ${answersOf(s)} answers${s.returned ? `, returned ${s.returned}` : ''}`,
    })),
    ...plan.added.map((a) => ({
      kind: 'student' as const,
      what: 'new' as const,
      name: `${names.get(a.section) ?? ''}, ${a.code}`,
      detail: '',
    })),
  ];
  return {
    kind,
    counts: { new: changes.length, changed: 0, same: 0, refused: plan.refused.length },
    changes: changes.slice(0, MOST_TOLD),
    more: Math.max(0, changes.length - MOST_TOLD),
    refused: plan.refused,
    questions: plan.questions,
    left: [...unread, ...plan.left, ...(plan.leftOut > 0 ? [`${plan.leftOut} rows, by your choice`] : [])],
    batch,
  };
}
