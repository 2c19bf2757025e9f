import { pen, through } from '../geometry.ts';
import type { Chance } from '../random.ts';
import type { Traits } from '../traits.ts';
import type { Figure, Point, Stroke } from '../types.ts';
import { BY, toneOf } from './marks.ts';

/** A cone of scales in spirals, with what shows between them and on them. */
export function cone(t: Traits, size: number, c: Chance, woody: boolean): Figure {
  const ink = pen('cone', ...BY, 'fruit.scale_edge', 'fruit.symmetry', 'fruit.scale_width');
  const ratio = woody ? 0.62 : t.state('fruit.falls') === 'breaks-apart-on-the-tree' ? 0.4 : 0.44;
  const wide = size * ratio;
  const row = Math.max(3, Math.min(wide * 0.34, (t.number('fruit.scale_width') ?? wide * 0.34) * 0.8));
  const rows = Math.max(5, Math.min(17, Math.round(size / (row * 0.55))));
  const lop = t.state('fruit.symmetry') === 'lopsided' ? 0.26 : 0;
  const edge = t.state('fruit.scale_edge') ?? (woody ? 'wedge-shaped' : 'rounded');
  const bracts = t.state('fruit.bracts');
  const prickle = t.state('fruit.prickle') === 'yes';
  const profile = (s: number): number => Math.sin(Math.PI * (0.1 + 0.86 * s)) ** 0.62;
  const strokes: Stroke[] = [
    ink.shape(
      through(
        Array.from({ length: 20 }, (_, i): Point => {
          const s = i < 10 ? i / 9 : (19 - i) / 9;
          return [(i < 10 ? 1 : -1) * (wide / 2) * profile(s) * 0.86, s * size];
        }),
        true,
        3,
      ),
      'mid',
      'none',
    ),
  ];
  for (let k = rows - 1; k >= 0; k -= 1) {
    const s = (k + 0.1) / rows;
    const half = (wide / 2) * profile(s);
    const across = Math.max(2, Math.round((half * 2) / row));
    for (let i = 0; i <= across; i += 1) {
      const f = (i + (k % 2) * 0.5) / across;
      if (f > 1) continue;
      const turn_ = 2 * f - 1;
      const x = half * Math.sin((turn_ * Math.PI) / 2) * (turn_ < 0 ? 1 + lop : 1 - lop);
      const w = row * 0.74 * Math.cos((turn_ * Math.PI) / 2.6);
      const y = s * size;
      const h = row * (woody ? 0.62 : 0.95);
      const lean = turn_ * row * 0.4;
      const scale: Point[] =
        edge === 'ragged'
          ? [
              [x - w, y],
              [x - w * 0.9 + lean, y + h * 0.7],
              [x - w * 0.35 + lean, y + h],
              [x + lean, y + h * 0.9],
              [x + w * 0.4 + lean, y + h * 1.02],
              [x + w * 0.9 + lean, y + h * 0.66],
              [x + w, y],
            ]
          : edge === 'wedge-shaped'
            ? [
                [x - w * 0.7, y],
                [x - w + lean, y + h * 0.8],
                [x + lean, y + h],
                [x + w + lean, y + h * 0.8],
                [x + w * 0.7, y],
              ]
            : through(
                [
                  [x - w, y],
                  [x - w * 0.92 + lean, y + h * 0.55],
                  [x + lean, y + h],
                  [x + w * 0.92 + lean, y + h * 0.55],
                  [x + w, y],
                ],
                false,
                3,
              );
      strokes.push(ink.shape(scale, toneOf(t) === 'dark' ? 'mid' : 'pale', 'side'));
      if (edge === 'thickened')
        strokes.push(
          ink.line(
            [
              [x - w * 0.5 + lean, y + h * 0.6],
              [x + lean, y + h * 0.74],
              [x + w * 0.5 + lean, y + h * 0.6],
            ],
            'side',
          ),
        );
      if (prickle)
        strokes.push(
          pen('prickle', 'fruit.prickle').line(
            [
              [x + lean, y + h * 0.76],
              [x + lean * 1.4 + turn_ * 1.2, y + h * 1.22],
            ],
            'side',
          ),
        );
      if (bracts === 'three-pointed-and-showing' && Math.abs(turn_) < 0.95) {
        const tip: Point = [x + lean * 1.3, y + h * 1.7];
        strokes.push(
          pen('bracts', 'fruit.bracts').shape(
            [
              [x - w * 0.34, y + h * 0.9],
              [x - w * 0.42, y + h * 1.42],
              [x - w * 0.12, y + h * 1.16],
              tip,
              [x + w * 0.16, y + h * 1.16],
              [x + w * 0.46, y + h * 1.42],
              [x + w * 0.34, y + h * 0.9],
            ],
            'paper',
            'side',
          ),
        );
      }
      if (bracts === 'long-and-bristly')
        strokes.push(
          pen('bracts', 'fruit.bracts').line(
            [
              [x + lean, y + h * 0.8],
              [x + lean * 1.5 + turn_ * 2, y + h * 1.9],
            ],
            'side',
          ),
        );
      if (!woody && c.next() < 0.5)
        strokes.push(
          ink.line(
            [
              [x + lean * 0.6 - w * 0.3, y + h * 0.35],
              [x + lean * 0.7 - w * 0.2, y + h * 0.7],
            ],
            'fine',
          ),
        );
    }
  }
  return { strokes };
}
