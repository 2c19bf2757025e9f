import { envelope } from './edge.ts';
import type { BladeForm } from './edge.ts';
import { mix, through, toward } from '../geometry.ts';
import type { Chance } from '../random.ts';
import type { Point } from '../types.ts';

export type LobeTip = 'rounded' | 'pointed' | 'bristle';

/** Lobes as they are drawn: how many, how deep the sinuses go (0 edge to 1 midrib), how they end. */
export interface LobeForm {
  readonly count: number;
  readonly depth: number;
  readonly tip: LobeTip;
  /** A waist: the pair of sinuses below the middle goes deeper. */
  readonly waist: boolean;
}

export interface LobedEdge {
  readonly edge: Point[];
  /** Lobe tips of this side from the base up, the end lobe left out. */
  readonly tips: Point[];
  /** The deepest places between lobes, where no tooth has room. */
  readonly sinuses: Point[];
}

/** How far lobes lean toward the tip, as a share of their distance from the midrib. */
const LEAN = 0.36;

/** The right edge of a blade lobed along its midrib, as an oak's or a hawthorn's. */
export function pinnateLobes(f: BladeForm, lobes: LobeForm, c: Chance): LobedEdge {
  const side = Math.max(1, Math.floor((lobes.count - 1) / 2));
  const half = f.width / 2;
  // Lobes take the blade from just above the base to where the end lobe begins.
  const [from, to] = [0.1, 0.8];
  const span = (to - from) / side;
  const reach = (t: number): number => half * envelope(f, Math.min(0.97, t));
  const rise = (x: number, t: number): Point => [x, Math.max(-f.length, -t * f.length - LEAN * x)];
  const sinus = (t: number, deep: number): Point =>
    rise(Math.max(0.05 * half, reach(t) * (1 - deep)), t - 0.02);
  const edge: Point[] = [[0, 0]];
  const tips: Point[] = [];
  const sinuses: Point[] = [];
  for (let k = 0; k < side; k += 1) {
    const t = from + span * (k + 0.5);
    const long = reach(t + 0.08) * (1 + c.between(-0.06, 0.06));
    const deep = lobes.waist && k === Math.floor(side / 2) ? Math.min(0.88, lobes.depth * 1.25) : lobes.depth;
    const low = k === 0 ? ([0.05 * half, -0.01 * f.length] as Point) : (edge.at(-1) as Point);
    const high = sinus(t + span / 2, k === side - 1 ? lobes.depth * 0.9 : deep);
    const tip = rise(long, t);
    tips.push(tip);
    sinuses.push(high);
    const made =
      lobes.tip === 'rounded'
        ? through(
            [
              low,
              rise(long * 0.72, t - span * 0.3),
              rise(long * 0.97, t - span * 0.14),
              tip,
              rise(long * 0.9, t + span * 0.2),
              high,
            ],
            false,
            5,
          )
        : [...flank(low, tip, 'pointed', c), ...flank(tip, high, 'pointed', c).slice(1)];
    edge.push(...made.slice(k === 0 ? 0 : 1));
  }
  const last = edge.at(-1) as Point;
  const room = f.length + last[1];
  const broad = Math.max(last[0] * 1.25, Math.min(room * 0.5, reach(0.8) * 0.8));
  edge.push(
    ...(lobes.tip === 'rounded'
      ? through(
          [last, [broad, last[1] - room * 0.42], [broad * 0.62, -f.length + room * 0.12], [0, -f.length]],
          false,
          5,
        )
      : [
          ...flank(last, [broad, last[1] - room * 0.3], 'pointed', c),
          ...flank([broad, last[1] - room * 0.3], [0, -f.length], 'pointed', c),
        ]
    ).slice(1),
  );
  return { edge: apart(edge), tips, sinuses };
}

/** Leaves out points that fall together. */
function apart(edge: readonly Point[]): Point[] {
  const kept: Point[] = [];
  for (const p of edge) {
    const last = kept.at(-1);
    if (last && Math.hypot(p[0] - last[0], p[1] - last[1]) < 0.05) continue;
    kept.push([Math.max(0, p[0]), p[1]]);
  }
  return kept;
}

