import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { CHARACTERS } from '../characters/index.ts';
import type { Character, Value } from '../characters/index.ts';
import { OUTCOMES } from '../names/index.ts';
import type { Judgement } from '../names/index.ts';
import { POLICY, judgeCall, namePoints } from './index.ts';

const judged = (outcome: Judgement['outcome'], part: Partial<Judgement> = {}): Judgement => ({
  outcome,
  taxon: 'a',
  latin: false,
  edits: 0,
  why: '',
  ...part,
});
const character = (id: string): Character => {
  const found = CHARACTERS.find((c) => c.id === id);
  if (!found) throw new Error(`No character ${id}`);
  return found;
};

describe('points follow the policy', () => {
  test.each([
    ['exact', 2],
    ['misspelt', 2],
    ['synonym', 2],
    ['shared_common', 1],
    ['genus_only', 0],
    ['other_species', 0],
    ['blank', 0],
    ['doubtful', 0],
  ] as const)('%s earns %d of 2', (outcome, points) => {
    expect(namePoints(judged(outcome), 'common', 'genus', 2)).toBe(points);
  });

  test('the other language earns its own share; where either is asked, both are right', () => {
    const latin = judged('exact', { latin: true });
    expect(namePoints(latin, 'common', null, 2)).toBe(0);
    expect(namePoints(latin, 'common', null, 2, { ...POLICY, otherLanguage: 0.5 })).toBe(1);
    expect(namePoints(latin, 'either', null, 2)).toBe(2);
  });

  test('an exact school gives nothing for a misspelling; genus credit only for the right genus', () => {
    expect(namePoints(judged('misspelt'), 'common', null, 3, { ...POLICY, spelling: 'exact' })).toBe(0);
    const half = { ...POLICY, genusOnly: 0.5 };
    expect(namePoints(judged('genus_only', { taxon: 'genus' }), 'common', 'genus', 3, half)).toBe(1.5);
    expect(namePoints(judged('genus_only', { taxon: 'other' }), 'common', 'genus', 3, half)).toBe(0);
  });

  test('no policy earns less than nothing or more than there is', () => {
    const share = fc.double({ min: 0, max: 1, noNaN: true });
    fc.assert(
      fc.property(
        fc.constantFrom(...OUTCOMES),
        share,
        share,
        fc.integer({ min: 0, max: 100 }),
        (outcome, a, b, most) => {
          const policy = {
            ...POLICY,
            misspelt: a,
            synonym: b,
            sharedCommon: a,
            genusOnly: b,
            otherLanguage: a,
          };
          const points = namePoints(judged(outcome), 'common', 'a', most, policy);
          expect(points).toBeGreaterThanOrEqual(0);
          expect(points).toBeLessThanOrEqual(most);
        },
      ),
    );
  });
});

describe('calls', () => {
  const complexity = character('leaf.complexity');
  const pinnate: Value = {
    kind: 'states',
    states: [
      { state: 'odd-pinnate', freq: 'usual' },
      { state: 'bipinnate', freq: 'rare' },
    ],
  };

  test.each([
    ['odd-pinnate', 'right'],
    ['bipinnate', 'right'],
    ['compound', 'coarse'],
    ['simple', 'wrong'],
  ])('%s is %s', (state, outcome) => {
    expect(judgeCall(complexity, { state }, pinnate)).toBe(outcome);
  });

  test('a count is right within its range, extremes included; nothing recorded is said as such', () => {
    const five: Value = { kind: 'range', xlow: 3, low: 5, high: 7, xhigh: null, entered: '' };
    expect(
      ['3', '7', '8', 'x'].map((state) => judgeCall(character('leaf.leaflet_count'), { state }, five)),
    ).toEqual(['right', 'right', 'wrong', 'wrong']);
    expect(judgeCall(complexity, { state: 'simple' }, undefined)).toBe('not_recorded');
    expect(judgeCall(complexity, { inapplicable: true }, { kind: 'inapplicable' })).toBe('right');
    expect(judgeCall(complexity, { inapplicable: true }, pinnate)).toBe('wrong');
  });
});
