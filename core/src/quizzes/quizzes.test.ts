import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { CHARACTERS } from '../characters/index.ts';
import type { Character, Value } from '../characters/index.ts';
import { OUTCOMES } from '../names/index.ts';
import type { Judgement } from '../names/index.ts';
import { addDays } from '../conditions/index.ts';
import { POLICY, judgeCall, namePoints, stationHolds } from './index.ts';
import type { OtherSitting } from './index.ts';

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
    ['misspelled', 2],
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
    expect(namePoints(judged('misspelled'), 'common', null, 3, { ...POLICY, spelling: 'exact' })).toBe(0);
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
            misspelled: a,
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

describe('stations held back', () => {
  const own = { quiz: 'q', section: 'tuesday' };
  const stations = [
    { id: 's1', individual: 'fir' },
    { id: 's2', individual: 'pine' },
  ];
  const other = (more: Partial<OtherSitting> = {}): OtherSitting => ({
    id: 'o',
    quiz: 'q',
    section: 'thursday',
    on: '2026-10-03',
    state: 'draft',
    makeUp: false,
    individuals: new Set(['fir']),
    ...more,
  });
  const held = (others: readonly OtherSitting[], days?: number) =>
    stationHolds(own, stations, others, '2026-10-01', days).map((h) => [h.station, h.reason, h.until]);

  test.each<[string, Partial<OtherSitting>, unknown]>([
    [
      'another section, same quiz',
      {},
      [
        ['s1', 'same_quiz', '2026-10-03'],
        ['s2', 'same_quiz', '2026-10-03'],
      ],
    ],
    [
      'today',
      { on: '2026-10-01' },
      [
        ['s1', 'same_quiz', '2026-10-01'],
        ['s2', 'same_quiz', '2026-10-01'],
      ],
    ],
    [
      'the seventh day',
      { on: '2026-10-08' },
      [
        ['s1', 'same_quiz', '2026-10-08'],
        ['s2', 'same_quiz', '2026-10-08'],
      ],
    ],
    ['the eighth day', { on: '2026-10-09' }, []],
    ['yesterday', { on: '2026-09-30' }, []],
    ['a draft without a date', { on: null }, []],
    ['a make-up', { makeUp: true }, []],
    ['the own section again', { section: 'tuesday' }, []],
    ['closed', { state: 'closed' }, []],
    ['returned', { state: 'returned' }, []],
    ['a draft of another quiz with the same tree', { quiz: 'r' }, []],
    [
      'a locked sitting of another quiz with the same tree',
      { quiz: 'r', state: 'locked' },
      [['s1', 'same_tree', '2026-10-03']],
    ],
    [
      'an open one, dated long ago',
      { quiz: 'r', state: 'open', on: '2026-09-01' },
      [['s1', 'same_tree', null]],
    ],
    [
      'an open one of the own section',
      { quiz: 'r', section: 'tuesday', state: 'open' },
      [['s1', 'same_tree', null]],
    ],
  ])('%s', (_, more, expected) => {
    expect(held([other(more)])).toEqual(expected);
  });

  test('the sitting that holds longest is the one that is told', () => {
    const soon = other({ id: 'soon' });
    const later = other({ id: 'later', on: '2026-10-06' });
    const open = other({ id: 'open', quiz: 'r', state: 'open' });
    const told = (others: readonly OtherSitting[]) =>
      stationHolds(own, stations, others, '2026-10-01').map((h) => h.sitting);
    expect(told([soon, later])).toEqual(['later', 'later']);
    expect(told([soon, later, open])).toEqual(['open', 'later']);
  });

  test('a longer look ahead never releases a station', () => {
    const date = fc.integer({ min: -10, max: 40 }).map((n) => addDays('2026-10-01', n));
    const any = fc.record({
      id: fc.constant('o'),
      quiz: fc.constantFrom('q', 'r'),
      section: fc.constantFrom('tuesday', 'thursday'),
      on: fc.option(date),
      state: fc.constantFrom<OtherSitting['state']>(
        'draft',
        'locked',
        'open',
        'closed',
        'graded',
        'returned',
      ),
      makeUp: fc.boolean(),
      individuals: fc.constantFrom(new Set(['fir']), new Set(['pine']), new Set<string>()),
    });
    fc.assert(
      fc.property(fc.array(any, { maxLength: 5 }), fc.nat(20), fc.nat(20), (others, days, more) => {
        const short = stationHolds(own, stations, others, '2026-10-01', days).map((h) => h.station);
        const long = stationHolds(own, stations, others, '2026-10-01', days + more).map((h) => h.station);
        expect(long).toEqual(expect.arrayContaining(short));
      }),
    );
  });
});
