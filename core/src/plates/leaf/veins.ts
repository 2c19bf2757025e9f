import { bezier, hit, inside, mix, toward } from '../geometry.ts';
import { fanAngles, fanCentre } from './lobes.ts';
import type { Chance } from '../random.ts';
import type { Point } from '../types.ts';

export interface VeinLines {
  readonly main: readonly (readonly Point[])[];
  readonly side: readonly (readonly Point[])[];
  readonly fine: readonly (readonly Point[])[];
}

interface Blade {
  readonly length: number;
  readonly right: readonly Point[];
  readonly left: readonly Point[];
  readonly outline: readonly Point[];
}

/** How far along the way to the edge a side vein runs. */
const TO_THE_TEETH = 0.97;
const BEFORE_THE_EDGE = 0.86;

function sideVein(
  from: Point,
  angle: number,
  edge: readonly Point[],
  sign: number,
  reach: number,
  rise: number,
): Point[] | null {
  const end = hit(from, toward(sign * angle), edge);
  if (!end) return null;
  const stop = mix(from, end, reach);
  const bend = Math.hypot(stop[0] - from[0], stop[1] - from[1]);
  const c1: Point = [from[0] + sign * bend * 0.34, from[1] - bend * 0.18];
  const c2: Point = [stop[0] - sign * bend * 0.22, stop[1] + bend * 0.22];
  return bezier(from, c1, c2, [stop[0], stop[1] - rise * bend], bend < 12 ? 3 : 7);
}

/** Ladder lines between two neighbouring side veins. */
function rungs(a: readonly Point[], b: readonly Point[], c: Chance, count: number): Point[][] {
  return Array.from({ length: count }, (_, i) => {
    const s = (i + 0.7 + c.between(-0.2, 0.2)) / (count + 0.6);
    const at = (line: readonly Point[]): Point => line[Math.round(s * (line.length - 1))] as Point;
    const [p, q] = [at(a), at(b)];
    return [
      mix(p, q, 0.04),
      [...mix(p, q, 0.5)].map((v, k) => v + (k === 0 ? c.between(-0.3, 0.3) : 0)) as unknown as Point,
      mix(p, q, 0.96),
    ];
  });
}

const midrib = (length: number, from: Point = [0, 0]): Point[] => [
  from,
  [0, -0.5 * length],
  [0, -0.985 * length],
];

function pinnate(
  blade: Blade,
  pairs: number,
  reach: number,
  angle: number,
  c: Chance,
  fine: boolean,
): VeinLines {
  const side: Point[][] = [];
  const fineLines: Point[][] = [];
  for (const [edge, sign] of [
    [blade.right, 1],
    [blade.left, -1],
  ] as const) {
    let before: Point[] | null = null;
    for (let i = 0; i < pairs; i += 1) {
      const t = 0.05 + (0.84 * (i + 0.35 + 0.12 * (sign > 0 ? 0 : 1))) / pairs;
      const vein = sideVein(
        [0, -t * blade.length],
        angle - 12 * t + c.between(-2, 2),
        edge,
        sign,
        reach,
        0.04,
      );
      if (!vein) continue;
      side.push(vein);
      if (fine && before) fineLines.push(...rungs(before, vein, c, 3));
      before = vein;
    }
  }
  return { main: [midrib(blade.length)], side, fine: fineLines };
}

/**
 * A vein that leaves the midrib and follows the edge: the farther above its origin, the nearer to the edge, so that
 * no two of them ever meet.
 */
function following(
  from: number,
  to: number,
  nearest: number,
  edge: readonly Point[],
  length: number,
  sign: number,
): Point[] {
  const made: Point[] = [];
  for (let i = 0; i <= 12; i += 1) {
    const t = from + ((to - from) * i) / 12;
    const out = hit([0, -t * length], [sign, 0], edge);
    made.push([(out?.[0] ?? 0) * nearest * (1 - Math.exp(-(t - from) / 0.13)), -t * length]);
  }
  return made;
}

