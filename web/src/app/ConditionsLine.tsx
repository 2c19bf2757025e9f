import { DISTANCE_NAMES, showDate } from '@hurrow/core/conditions';
import { HANDLING_LABELS, MATERIAL_LABELS } from './conditionWords.ts';
import { useHere } from './place.ts';
import { useSession } from './session.ts';
import { useView } from './view.ts';

/** Under which conditions a page was computed, for its print; on the screen the bar says so. */
export function ConditionsLine() {
  const { conditions } = useView();
  const { site } = useHere();
  const { today } = useSession();
  return (
    <p className="conditions-line">
      {showDate(conditions.date, today)}
      {site ? `, ${site.name}` : ''}. Students have:{' '}
      {conditions.material.map((m) => MATERIAL_LABELS[m]).join(', ')}. They may:{' '}
      {conditions.handling.map((h) => HANDLING_LABELS[h]).join(', ')}, from{' '}
      {DISTANCE_NAMES[conditions.distance]}
      {conditions.wet ? ', wet' : ''}.
    </p>
  );
}
