import Tooltip from 'antd/es/tooltip';
import type { Organ } from '@hurrow/core/conditions';
import { ORGAN_LABELS } from '../app/index.ts';
import { CardButton } from '../parts/index.ts';

export interface RailStop {
  readonly organ: Organ;
  /** What stands in the rail behind the organ, such as `7 of 9`. */
  readonly count: string;
  /** The count in a sentence. */
  readonly said: string;
}

/** The organs from the whole tree inwards: the way around a profile, an editor, a comparison. */
export function OrganRail({
  stops,
  at,
  onGo,
}: {
  stops: readonly RailStop[];
  at: Organ;
  onGo: (organ: Organ) => void;
}) {
  return (
    <nav className="organ-rail" aria-label="Organs">
      {stops.map((s) => (
        <CardButton
          key={s.organ}
          className={s.organ === at ? 'organ at' : 'organ'}
          aria-current={s.organ === at ? 'true' : undefined}
          onClick={() => onGo(s.organ)}
        >
          <span>{ORGAN_LABELS[s.organ]}</span>
          <Tooltip title={s.said}>
            <span className="number organ-count">{s.count}</span>
          </Tooltip>
        </CardButton>
      ))}
    </nav>
  );
}
