import type { Pen } from './patch.ts';
import { bow, ellipse, ribbon, through } from '../geometry.ts';
import type { Chance } from '../random.ts';
import type { Point, Stroke } from '../types.ts';
import { H, W, columns, within } from './patch.ts';

export function papery(ink: Pen, c: Chance): Stroke[] {
  const strokes: Stroke[] = [];
  for (let i = 0; i < 9; i += 1) {
    const own = c.fork(`curl ${i}`);
    const y = ((i + own.between(0.2, 0.8)) * H) / 9;
    const [x, w] = [own.between(0, W * 0.5), own.between(W * 0.3, W * 0.62)];
    const lip = own.between(3, 8);
    const top = bow([x, y], [Math.min(W, x + w), y + own.between(-2, 2)], own.between(-0.05, 0.05), 12);
    const low = top.map((p, k): Point => [p[0], p[1] + lip * Math.sin((Math.PI * k) / (top.length - 1))]);
    strokes.push(ink.shape(within([...top, ...[...low].reverse()]), 'mid', 'main'));
    strokes.push(ink.line(within(low.map((p): Point => [p[0], p[1] + 1.1])), 'fine'));
  }
  return strokes;
}

export function scaly(ink: Pen, c: Chance): Stroke[] {
  const strokes: Stroke[] = [];
  for (let k = 0; k < 14; k += 1)
    for (let i = 0; i < 9; i += 1) {
      const own = c.fork(`scale ${k} ${i}`);
      const [x, y] = [
        ((i + (k % 2) * 0.5 + own.between(-0.15, 0.15)) * W) / 8,
        ((k + own.between(-0.2, 0.2)) * H) / 13,
      ];
      const [w, h] = [own.between(6, 9), own.between(6, 11)];
      const flake = through(
        [
          [x - w, y],
          [x - w * 0.7, y + h * 0.8],
          [x, y + h],
          [x + w * 0.8, y + h * 0.7],
          [x + w, y - 1],
        ],
        false,
        4,
      );
      if (x < 4 || x > W - 4 || y < 2 || y > H - 10) continue;
      strokes.push(ink.shape(within(flake), own.next() < 0.3 ? 'mid' : 'paper', 'side'));
      strokes.push(ink.line(within(flake.slice(4, 12).map((p): Point => [p[0] + 0.8, p[1] + 0.9])), 'side'));
    }
  return strokes;
}

export function stringy(ink: Pen, c: Chance): Stroke[] {
  const strokes: Stroke[] = [];
  columns(c, 5.2, 1.8).forEach((line, i) => {
    const own = c.fork(`string ${i}`);
    let from = Math.floor(own.between(0, 5));
    while (from < 29) {
      const to = Math.min(30, from + Math.floor(own.between(6, 14)));
      const piece = line.slice(from, to + 1);
      if (piece.length > 2)
        strokes.push(
          ink.shape(
            within(ribbon(piece, own.between(1, 2.4), own.between(0.4, 1))),
            own.next() < 0.35 ? 'mid' : 'paper',
            'side',
          ),
        );
      from = to + 1;
    }
  });
  return strokes;
}

export function patches(ink: Pen, c: Chance): Stroke[] {
  return Array.from({ length: 15 }, (_, i) => {
    const own = c.fork(`patch ${i}`);
    const at: Point = [own.between(8, W - 8), own.between(8, H - 8)];
    const r = own.between(7, 17);
    const blob = through(
      Array.from({ length: 8 }, (__, k): Point => {
        const a = (k * Math.PI) / 4;
        return [
          at[0] + r * own.between(0.6, 1) * Math.cos(a),
          at[1] + r * 1.2 * own.between(0.6, 1) * Math.sin(a),
        ];
      }),
      true,
      4,
    );
    return ink.shape(within(blob), i % 3 === 0 ? 'mid' : i % 3 === 1 ? 'paper' : 'pale', 'main');
  });
}

export function warty(ink: Pen, c: Chance): Stroke[] {
  return Array.from({ length: 70 }, (_, i) => {
    const own = c.fork(`wart ${i}`);
    return ink.shape(
      within(
        ellipse(
          [own.between(3, W - 3), own.between(3, H - 3)],
          own.between(0.8, 2.4),
          own.between(0.8, 2),
          0,
          10,
        ),
      ),
      'mid',
      'side',
    );
  });
}

export function muscles(ink: Pen, c: Chance): Stroke[] {
  return columns(c, 24, 7).flatMap((line) => [
    ink.line(within(line), 'main'),
    ...[1.6, 3, 5].map((d) =>
      ink.line(within(line.slice(2, 28).map((p): Point => [p[0] + d, p[1]])), 'fine'),
    ),
  ]);
}

export function smooth(ink: Pen, c: Chance): Stroke[] {
  return Array.from({ length: 10 }, (_, i) => {
    const own = c.fork(`crease ${i}`);
    const [x, y] = [own.between(4, W * 0.6), own.between(6, H - 6)];
    return ink.line(
      bow([x, y], [x + own.between(14, 40), y + own.between(-2, 2)], own.between(-0.04, 0.04), 6),
      'fine',
    );
  });
}
