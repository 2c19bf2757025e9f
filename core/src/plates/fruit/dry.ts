import { add, along, bow, ellipse, pen, ribbon, through, toward } from '../geometry.ts';
import type { Chance } from '../random.ts';
import type { Traits } from '../traits.ts';
import type { Figure, Stroke } from '../types.ts';
import { BY } from './marks.ts';

export function acorn(t: Traits, size: number): Figure {
  const ink = pen('nut', ...BY);
  const cap = pen('cap', 'fruit.cap_cover', 'fruit.cap_scales');
  const r = size * 0.34;
  const cover =
    { 'a-quarter': 0.25, 'a-third': 0.34, half: 0.5, most: 0.8 }[t.state('fruit.cap_cover') ?? 'a-third'] ??
    0.34;
  const nut = through(
    [
      [0, -0.1 * size],
      [r, 0.22 * size],
      [r * 0.86, 0.62 * size],
      [r * 0.2, 0.93 * size],
      [0, size],
      [-r * 0.2, 0.93 * size],
      [-r * 0.86, 0.62 * size],
      [-r, 0.22 * size],
    ],
    true,
    5,
  );
  const low = cover * size;
  const lip = r * 1.14;
  const bowl = through(
    [
      [-lip, low],
      [-lip * 0.96, low * 0.35],
      [-lip * 0.5, -0.06 * size],
      [0, -0.1 * size],
      [lip * 0.5, -0.06 * size],
      [lip * 0.96, low * 0.35],
      [lip, low],
    ],
    false,
    5,
  );
  const rows: Stroke[] = [];
  for (let k = 0; k < 5; k += 1) {
    const y = low * (0.12 + 0.2 * k);
    const w = lip * Math.sqrt(Math.max(0.1, 1 - ((low - y) / (low + 0.12 * size)) ** 2));
    for (let i = 0; i < 8; i += 1) {
      const x = -w + (2 * w * (i + (k % 2) * 0.5)) / 8;
      if (Math.abs(x) < w * 0.97)
        rows.push(
          cap.line(
            bow([x - w / 9, y], [x + w / 9, y], t.state('fruit.cap_scales') === 'knobby' ? 0.9 : 0.5, 4),
            'fine',
          ),
        );
    }
  }
  const fringe =
    t.state('fruit.cap_scales') === 'fringed'
      ? Array.from({ length: 17 }, (_, i) =>
          cap.line(
            [
              [-lip + (2 * lip * i) / 16, low],
              [-lip + (2 * lip * i) / 16 + 0.5, low + 2.6],
            ],
            'side',
          ),
        )
      : [];
  return {
    strokes: [
      ink.shape(nut, 'paper', 'contour'),
      ink.line(
        [
          [-r * 0.35, low + 1],
          [-r * 0.4, size * 0.7],
        ],
        'fine',
      ),
      ink.line(
        [
          [r * 0.1, low + 1],
          [r * 0.08, size * 0.8],
        ],
        'fine',
      ),
      cap.shape([...bowl, ...bow([lip, low], [-lip, low], -0.08, 6)], 'mid', 'contour'),
      ...rows,
      ...fringe,
    ],
  };
}

export function capsule(size: number): Figure {
  const ink = pen('fruit', ...BY);
  const w = size * 0.3;
  return {
    strokes: [
      ink.shape(
        through(
          [
            [0, 0],
            [w * 0.9, size * 0.3],
            [w * 0.5, size * 0.75],
            [w * 0.9, size * 1.02],
            [0, size * 0.84],
            [-w * 0.9, size * 1.02],
            [-w * 0.5, size * 0.75],
            [-w * 0.9, size * 0.3],
          ],
          true,
          4,
        ),
        'paper',
        'main',
      ),
      ink.line(
        [
          [0, size * 0.06],
          [0, size * 0.84],
        ],
        'side',
      ),
    ],
  };
}

export function pod(size: number): Figure {
  const ink = pen('fruit', ...BY);
  const line = bow([0, 0], [size * 0.1, size], 0.1, 18);
  return {
    strokes: [
      ink.shape(ribbon(line, size * 0.1, size * 0.05), 'paper', 'main'),
      ...Array.from({ length: 7 }, (_, i) =>
        ink.shape(ellipse(along(line, 0.1 + 0.12 * i).at, size * 0.032, size * 0.045, 0, 14), 'mid', 'fine'),
      ),
    ],
  };
}

/** A soft catkin: small overlapping scales along a hanging or standing core. */
export function catkin(size: number, c: Chance): Figure {
  const ink = pen('catkin', ...BY);
  const w = Math.max(3.2, size * 0.16);
  const line = bow([0, 0], [c.between(-1, 1), size], 0.05, 20);
  const strokes: Stroke[] = [ink.shape(ribbon(line, w, w * 0.7), 'mid', 'main')];
  const rows = Math.round(size / 2);
  for (let i = 0; i < rows; i += 1) {
    const { at } = along(line, (i + 0.5) / rows);
    for (const s of [-0.36, 0, 0.36])
      strokes.push(
        ink.line(
          bow(add(at, [s * w - 0.9, (i % 2) * 0.5]), add(at, [s * w + 0.9, (i % 2) * 0.5]), 0.5, 4),
          'fine',
        ),
      );
  }
  return { strokes };
}

/** Many nutlets, each on a bract of leaves or three points. */
export function bracted(size: number): Figure {
  const bract = pen('bract', 'fruit.kind', 'fruit.bracts');
  const nut = pen('nutlet', ...BY);
  const blade = through(
    [
      [0, 0],
      [size * 0.12, size * 0.4],
      [size * 0.1, size * 0.85],
      [0, size],
      [-size * 0.1, size * 0.85],
      [-size * 0.12, size * 0.4],
    ],
    true,
    5,
  );
  return {
    strokes: [
      bract.shape(blade, 'paper', 'main'),
      bract.line(
        [
          [0, 1],
          [0, size * 0.94],
        ],
        'fine',
      ),
      nut.shape(ellipse([size * 0.04, size * 0.18], size * 0.09, size * 0.1), 'mid', 'main'),
    ],
  };
}

export function achene(size: number): Figure {
  const ink = pen('fruit', ...BY);
  return {
    strokes: [
      ink.shape(
        through(
          [
            [0, 0],
            [size * 0.2, size * 0.5],
            [0, size],
            [-size * 0.2, size * 0.5],
          ],
          true,
          4,
        ),
        'mid',
        'main',
      ),
      ...[-30, -15, 0, 15, 30].map((a) => ink.line([[0, 0], toward(a, size * 0.8)], 'fine')),
    ],
  };
}

export function nut(size: number): Figure {
  const ink = pen('fruit', ...BY);
  const r = size / 2;
  return {
    strokes: [
      ink.shape(ellipse([0, r], r * 0.9, r), 'mid', 'contour'),
      ...[-0.5, 0, 0.5].map((x) =>
        ink.line(bow([x * r * 0.3, 0.5], [x * r * 0.3, size - 0.5], x * 0.5, 8), 'fine'),
      ),
    ],
  };
}

export function multiple(size: number): Figure {
  const ink = pen('fruit', ...BY);
  return {
    strokes: Array.from({ length: 17 }, (_, i) =>
      ink.shape(
        ellipse(
          [
            size * 0.26 * Math.sin(i * 2.4) * (0.5 + 0.5 * Math.sin((i / 17) * Math.PI)),
            size * (0.06 + 0.055 * i),
          ],
          size * 0.13,
          size * 0.12,
          0,
          14,
        ),
        'mid',
        'side',
      ),
    ),
  };
}
