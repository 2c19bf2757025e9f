import type { Chance } from '../random.ts';
import type { Traits } from '../traits.ts';
import type { Figure } from '../types.ts';
import { broad, shrub } from './broad.ts';
import { conifer } from './conifer.ts';
import { STANDING, crownOf, ground } from './crown.ts';
import { person, thicket, vine } from './others.ts';

export { STANDING } from './crown.ts';

/** Height a plant of each habit is drawn as, feet, beside a person who shows it. */
const TALL: Readonly<Record<string, number>> = {
  tree: 60,
  'small-tree': 24,
  shrub: 10,
  'clonal-thicket': 14,
  vine: 24,
};

/**
 * The plant from afar by its habit and branching: whorls on one trunk, a trunk that divides, stems from the ground, a thicket of
 * one root, a stem that climbs. Source: docs/formulas.md, Plates.
 */
export function silhouetteFigure(t: Traits, c: Chance): Figure {
  const habit = t.state('form.habit') ?? 'tree';
  const isLow = habit === 'shrub' || habit === 'clonal-thicket';
  const crown = crownOf(t, c, isLow);
  const trunks = t.state('form.trunks');
  const oneTrunk = (trunks ?? 'single') === 'single';
  const strokes =
    habit === 'vine'
      ? vine()
      : habit === 'clonal-thicket'
        ? thicket(crown.half, c)
        : habit === 'shrub'
          ? shrub(crown, c)
          : t.state('form.branching') !== 'decurrent' && oneTrunk
            ? conifer(crown, t, c).map((s) => ({ ...s, points: s.points.map(crown.bend) }))
            : broad(crown, trunks, c);
  return { strokes: [...strokes, ground(habit === 'vine' ? 12 : crown.half)] };
}

/** A habit with a person beside it, since habits differ most in how tall they are. */
export function habitFigure(t: Traits, c: Chance): Figure {
  const figure = silhouetteFigure(t, c);
  const feet = TALL[t.state('form.habit') ?? 'tree'] ?? 60;
  const right = Math.max(...figure.strokes.flatMap((s) => s.points.map(([x]) => x)));
  return { strokes: [...figure.strokes, ...person(right + Math.max(3, (STANDING * 2) / feet), feet)] };
}
