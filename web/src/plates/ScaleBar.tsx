import { barIn } from '@hurrow/core/plates';
import type { Plate } from '@hurrow/core/plates';
import type { Wording } from '@hurrow/core/characters';

const LEFT = 46;

/** The bar at the foot of a plate with the length it stands for, in the units that are asked for. */
export function ScaleBar({
  plate,
  units,
  after = '',
}: {
  plate: Plate;
  units: Wording['units'];
  /** What follows the length. */
  after?: string;
}) {
  const { page, words } = barIn(plate.bar, units);
  return (
    <g className="scale-bar">
      <path d={`M${LEFT} ${plate.height - 2}h${page}m0 -1v2m${-page} 0v-2`} />
      <text x={LEFT + 2 + page} y={plate.height - 1}>
        {words}
        {after}
      </text>
    </g>
  );
}
