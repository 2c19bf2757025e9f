import { describe, expect, test } from '@jest/globals';
import { CHARACTERS } from '../characters/index.ts';
import type { Character } from '../characters/index.ts';
import { characterWritten, nameWritten } from './index.ts';

const character = (id: string): Character => {
  const found = CHARACTERS.find((c) => c.id === id);
  if (!found) throw new Error(`No character ${id}`);
  return found;
};
const arrangement = character('twig.arrangement');

describe('a character question as a hand answers it', () => {
  test.each([
    ['opposite', { kind: 'state', state: 'opposite', written: 'opposite' }],
    ['OPPOSITE ', { kind: 'state', state: 'opposite', written: 'OPPOSITE' }],
    ['in facing pairs', { kind: 'state', state: 'opposite', written: 'in facing pairs' }],
    ['opp', { kind: 'state', state: 'opposite', written: 'opp' }],
    ['2', { kind: 'state', state: 'opposite', written: '2' }],
    ['whorl', { kind: 'state', state: 'whorled', written: 'whorl' }],
    ['–', { kind: 'does_not_apply', written: '–' }],
    ['does not apply', { kind: 'does_not_apply', written: 'does not apply' }],
    ['?', { kind: 'illegible' }],
    [' ', { kind: 'blank' }],
    ['Not sure ', { kind: 'not_sure', written: 'Not sure' }],
    ['9', null],
    ['sideways', null],
  ])('%j', (typed, value) => {
    expect(characterWritten(arrangement, typed)).toEqual(value);
  });

  test('the first letters that fit two states fit none', () => {
    expect(characterWritten(character('leaf.complexity'), 'p')).toBeNull();
  });

  test('a number is taken as it is where a number is asked', () => {
    const count = character('leaf.leaflet_count');
    expect([characterWritten(count, '7'), characterWritten(count, 'seven')]).toEqual([
      { kind: 'count', n: 7 },
      null,
    ]);
  });

  test('a length needs its unit, and is kept in millimeters and as it was written', () => {
    const length = character('needle.length');
    expect(characterWritten(length, '1 1/2 in')).toEqual({ kind: 'measure', mm: 38.1, typed: '1 1/2 in' });
    expect(characterWritten(length, '3.8 cm')).toEqual({ kind: 'measure', mm: 38, typed: '3.8 cm' });
    expect(characterWritten(length, '38')).toBeNull();
  });

  test('every state is known by its term and its number', () => {
    for (const c of CHARACTERS.filter((x) => x.states.length > 0)) {
      c.states.forEach((s, i) => {
        expect([c.id, characterWritten(c, s.term)]).toMatchObject([c.id, { state: s.id }]);
        expect([c.id, characterWritten(c, String(i + 1))]).toMatchObject([c.id, { state: s.id }]);
      });
    }
  });

  test('a name is kept exactly as written, unless nobody can read it or there is none', () => {
    expect([nameWritten(' grand Fir'), nameWritten(' ? '), nameWritten('')]).toEqual([
      { kind: 'name', text: ' grand Fir' },
      { kind: 'illegible' },
      { kind: 'blank' },
    ]);
  });
});
