import { along, bow, lengthOf, pen, placed, ribbon, together, toward } from '../geometry.ts';
import { blade, stalk } from './simple.ts';
import type { Chance } from '../random.ts';
import type { Traits } from '../traits.ts';
import type { Figure, Point } from '../types.ts';

const USUAL_COMPOUND = 160;
const LEAFLET = [
  'leaf.leaflet_shape',
  'leaf.leaflet_length',
  'leaf.leaflet_count',
  'leaf.margin',
  'leaf.tooth_size',
  'leaf.toothed_where',
  'leaf.tip',
  'leaf.base',
  'leaf.base_symmetry',
] as const;

/** Even, so that leaflets stand in pairs, or odd with one at the end. */
function leafletCount(t: Traits, complexity: string): number {
  const usual = { trifoliolate: 3, palmate: 5, bipinnate: 8 }[complexity] ?? 9;
  const count = t.number('leaf.leaflet_count') ?? usual;
  if (complexity === 'trifoliolate') return 3;
  if (complexity === 'even-pinnate') return Math.max(4, 2 * Math.round(count / 2));
  if (complexity === 'palmate' || complexity === 'bipinnate') return Math.max(3, count);
  return Math.max(3, 2 * Math.floor(count / 2) + 1);
}

const STALK_SHARE: Readonly<Record<string, number>> = { none: 0, short: 0.06, long: 0.16 };

function leaflet(t: Traits, length: number, c: Chance): Figure {
  const shape = t.state('leaf.leaflet_shape') ?? 'elliptic';
  const own = blade(t, { length, shape, prefix: 'leaflet', by: LEAFLET }, c);
  const share = STALK_SHARE[t.state('leaf.leaflet_stalk') ?? 'short'] ?? 0.06;
  if (share === 0) return own;
  const foot = stalk(length * share, Math.max(0.5, length * 0.02), c.fork('foot'), 'leaf.leaflet_stalk');
  return together(placed(foot.figure, [0, -length * share]), placed(own, [0, -length * share]));
}

/** Where side leaflets of a leaf of three sit below the end leaflet: the stalk of the end leaflet is what lies between. */
function pairPlace(t: Traits, rachis: number, size: number): number {
  switch (t.state('leaf.end_leaflet_stalk')) {
    case 'none':
      return rachis;
    case 'longer-than-the-others':
      return Math.max(0, rachis - 0.35 * size);
    default:
      return rachis * 0.86;
  }
}

/** A leaf of leaflets along one stalk; leaf length is taken to the tip of the end leaflet, the stalk below left out. */
function alongOneStalk(t: Traits, count: number, ends: boolean, length: number, c: Chance): Figure {
  const pairs = Math.floor(count / 2);
  const recorded = t.number('leaf.leaflet_length');
  const size = Math.min(recorded ?? length * (pairs <= 1 ? 0.5 : 0.36), length * (pairs <= 1 ? 0.62 : 0.45));
  const rachis = ends ? length - size : length * 0.96;
  const petiole = t.number('leaf.petiole_length') ?? length * (pairs <= 1 ? 0.3 : 0.16);
  const bend = c.between(-0.05, 0.05);
  const line = bow([0, petiole], [0, -rachis], bend, 16);
  const total = lengthOf(line);
  const at = (y: number): { at: Point; to: Point } => along(line, (petiole + y) / total);
  const figures: Figure[] = [];
  const first = pairs <= 1 ? pairPlace(t, rachis, size) : rachis * 0.06;
  for (let i = 0; i < pairs; i += 1) {
    const f = pairs === 1 ? 0 : i / (pairs - 1);
    const y = pairs === 1 ? first : first + (rachis * (ends ? 0.94 : 1) - first) * f;
    // Leaflets grow toward the middle and shrink toward both ends, as they do on most feather leaves.
    const scale = pairs === 1 ? 1 : 0.82 + 0.18 * Math.sin(Math.PI * (0.2 + 0.7 * f));
    const { at: node, to } = at(y);
    const heading = (Math.atan2(to[0], -to[1]) * 180) / Math.PI;
    for (const sign of [1, -1]) {
      const own = c.fork(`leaflet ${i} ${sign}`);
      const angle = heading + sign * (pairs <= 1 ? 58 : 66 - 14 * f + own.between(-3, 3));
      figures.push(placed(leaflet(t, size * scale, own), node, angle));
    }
  }
  if (ends) {
    const { to } = along(line, 0.999);
    const heading = (Math.atan2(to[0], -to[1]) * 180) / Math.PI;
    figures.push(placed(leaflet(t, size, c.fork('end')), [0, -rachis], heading));
  }
  const ink = pen('stalk', 'leaf.complexity', 'leaf.length', 'leaf.petiole_length', 'leaf.end_leaflet_stalk');
  return together(
    { strokes: [ink.shape(ribbon(line, Math.max(1, length * 0.014), 0.7), 'paper', 'side')] },
    ...figures,
  );
}

