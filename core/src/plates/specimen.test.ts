import { describe, expect, test } from '@jest/globals';
import { chance, contrastPair, drawnSpecimen, sampled } from './index.ts';
import { FIR, leaf, profileOf, vocabulary } from './sample.ts';

describe('drawn specimens', () => {
  test('vary within what is recorded, at its weights, and are the same from the same seed', () => {
    const shown = Array.from({ length: 600 }, (_, i) => sampled(FIR, vocabulary, chance(i + 1)));
    const lengths = shown.map((t) => t.number('needle.length') ?? 0);
    expect(Math.min(...lengths)).toBeGreaterThanOrEqual(20);
    expect(Math.max(...lengths)).toBeLessThanOrEqual(50);
    const heights = shown.map((t) => t.number('form.height') ?? 0);
    expect(Math.max(...heights)).toBeLessThanOrEqual(75_000);
    // Usual 1, sometimes 0.25: one in five is smooth.
    const smooth = shown.filter((t) => t.state('bark.texture') === 'smooth').length;
    expect(smooth).toBeGreaterThan(80);
    expect(smooth).toBeLessThan(160);
    const drawn = (seed: number) => drawnSpecimen(FIR, vocabulary, 'leaf', seed);
    expect(drawn(5)).toEqual(drawn(5));
    expect(drawn(5)).not.toEqual(drawn(6));
    expect(drawnSpecimen(FIR, vocabulary, 'twig', 5)).toBeNull();
  });

  test('sizes of one organ go together', () => {
    const profile = profileOf({ 'leaf.length': '40-120 mm', 'leaf.width': '20-60 mm' });
    const pairs = Array.from({ length: 400 }, (_, i) => {
      const t = sampled(profile, vocabulary, chance(i + 1));
      return [Math.log(t.number('leaf.length') ?? 1), Math.log(t.number('leaf.width') ?? 1)] as const;
    });
    const mean = (k: 0 | 1): number => pairs.reduce((n, p) => n + p[k], 0) / pairs.length;
    const [mx, my] = [mean(0), mean(1)];
    const sum = (f: (x: number, y: number) => number): number =>
      pairs.reduce((n, [x, y]) => n + f(x - mx, y - my), 0);
    const r = sum((x, y) => x * y) / Math.sqrt(sum((x) => x * x) * sum((_, y) => y * y));
    expect(r).toBeGreaterThan(0.7);
  });

  test('a contrast pair differs in the parts of one character and in nothing else', () => {
    const pair = contrastPair(FIR, vocabulary, 'detail', 'needle.bands', ['none', 'both-sides'], 8);
    if (!pair) throw new Error('No pair was drawn');
    const but = (marks: (typeof pair)[0]['marks']): unknown[] =>
      marks.filter((m) => m.part !== 'bands').map((m) => m.d);
    expect(but(pair[0].marks)).toEqual(but(pair[1].marks));
    expect(pair[1].marks.length).toBeGreaterThan(pair[0].marks.length);
  });

  test('what is drawn says nothing of seed, name or character', () => {
    const drawn = drawnSpecimen(FIR, vocabulary, 'leaf', 123_456);
    const sent = JSON.stringify(drawn?.marks.map(({ d, ink, tone }) => ({ d, ink, tone })));
    expect(sent).not.toMatch(/123456|needle\.|fir/);
  });
});

test('the end leaflet of three stands on the stalk that is recorded, and the leaf is as long as before', () => {
  const drawn = ['none', 'as-short-as-the-others', 'longer-than-the-others'].map((state) =>
    leaf({ 'leaf.complexity': 'trifoliolate', 'leaf.length': 150, 'leaf.end_leaflet_stalk': state }),
  );
  const tops = drawn.map((f) => Math.min(...f.strokes.flatMap((s) => s.points.map(([, y]) => y))));
  expect(new Set(tops.map((y) => y.toFixed(3))).size).toBe(1);
  // The lower the side leaflets sit, the longer the stalk above them: their blades reach lower down.
  const lowest = drawn.map((f) =>
    Math.max(...f.strokes.filter((s) => s.part === 'blade').flatMap((s) => s.points.map(([, y]) => y))),
  );
  expect(lowest).toEqual([...lowest].sort((a, b) => a - b));
  expect(new Set(lowest).size).toBe(3);
});