/** Side veins that curve along the edge toward the tip. */
function arcuate(blade: Blade, pairs: number): VeinLines {
  const side = (
    [
      [blade.right, 1],
      [blade.left, -1],
    ] as const
  ).flatMap(([edge, sign]) =>
    Array.from({ length: pairs }, (_, i) => {
      const from = 0.04 + (0.58 * i) / pairs;
      return following(from, Math.min(0.95, from + 0.5), 0.88, edge, blade.length, sign);
    }),
  );
  return { main: [midrib(blade.length)], side, fine: [] };
}

function palmate(blade: Blade, angles: readonly number[], c: Chance, fine: boolean): VeinLines {
  const centre = fanCentre(blade.length);
  const main: Point[][] = [midrib(blade.length)];
  const side: Point[][] = [];
  const branch = (rib: readonly Point[], edge: readonly Point[], sign: number, toOuter: boolean): void => {
    const [a, b] = [rib[0] as Point, rib.at(-1) as Point];
    const heading = (Math.atan2(b[0] - a[0], -(b[1] - a[1])) * 180) / Math.PI;
    for (const s of [0.3, 0.5, 0.7]) {
      const from = mix(a, b, s);
      const end = hit(from, toward(heading + (toOuter ? sign : -sign) * 42), edge);
      if (end && Math.hypot(end[0] - from[0], end[1] - from[1]) < blade.length * 0.34)
        side.push([from, mix(from, end, 0.5), mix(from, end, 0.85)]);
    }
  };
  for (const [edge, sign] of [
    [blade.right, 1],
    [blade.left, -1],
  ] as const) {
    for (const angle of angles) {
      const end = hit(centre, toward(sign * angle), edge);
      if (!end) continue;
      const rib = [centre, mix(centre, end, 0.5), mix(centre, end, 0.96)];
      main.push(rib);
      branch(rib, edge, sign, true);
      branch(rib, edge, sign, false);
    }
    branch(midrib(blade.length), edge, sign, true);
  }
  const stray = fine
    ? side.map((v) =>
        [mix(v[0] as Point, v[2] as Point, 0.4), mix(v[0] as Point, v[2] as Point, 0.7)].map(
          (p, k): Point => [p[0] + c.between(0.5, 1.5) * k, p[1] + 1.5 * k],
        ),
      )
    : [];
  return { main, side, fine: stray.filter((l) => l.every((p) => inside(p, blade.outline))) };
}

/** Three veins from the base, with side veins above. */
function three(blade: Blade, pairs: number, reach: number, c: Chance): VeinLines {
  const base = pinnate(blade, Math.max(3, pairs - 1), reach, 52, c, false);
  const main = [...base.main];
  for (const [edge, sign] of [
    [blade.right, 1],
    [blade.left, -1],
  ] as const) {
    main.push(following(0.01, 0.6, 0.6, edge, blade.length, sign));
  }
  const upper = base.side.filter((v) => (v[0]?.[1] ?? 0) < -0.26 * blade.length);
  return { main, side: upper, fine: [] };
}

const parallel = (blade: Blade): VeinLines => ({
  main: [midrib(blade.length)],
  side: [-0.55, -0.28, 0.28, 0.55].map((k) =>
    Array.from({ length: 8 }, (_, i): Point => {
      const y = -(0.05 + 0.9 * (i / 7)) * blade.length;
      const edge = hit([0, y], [Math.sign(k), 0], k > 0 ? blade.right : blade.left);
      return [(edge?.[0] ?? 0) * Math.abs(k), y];
    }),
  ),
  fine: [],
});

export interface VeinForm {
  readonly venation: string;
  readonly pairs: number;
  readonly inTeeth: boolean;
  readonly lobes: number;
  readonly lobed: boolean;
  readonly fine: boolean;
}

/** The veins of a blade; every one lies within it. */
export function veinsOf(blade: Blade, f: VeinForm, c: Chance): VeinLines {
  const reach = f.inTeeth ? TO_THE_TEETH : BEFORE_THE_EDGE;
  switch (f.venation) {
    case 'palmate':
      return palmate(blade, fanAngles(f.lobes, f.lobed), c, f.fine);
    case 'arcuate':
      return arcuate(blade, f.pairs);
    case 'three-from-the-base':
      return three(blade, f.pairs, reach, c);
    case 'parallel':
      return parallel(blade);
    default:
      return pinnate(blade, f.pairs, reach, 56, c, f.fine);
  }
}
