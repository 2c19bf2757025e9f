import type { DrawnSpecimen } from '@hurrow/core/plates';
import { Ink } from '../plates/index.ts';

/** The pen on paper where a drawing is a card wide. */
const LARGE = 70;

/** A drawn individual as large as its card allows. */
export function DrawnOnCard({ drawing, label }: { drawing: DrawnSpecimen; label: string }) {
  const { box } = drawing;
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`${box.x - 2} ${box.y - 2} ${box.width + 4} ${box.height + 4}`}
    >
      {drawing.marks.map((m, i) => (
        <Ink key={i} mark={m} weight={Math.max(0.8, Math.max(box.width, box.height) / LARGE)} />
      ))}
    </svg>
  );
}
