import { add, bow, pen, ribbon, toward } from '../geometry.ts';
import type { Chance } from '../random.ts';
import type { Traits } from '../traits.ts';
import type { Point, Stroke } from '../types.ts';

const BY = ['needle.length', 'needle.tip', 'needle.twist', 'needle.flexibility', 'leaf.kind'] as const;

export const breadth = (t: Traits): number => {
  const section = t.state('needle.section');
  return section === 'flat' ? 1.7 : section === 'square' ? 1.15 : 1.25;
};

/** One needle from a point, as a slender outline: bent by its suppleness, twisted in waves, ended by its tip. */
export function needle(t: Traits, length: number, angle: number, c: Chance): Stroke[] {
  const ink = pen('needle', ...BY);
  const end = toward(angle, length);
  const soft = t.state('needle.flexibility') === 'stiff' ? 0.015 : 0.05;
  const bent = t.state('needle.twist') === 'curved' ? 0.07 : c.between(-soft, soft);
  const line = bow([0, 0], end, bent, t.state('needle.twist') === 'twisted' ? 26 : length < 45 ? 6 : 12);
  const wave = t.state('needle.twist') === 'twisted' ? Math.min(1.6, length * 0.028) : 0;
  const waved = line.map((p, i): Point => {
    const s = i / (line.length - 1);
    const side = toward(angle + 90, wave * Math.sin(2 * Math.PI * 2 * s));
    return add(p, side);
  });
  const wide = breadth(t);
  const tip = t.state('needle.tip');
  const to = tip === 'blunt' || tip === 'notched' ? wide * 0.8 : wide * 0.22;
  const outline = ribbon(waved, wide * 0.75, to);
  const half = outline.length / 2;
  // A needle keeps its breadth and narrows only near its tip.
  const shaped = outline.map((p, i): Point => {
    const at = i < half ? i : outline.length - 1 - i;
    const s = at / (half - 1);
    const axis = waved[at] as Point;
    const full =
      (wide / 2) * (s < 0.08 ? 0.6 + 5 * s : s > 0.86 && to < wide / 2 ? Math.max(0.12, (1 - s) / 0.14) : 1);
    const d = Math.hypot(p[0] - axis[0], p[1] - axis[1]) || 1;
    return [axis[0] + ((p[0] - axis[0]) / d) * full, axis[1] + ((p[1] - axis[1]) / d) * full];
  });
  const strokes = [ink.shape(shaped, 'paper', 'side')];
  if (t.state('needle.section') === 'flat') strokes.push(ink.line(waved.slice(1, -2), 'fine'));
  return strokes;
}
