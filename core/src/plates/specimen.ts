import type { Vocabulary } from '../characters/index.ts';
import { boxOfFigure } from './geometry.ts';
import { drawPiece } from './organs.ts';
import type { Described, PieceKind } from './organs.ts';
import { marksOf } from './path.ts';
import { chance } from './random.ts';
import { digitsFor } from './svg.ts';
import { sampled, withTrait } from './traits.ts';
import type { Traits } from './traits.ts';
import type { Box, Mark } from './types.ts';

/** One individual's organ as it is drawn for practice and for stations: no labels, no name, nothing of its seed. */
export interface DrawnSpecimen {
  readonly kind: PieceKind;
  readonly marks: readonly Mark[];
  readonly box: Box;
  /** Whether one mm of the drawing is one mm of the plant. */
  readonly trueSize: boolean;
}

/**
 * Draws an organ of one individual within the recorded variation. Null where nothing it is drawn from is recorded.
 * Source: docs/formulas.md, Plates.
 */
export function drawnSpecimen(
  profile: Described,
  vocabulary: Vocabulary,
  kind: PieceKind,
  seed: number,
): DrawnSpecimen | null {
  const traits = sampled(profile, vocabulary, chance(seed));
  return drawTraits(traits, kind, seed);
}

function drawTraits(traits: Traits, kind: PieceKind, seed: number): DrawnSpecimen | null {
  const drawn = drawPiece(kind, traits, chance(seed));
  if (!drawn) return null;
  const box = boxOfFigure(drawn.figure);
  return { kind, marks: marksOf(drawn.figure, digitsFor(box)), box, trueSize: drawn.ratio === 1 };
}

/**
 * One individual drawn once for each value of a single character, with everything else held still.
 * @returns null for values it cannot be drawn with.
 */
export function variedDrawings(
  profile: Described,
  vocabulary: Vocabulary,
  kind: PieceKind,
  character: string,
  values: readonly (string | number)[],
  seed: number,
): readonly (DrawnSpecimen | null)[] {
  const traits = sampled(profile, vocabulary, chance(seed));
  return values.map((v) => drawTraits(withTrait(traits, character, v), kind, seed));
}

/**
 * Two drawings of one individual that differ in a single character and in nothing else: what a contrast shows.
 * @param values the two states or numbers of the character.
 */
export function contrastPair(
  profile: Described,
  vocabulary: Vocabulary,
  kind: PieceKind,
  character: string,
  values: readonly [string | number, string | number],
  seed: number,
): readonly [DrawnSpecimen, DrawnSpecimen] | null {
  const [a, b] = variedDrawings(profile, vocabulary, kind, character, values, seed);
  return a && b ? [a, b] : null;
}
