import { add, along, bow, mix, pen, ribbon, through, toward } from './geometry.ts';
import { wander } from './random.ts';
import type { Chance } from './random.ts';
import type { Traits } from './traits.ts';
import type { Figure, Point, Stroke } from './types.ts';

/** Height of a silhouette on the plate, mm; the scale it stands for is said beside it. */
export const STANDING = 78;

/** Half the crown's width against its height by the share of the crown from its foot to its top. */
const OUTLINES: Readonly<
  Record<string, { readonly wide: number; readonly at: (s: number) => number; readonly foot: number }>
> = {
  'narrow-spire': { wide: 0.15, foot: 0.05, at: (s) => (1 - s) ** 0.95 },
  conical: { wide: 0.24, foot: 0.08, at: (s) => (1 - s) ** 0.9 },
  pyramidal: { wide: 0.34, foot: 0.1, at: (s) => (1 - s) ** 0.85 * Math.min(1, 0.75 + s * 2) },
  columnar: {
    wide: 0.16,
    foot: 0.1,
    at: (s) => Math.min(1, 0.75 + s * 2) * Math.min(1, (1 - s) * 3.2) ** 0.6,
  },
  ovoid: { wide: 0.32, foot: 0.16, at: (s) => Math.sin(Math.PI * s ** 0.75) ** 0.72 },
  rounded: { wide: 0.42, foot: 0.16, at: (s) => Math.sin(Math.PI * (0.06 + 0.94 * s)) ** 0.55 },
  spreading: { wide: 0.58, foot: 0.24, at: (s) => Math.sin(Math.PI * (0.1 + 0.9 * s)) ** 0.5 },
  'vase-shaped': {
    wide: 0.44,
    foot: 0.22,
    at: (s) => (s < 0.72 ? 0.22 + s * 1.08 : Math.sqrt(Math.max(0, 1 - ((s - 0.72) / 0.28) ** 2))),
  },
  irregular: {
    wide: 0.34,
    foot: 0.18,
    at: (s) => Math.sin(Math.PI * (0.08 + 0.9 * s)) ** 0.6 * (0.82 + 0.18 * Math.sin(9 * s)),
  },
  'flat-topped': {
    wide: 0.46,
    foot: 0.3,
    at: (s) => (s < 0.86 ? 0.55 + 0.5 * s : Math.max(0, (1 - s) / 0.14) ** 0.4),
  },
  weeping: { wide: 0.44, foot: 0.04, at: (s) => Math.sin(Math.PI * (0.22 + 0.78 * s)) ** 0.6 },
};

const LEAN: Readonly<Record<string, number>> = { leaning: 0.2, crooked: 0.07, upright: 0 };

/** How the ends of branches point, degrees from upright. */
const ANGLE: Readonly<Record<string, number>> = {
  ascending: 46,
  horizontal: 86,
  drooping: 116,
  'drooping-with-upturned-ends': 104,
};