/** Angles of the lobes from the tip outward, in degrees, and how long each is against the end lobe. */
const FANS: Readonly<Record<number, readonly (readonly [angle: number, length: number])[]>> = {
  3: [
    [0, 1],
    [46, 0.82],
  ],
  5: [
    [0, 1],
    [42, 0.86],
    [88, 0.54],
  ],
  7: [
    [0, 1],
    [36, 0.92],
    [74, 0.72],
    [112, 0.46],
  ],
};

const fanOf = (count: number): readonly (readonly [number, number])[] =>
  FANS[count >= 7 ? 7 : count >= 5 ? 5 : 3] as readonly (readonly [number, number])[];

/** Where the lobes of a palmate leaf spring: a little above the stalk. */
export const fanCentre = (length: number): Point => [0, -0.06 * length];

/** The right edge of a blade lobed like a hand, from the stalk to the tip. */
export function palmateLobes(f: BladeForm, lobes: LobeForm, c: Chance): LobedEdge {
  const fan = fanOf(lobes.count).map(([angle, reach]): readonly [number, number] => [
    angle * (1 + c.between(-0.04, 0.04)),
    reach * (1 + c.between(-0.04, 0.04)),
  ]);
  const centre = fanCentre(f.length);
  const reach = f.length + centre[1];
  const polar = (angle: number, r: number): Point => {
    const p = toward(angle, r * reach);
    return [p[0] + centre[0], p[1] + centre[1]];
  };
  const tips = fan.map(([angle, r]) => polar(angle, r));
  const outer = fan.at(-1) as readonly [number, number];
  const sinuses: Point[] = [[0, 0]];
  const edge: Point[] = [[0, 0]];
  const foot =
    f.base === 'cordate'
      ? polar(outer[0] + 52, 0.24)
      : f.base === 'truncate'
        ? polar(outer[0] + 30, 0.2)
        : polar(outer[0] + 22, 0.16);
  if (f.base !== 'wedge-shaped') edge.push(...bowTo([0, 0], foot, f.base === 'cordate' ? -0.25 : 0.02));
  for (let i = fan.length - 1; i >= 0; i -= 1) {
    const tip = tips[i] as Point;
    const before = edge.at(-1) as Point;
    edge.push(...flank(before, tip, lobes.tip, c).slice(1));
    if (i === 0) break;
    const [a, b] = [fan[i] as readonly [number, number], fan[i - 1] as readonly [number, number]];
    const sinus = polar((a[0] * 1.05 + b[0] * 0.95) / 2, (1 - lobes.depth) * ((a[1] + b[1]) / 2));
    sinuses.push(sinus);
    edge.push(...flank(tip, sinus, lobes.tip, c).slice(1));
  }
  edge[edge.length - 1] = [0, -f.length];
  return { edge, tips: tips.slice(1).reverse(), sinuses };
}

/** One flank of a lobe: bulging where lobes are rounded, nearly straight where they are pointed. */
function flank(a: Point, b: Point, tip: LobeTip, c: Chance): Point[] {
  const steps = 9;
  const bulge = (tip === 'rounded' ? 0.16 : 0.07) * (1 + c.between(-0.2, 0.2));
  return Array.from({ length: steps + 1 }, (_, i) => {
    const s = i / steps;
    const p = mix(a, b, s);
    const out = bulge * Math.sin(Math.PI * s);
    // Outward is to the right of the way from the stalk to the tip.
    return [p[0] - (b[1] - a[1]) * out, p[1] + (b[0] - a[0]) * out] as Point;
  });
}

const bowTo = (a: Point, b: Point, out: number): Point[] =>
  [0.25, 0.5, 0.75, 1].map((s) => {
    const p = mix(a, b, s);
    const o = out * Math.sin(Math.PI * s);
    return [p[0] - (b[1] - a[1]) * o, p[1] + (b[0] - a[0]) * o];
  });

/** Angles of the main veins of a palmate leaf on the right side, the middle one left out. */
export const fanAngles = (count: number, lobed: boolean): readonly number[] =>
  lobed
    ? fanOf(count)
        .slice(1)
        .map(([angle]) => angle)
    : [32, 66, 104].slice(0, Math.max(1, Math.floor((count - 1) / 2)));
