import { describe, expect, test } from '@jest/globals';
import { CHARACTERS, vocabularyOf } from '../characters/index.ts';
import type { Character, Value } from '../characters/index.ts';
import { MATERIALS } from '../conditions/index.ts';
import { MATERIAL_CLASSES, acceptedCall, judgeCall, materialClass, taughtBy } from './index.ts';

const vocabulary = vocabularyOf(CHARACTERS);
const character = (id: string): Character => {
  const found = vocabulary.get(id);
  if (!found) throw new Error(`No character ${id}`);
  return found;
};
const state = (...states: string[]): Value => ({
  kind: 'states',
  states: states.map((s) => ({ state: s, freq: 'usual' as const })),
});

describe('what a question accepts', () => {
  /** Every value of a character against every answer: frozen, it grades as judging the value itself does. */
  test.each([
    ['leaf.complexity', state('odd-pinnate')],
    ['leaf.complexity', state('compound')],
    [
      'leaf.complexity',
      {
        kind: 'states',
        states: [
          { state: 'simple', freq: 'mistaken_for' },
          { state: 'palmate', freq: 'rare' },
        ],
      } as Value,
    ],
    ['leaf.complexity', { kind: 'inapplicable' } as Value],
    ['leaf.leaflet_count', { kind: 'range', xlow: 3, low: 5, high: 7, xhigh: null, entered: '' } as Value],
  ])('%s of %j is the same frozen as judged', (id, value) => {
    const c = character(id);
    const accepted = acceptedCall(c, value);
    for (const s of c.states) {
      const frozen = accepted.right.includes(s.id)
        ? 'right'
        : accepted.coarse.includes(s.id)
          ? 'coarse'
          : 'wrong';
      expect([s.id, frozen]).toEqual([s.id, judgeCall(c, { state: s.id }, value)]);
    }
    expect(accepted.doesNotApply ? 'right' : 'wrong').toBe(judgeCall(c, { inapplicable: true }, value));
    for (const n of [2, 3, 7, 8]) {
      const within = accepted.range !== null && n >= accepted.range[0] && n <= accepted.range[1];
      if (c.states.length === 0)
        expect(within ? 'right' : 'wrong').toBe(judgeCall(c, { state: String(n) }, value));
    }
  });

  test('where nothing is recorded, nothing is right or wrong', () => {
    expect(acceptedCall(character('leaf.complexity'), undefined)).toMatchObject({
      recorded: false,
      right: [],
      words: 'not recorded',
    });
  });
});

test.each([
  [null, '2026-08-25', '2026-08-01', true],
  [1, null, '2026-08-01', true],
  [1, '2026-08-25', '2026-08-25', true],
  [2, '2026-08-25', '2026-08-31', false],
  [2, '2026-08-25', '2026-09-01', true],
])('taught in week %s of a term from %s is known on %s: %s', (week, startsOn, on, taught) => {
  expect(taughtBy(week, startsOn, on)).toBe(taught);
});

test('material is classed by what shows most of the tree, and every kind has a class', () => {
  expect([
    materialClass(['plate', 'twig']),
    materialClass(['litter', 'pressed']),
    materialClass(['rubbing']),
    materialClass([]),
  ]).toEqual(['cut', 'standing', 'preserved', 'pictured']);
  for (const m of MATERIALS) expect(MATERIAL_CLASSES).toContain(materialClass([m]));
});