/** The tree from afar: outline, trunks, branching, leader and lean. A shrub stands on several stems. */
export function silhouetteFigure(t: Traits, c: Chance): Figure {
  const kind = t.state('form.outline') ?? 'rounded';
  const rule = OUTLINES[kind] ?? (OUTLINES['rounded'] as (typeof OUTLINES)[string] & object);
  const shrub = t.state('form.habit') === 'shrub' || t.state('form.habit') === 'clonal-thicket';
  const spread = t.number('form.spread');
  const height = t.number('form.height');
  const half =
    (spread !== null && height !== null ? Math.max(0.1, Math.min(0.75, spread / height / 2)) : rule.wide) *
    STANDING;
  const foot = shrub ? 0.04 : rule.foot;
  const lean = LEAN[t.state('form.lean') ?? 'upright'] ?? 0;
  const bend = (p: Point): Point => [
    p[0] - lean * p[1] * (t.state('form.lean') === 'crooked' ? Math.sin(-p[1] / 14) : 1),
    p[1],
  ];
  const crown = pen('crown', 'form.outline', 'form.spread', 'form.height');
  const wood = pen('trunk', 'form.trunks', 'form.branching', 'form.lean');
  const limbs = pen('branches', 'form.branch_angle', 'form.branching', 'form.foliage_posture');
  const side = (sign: number): Point[] => {
    const own = c.fork(`side ${sign}`);
    const waver = wander(own, 0.08, 9);
    return Array.from({ length: 27 }, (_, i): Point => {
      const s = i / 26;
      const lobe = 1 + 0.05 * Math.sin(i * 2.1 + sign) * (1 - s) + waver(s);
      return [sign * half * rule.at(s) * lobe, -STANDING * (foot + (1 - foot) * s)];
    });
  };
  const outline = [...side(1), ...side(-1).reverse()].map(bend);
  const top: Point = [0, -STANDING];
  const stems = shrub ? 5 : ({ single: 1, few: 3, many: 5 }[t.state('form.trunks') ?? 'single'] ?? 1);
  const excurrent = t.state('form.branching') !== 'decurrent' && !shrub && stems === 1;
  const thick = Math.max(1.2, 2.8 - 0.4 * stems);
  const strokes: Stroke[] = [crown.shape(through(outline, true, 3), 'pale', 'main')];
  for (let i = 0; i < stems; i += 1) {
    const off = (i - (stems - 1) / 2) * (shrub ? half * 0.28 : half * 0.2);
    const tip: Point =
      excurrent && stems === 1
        ? [0, -STANDING * 0.95]
        : [off * (shrub ? 1.5 : 2.2), -STANDING * (0.55 + 0.1 * c.next())];
    const stem = bow([off * 0.3, 0], tip, 0.02 * i, 10).map(bend);
    strokes.push(wood.shape(ribbon(stem, thick, excurrent ? 0.4 : thick * 0.4), 'dark', 'fine'));
    if (!excurrent) {
      for (let k = 0; k < 6; k += 1) {
        const { at } = along(stem, 0.45 + 0.09 * k);
        const angle = (k % 2 === 0 ? 1 : -1) * (34 + 5 * k) * (off === 0 ? 1 : 0.7) + (off / half) * 30;
        strokes.push(
          limbs.line(
            bow(at, add(at, toward(angle, half * ((shrub ? 0.42 : 0.72) - 0.05 * k))), -0.08, 6).map(bend),
            'main',
          ),
        );
      }
    }
  }
  if (excurrent) {
    const down = ANGLE[t.state('form.branch_angle') ?? 'horizontal'] ?? 86;
    for (let i = 0; i < 13; i += 1) {
      const s = (i + 0.5) / 13;
      const y = -STANDING * (foot + (1 - foot) * s);
      for (const sign of [1, -1]) {
        const reach = half * rule.at(s) * 0.88;
        if (reach < 1.5) continue;
        const from: Point = [0, y];
        const end = add(from, toward(sign * down, reach));
        const upturned = t.state('form.branch_angle') === 'drooping-with-upturned-ends';
        const line = upturned
          ? through([from, mix(from, end, 0.6), add(end, [0, -reach * 0.16])], false, 4)
          : bow(from, end, sign * (down > 95 ? 0.12 : -0.06), 6);
        strokes.push(limbs.line(line.map(bend), i % 2 === 0 ? 'side' : 'fine'));
      }
    }
    if (t.state('form.leader') === 'nodding')
      strokes.push(
        pen('leader', 'form.leader').line(
          through(
            [
              [0, -STANDING * 0.94],
              [0.6, -STANDING * 1.02],
              [4.4, -STANDING * 1.01],
              [5.6, -STANDING * 0.97],
            ].map(([x = 0, y = 0]) => bend([x, y])),
            false,
            5,
          ),
          'contour',
        ),
      );
    else
      strokes.push(
        pen('leader', 'form.leader').line([bend([0, -STANDING * 0.94]), bend(add(top, [0, -2.4]))], 'main'),
      );
  }
  const ground = pen('ground', 'form.habit');
  strokes.push(
    ground.line(
      [
        [-half - 6, 0.4],
        [half + 6, 0.4],
      ],
      'side',
    ),
  );
  return { strokes };
}
