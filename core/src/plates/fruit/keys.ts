import { bow, ellipse, mirrored, pen, placed, through, together, toward } from '../geometry.ts';
import type { Traits } from '../traits.ts';
import type { Figure, Point } from '../types.ts';
import { BY } from './marks.ts';

/** A dry fruit with one wing at its end. */
export function key(size: number, wide = 0.24): Figure {
  const wing = pen('wing', 'fruit.wings', 'fruit.kind');
  const seed = pen('seed', ...BY);
  const w = size * wide;
  const blade = through(
    [
      [0, 0],
      [w * 0.24, size * 0.3],
      [w * 0.52, size * 0.6],
      [w * 0.42, size * 0.92],
      [0, size],
      [-w * 0.42, size * 0.92],
      [-w * 0.5, size * 0.6],
      [-w * 0.22, size * 0.3],
    ],
    true,
    5,
  );
  return {
    strokes: [
      wing.shape(blade, 'paper', 'main'),
      ...[-0.24, -0.08, 0.08, 0.24].map((x) =>
        wing.line(bow([x * w * 0.5, size * 0.36], [x * w * 1.7, size * 0.92], x * 0.2, 6), 'fine'),
      ),
      seed.shape(
        through(
          [
            [0, 0],
            [w * 0.22, size * 0.16],
            [w * 0.2, size * 0.34],
            [0, size * 0.42],
            [-w * 0.2, size * 0.34],
            [-w * 0.22, size * 0.16],
          ],
          true,
          5,
        ),
        'mid',
        'main',
      ),
    ],
  };
}

/** A disc of wing all round the seed. */
export function roundKey(size: number): Figure {
  const wing = pen('wing', 'fruit.wings', 'fruit.kind');
  const disc = ellipse([0, size / 2], size * 0.44, size / 2, 0, 30).map(([x, y]): Point => [
    x,
    y > size * 0.93 && Math.abs(x) < size * 0.07 ? y - size * 0.06 : y,
  ]);
  return {
    strokes: [
      wing.shape(disc, 'paper', 'main'),
      ...Array.from({ length: 12 }, (_, i) => {
        const d = toward(i * 30, 1);
        return wing.line(
          [
            [d[0] * size * 0.2, size / 2 + d[1] * size * 0.2],
            [d[0] * size * 0.4, size / 2 + d[1] * size * 0.44],
          ],
          'fine',
        );
      }),
      pen('seed', ...BY).shape(ellipse([0, size / 2], size * 0.15, size * 0.2), 'mid', 'main'),
    ],
  };
}

/** One half of a paired key: the nutlet at the joint, the wing out to one side with a thick back edge. */
function halfKey(size: number, angle: number): Figure {
  const wing = pen('wing', 'fruit.wings', 'fruit.kind');
  const nut = pen('nutlet', ...BY);
  const blade = through(
    [
      [0, -0.6],
      [size * 0.3, -size * 0.05],
      [size * 0.75, -size * 0.07],
      [size * 0.98, size * 0.02],
      [size * 0.94, size * 0.2],
      [size * 0.7, size * 0.31],
      [size * 0.36, size * 0.2],
      [size * 0.18, size * 0.13],
    ],
    true,
    5,
  );
  const veins = Array.from({ length: 6 }, (_, i) =>
    wing.line(
      bow(
        [size * (0.2 + 0.1 * i), size * 0.01],
        [size * (0.38 + 0.11 * i), size * (0.17 + 0.015 * i)],
        -0.14,
        5,
      ),
      'fine',
    ),
  );
  const figure: Figure = {
    strokes: [
      wing.shape(blade, 'paper', 'main'),
      ...veins,
      wing.line(
        [
          [size * 0.1, -0.2],
          [size * 0.5, -size * 0.045],
          [size * 0.94, size * 0.01],
        ],
        'contour',
      ),
      nut.shape(ellipse([size * 0.12, size * 0.04], size * 0.15, size * 0.1, 12), 'mid', 'main'),
    ],
  };
  return placed(figure, [0, 0], angle);
}

export function pairedKeys(t: Traits, size: number): Figure {
  const open =
    { 'two-at-a-narrow-angle': 52, 'two-at-a-right-angle': 36, 'two-spread-wide': 4 }[
      t.state('fruit.wings') ?? ''
    ] ?? 28;
  const one = halfKey(size, open);
  return together(one, mirrored(one));
}
