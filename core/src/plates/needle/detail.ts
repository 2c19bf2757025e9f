import { add, ellipse, pen, placed, through } from '../geometry.ts';
import type { Traits } from '../traits.ts';
import type { Figure, Point, Stroke } from '../types.ts';
import { breadth } from './one.ts';

const DETAIL = 4;

/** Rows of pores on the face of a needle, four times enlarged. */
const poreRows = (half: number): Point[] =>
  [-0.5, 0.5].flatMap((x) =>
    [-0.18, 0, 0.18].flatMap((o) =>
      Array.from({ length: 15 }, (_, i): Point => [(x + o) * half, -7 - i * 1.9]),
    ),
  );

const ON_TOP = ['both-sides', 'above-only', 'all-four-sides'];
const BENEATH = ['both-sides', 'below-only', 'all-four-sides'];

/** One face of a needle, four times enlarged, with its tip and its pale bands. */
function face(t: Traits, half: number, long: number, banded: boolean, beneath: boolean): Stroke[] {
  const body = pen(beneath ? 'under side' : 'upper side', 'needle.tip', 'needle.margin');
  const tip = t.state('needle.tip') ?? 'pointed';
  const end: Point[] =
    tip === 'notched'
      ? [
          [half, -long + 1.4],
          [half * 0.6, -long],
          [0, -long + 1.5],
          [-half * 0.6, -long],
          [-half, -long + 1.4],
        ]
      : tip === 'blunt'
        ? [
            [half, -long + 2.4],
            [half * 0.6, -long + 0.5],
            [0, -long],
            [-half * 0.6, -long + 0.5],
            [-half, -long + 2.4],
          ]
        : [
            [half, -long + (tip === 'sharp' ? 9 : 6)],
            [0, -long - (tip === 'sharp' ? 2 : 0)],
            [-half, -long + (tip === 'sharp' ? 9 : 6)],
          ];
  const outline: Point[] = [[half * 0.5, 0], [half, -4], ...end, [-half, -4], [-half * 0.5, 0]];
  const band = pen('bands', 'needle.bands');
  return [
    body.shape(outline, banded ? 'paper' : 'pale', 'main'),
    body.line(
      [
        [0, -3],
        [0, -long + 6],
      ],
      'fine',
    ),
    ...(banded ? poreRows(half).map((p) => band.line([p, add(p, [0.05, 0.75])], 'side')) : []),
  ];
}

/** One needle four times enlarged: its upper side, its under side beside it, and cut across below. */
export function needleDetail(t: Traits): Figure {
  const wide = breadth(t) * DETAIL;
  const half = wide / 2;
  const bands = t.state('needle.bands') ?? 'none';
  const section = t.state('needle.section');
  const cut = pen('cut across', 'needle.section');
  const shape: Point[] =
    section === 'square'
      ? [
          [-2.6, 9],
          [0, 6.4],
          [2.6, 9],
          [0, 11.6],
        ]
      : section === 'triangular'
        ? through(
            [
              [0, 6.2],
              [2.8, 11],
              [-2.8, 11],
            ],
            true,
            3,
          )
        : section === 'half-round'
          ? Array.from({ length: 13 }, (_, i): Point => [
              3.4 * Math.cos(Math.PI - (Math.PI * i) / 12),
              10.6 - 3.4 * Math.sin((Math.PI * i) / 12),
            ])
          : ellipse([0, 9], 3.8, 1.1);
  const apart = half + 1.2;
  return {
    strokes: [
      ...placed({ strokes: face(t, half, 42, ON_TOP.includes(bands), false) }, [-apart, 0]).strokes,
      ...placed({ strokes: face(t, half, 42, BENEATH.includes(bands), true) }, [apart, 0]).strokes,
      ...(section ? [cut.shape(shape, 'mid', 'main')] : []),
    ],
  };
}

export const NEEDLE_DETAIL_SCALE = DETAIL;
