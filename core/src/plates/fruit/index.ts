import { bow, mix, pen, placed, ribbon, together } from '../geometry.ts';
import type { Chance } from '../random.ts';
import type { Traits } from '../traits.ts';
import type { Figure, Point } from '../types.ts';
import { cluster } from './cluster.ts';
import { cone } from './cone.ts';
import { acorn, capsule, pod, catkin, bracted, achene, nut, multiple } from './dry.ts';
import { ball, aril, berryCone } from './fleshy.ts';
import { key, roundKey, pairedKeys } from './keys.ts';

/** Drawn where no size is recorded, mm. */
const USUAL: Readonly<Record<string, number>> = {
  acorn: 20,
  nut: 22,
  samara: 30,
  'paired-samara': 25,
  drupe: 9,
  berry: 9,
  pome: 9,
  capsule: 8,
  pod: 80,
  achene: 6,
  'nutlet-with-bract': 25,
  'woody-cone-like-catkin': 14,
  'catkin-that-shatters': 35,
  cone: 60,
  'fleshy-cone': 7,
  aril: 8,
  multiple: 25,
};

/** Kinds drawn as the kind they are nearest to, which is no drawing of what sets them apart. */
export const DRAWN_AS_ANOTHER: ReadonlySet<string> = new Set([
  'follicle',
  'nut-in-a-husk',
  'nut-in-a-bur',
  'papery-sac',
  'aggregate',
  'hip',
  'ball',
]);

/** One fruit hanging from the origin. */
export function oneFruit(t: Traits, size: number, c: Chance): Figure {
  switch (t.state('fruit.kind')) {
    case 'acorn':
      return acorn(t, size);
    case 'samara':
      return t.state('fruit.wings') === 'all-round' ? roundKey(size) : key(size);
    case 'paired-samara':
      return pairedKeys(t, size);
    case 'capsule':
    case 'follicle':
      return capsule(size);
    case 'pod':
      return pod(size);
    case 'achene':
      return achene(size);
    case 'nut':
    case 'nut-in-a-husk':
    case 'nut-in-a-bur':
      return nut(size);
    case 'nutlet-with-bract':
    case 'papery-sac':
      return bracted(size);
    case 'woody-cone-like-catkin':
      return cone(t, size, c, true);
    case 'catkin-that-shatters':
      return catkin(size, c);
    case 'cone':
      return cone(t, size, c, false);
    case 'fleshy-cone':
      return berryCone(t, size);
    case 'aril':
      return aril(size);
    case 'multiple':
    case 'aggregate':
      return multiple(size);
    default:
      return ball(t, size, t.state('fruit.kind') ?? 'berry');
  }
}

const ALONE = new Set(['cone', 'catkin-that-shatters', 'acorn', 'pod', 'multiple']);

/** Fruit or cone in true size, in the cluster that is recorded, upright where it stands so. */
export function fruitFigure(t: Traits, c: Chance): Figure {
  const kind = t.state('fruit.kind') ?? '';
  const size = t.number('fruit.size') ?? USUAL[kind] ?? 12;
  const how = t.state('fruit.cluster') ?? 'single';
  const posture = t.state('fruit.cone_posture');
  const ink = pen('fruit stalk', 'fruit.cluster', 'fruit.stalk');
  if (how === 'single' || ALONE.has(kind)) {
    const stalk = Math.max(2, Math.min(60, t.number('fruit.stalk') ?? Math.min(9, size * 0.25)));
    const body = oneFruit(t, size, c);
    const hung = together(
      {
        strokes: [
          ink.shape(
            ribbon(
              [
                [0, -stalk],
                [0, 0.6],
              ],
              1.5,
              1.3,
            ),
            'mid',
            'side',
          ),
        ],
      },
      body,
    );
    return kind === 'cone' && posture === 'erect' ? placed(hung, [0, 0], 180) : hung;
  }
  // Keys in pairs are wide; a few of them stand for the cluster.
  const spots = cluster(kind === 'paired-samara' ? 'pairs' : how, size, c);
  const low = Math.max(...spots.map((s) => s.at[1]));
  const axis: Point[] =
    how === 'corymb' || how === 'umbel'
      ? [
          [0, -10],
          [0, 6],
        ]
      : how === 'pairs' || how === 'cluster'
        ? [
            [0, -8],
            [0, 2],
          ]
        : [
            [0, -10],
            [c.between(-1, 1), low - size * 0.3],
          ];
  const root = (at: Point): Point =>
    how === 'corymb' || how === 'umbel' || how === 'pairs' || how === 'cluster'
      ? (axis.at(-1) as Point)
      : [mix(axis[0] as Point, axis[1] as Point, 0.5)[0] * 0, Math.max(-6, at[1] - size * 0.55)];
  return together(
    {
      strokes: [
        ink.line(axis, 'contour'),
        ...spots.map((s) => ink.line(bow(root(s.at), s.at, s.at[0] > 0 ? -0.1 : 0.1, 5), 'side')),
      ],
    },
    ...spots.map((s, i) =>
      placed(
        oneFruit(t, size * c.fork(`fruit ${i}`).between(0.9, 1.05), c.fork(`fruit ${i}`)),
        s.at,
        s.angle,
      ),
    ),
  );
}
