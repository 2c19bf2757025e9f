import { useMemo } from 'react';
import { boxOfFigure, digitsFor, glossaryDrawing, marksOf } from '@hurrow/core/plates';
import { Ink } from './ink.tsx';
import './plates.css';

const MARGIN = 1.5;
/** Small drawings need a pen that keeps its weight on the screen whatever the size of the organ. */
const LARGE = 46;

/** A small drawing of a state; nothing where a line cannot show it. */
export function TermDrawing({
  character,
  state,
  label,
}: {
  character: string;
  state: string;
  label: string;
}) {
  const drawn = useMemo(() => {
    const term = glossaryDrawing(character, state);
    if (!term) return null;
    const whole = boxOfFigure(term.figure);
    return { box: term.focus ?? whole, marks: marksOf(term.figure, digitsFor(whole)) };
  }, [character, state]);
  if (!drawn) return null;
  const { box } = drawn;
  const weight = Math.max(1, Math.max(box.width, box.height) / LARGE) * 1.5;
  return (
    <svg
      className="term-drawing"
      role="img"
      aria-label={label}
      viewBox={`${box.x - MARGIN} ${box.y - MARGIN} ${box.width + 2 * MARGIN} ${box.height + 2 * MARGIN}`}
    >
      {drawn.marks.map((m, i) => (
        <Ink key={i} mark={m} weight={weight} />
      ))}
    </svg>
  );
}
