import { add, ellipse, pen, through } from '../geometry.ts';
import type { Chance } from '../random.ts';
import type { Traits } from '../traits.ts';
import type { Figure, Point, Stroke } from '../types.ts';
import { H, W, within } from './patch.ts';
import { furrowed, mosaic } from './furrows.ts';
import { papery, scaly, stringy, patches, warty, muscles, smooth } from './skins.ts';

/** Pores of the bark, by their shape and the way they lie. */
function pores(t: Traits, c: Chance): Stroke[] {
  const shape = t.state('bark.lenticel_shape');
  if (shape === null || shape === 'none') return [];
  const ink = pen('lenticels', 'bark.lenticel_shape', 'bark.lenticel_direction');
  const upright = t.state('bark.lenticel_direction') === 'along';
  return Array.from({ length: 26 }, (_, i) => {
    const own = c.fork(`pore ${i}`);
    const at: Point = [own.between(6, W - 6), own.between(4, H - 4)];
    const long = shape === 'lines' ? own.between(3, 7) : shape === 'diamonds' ? 3 : 0.9;
    const thin = shape === 'lines' ? 0.55 : shape === 'diamonds' ? 1.8 : 0.9;
    const [rx, ry] = upright ? [thin, long] : [long, thin];
    const outline =
      shape === 'diamonds'
        ? ([add(at, [0, -ry]), add(at, [rx, 0]), add(at, [0, ry]), add(at, [-rx, 0])] as Point[])
        : ellipse(at, rx, ry, 0, 12);
    return ink.shape(within(outline), 'dark', 'fine');
  });
}

const SCARS: Readonly<Record<string, (at: Point) => Point[]>> = {
  'eye-shaped': (at) =>
    through([add(at, [-13, 0]), add(at, [0, -6]), add(at, [13, 0]), add(at, [0, 6])], true, 5),
  'moustache-shaped': (at) =>
    through(
      [
        add(at, [0, -2]),
        add(at, [12, 9]),
        add(at, [17, 14]),
        add(at, [11, 11]),
        add(at, [0, 2]),
        add(at, [-11, 11]),
        add(at, [-17, 14]),
        add(at, [-12, 9]),
      ],
      true,
      4,
    ),
  round: (at) => ellipse(at, 7, 7),
};

/** A patch of bark in true size by what is recorded of its surface. */
export function barkFigure(t: Traits, c: Chance, young = false): Figure {
  const texture = (young ? t.state('bark.young_texture') : t.state('bark.texture')) ?? 'smooth';
  const ink = pen(
    'bark',
    young ? 'bark.young_texture' : 'bark.texture',
    'bark.ridge_pattern',
    'bark.furrow_depth',
    'bark.furrow_width',
    'bark.plate_size',
  );
  const plate = Math.max(16, Math.min(60, t.number('bark.plate_size') ?? 34));
  const surface = (): Stroke[] => {
    switch (texture) {
      case 'furrowed':
      case 'fissured':
        return furrowed(t, ink, c);
      case 'plated':
        return mosaic(t, ink, c, plate, 1.7, 0.22);
      case 'blocky':
        return mosaic(t, ink, c, Math.min(24, plate), 0.95, 0.1);
      case 'papery':
        return papery(ink, c);
      case 'scaly':
        return scaly(ink, c);
      case 'stringy':
        return stringy(ink, c);
      case 'flaking-patches':
        return patches(ink, c);
      case 'warty':
        return [...smooth(ink, c), ...warty(ink, c)];
      case 'muscle-like':
        return muscles(ink, c);
      default:
        return smooth(ink, c);
    }
  };
  const scar = SCARS[t.state('bark.branch_scar') ?? ''];
  const blisters =
    texture === 'smooth-with-resin-blisters' || t.state('bark.resin_blisters') === 'yes'
      ? Array.from({ length: 16 }, (_, i) => {
          const own = c.fork(`blister ${i}`);
          return pen('blisters', 'bark.resin_blisters', 'bark.young_texture').shape(
            ellipse(
              [own.between(6, W - 6), own.between(6, H - 6)],
              own.between(2, 3.4),
              own.between(1.2, 2),
              0,
              14,
            ),
            'paper',
            'side',
          );
        })
      : [];
  const frame: Point[] = [
    [0, 0],
    [W, 0],
    [W, H],
    [0, H],
  ];
  return {
    strokes: [
      ink.shape(
        frame,
        t.state('bark.colour') === 'white' || t.state('bark.colour') === 'cream' ? 'paper' : 'pale',
        'none',
      ),
      ...surface(),
      ...blisters,
      ...pores(t, c),
      ...(scar
        ? [pen('branch scar', 'bark.branch_scar').shape(scar([W * 0.6, H * 0.4]), 'dark', 'main')]
        : []),
      pen('bark', 'bark.texture').shape(frame, 'none', 'side'),
    ],
  };
}
