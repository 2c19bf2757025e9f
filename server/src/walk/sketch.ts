import type { Sketch } from '@hurrow/contract';
import { shownStates } from '@hurrow/core/characters';
import type { Character, Value } from '@hurrow/core/characters';
import { boxOfFigure, digitsFor, glossaryDrawing, marksOf } from '@hurrow/core/plates';
import { asSketch } from '../sittings/index.ts';

function sketchOf(character: string, state: string): Sketch | null {
  const term = glossaryDrawing(character, state);
  if (!term) return null;
  const whole = boxOfFigure(term.figure);
  return asSketch(marksOf(term.figure, digitsFor(whole)), term.focus ?? whole);
}

const firstState = (v: Value): string | null =>
  v.kind === 'states' ? (shownStates(v)[0]?.state ?? null) : null;

/** The two states of a tell as drawings; null unless both can be drawn. */
export function sketches(c: Character, truth: Value, named: Value): { truth: Sketch; named: Sketch } | null {
  const [p, q] = [firstState(truth), firstState(named)];
  const [a, b] = [p === null ? null : sketchOf(c.id, p), q === null ? null : sketchOf(c.id, q)];
  return a && b ? { truth: a, named: b } : null;
}
