import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { CHARACTERS } from '@hurrow/core/characters';
import type { Character } from '@hurrow/core/characters';
import { newCode, readCode } from './codes.ts';
import { stateWritten } from './sheets.ts';

const character = (id: string): Character => {
  const found = CHARACTERS.find((c) => c.id === id);
  if (!found) throw new Error(`No character ${id}`);
  return found;
};
const arrangement = character('twig.arrangement');

describe('a call as a hand writes it', () => {
  test.each([
    ['opposite', 'opposite'],
    ['OPPOSITE ', 'opposite'],
    ['in facing pairs', 'opposite'],
    ['opp', 'opposite'],
    ['2', 'opposite'],
    ['whorl', 'whorled'],
    ['–', 'does-not-apply'],
    ['does not apply', 'does-not-apply'],
    ['', null],
    ['9', null],
    ['sideways', null],
  ])('%j is %s', (typed, state) => {
    expect(stateWritten(arrangement, typed)).toBe(state);
  });

  test('the first letters that fit two states fit none', () => {
    expect(stateWritten(character('leaf.complexity'), 'p')).toBeNull();
  });

  test('a number is taken as it is where a number is asked', () => {
    const count = character('leaf.leaflet_count');
    expect([stateWritten(count, '7'), stateWritten(count, 'seven')]).toEqual(['7', null]);
  });

  test('every state is known by its term, its plain words and its number', () => {
    for (const c of CHARACTERS.filter((x) => x.states.length > 0)) {
      c.states.forEach((s, i) => {
        expect([c.id, stateWritten(c, s.term)]).toEqual([c.id, s.id]);
        expect([c.id, stateWritten(c, String(i + 1))]).toEqual([c.id, s.id]);
      });
    }
  });
});

describe('join codes', () => {
  test('hold nothing that is read for something else, and come back however they are typed', () => {
    const seen = new Set<string>();
    for (let i = 0; i < 500; i += 1) {
      const code = newCode();
      expect(code).toMatch(/^[A-HJKMNP-RT-Y346-9]{6}$/);
      seen.add(code);
    }
    expect(seen.size).toBeGreaterThan(495);
    fc.assert(
      fc.property(fc.array(fc.constantFrom(' ', '-', '.'), { maxLength: 5 }), (noise) => {
        const code = newCode();
        const typed = [...code.toLowerCase()].map((c, i) => c + (noise[i] ?? '')).join('');
        expect(readCode(typed)).toBe(code);
      }),
    );
  });
});
