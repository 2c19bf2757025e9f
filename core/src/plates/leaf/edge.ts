import type { Chance } from '../random.ts';
import { wander } from '../random.ts';
import type { Point } from '../types.ts';
import { bezier } from '../geometry.ts';
import type { Traits } from '../traits.ts';

/** A leaf blade as it is drawn: sizes in mm, shares of the length or of the half-width otherwise. */
export interface BladeForm {
  readonly length: number;
  readonly width: number;
  /** Share of the length from the base at which it is widest. */
  readonly widest: number;
  readonly base: Base;
  readonly tip: Tip;
  /** How much lower one side of the base begins, as a share of the length. */
  readonly uneven: number;
  readonly straight: boolean;
  readonly parallel: boolean;
}

export type Base = 'wedge-shaped' | 'rounded' | 'cordate' | 'truncate';
export type Tip = 'acute' | 'acuminate' | 'obtuse' | 'rounded' | 'notched' | 'truncate';

interface ShapeRule {
  readonly widest: number;
  readonly ratio: number;
  readonly base: Base;
  readonly tip: Tip;
}

/** Where each shape is widest, how many times longer than wide it is, and how it ends where that is not recorded. */
export const SHAPES: Readonly<Record<string, ShapeRule>> = {
  ovate: { widest: 0.34, ratio: 1.6, base: 'rounded', tip: 'acute' },
  lanceolate: { widest: 0.34, ratio: 3.6, base: 'wedge-shaped', tip: 'acute' },
  linear: { widest: 0.5, ratio: 9, base: 'wedge-shaped', tip: 'acute' },
  elliptic: { widest: 0.5, ratio: 1.9, base: 'rounded', tip: 'obtuse' },
  oblong: { widest: 0.5, ratio: 2.5, base: 'rounded', tip: 'obtuse' },
  obovate: { widest: 0.66, ratio: 1.6, base: 'wedge-shaped', tip: 'rounded' },
  oblanceolate: { widest: 0.68, ratio: 3.6, base: 'wedge-shaped', tip: 'obtuse' },
  deltoid: { widest: 0.14, ratio: 1.1, base: 'truncate', tip: 'acute' },
  cordate: { widest: 0.26, ratio: 1.2, base: 'cordate', tip: 'acute' },
  orbicular: { widest: 0.48, ratio: 1.02, base: 'rounded', tip: 'rounded' },
  rhombic: { widest: 0.45, ratio: 1.35, base: 'wedge-shaped', tip: 'acute' },
  'fan-shaped': { widest: 0.84, ratio: 0.95, base: 'wedge-shaped', tip: 'truncate' },
  'wedge-shaped': { widest: 0.74, ratio: 1.5, base: 'wedge-shaped', tip: 'obtuse' },
};

const PLACE: Readonly<Record<string, number>> = {
  'below-the-middle': 0.34,
  'at-the-middle': 0.5,
  'above-the-middle': 0.66,
};

/** The blade that the recorded characters give; what is not recorded follows from the shape. */
export function bladeForm(t: Traits, length: number, shape: string, prefix: 'leaf' | 'leaflet'): BladeForm {
  const rule = SHAPES[shape] ?? (SHAPES['ovate'] as ShapeRule);
  const own = prefix === 'leaf';
  const ratio = own ? t.number('leaf.ratio') : null;
  const width = own ? t.number('leaf.width') : null;
  const widest = own ? PLACE[t.state('leaf.widest') ?? ''] : undefined;
  return {
    length,
    width:
      width ?? length / (ratio ?? (own && t.state('leaf.lobing') === 'palmately-lobed' ? 0.95 : rule.ratio)),
    // The shape says more exactly where it is widest, unless the two contradict one another.
    widest: widest !== undefined && Math.abs(widest - rule.widest) > 0.2 ? widest : rule.widest,
    base: (t.state('leaf.base') as Base | null) ?? rule.base,
    tip: (t.state('leaf.tip') as Tip | null) ?? rule.tip,
    uneven: t.state('leaf.base_symmetry') === 'uneven' ? 0.07 : 0,
    straight: shape === 'rhombic' || shape === 'deltoid',
    parallel: shape === 'linear' || shape === 'oblong',
  };
}

const BASE_POWER: Readonly<Record<Base, number>> = {
  'wedge-shaped': 1.05,
  rounded: 0.55,
  cordate: 0.4,
  truncate: 0.2,
};
const TIP_POWER: Readonly<Record<Tip, number>> = {
  acute: 0.98,
  acuminate: 1.35,
  obtuse: 0.64,
  rounded: 0.46,
  notched: 0.4,
  truncate: 0.24,
};

/** Half the width at a share of the length, as a share of the greatest half-width. Zero slope at the widest place. */
export function envelope(f: BladeForm, t: number): number {
  const [u, power] =
    t <= f.widest ? [t / f.widest, BASE_POWER[f.base]] : [(1 - t) / (1 - f.widest), TIP_POWER[f.tip]];
  const flat = f.parallel ? 0.55 : 1;
  const line = f.straight ? 0.75 * u + 0.25 * Math.sin((Math.PI / 2) * u) : Math.sin((Math.PI / 2) * u);
  return Math.max(0, line) ** (power * flat);
}

/** Steps of a large edge; a small leaflet needs fewer. */
const STEPS = 46;
const stepsFor = (length: number): number => Math.round(Math.max(12, Math.min(STEPS, length * 0.8)));

/**
 * The right edge of an unlobed blade from the stalk to the tip, with the slight unevenness of a real one.
 * @param drop how much lower this side begins, mm.
 */
export function plainEdge(f: BladeForm, c: Chance, drop: number): Point[] {
  const half = f.width / 2;
  const waver = wander(c, 0.022);
  const made: Point[] = [[0, 0]];
  const steps = stepsFor(f.length);
  let start = 0;
  if (f.base === 'cordate') {
    const ear = 0.5 * f.length * Math.min(0.3, f.widest);
    const joint: Point = [half, -f.widest * f.length];
    made.push(
      ...bezier([0, 0], [0.08 * f.width, ear * 1.25], [half * 1.06, ear * 0.9], joint, 16).slice(1, -1),
    );
    start = f.widest;
  }
  for (let i = 0; i <= steps; i += 1) {
    // Closer together at both ends, where the edge turns.
    const t = start + ((1 - start) * (1 - Math.cos((Math.PI * i) / steps))) / 2;
    if (t === 0) continue;
    const below = t < f.widest ? drop * (1 - t / f.widest) ** 2 : 0;
    made.push([half * envelope(f, t) * (1 + waver(t) * Math.sin(Math.PI * t)), -t * f.length + below]);
  }
  const last = made.length - 1;
  made[last] = [0, -f.length];
  if (f.tip === 'notched') {
    const depth = 0.05 * f.length;
    made[last] = [0, -f.length + depth];
    made[last - 1] = [(made[last - 1]?.[0] ?? 0) * 1.6, -f.length];
  }
  return made;
}