/** Leaflets from one point, like the fingers of a hand. */
function hand(t: Traits, count: number, length: number, c: Chance): Figure {
  const petiole = t.number('leaf.petiole_length') ?? length * 0.8;
  const spread = 200 / Math.max(1, count - 1);
  const figures = Array.from({ length: count }, (_, i) => {
    const angle = (i - (count - 1) / 2) * spread;
    return placed(
      leaflet(t, length * (1 - 0.32 * Math.abs(angle / 100)), c.fork(`finger ${i}`)),
      [0, 0],
      angle,
    );
  });
  const foot = stalk(
    petiole,
    Math.max(1, length * 0.02),
    c.fork('stalk'),
    'leaf.petiole_length',
    'leaf.complexity',
  );
  return together(foot.figure, ...figures);
}

/** Twice feathered: small leaflets along side stalks. */
function twiceFeathered(t: Traits, length: number, c: Chance): Figure {
  const arms = 5;
  const line: Point[] = bow([0, length * 0.14], [0, -length * 0.78], 0.03, 14);
  const small = Math.min(t.number('leaf.leaflet_length') ?? length * 0.07, length * 0.09);
  const figures: Figure[] = [];
  for (let i = 0; i < arms; i += 1) {
    const { at: node } = along(line, 0.24 + (0.7 * i) / (arms - 1));
    for (const sign of [1, -1]) {
      const reach = length * (0.3 - 0.03 * i);
      const tip = toward(sign * (62 - 5 * i), reach);
      const arm = bow(node, [node[0] + tip[0], node[1] + tip[1]], sign * 0.06, 8);
      figures.push({ strokes: [pen('stalk', 'leaf.complexity').line(arm, 'side')] });
      for (let k = 0; k < 6; k += 1) {
        const spot = along(arm, 0.16 + 0.14 * k);
        const heading = (Math.atan2(spot.to[0], -spot.to[1]) * 180) / Math.PI;
        for (const s of [1, -1]) {
          figures.push(
            placed(
              blade(
                t,
                {
                  length: small,
                  shape: t.state('leaf.leaflet_shape') ?? 'elliptic',
                  prefix: 'leaflet',
                  by: LEAFLET,
                },
                c.fork(`${i}${sign}${k}${s}`),
              ),
              spot.at,
              heading + s * 64,
            ),
          );
        }
      }
    }
  }
  return together(
    { strokes: [pen('stalk', 'leaf.complexity').shape(ribbon(line, 1.6, 0.8), 'paper', 'side')] },
    ...figures,
  );
}

/** A compound leaf in true size. */
export function compoundLeaf(t: Traits, complexity: string, c: Chance): Figure {
  const kind = complexity === 'compound' || complexity === 'pinnate' ? 'odd-pinnate' : complexity;
  const count = leafletCount(t, kind);
  const recorded = t.number('leaf.length');
  const oneLeaflet = t.number('leaf.leaflet_length');
  const usual = kind === 'trifoliolate' ? 80 : kind === 'palmate' ? 110 : USUAL_COMPOUND;
  // A leaf whose own length is not recorded is as long as its leaflets make it.
  const length =
    recorded ??
    (oneLeaflet === null ? usual : oneLeaflet * (count <= 3 ? 1.9 : 1 + Math.floor(count / 2) * 0.42));
  if (kind === 'palmate') return hand(t, count, oneLeaflet ?? length, c);
  if (kind === 'bipinnate') return twiceFeathered(t, length, c);
  return alongOneStalk(t, count, kind !== 'even-pinnate', length, c);
}
