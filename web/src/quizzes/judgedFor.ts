import type { QuizDetail, SittingDetail, SittingSummary, Station } from '@hurrow/contract';
import type { Setting } from '@hurrow/core/stations';

/** In the address: judged for a day of its own, without a sitting. */
export const OWN_DAY = 'day';

/** A sitting whose stations can still change, or whose key is locked but which nobody has answered yet. */
const PENDING: readonly SittingSummary['state'][] = ['draft', 'locked', 'open'];

/**
 * The sitting that a quiz is judged for unless another is chosen: the next one that is not over, else none.
 * @param chosen from the address: the id of a sitting, or `day` for a day of its own.
 */
export function judgedSitting(quiz: Pick<QuizDetail, 'sittings'>, chosen: string | null): string | null {
  if (chosen === OWN_DAY) return null;
  if (chosen !== null && quiz.sittings.some((s) => s.id === chosen)) return chosen;
  const next = [...quiz.sittings]
    .filter((s) => PENDING.includes(s.state))
    .sort((a, b) => a.on.localeCompare(b.on))[0];
  return next?.id ?? null;
}

/** How a station would be met: as the sitting has it, or as the quiz plans it. */
export function settingFor(
  station: Station,
  quiz: Pick<QuizDetail, 'plan'>,
  day: string,
  sitting: Pick<SittingDetail, 'on' | 'handling' | 'wet' | 'stations'> | null,
): Setting {
  const at = sitting?.stations.find((s) => s.station.id === station.id);
  if (sitting && at)
    return {
      date: sitting.on,
      handling: sitting.handling,
      wet: sitting.wet,
      material: at.material,
      distance: at.distance,
      takenOn: at.takenOn,
    };
  return {
    date: sitting?.on ?? day,
    handling: sitting?.handling ?? quiz.plan.handling,
    wet: sitting?.wet ?? false,
    material: station.material,
    distance: station.distance,
  };
}
