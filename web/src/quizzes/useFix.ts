import type { QuizDetail, SittingDetail, Station } from '@hurrow/contract';
import type { FixResult } from '@hurrow/core/fairness';
import { useWrite } from '../api/index.ts';
import { stepOf } from './applyFix.ts';

/** Writes what a fix changes, wherever that stands. */
export function useFix(quiz: QuizDetail, sitting: SittingDetail | null, toDay: (date: string) => void) {
  const station = useWrite('stationChange');
  const at = useWrite('sittingStation');
  const whole = useWrite('sittingChange');
  const plan = useWrite('quizPlan');
  const apply = (of: Station, fix: FixResult['fix']): void => {
    const here = sitting?.stations.find((s) => s.station.id === of.id) ?? null;
    const step = stepOf(fix, of, quiz, sitting, here);
    switch (step.kind) {
      case 'station':
        return station.mutate({ params: { id: of.id }, body: step.body, version: of.version });
      case 'at_sitting':
        return here
          ? at.mutate({ params: { id: here.id }, body: step.body, version: here.version })
          : undefined;
      case 'sitting':
        return sitting
          ? whole.mutate({ params: { id: sitting.id }, body: step.body, version: sitting.version })
          : undefined;
      case 'plan':
        return plan.mutate({ params: { id: quiz.id }, body: step.body, version: quiz.version });
      case 'day':
        return toDay(step.date);
    }
  };
  return { apply, problem: station.error ?? at.error ?? whole.error ?? plan.error };
}
