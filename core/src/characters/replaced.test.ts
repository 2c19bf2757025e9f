import { describe, expect, test } from '@jest/globals';
import { CHARACTERS, REPLACED, saidToday } from './index.ts';

const has = (character: string, state: string): boolean =>
  CHARACTERS.find((c) => c.id === character)?.states.some((s) => s.id === state) ?? false;

describe('states that ship no more', () => {
  test('are gone, and what stands for them is there', () => {
    expect(REPLACED.length).toBeGreaterThan(3);
    for (const r of REPLACED) {
      expect([r.character, r.state, has(r.character, r.state)]).toEqual([r.character, r.state, false]);
      for (const to of r.instead) expect([to, has(to.character, to.state)]).toEqual([to, true]);
    }
  });

  test('a star-shaped core is solid, and its outline a star', () => {
    expect([...(saidToday('twig.pith', [{ state: 'star-shaped', freq: 'sometimes' }]) ?? [])]).toEqual([
      ['twig.pith', [{ state: 'solid', freq: 'sometimes' }]],
      ['twig.pith_outline', [{ state: 'star-shaped', freq: 'sometimes' }]],
    ]);
  });

  test('where two lead to the same, the more frequent stands; what never was replaced is left alone', () => {
    const today = saidToday('twig.pith', [
      { state: 'star-shaped', freq: 'rare' },
      { state: 'solid', freq: 'usual' },
      { state: 'large-and-brown', freq: 'sometimes' },
    ]);
    expect(today?.get('twig.pith')).toEqual([{ state: 'solid', freq: 'usual' }]);
    expect(today?.get('twig.pith_colour')).toEqual([{ state: 'brown', freq: 'sometimes' }]);
    expect(saidToday('twig.pith', [{ state: 'chambered', freq: 'usual' }])).toBeNull();
  });

  test('what was no look leaves nothing', () => {
    expect([...(saidToday('leaf.sap', [{ state: 'irritant', freq: 'usual' }]) ?? [])]).toEqual([
      ['leaf.sap', []],
    ]);
  });
});
