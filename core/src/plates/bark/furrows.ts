import { Delaunay } from 'd3-delaunay';
import type { Pen } from './patch.ts';
import { bow, mix, through } from '../geometry.ts';
import type { Chance } from '../random.ts';
import type { Traits } from '../traits.ts';
import type { Point, Stroke } from '../types.ts';
import { H, W, columns, hatch, within } from './patch.ts';

export function furrowed(t: Traits, ink: Pen, c: Chance): Stroke[] {
  const width = t.number('bark.furrow_width') ?? 9;
  const depth = t.number('bark.furrow_depth') ?? 12;
  const pattern = t.state('bark.ridge_pattern') ?? 'interlacing';
  const spacing = Math.max(11, Math.min(30, width + 11));
  // Ridges that part and meet again are a mosaic of long cells; those that do not are drawn as upright furrows.
  if (pattern === 'interlacing')
    return mosaic(t, ink, c, spacing * 0.8, 3.4, 0.2, 0.05 + Math.min(0.08, width * 0.004));
  if (pattern === 'zigzag') return mosaic(t, ink, c, spacing * 0.9, 2.2, 0.3, 0.12);
  if (pattern === 'rectangles') return mosaic(t, ink, c, spacing, 1.5, 0.04, 0.12);
  const lines = columns(c, spacing, 1.6);
  const half = Math.max(0.8, Math.min(3.4, width * 0.16 + depth * 0.05));
  const strokes: Stroke[] = [];
  lines.forEach((line, i) => {
    const own = c.fork(`furrow ${i}`);
    const swollen = line.map((p, j): [Point, number] => [p, half * (0.7 + 0.3 * Math.sin(j * 0.7 + i))]);
    const right = swollen.map(([p, h]): Point => [p[0] + h, p[1]]);
    const left = swollen.map(([p, h]): Point => [p[0] - h, p[1]]);
    strokes.push(ink.shape(within([...right, ...left.reverse()]), 'dark', 'main'));
    strokes.push(...hatch(ink, right, Math.min(5, 1.5 + depth * 0.18), own));
  });
  const tops = columns(c.fork('tops'), spacing, 2);
  for (const line of tops)
    for (let k = 2; k < 28; k += 5)
      strokes.push(
        ink.line(within(line.slice(k, k + 3).map((p): Point => [p[0] + spacing / 2, p[1]])), 'fine'),
      );
  return strokes;
}

/** Plates or blocks: cells of a mosaic drawn together a little, so that dark seams stand between them. */
export function mosaic(
  t: Traits,
  ink: Pen,
  c: Chance,
  size: number,
  tall: number,
  jitter: number,
  seam = 0.1,
): Stroke[] {
  const [cols, rows] = [Math.max(2, Math.round(W / size)), Math.max(2, Math.round(H / (size * tall)))];
  const seeds: Point[] = [];
  for (let i = -1; i <= cols; i += 1)
    for (let k = -1; k <= rows; k += 1)
      seeds.push([
        ((i + 0.5 + (k % 2) * 0.5 + c.between(-jitter, jitter)) * W) / cols,
        ((k + 0.5 + c.between(-jitter, jitter)) * H) / rows,
      ]);
  const cells = Delaunay.from(seeds.map((p) => [p[0], p[1]])).voronoi([0, 0, W, H]);
  const strokes: Stroke[] = [
    ink.shape(
      [
        [0, 0],
        [W, 0],
        [W, H],
        [0, H],
      ],
      'dark',
      'none',
    ),
  ];
  seeds.forEach((centre, i) => {
    const cell = cells.cellPolygon(i) as Point[] | null;
    if (!cell || cell.length < 4) return;
    const drawn = cell.slice(0, -1).map((p) => mix(p, centre, seam + c.between(0, 0.04)));
    const outline = through(
      drawn.flatMap((p, k) => [
        mix(p, drawn[(k + drawn.length - 1) % drawn.length] as Point, 0.18),
        mix(p, drawn[(k + 1) % drawn.length] as Point, 0.18),
      ]),
      true,
      3,
    );
    strokes.push(ink.shape(within(outline), 'paper', 'main'));
    const flat = t.state('bark.texture') === 'blocky' ? 2 : 3;
    for (let k = 0; k < flat; k += 1) {
      const y = centre[1] + (k - 1) * size * tall * 0.2;
      strokes.push(
        ink.line(
          within(
            bow(
              [centre[0] - size * 0.26, y],
              [centre[0] + size * c.between(0.1, 0.24), y + c.between(-1, 1)],
              0.08,
              5,
            ),
          ),
          'fine',
        ),
      );
    }
  });
  return strokes;
}
