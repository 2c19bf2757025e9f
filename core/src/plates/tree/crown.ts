import { pen } from '../geometry.ts';
import { wander } from '../random.ts';
import type { Chance } from '../random.ts';
import type { Traits } from '../traits.ts';
import type { Point, Stroke } from '../types.ts';

/** Height of a silhouette on the plate, mm; the scale it stands for is said beside it. */
export const STANDING = 78;

interface Outline {
  /** Half the crown's width against its height. */
  readonly wide: number;
  /** The width by the share of the crown from its foot to its top. */
  readonly at: (s: number) => number;
  /** Where the crown begins, as a share of the height. */
  readonly foot: number;
}

const ROUNDED: Outline = {
  wide: 0.42,
  foot: 0.16,
  at: (s) => Math.sin(Math.PI * (0.06 + 0.94 * s)) ** 0.55,
};

const OUTLINES: Readonly<Record<string, Outline>> = {
  'narrow-spire': { wide: 0.15, foot: 0.05, at: (s) => (1 - s) ** 0.95 },
  conical: { wide: 0.24, foot: 0.08, at: (s) => (1 - s) ** 0.9 },
  pyramidal: { wide: 0.34, foot: 0.1, at: (s) => (1 - s) ** 0.85 * Math.min(1, 0.75 + s * 2) },
  columnar: {
    wide: 0.16,
    foot: 0.1,
    at: (s) => Math.min(1, 0.75 + s * 2) * Math.min(1, (1 - s) * 3.2) ** 0.6,
  },
  ovoid: { wide: 0.32, foot: 0.16, at: (s) => Math.sin(Math.PI * s ** 0.75) ** 0.72 },
  rounded: ROUNDED,
  spreading: { wide: 0.58, foot: 0.24, at: (s) => Math.sin(Math.PI * (0.1 + 0.9 * s)) ** 0.5 },
  'vase-shaped': {
    wide: 0.44,
    foot: 0.22,
    at: (s) => (s < 0.72 ? 0.22 + s * 1.08 : Math.sqrt(Math.max(0, 1 - ((s - 0.72) / 0.28) ** 2))),
  },
  irregular: {
    wide: 0.34,
    foot: 0.18,
    at: (s) => Math.sin(Math.PI * (0.08 + 0.9 * s)) ** 0.6 * (0.82 + 0.18 * Math.sin(9 * s)),
  },
  'flat-topped': {
    wide: 0.46,
    foot: 0.3,
    at: (s) => (s < 0.86 ? 0.55 + 0.5 * s : Math.max(0, (1 - s) / 0.14) ** 0.4),
  },
  weeping: { wide: 0.44, foot: 0.04, at: (s) => Math.sin(Math.PI * (0.22 + 0.78 * s)) ** 0.6 },
};

const LEAN: Readonly<Record<string, number>> = { leaning: 0.2, crooked: 0.07, upright: 0 };

/** The room a crown fills, in mm of the plate with the foot of the trunk at the origin. */
export interface Crown {
  readonly half: number;
  readonly foot: number;
  /** The point of its edge, on the right (1) or left (-1), by the share from its foot to its top. */
  readonly edge: (sign: number, s: number) => Point;
  /** Leans or bends a point as the trunk does. */
  readonly bend: (p: Point) => Point;
}

/** The room of the crown by outline, spread, height and lean. @param low whether it begins at the ground, as a shrub's. */
export function crownOf(t: Traits, c: Chance, low: boolean): Crown {
  const rule = OUTLINES[t.state('form.outline') ?? 'rounded'] ?? ROUNDED;
  const [spread, height] = [t.number('form.spread'), t.number('form.height')];
  const share =
    spread !== null && height !== null ? Math.max(0.1, Math.min(0.75, spread / height / 2)) : rule.wide;
  const half = share * STANDING;
  const foot = low ? 0.04 : rule.foot;
  const lean = LEAN[t.state('form.lean') ?? 'upright'] ?? 0;
  const isCrooked = t.state('form.lean') === 'crooked';
  const waver = new Map([1, -1].map((sign) => [sign, wander(c.fork(`side ${sign}`), 0.08, 9)] as const));
  return {
    half,
    foot,
    edge: (sign, s) => [
      sign * half * rule.at(s) * (1 + (waver.get(sign)?.(s) ?? 0)),
      -STANDING * (foot + (1 - foot) * s),
    ],
    bend: (p) => [p[0] - lean * p[1] * (isCrooked ? Math.sin(-p[1] / 14) : 1), p[1]],
  };
}

export const CROWN = pen('crown', 'form.outline', 'form.spread', 'form.height');
export const WOOD = pen('trunk', 'form.trunks', 'form.branching', 'form.lean');
export const LIMBS = pen('branches', 'form.branch_angle', 'form.branching', 'form.foliage_posture');

/** The ground under it, a little wider than the crown. */
export const ground = (half: number): Stroke =>
  pen('ground', 'form.habit').line(
    [
      [-half - 6, 0.4],
      [half + 6, 0.4],
    ],
    'side',
  );

/** Points around a mass of leaves: enough for its ragged edge, few enough that a plate stays small. */
const EDGE = 18;

/** A mass of leaves at the end of a branch: a ragged round edge, flatter below. */
export function clump(at: Point, radius: number, c: Chance): Stroke {
  const turn = c.next() * Math.PI;
  const points = Array.from({ length: EDGE }, (_, i): Point => {
    const a = (2 * Math.PI * i) / EDGE;
    const r = radius * (0.84 + 0.2 * Math.abs(Math.sin(4 * a + turn)));
    return [at[0] + r * Math.cos(a), at[1] + r * Math.sin(a) * (Math.sin(a) > 0 ? 0.62 : 0.86)];
  });
  return CROWN.shape(points, 'pale', 'side');
}
