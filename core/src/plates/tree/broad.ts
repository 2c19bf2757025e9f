import { along, bow, mix, ribbon } from '../geometry.ts';
import type { Chance } from '../random.ts';
import type { Point, Stroke } from '../types.ts';
import { LIMBS, STANDING, WOOD, clump } from './crown.ts';
import type { Crown } from './crown.ts';

/** Ends of branches around the edge of a crown, from its right foot over the top to its left foot, drawn a little inward. */
function tipsOf(crown: Crown, count: number): readonly Point[] {
  return Array.from({ length: count }, (_, i): Point => {
    const f = (i + 0.5) / count;
    if (f === 0.5) return [0, crown.edge(1, 0.96)[1]];
    const [sign, s] = f < 0.5 ? [1, f * 2] : [-1, 2 - f * 2];
    const [x, y] = crown.edge(sign, 0.08 + 0.86 * s);
    return [x * 0.84, y + STANDING * 0.03];
  });
}

/** A stem that divides: limbs to groups of tips, each branching toward its own, with leaves in masses at the ends. */
function divided(
  stem: readonly Point[],
  tips: readonly Point[],
  crown: Crown,
  { limbs, thick, leaves }: { readonly limbs: number; readonly thick: number; readonly leaves: number },
  c: Chance,
): { readonly masses: Stroke[]; readonly wood: Stroke[] } {
  const masses: Stroke[] = [];
  const wood: Stroke[] = [];
  const size = Math.ceil(tips.length / limbs);
  for (let g = 0; g < limbs; g += 1) {
    const own = tips.slice(g * size, (g + 1) * size);
    const middle = own[Math.floor(own.length / 2)];
    if (!middle) continue;
    // The outermost limbs leave lowest, those to the top last.
    const share = 0.5 + 0.46 * (1 - Math.abs((2 * (g + 0.5)) / limbs - 1)) + c.between(-0.05, 0.04);
    const from = along(stem, share).at;
    const limb = bow(
      from,
      mix(from, middle, 0.86),
      -0.16 * Math.max(-1, Math.min(1, (1.4 * (middle[0] - from[0])) / crown.half)),
      6,
    );
    wood.push(LIMBS.shape(ribbon(limb.map(crown.bend), thick * 0.55, thick * 0.14), 'dark', 'fine'));
    own.forEach((tip, i) => {
      const at = along(limb, 0.38 + (0.5 * i) / Math.max(1, own.length)).at;
      const branch = bow(at, tip, (tip[0] > at[0] ? -1 : 1) * 0.1, 4);
      const half = along(branch, 0.55).at;
      masses.push(clump(crown.bend(tip), leaves * c.between(0.85, 1.15), c));
      wood.push(LIMBS.line(branch.map(crown.bend), 'main'));
      const side = i % 2 === 0 ? 1 : -1;
      wood.push(
        LIMBS.line(
          [half, mix(half, [tip[0] + side * leaves * 0.7, tip[1] - leaves * 0.25], 0.9)].map(crown.bend),
          'fine',
        ),
      );
    });
  }
  return { masses, wood };
}

const STEMS: Readonly<Record<string, number>> = { single: 1, few: 3, many: 5 };

/** A crown whose trunk divides into limbs, on one trunk or on several. */
export function broad(crown: Crown, trunks: string | null, c: Chance): Stroke[] {
  const count = STEMS[trunks ?? 'single'] ?? 1;
  const tips = tipsOf(crown, count === 1 ? 13 : count * 5);
  const thick = count === 1 ? 4.2 : 3.2 - 0.2 * count;
  const fork = -STANDING * (crown.foot + (1 - crown.foot) * 0.5);
  const share = Math.ceil(tips.length / count);
  const made = Array.from({ length: count }, (_, i) => {
    // Tips run from right to left, and so do the stems that bear them.
    const side = count === 1 ? 0 : 1 - (2 * i) / (count - 1);
    const stem = bow([side * 2.6, 0], [side * crown.half * 0.42, fork], side * -0.06, 10);
    const parts = divided(
      stem,
      tips.slice(i * share, (i + 1) * share),
      crown,
      { limbs: count === 1 ? 5 : 2, thick, leaves: crown.half * 0.27 + 1.5 },
      c.fork(`stem ${i}`),
    );
    const trunk = WOOD.shape(ribbon(stem.map(crown.bend), thick, thick * 0.45), 'dark', 'fine');
    return { ...parts, trunk };
  });
  const inner = clump(crown.bend([0, fork - STANDING * 0.12]), crown.half * 0.5, c);
  return [inner, ...made.flatMap((m) => m.masses), ...made.flatMap((m) => [m.trunk, ...m.wood])];
}

/** Stems from the ground, each arching out to its own end, with leaves along it and no trunk. */
export function shrub(crown: Crown, c: Chance): Stroke[] {
  const count = 7;
  const tips = tipsOf(crown, count);
  const stems = tips.map((tip, i) => {
    const foot: Point = [(1 - (2 * i) / (count - 1)) * crown.half * 0.16, 0];
    return bow(foot, tip, (tip[0] > foot[0] ? 1 : -1) * -0.13, 10);
  });
  const masses = stems.flatMap((stem) =>
    [0.62, 0.82, 1].map((share) =>
      clump(crown.bend(along(stem, share).at), crown.half * c.between(0.15, 0.2) + 1, c),
    ),
  );
  const wood = stems.flatMap((stem) => [
    WOOD.shape(ribbon(stem.map(crown.bend), 1.5, 0.5), 'dark', 'fine'),
    ...[0.4, 0.55, 0.7].map((share, k) => {
      const { at, to } = along(stem, share);
      const side = k % 2 === 0 ? 1 : -1;
      const end: Point = [at[0] + (to[0] + side * 0.7) * crown.half * 0.22, at[1] - crown.half * 0.16];
      return LIMBS.line([at, end].map(crown.bend), 'side');
    }),
  ]);
  return [...masses, ...wood];
}
