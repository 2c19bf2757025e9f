import { describe, expect, test } from '@jest/globals';
import { character, few, july, taxon } from '../compare/fixture.ts';
import { comparePair, easeOf, missRate, readBy, VOCABULARY_RATES } from './index.ts';

describe('how often a character is missed', () => {
  const bark = character('bark.texture');

  test('is the prior of the vocabulary, and says so', () => {
    expect(missRate(bark)).toEqual({
      rate: Math.max(0.01, bark.misread[0]),
      weight: bark.misread[1],
      base: 'vocabulary',
    });
  });

  test('is what a class’s own looks were fitted to, where a vocabulary is read with that', () => {
    const vocabulary = readBy(few('bark.texture'), () => ({ rate: 0.4, weight: 120, base: 'fit' }));
    const read = vocabulary.get('bark.texture');
    expect(read && missRate(read)).toEqual({ rate: 0.4, weight: 120, base: 'fit' });
    expect(read && easeOf(read) - easeOf(bark)).toBeCloseTo(0.4 - missRate(bark).rate);
  });

  test('nobody reads anything without ever being wrong', () => {
    const read = readBy(few('bark.texture'), (c) => ({ ...VOCABULARY_RATES(c), rate: 0 })).get(
      'bark.texture',
    );
    expect(read && missRate(read).rate).toBe(0.01);
  });

  test('a class that misses a character finds the other tell first', () => {
    const both = few('bark.texture', 'leaf.shape');
    const level = new Map([...both].map(([id, c]) => [id, { ...c, effort: 1, needs: [] }]));
    const a = taxon('a', { 'bark.texture': 'smooth', 'leaf.shape': 'ovate' });
    const b = taxon('b', { 'bark.texture': 'furrowed', 'leaf.shape': 'cordate' });
    const first = (missed: string): string | undefined =>
      comparePair(
        a,
        b,
        readBy(level, (c) => ({ rate: c.id === missed ? 0.5 : 0.05, weight: 10, base: 'fit' })),
        july,
        new Set(),
      ).tells[0]?.character;
    expect(first('bark.texture')).toBe('leaf.shape');
    expect(first('leaf.shape')).toBe('bark.texture');
  });

  test('goes by the way that can be used: hairs felt are missed more often than hairs seen under a lens', () => {
    const hairs = character('leaf.hairs');
    const { orBy } = hairs;
    if (!orBy) throw new Error('Hairs are felt as well');
    expect(orBy.misread[0]).toBeGreaterThan(hairs.misread[0]);
    const [lens, touch] = [easeOf(hairs, ['look', 'lens']), easeOf(hairs, ['look', 'touch'])];
    expect(touch - lens).toBeCloseTo(orBy.misread[0] - hairs.misread[0]);
    expect(easeOf(hairs, ['look', 'lens', 'touch'])).toBe(lens);
    expect(easeOf(hairs)).toBe(lens);
    expect(
      easeOf({ ...hairs, missed: { rate: 0.5, weight: 50, base: 'fit' } }, ['look', 'touch']),
    ).toBeCloseTo(hairs.effort + 1);
  });
});
