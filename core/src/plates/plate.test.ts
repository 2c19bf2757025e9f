import { describe, expect, test } from '@jest/globals';
import { comparisonPlate, plateSvg, pointsOf, speciesPlate, typical } from './index.ts';
import { FIR, profileOf, vocabulary } from './sample.ts';

describe('a plate', () => {
  const plate = speciesPlate(typical(FIR, vocabulary), 9);

  test('has each organ once, leaf and fruit at the scale of the bar, and a gap for the twig', () => {
    expect(plate.pieces.map((p) => [p.kind, p.recorded])).toEqual([
      ['tree', true],
      ['bark', true],
      ['leaf', true],
      ['detail', true],
      ['twig', false],
      ['fruit', true],
    ]);
    const [leafPiece, fruit] = plate.pieces.filter((p) => p.toScale);
    expect(leafPiece?.ratio).toBeCloseTo(fruit?.ratio ?? 0);
    // The bar is as long on the page as the length it names at that scale.
    expect(plate.bar.page * (fruit?.ratio ?? 0)).toBeCloseTo(plate.bar.mm);
    // The cone is drawn as long as it is recorded to be: the middle of 55 to 110 mm, and its stalk.
    const cone =
      fruit?.marks.filter((m) => m.part === 'cone').flatMap((m) => pointsOf(m.d).points.map((p) => p[1])) ??
      [];
    const tall = (Math.max(...cone) - Math.min(...cone)) * (fruit?.ratio ?? 0);
    expect(Math.abs(tall - Math.sqrt(55 * 110))).toBeLessThan(9);
  });

  test('every mark stays on the page, and every gap names what would fill it', () => {
    for (const p of plate.pieces) {
      expect(
        p.box.x >= 0 &&
          p.box.y >= 0 &&
          p.box.x + p.box.width <= plate.width + 0.1 &&
          p.box.y + p.box.height <= plate.height + 0.1,
      ).toBe(true);
      expect(p.by.length).toBeGreaterThan(0);
      if (!p.recorded) expect(vocabulary.has(p.by[0] ?? '')).toBe(true);
    }
  });

  test('is the same from the same seed, another from another, and names only characters there are', () => {
    expect(speciesPlate(typical(FIR, vocabulary), 9)).toEqual(plate);
    expect(speciesPlate(typical(FIR, vocabulary), 10)).not.toEqual(plate);
    for (const c of plate.pieces.flatMap((p) => p.marks.flatMap((m) => m.by)))
      expect(vocabulary.has(c)).toBe(true);
  });

  test('is written as one SVG of less than 60 kB', () => {
    const svg = plateSvg(plate, 'Abies "grandis" & <others>', 'not recorded');
    expect(svg.length).toBeLessThan(60_000);
    expect(svg).toContain('Abies &quot;grandis&quot; &amp; &lt;others>');
    expect(svg).toContain('not recorded');
  });

  test('beside another has every organ at one scale for both', () => {
    const other = profileOf({
      'leaf.kind': 'broad',
      'leaf.shape': 'ovate',
      'leaf.length': '40-60 mm',
      'fruit.kind': 'acorn',
    });
    const { plate: both, rows } = comparisonPlate(
      [typical(FIR, vocabulary), typical(other, vocabulary)],
      ['leaf', 'fruit'],
      4,
    );
    expect(rows.map((r) => r.kind)).toEqual(['leaf', 'fruit']);
    const [a, b] = both.pieces.filter((p) => p.kind === 'leaf');
    expect(a?.ratio).toBeCloseTo(b?.ratio ?? 0);
  });
});
