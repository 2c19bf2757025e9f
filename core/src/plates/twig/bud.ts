import { bow, ellipse, pen, placed, ribbon, through } from '../geometry.ts';
import type { Traits } from '../traits.ts';
import type { Figure, Point, Stroke } from '../types.ts';

const BUD_WIDTH: Readonly<Record<string, number>> = {
  ovoid: 0.58,
  conical: 0.46,
  'spindle-shaped': 0.26,
  round: 0.95,
  flattened: 0.55,
  'claw-like': 0.4,
};

function budOutline(shape: string, length: number): Point[] {
  const half = (length * (BUD_WIDTH[shape] ?? 0.55)) / 2;
  if (shape === 'round') return ellipse([0, -length / 2], half, length / 2, 0, 22);
  const hook = shape === 'claw-like' ? half * 0.9 : 0;
  const belly = shape === 'conical' ? 0.12 : shape === 'spindle-shaped' ? 0.42 : 0.34;
  const right: Point[] = [
    [half * 0.55, 0],
    [half, -belly * length],
    [half * 0.62 + hook * 0.3, -0.72 * length],
    [hook, -length],
  ];
  const left: Point[] = [
    [-half * 0.62 + hook * 0.4, -0.72 * length],
    [-half, -belly * length],
    [-half * 0.55, 0],
  ];
  return through([...right, ...left], false, 5);
}

/** A bud standing on the origin with its tip up: shape, scales, stalk, gloss of resin and hairs. */
export function bud(t: Traits, length: number): Figure {
  const shape = t.state('twig.bud_shape') ?? 'ovoid';
  const scales = t.state('twig.bud_scales');
  const half = (length * (BUD_WIDTH[shape] ?? 0.55)) / 2;
  const ink = pen('bud', 'twig.bud_shape', 'twig.bud_length', 'twig.bud_scales', 'twig.bud_colour');
  const cut = pen('bud scales', 'twig.bud_scales', 'twig.bud_scale_count');
  const stalked = t.state('twig.bud_stalk') === 'yes' ? length * 0.42 : 0;
  const colour = t.state('twig.bud_colour');
  const dark = colour === 'black' || colour === 'brown' || colour === 'purple';
  const lines: Stroke[] = [];
  if (scales === 'valvate')
    lines.push(
      cut.line(
        [
          [0, -0.06 * length],
          [half * 0.1, -0.5 * length],
          [0, -0.96 * length],
        ],
        'side',
      ),
    );
  if (scales === 'imbricate') {
    const count = Math.max(3, Math.min(9, t.number('twig.bud_scale_count') ?? 6));
    for (let i = 0; i < count; i += 1) {
      const y = -length * (0.08 + (0.74 * i) / count);
      const w = half * (1 - 0.75 * (i / count) ** 1.6);
      const s = i % 2 === 0 ? 1 : -1;
      lines.push(cut.line(bow([s * w * 0.95, y], [-s * w * 0.35, y - length * 0.16], s * 0.28, 6), 'fine'));
    }
  }
  if (scales === 'naked') {
    for (const x of [-0.5, -0.15, 0.2, 0.55])
      lines.push(
        cut.line(
          [
            [x * half, -0.08 * length],
            [x * half * 0.5, -0.9 * length],
          ],
          'fine',
        ),
      );
  }
  const hairs = t.state('twig.bud_hairs');
  const fuzz =
    hairs === 'dense' || hairs === 'some'
      ? Array.from({ length: hairs === 'dense' ? 14 : 7 }, (_, i) => {
          const s = i % 2 === 0 ? 1 : -1;
          const y = -length * (0.1 + 0.06 * i);
          return pen('bud hairs', 'twig.bud_hairs').line(
            [
              [s * half * (1 - 0.055 * i), y],
              [s * (half * (1 - 0.055 * i) + 0.9), y - 0.7],
            ],
            'fine',
          );
        })
      : [];
  const foot =
    stalked > 0
      ? [
          pen('bud stalk', 'twig.bud_stalk').shape(
            ribbon(
              [
                [0, 0.3],
                [0, -stalked],
              ],
              half * 0.9,
              half * 0.7,
            ),
            'paper',
            'side',
          ),
        ]
      : [];
  const body: Figure = {
    strokes: [ink.shape(budOutline(shape, length), dark ? 'mid' : 'pale', 'main'), ...lines, ...fuzz],
  };
  return { strokes: [...foot, ...placed(body, [0, -stalked]).strokes] };
}
