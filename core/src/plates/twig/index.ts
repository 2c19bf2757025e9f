import { add, along, ellipse, pen, placed, ribbon, through } from '../geometry.ts';
import type { Chance } from '../random.ts';
import type { Traits } from '../traits.ts';
import type { Figure, Point, Stroke } from '../types.ts';
import { bud } from './bud.ts';
import { leafScar, armed, cutEnd, needleMarks } from './marks.ts';

const LONG = 92;
const USUAL_BUD = 6;

/** A winter twig in true size: nodes with buds and scars as they sit, the end bud, lenticels, thorns, the cut end. */
export function twigFigure(t: Traits, c: Chance): Figure {
  const arrangement = t.state('twig.arrangement') ?? t.state('leaf.arrangement');
  const thick = { slender: 2.4, medium: 3.8, stout: 6 }[t.state('twig.thickness') ?? 'medium'] ?? 3.8;
  const zigzag = t.state('twig.zigzag') === 'yes';
  const needles = t.state('leaf.kind') === 'needle' || t.has('needle.attachment');
  const budLength = t.number('twig.bud_length') ?? USUAL_BUD;
  const nodes = needles ? 0 : arrangement === 'opposite' || arrangement === 'whorled' ? 3 : 5;
  const place = (i: number): Point => [
    zigzag ? (i % 2 === 0 ? 2.6 : -2.6) : c.between(-0.5, 0.5),
    -12 - (i * (LONG - 22)) / Math.max(1, nodes),
  ];
  const spine: Point[] = [[0, 0], ...Array.from({ length: nodes }, (_, i) => place(i)), [0, -LONG + 6]];
  const line = zigzag ? spine : through(spine, false, 6);
  const stem = pen('twig', 'twig.arrangement', 'twig.colour', 'twig.thickness', 'twig.zigzag');
  const strokes: Stroke[] = [
    stem.shape(
      ribbon(line, thick, thick * 0.72),
      t.state('twig.colour') === 'green' ? 'paper' : 'pale',
      'contour',
    ),
  ];
  if (t.state('twig.wings') === 'yes') {
    for (const s of [1, -1])
      strokes.push(
        pen('wings', 'twig.wings').shape(
          ribbon(line.map((p): Point => [p[0] + s * thick * 0.75, p[1]]).slice(2, -2), 1.6, 1.2),
          'mid',
          'side',
        ),
      );
  }
  strokes.push(...needleMarks(t, line, thick));
  const dots = { none: 0, few: 9, many: 26 }[t.state('twig.lenticels') ?? 'none'] ?? 0;
  for (let i = 0; i < dots; i += 1) {
    const { at } = along(line, 0.05 + (0.9 * (i + c.next() * 0.6)) / dots);
    const p = add(at, [c.between(-0.34, 0.34) * thick, 0]);
    strokes.push(pen('lenticels', 'twig.lenticels').shape(ellipse(p, 0.28, 0.5, 0, 8), 'dark', 'none'));
  }
  const hairs = t.state('twig.hairs');
  if (hairs === 'many' || hairs === 'rusty-hairs') {
    for (let i = 0; i < 34; i += 1) {
      const { at } = along(line, i / 34);
      const s = i % 2 === 0 ? 1 : -1;
      const p = add(at, [(s * thick) / 2.2, 0]);
      strokes.push(pen('hairs', 'twig.hairs').line([p, add(p, [s * 1.1, -0.7])], 'fine'));
    }
  }
  for (let i = 0; i < nodes; i += 1) {
    const at = place(i);
    const near = line.reduce((a, b) => (Math.abs(b[1] - at[1]) < Math.abs(a[1] - at[1]) ? b : a));
    const shift = arrangement === 'subopposite' ? 3 : 0;
    const sides =
      arrangement === 'opposite' || arrangement === 'subopposite'
        ? [1, -1]
        : arrangement === 'whorled'
          ? [1, -1, 0]
          : [i % 2 === 0 ? 1 : -1];
    for (const side of sides) {
      const spot: Point = [near[0] + (side * thick) / 2, near[1] - (side < 0 ? shift : 0)];
      strokes.push(...leafScar(t, side === 0 ? near : add(spot, [-side * 0.8, 0]), side));
      const lean = side === 0 ? 0 : side * (t.state('twig.bud_shape') === 'claw-like' ? 12 : 28);
      strokes.push(...placed(bud(t, budLength * 0.86), add(spot, [-side * 0.4, 0]), lean).strokes);
      const where = t.state('twig.armature_place');
      if (side !== 0 && where !== 'at-the-tip' && (where === 'in-pairs' || side === (i % 2 === 0 ? 1 : -1)))
        strokes.push(...armed(t, add(spot, [0, 3]), side));
      if (where === 'in-pairs' && sides.length === 1)
        strokes.push(...armed(t, [near[0] - (side * thick) / 2, near[1] + 3], -side));
    }
    if (t.state('twig.stipules') === 'ring-scar')
      strokes.push(
        pen('ring scar', 'twig.stipules').line(
          [
            [near[0] - thick / 2, near[1] + 0.6],
            [near[0] + thick / 2, near[1] + 0.2],
          ],
          'side',
        ),
      );
  }
  const top = line.at(-1) as Point;
  const end = t.state('twig.terminal_bud');
  if (
    t.state('twig.armature_place') === 'at-the-tip' &&
    t.state('twig.armature') !== 'none' &&
    t.has('twig.armature')
  ) {
    strokes.push(
      pen('thorn', 'twig.armature', 'twig.armature_place').shape(
        [add(top, [-thick * 0.34, 0]), add(top, [0, -12]), add(top, [thick * 0.34, 0])],
        'paper',
        'main',
      ),
    );
  } else if (end !== 'false' && end !== 'twig-tip-dies')
    strokes.push(...placed(bud(t, budLength), add(top, [0, 0.6])).strokes);
  else
    strokes.push(
      pen('end bud', 'twig.terminal_bud').shape(ellipse(top, thick * 0.32, 0.7), 'dark', 'side'),
      ...placed(bud(t, budLength * 0.8), add(top, [thick * 0.3, 1.6]), 24).strokes,
    );
  strokes.push(...cutEnd(t, [0, 0.4], thick / 2));
  return { strokes };
}
