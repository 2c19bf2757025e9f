import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { character, july, taxon, value, vocabulary } from '../compare/fixture.ts';
import { has } from '../rules/index.ts';
import { comparePair, distributionOf, separate } from './index.ts';

const between = (id: string, a: string, b: string) => separate(character(id), value(id, a), value(id, b));

describe('a state ruled out', () => {
  test('tells from what shows it, as far as that shows it', () => {
    expect(between('bark.texture', 'not papery', 'papery')).toMatchObject({
      kind: 'tell',
      strength: 'clean',
    });
    // 1 of 1.25 shows papery: 0.2 could be of the other.
    expect(between('bark.texture', 'not papery', 'papery | smooth?')).toMatchObject({
      strength: 'usual',
      overlap: 0.2,
    });
    expect(between('bark.texture', 'not papery', 'papery | smooth')).toMatchObject({
      strength: 'partial',
      overlap: 0.5,
    });
  });

  test('says nothing of what shows something else, or rules something out itself', () => {
    expect(between('bark.texture', 'not papery', 'smooth')).toEqual({ kind: 'unknown' });
    expect(between('bark.texture', 'not papery', 'not smooth')).toEqual({ kind: 'unknown' });
  });

  test('makes a broad term tell from the finer one it rules out', () => {
    expect(between('leaf.margin', 'toothed', 'serrate')).toEqual({ kind: 'unknown' });
    expect(between('leaf.margin', 'toothed | not serrate', 'serrate')).toMatchObject({ strength: 'clean' });
    expect(between('leaf.margin', 'toothed | not dentate', 'serrate')).toEqual({ kind: 'unknown' });
  });

  test('tells among states that stand together, whatever else the two share', () => {
    const together = [...vocabulary.values()].find((c) => c.combine === 'together' && c.states.length >= 3);
    if (!together) throw new Error('A character whose states stand together');
    const [p, q] = together.states
      .filter((s) => !together.states.some((t) => t.parent === s.id))
      .map((s) => s.term);
    expect(between(together.id, `${p} | not ${q}`, `${p} | ${q}`)).toMatchObject({ strength: 'clean' });
    expect(between(together.id, `${p}`, `${p} | ${q}`)).not.toMatchObject({ strength: 'clean' });
  });

  test('leaves a pair open instead of calling it alike', () => {
    const bark = (cell: string) => taxon(cell, { 'bark.texture': cell });
    const report = comparePair(bark('not papery'), bark('smooth'), vocabulary, july, new Set());
    expect(report.verdict).toBe('unproven');
    expect(report.open).toEqual([{ character: 'bark.texture', missing: 'a' }]);
    expect(comparePair(bark('not papery'), bark('papery'), vocabulary, july, new Set()).verdict).toBe('told');
  });

  test('is not had, and all else is not known to be', () => {
    const d = taxon('d', { 'bark.texture': 'not papery' });
    expect(has(d, { character: 'bark.texture', state: 'papery' }, vocabulary)).toBe('no');
    expect(has(d, { character: 'bark.texture', state: 'smooth' }, vocabulary)).toBe('unknown');
  });

  test('spreads over all the rest where chances are wanted', () => {
    const d = distributionOf(character('bark.texture'), value('bark.texture', 'not papery'));
    if (d?.kind !== 'discrete') throw new Error('Chances of states');
    expect(d.p.has('papery')).toBe(false);
    expect([...d.p.values()].reduce((a, b) => a + b, 0)).toBeCloseTo(1, 12);
  });
});

describe('a least number', () => {
  const leaflets = (a: string, b: string) => between('leaf.leaflet_count', a, b);

  test('tells from what ends below it, and from nothing that may reach it', () => {
    expect(leaflets('at least 9', '3')).toMatchObject({ strength: 'clean' });
    expect(leaflets('at least 9', '3-9')).toMatchObject({ strength: 'usual' });
    expect(leaflets('at least 5', '7-9')).toEqual({ kind: 'unknown' });
    expect(leaflets('several', 'at least 9')).toEqual({ kind: 'unknown' });
    expect(between('form.height', 'at least 30 m', '3-6 m')).toMatchObject({ strength: 'clean' });
    // No gap between the two.
    expect(between('form.height', 'at least 6 m', '3-6 m')).not.toMatchObject({ strength: 'clean' });
  });

  test('has what it rules out not, and the rest perhaps', () => {
    const d = taxon('d', { 'leaf.leaflet_count': 'at least 5' });
    const some = (low: number, high: number) =>
      has(d, { character: 'leaf.leaflet_count', low, high }, vocabulary);
    expect([some(1, 4), some(5, 9), some(3, 7)]).toEqual(['no', 'unknown', 'unknown']);
  });
});

test('whichever side is named first, an open value tells the same, and never more than its closed rival allows', () => {
  const cell = fc.constantFrom(
    'not papery',
    'not smooth',
    'papery',
    'smooth',
    'papery | smooth?',
    'smooth | not papery',
  );
  const number = fc.constantFrom('at least 5', 'several', '3', '5-7', '(3) 5-7', '9-11');
  fc.assert(
    fc.property(cell, cell, number, number, (a, b, n, m) => {
      expect(between('bark.texture', a, b)).toEqual(between('bark.texture', b, a));
      const [there, back] = [between('leaf.leaflet_count', n, m), between('leaf.leaflet_count', m, n)];
      expect({ ...there, overlap: 0 }).toEqual({ ...back, overlap: 0 });
      if ('overlap' in there && 'overlap' in back) expect(there.overlap).toBeCloseTo(back.overlap, 12);
    }),
  );
});
