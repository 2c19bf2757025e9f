import { bow, ellipse, pen, through, together, toward } from '../geometry.ts';
import type { Traits } from '../traits.ts';
import type { Figure } from '../types.ts';
import { BY, toneOf } from './marks.ts';

export function ball(t: Traits, size: number, kind: string): Figure {
  const ink = pen('fruit', ...BY);
  const r = size / 2;
  const tone = toneOf(t);
  const bloom = t.state('fruit.texture') === 'waxy-bloom';
  const crown =
    kind === 'pome'
      ? [0, 72, 144, 216, 288].map((a) => {
          const d = toward(a, r * 0.26);
          return ink.line(
            [
              [0, size * 0.97],
              [d[0], size + Math.abs(d[1]) * 0.5],
            ],
            'side',
          );
        })
      : kind === 'berry'
        ? [ink.shape(ellipse([0, size - r * 0.12], r * 0.22, r * 0.1), 'paper', 'fine')]
        : [];
  return {
    strokes: [
      ink.shape(ellipse([0, r], r * 0.96, r), bloom ? 'mid' : tone, 'main'),
      ink.shape(ellipse([-r * 0.34, r * 0.66], r * 0.16, r * 0.26, 24, 12), 'paper', 'none'),
      ...(bloom
        ? [
            ink.line(bow([-r * 0.7, r * 1.2], [r * 0.5, r * 1.55], 0.16, 6), 'fine'),
            ink.line(bow([-r * 0.5, r * 1.4], [r * 0.3, r * 1.7], 0.16, 6), 'fine'),
          ]
        : []),
      ...(t.state('fruit.texture') === 'silvery-scales'
        ? Array.from({ length: 9 }, (_, i) =>
            ink.shape(
              ellipse(
                [
                  r * 0.7 * Math.cos(i * 2.4) * ((i % 3) / 3 + 0.2),
                  r + r * 0.7 * Math.sin(i * 2.4) * ((i % 3) / 3 + 0.2),
                ],
                0.2,
                0.2,
                0,
                6,
              ),
              'paper',
              'none',
            ),
          )
        : []),
      ...crown,
    ],
  };
}

export function aril(size: number): Figure {
  const cup = pen('aril', ...BY);
  const r = size / 2;
  return {
    strokes: [
      pen('seed', 'fruit.kind').shape(ellipse([0, size * 0.62], r * 0.42, r * 0.5), 'dark', 'side'),
      cup.shape(
        through(
          [
            [-r * 0.5, size * 0.92],
            [-r, size * 0.55],
            [-r * 0.6, size * 0.08],
            [0, 0],
            [r * 0.6, size * 0.08],
            [r, size * 0.55],
            [r * 0.5, size * 0.92],
            [0, size * 0.74],
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

export function berryCone(t: Traits, size: number): Figure {
  const base = ball(t, size, 'drupe');
  const ink = pen('fruit', ...BY);
  return together(base, {
    strokes: [
      ink.line(bow([-size * 0.3, size * 0.46], [size * 0.1, size * 0.36], -0.2, 5), 'fine'),
      ink.line(bow([size * 0.05, size * 0.7], [size * 0.36, size * 0.52], -0.2, 5), 'fine'),
    ],
  });
}
