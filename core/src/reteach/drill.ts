import type { Character, State, Vocabulary } from '../characters/index.ts';
import { variedDrawings } from '../plates/index.ts';
import type { DrawnSpecimen, PieceKind } from '../plates/index.ts';
import type { DescribedTaxon } from '../tells/index.ts';
import { shuffledBy } from './pieces.ts';

/** What a drill sheet varies. */
export const DRILLS = ['margin', 'lobes', 'arrangement', 'bundle'] as const;
export type Drill = (typeof DRILLS)[number];

const OF: Readonly<Record<Drill, { readonly character: string; readonly piece: PieceKind }>> = {
  margin: { character: 'leaf.margin', piece: 'leaf' },
  lobes: { character: 'leaf.lobing', piece: 'leaf' },
  arrangement: { character: 'twig.arrangement', piece: 'twig' },
  bundle: { character: 'needle.bundle_count', piece: 'leaf' },
};
/** Needles that stand in bundles on trees. */
const BUNDLES = [1, 2, 3, 5] as const;

export interface DrillDrawing {
  readonly value: string | number;
  readonly drawing: DrawnSpecimen;
}

export interface DrillSheet {
  readonly character: string;
  /** One drawing a state, all of one individual and otherwise alike, in an order of their own. */
  readonly drawings: readonly DrillDrawing[];
}

const inkOf = (d: DrawnSpecimen): string => d.marks.map((m) => m.d).join(' ');

/** States in use that no other state is a kind of. */
const narrowest = (c: Character): readonly State[] =>
  c.states.filter((s) => !s.retired && !c.states.some((o) => o.parent === s.id));

/**
 * Draws one individual of a species again and again with one character varied and everything else held still: what a drill
 * sheet trains the eye with. States that are drawn alike are on it once. Null where the species has no such organ, or fewer
 * than three states are drawn apart.
 */
export function drillSheet(
  own: DescribedTaxon,
  drill: Drill,
  vocabulary: Vocabulary,
  seed: number,
): DrillSheet | null {
  const { character: id, piece } = OF[drill];
  const character = vocabulary.get(id);
  if (!character || !hasDrill(own, drill)) return null;
  const values: readonly (string | number)[] =
    drill === 'bundle' ? BUNDLES : narrowest(character).map((s) => s.id);
  const seen = new Set<string>();
  const drawn = variedDrawings(own.values, vocabulary, piece, id, values, seed);
  const drawings = values.flatMap((value, i): DrillDrawing[] => {
    const drawing = drawn[i];
    if (!drawing || seen.has(inkOf(drawing))) return [];
    seen.add(inkOf(drawing));
    return [{ value, drawing }];
  });
  return drawings.length < 3 ? null : { character: id, drawings: shuffledBy(drawings, seed) };
}

/** Whether a species has what a drill varies: needles in bundles, or a broad leaf or its twig of which the thing is recorded. */
export const hasDrill = (own: DescribedTaxon, drill: Drill): boolean =>
  drill === 'bundle'
    ? own.values.has(OF.bundle.character)
    : isBroad(own) && own.values.has(OF[drill].character);

function isBroad(own: DescribedTaxon): boolean {
  const kind = own.values.get('leaf.kind')?.value;
  return kind?.kind === 'states' && kind.states.some((s) => s.state === 'broad' && s.freq === 'usual');
}
