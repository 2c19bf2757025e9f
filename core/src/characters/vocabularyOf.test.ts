import { expect, test } from '@jest/globals';
import { CHARACTERS, isBroader, leavesUnder, sameValue, stateOf, withDescendants } from './index.ts';
import type { Character, Value } from './index.ts';

const complexity = CHARACTERS.find((c) => c.id === 'leaf.complexity') as Character;

test('a broad state holds all under it, itself first, and its finest ones have nothing beneath', () => {
  expect(withDescendants(complexity, 'compound')[0]).toBe('compound');
  expect([...withDescendants(complexity, 'compound')].sort()).toEqual(
    ['bipinnate', 'compound', 'even-pinnate', 'odd-pinnate', 'palmate', 'pinnate', 'trifoliolate'].sort(),
  );
  expect([...leavesUnder(complexity, 'pinnate')].sort()).toEqual(['even-pinnate', 'odd-pinnate']);
  expect(leavesUnder(complexity, 'simple')).toEqual(['simple']);
});

test('broader is strict and runs one way, through every level', () => {
  expect(isBroader(complexity, 'compound', 'odd-pinnate')).toBe(true);
  expect(isBroader(complexity, 'odd-pinnate', 'compound')).toBe(false);
  expect(isBroader(complexity, 'compound', 'compound')).toBe(false);
  expect(isBroader(complexity, 'simple', 'odd-pinnate')).toBe(false);
});

test('no state of the vocabulary is above itself', () => {
  for (const c of CHARACTERS) {
    for (const s of c.states) {
      for (const below of withDescendants(c, s.id)) {
        if (below !== s.id) expect([c.id, isBroader(c, below, s.id)]).toEqual([c.id, false]);
      }
      expect(stateOf(c, s.id)).toBe(s);
    }
  }
});

test('two values are the same whatever the order of states or the text typed', () => {
  const states = (...s: string[]): Value => ({
    kind: 'states',
    states: s.map((state) => ({ state, freq: 'usual' })),
  });
  const range = (entered: string): Value => ({
    kind: 'range',
    xlow: null,
    low: 25.4,
    high: 50.8,
    xhigh: null,
    entered,
  });
  expect(sameValue(states('a', 'b'), states('b', 'a'))).toBe(true);
  expect(sameValue(states('a'), states('a', 'b'))).toBe(false);
  expect(sameValue(range('1-2 in'), range('25.4-50.8 mm'))).toBe(true);
  expect(sameValue(range('1-2 in'), { kind: 'inapplicable' })).toBe(false);
  expect(sameValue({ kind: 'inapplicable' }, { kind: 'inapplicable' })).toBe(true);
});
