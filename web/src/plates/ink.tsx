import { GREY, PEN } from '@hurrow/core/plates';
import type { Mark } from '@hurrow/core/plates';

/** The pen at the scale of a plate on the screen. */
const WEIGHT = 0.62;

/** One mark of a drawing. Picked-out marks bear the colour of the second species and a heavier line. */
export function Ink({
  mark,
  weight = WEIGHT,
  picked = false,
  faint = false,
  onOpen,
}: {
  mark: Mark;
  weight?: number;
  picked?: boolean;
  faint?: boolean;
  onOpen?: (() => void) | undefined;
}) {
  return (
    <path
      d={mark.d}
      className={`ink${picked ? ' picked' : ''}${faint ? ' faint' : ''}${onOpen ? ' opens' : ''}`}
      fill={GREY[mark.tone]}
      strokeWidth={PEN[mark.ink] * weight * (picked ? 1.7 : 1)}
      {...(mark.ink === 'none' ? { stroke: 'none' } : {})}
      {...(mark.gap ? { strokeDasharray: '1.2 1.2' } : {})}
      {...(onOpen ? { onClick: onOpen } : {})}
    />
  );
}
