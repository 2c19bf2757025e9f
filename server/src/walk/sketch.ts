import type { Sketch, Station } from '@hurrow/contract';
import { drawPart } from '@hurrow/core/asking';
import { shownStates } from '@hurrow/core/characters';
import type { Character, Value, Vocabulary } from '@hurrow/core/characters';
import type { Drawing } from '@hurrow/core/quizzes';
import { describeTaxa } from '@hurrow/core/tells';
import type { Sql } from '../db/index.ts';
import { readLibrary } from '../library/index.ts';
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

/** Draws a part of a species or a state of a character; null where a line cannot show it. */
export type Draw = (drawing: Drawing, pen?: number) => Sketch | null;

const drawingsOf = (asks: Station['asks']): readonly Drawing[] =>
  asks.flatMap(({ params }) =>
    params
      ? [...params.options, ...params.others].flatMap((o) => o.draw ?? []).concat(params.drawing ?? [])
      : [],
  );

/** Makes a draw of all that some questions show; species are read once. */
export async function drawer(
  sql: Sql,
  ws: string,
  asks: Station['asks'],
  vocabulary: Vocabulary,
): Promise<Draw> {
  const taxa = [...new Set(drawingsOf(asks).flatMap((d) => ('taxon' in d ? d.taxon : [])))];
  const described = new Map(
    taxa.length === 0
      ? []
      : describeTaxa(taxa, await readLibrary(sql, ws, taxa), vocabulary, null).map((d) => [d.id, d] as const),
  );
  return (d, pen) => {
    if ('state' in d) return sketchOf(d.character, d.state);
    const piece = drawPart({ described, vocabulary }, d.taxon, d.part);
    if (!piece) return null;
    const box = boxOfFigure(piece.figure);
    return asSketch(marksOf(piece.figure, digitsFor(box)), box, null, pen);
  };
}
