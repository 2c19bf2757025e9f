import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { CHARACTERS, vocabularyOf } from '../characters/index.ts';
import type { Character, Frequency, RangeValue, StatesValue, Value } from '../characters/index.ts';
import { EVERYTHING_AT_THE_TREE } from '../conditions/index.ts';
import type { Conditions, Subject } from '../conditions/index.ts';
import { comparePair, distributionOf, overlapOf, separate } from './index.ts';
import type { Described } from './index.ts';

const vocabulary = vocabularyOf(CHARACTERS);
const character = (id: string): Character => {
  const found = vocabulary.get(id);
  if (!found) throw new Error(`No character ${id}`);
  return found;
};
const states = (...s: readonly (readonly [string, Frequency])[]): StatesValue => ({
  kind: 'states',
  states: s.map(([state, freq]) => ({ state, freq })),
});
const range = (
  low: number,
  high: number,
  xlow: number | null = null,
  xhigh: number | null = null,
): RangeValue => ({
  kind: 'range',
  xlow,
  low,
  high,
  xhigh,
  entered: '',
});
const strength = (id: string, a: Value, b: Value, gap?: number): string => {
  const s = separate(character(id), a, b, gap);
  return s.kind === 'tell' ? s.strength : s.kind;
};

describe('how well a character separates', () => {
  test('two needles against three is clean', () => {
    expect(strength('needle.bundle_count', range(2, 2), range(3, 3))).toBe('clean');
  });

  test('one side sometimes showing the other’s state is usual; alike is none', () => {
    const id = 'twig.arrangement';
    const opposite = states(['opposite', 'usual']);
    expect(strength(id, opposite, states(['alternate', 'usual']))).toBe('clean');
    // 0.25 against 1: a share of 0.2 in common, which is still usual.
    expect(strength(id, opposite, states(['alternate', 'usual'], ['opposite', 'sometimes']))).toBe('usual');
    expect(strength(id, opposite, states(['alternate', 'usual'], ['opposite', 'usual']))).toBe('partial');
    expect(strength(id, opposite, opposite)).toBe('none');
  });

  test('a rare state is weighed at 0.05 of a usual one', () => {
    const d = distributionOf(
      character('twig.arrangement'),
      states(['opposite', 'usual'], ['alternate', 'rare']),
    );
    if (d?.kind !== 'discrete') throw new Error('A discrete distribution was expected');
    expect(d.p.get('alternate')).toBeCloseTo(0.05 / 1.05);
  });

  test('a missing side is unknown, an inapplicable one no tell, a coarse term against a fine one says nothing', () => {
    const c = character('leaf.complexity');
    expect(separate(c, undefined, states(['simple', 'usual'])).kind).toBe('unknown');
    expect(separate(c, { kind: 'inapplicable' }, states(['simple', 'usual'])).kind).toBe('inapplicable');
    expect(separate(c, states(['compound', 'usual']), states(['odd-pinnate', 'usual'])).kind).toBe('unknown');
    expect(strength('leaf.complexity', states(['compound', 'usual']), states(['simple', 'usual']))).toBe(
      'clean',
    );
  });

  test('ranges are clean only across a gap: 15% of the larger bound by eye, 3% when measured', () => {
    expect(strength('needle.length', range(10, 40), range(50, 90))).toBe('clean');
    expect(strength('needle.length', range(10, 45), range(50, 90))).toBe('usual');
    expect(strength('needle.length', range(10, 45), range(50, 90), 0.03)).toBe('clean');
    expect(strength('needle.length', range(10, 60), range(30, 90))).toBe('partial');
    expect(strength('needle.length', range(30, 70), range(30, 70))).toBe('none');
  });

  test('a count puts 95% evenly on its range and the rest on its extremes', () => {
    const d = distributionOf(character('leaf.leaflet_count'), range(5, 9, null, 11));
    if (d?.kind !== 'discrete') throw new Error('A discrete distribution was expected');
    expect([...d.p.values()].reduce((a, b) => a + b, 0)).toBeCloseTo(1);
    expect(d.p.get('7')).toBeCloseTo(0.95 / 5);
  });

  test('overlap is the same from either side, from 0 to 1, and 1 with itself', () => {
    const bounds = fc
      .tuple(fc.integer({ min: 1, max: 200 }), fc.integer({ min: 0, max: 200 }))
      .map(([low, more]) => range(low, low + more));
    fc.assert(
      fc.property(bounds, bounds, (a, b) => {
        const [p, q] = [
          distributionOf(character('needle.length'), a),
          distributionOf(character('needle.length'), b),
        ];
        if (!p || !q) throw new Error('A distribution was expected');
        const o = overlapOf(p, q);
        expect(o).toBeCloseTo(overlapOf(q, p), 3);
        expect(o).toBeGreaterThanOrEqual(0);
        expect(o).toBeLessThanOrEqual(1.001);
        expect(overlapOf(p, p)).toBeGreaterThan(0.97);
      }),
    );
  });
});

describe('overlap of measured ranges', () => {
  const four = fc
    .tuple(
      fc.integer({ min: 0, max: 120 }),
      fc.integer({ min: 0, max: 60 }),
      fc.integer({ min: 0, max: 40 }),
      fc.integer({ min: 0, max: 40 }),
    )
    .map(([low, more, below, above]) =>
      range(
        low,
        low + more,
        below > 0 ? Math.max(0, low - below) : null,
        above > 0 ? low + more + above : null,
      ),
    );

  test('is the area that two densities share, added up in five thousand steps', () => {
    fc.assert(
      fc.property(four, four, (a, b) => {
        const [p, q] = [a, b].map((v) => distributionOf(character('needle.length'), v));
        if (p?.kind !== 'density' || q?.kind !== 'density') throw new Error('Densities were expected');
        const [from, to] = [Math.max(p.low, q.low), Math.min(p.high, q.high)];
        const step = (to - from) / 5_000;
        let area = 0;
        for (let i = 0; i < 5_000 && step > 0; i += 1) {
          const x = from + (i + 0.5) * step;
          area += Math.min(p.pdf(x), q.pdf(x)) * step;
        }
        expect(overlapOf(p, q)).toBeCloseTo(area, 2);
      }),
      // Two laws of one width: what is left of the square is rounding, and once the far root was taken for the near one.
      { numRuns: 60, examples: [[range(4, 20, 0, null), range(1, 5, 0, null)]] },
    );
  });

  test('a density has all its mass between its bounds', () => {
    fc.assert(
      fc.property(four, (v) => {
        const d = distributionOf(character('needle.length'), v);
        if (d?.kind !== 'density') throw new Error('A density was expected');
        expect(overlapOf(d, d)).toBeCloseTo(v.high === 0 ? overlapOf(d, d) : 1, 3);
      }),
    );
  });
});

const evergreen: Subject = { persistence: 'evergreen', windows: [] };
const described = (id: string, values: Record<string, Value>, subject: Subject = evergreen): Described => ({
  id,
  subject,
  values: new Map(Object.entries(values).map(([k, value]) => [k, { value }])),
});
const NEEDLE = { 'leaf.kind': states(['needle', 'usual']) };
const october: Conditions = { ...EVERYTHING_AT_THE_TREE, date: '2026-10-01' };

describe('pairs under conditions', () => {
  const grand = described('grand', { ...NEEDLE, 'needle.bands': states(['below-only', 'usual']) });
  const alpine = described('alpine', { ...NEEDLE, 'needle.bands': states(['both-sides', 'usual']) });
  const none = new Set<string>();

  test('told where a clean tell can be seen, with both sides’ states', () => {
    const r = comparePair(grand, alpine, vocabulary, october, none);
    expect(r.verdict).toBe('told');
    expect(r.tells).toMatchObject([{ character: 'needle.bands', strength: 'clean', partly: false }]);
  });

  test('twins where all that can be seen is recorded and none separates', () => {
    const far: Conditions = { ...october, distance: 'far', material: ['tree'] };
    const both = { ...NEEDLE, 'form.outline': states(['conical', 'usual']) };
    expect(comparePair(described('a', both), described('b', both), vocabulary, far, none).verdict).toBe(
      'twins',
    );
  });

  test('unproven where one side is not recorded, or nothing at all can be compared', () => {
    const bare = described('bare', NEEDLE);
    const r = comparePair(grand, bare, vocabulary, october, none);
    expect(r.verdict).toBe('unproven');
    expect(r.open).toContainEqual({ character: 'needle.bands', missing: 'b' });
    expect(comparePair(described('a', {}), described('b', {}), vocabulary, october, none).verdict).toBe(
      'unproven',
    );
  });

  test('an expected character that neither has keeps a pair from being called twins', () => {
    const both = { ...NEEDLE, 'needle.bands': states(['none', 'usual']) };
    const [a, b] = [described('a', both), described('b', both)];
    expect(comparePair(a, b, vocabulary, october, none).verdict).toBe('twins');
    expect(comparePair(a, b, vocabulary, october, new Set(['needle.colour'])).verdict).toBe('unproven');
  });

  test('only partly visible caps a tell at partial, which tells nothing apart', () => {
    const falling: Subject = {
      persistence: 'deciduous',
      windows: [
        { kind: 'leaf_out', start: 105, end: 130 },
        { kind: 'leaf_fall', start: 270, end: 290 },
      ],
    };
    const a = described('a', { ...NEEDLE, 'needle.bands': states(['none', 'usual']) }, falling);
    const b = described('b', { ...NEEDLE, 'needle.bands': states(['both-sides', 'usual']) }, falling);
    const r = comparePair(a, b, vocabulary, { ...october, material: ['tree'] }, none);
    expect(r.tells[0]).toMatchObject({ strength: 'partial', partly: true });
    expect(r.verdict).not.toBe('told');
    // A needle in the hand is whole, whatever falls from the tree.
    const hand = comparePair(a, b, vocabulary, { ...october, material: ['leaf'] }, none);
    expect(hand.tells[0]).toMatchObject({ strength: 'clean', partly: false });
  });

  test('a pair is judged alike from either side', () => {
    for (const [x, y] of [
      [grand, alpine],
      [grand, described('bare', NEEDLE)],
    ] as const) {
      const [one, two] = [
        comparePair(x, y, vocabulary, october, none),
        comparePair(y, x, vocabulary, october, none),
      ];
      expect(one.verdict).toBe(two.verdict);
      expect(one.tells.map((t) => t.character)).toEqual(two.tells.map((t) => t.character));
    }
  });
});

describe('what is only presumed from a group', () => {
  const presumed = (id: string, own: Record<string, Value> = {}): Described => {
    const trunks = { 'form.trunks': states(['single', 'usual']), 'form.leader': states(['erect', 'usual']) };
    const genus = {
      ...NEEDLE,
      ...trunks,
      'bark.texture': states(['smooth', 'usual'], ['furrowed', 'sometimes']),
    };
    const d = described(id, { ...genus, ...own });
    return {
      ...d,
      values: new Map([...d.values].map(([k, v]) => [k, k in own ? v : { ...v, shipped: true }])),
    };
  };
  const verdict = (a: Described, b: Described): string =>
    comparePair(a, b, vocabulary, october, new Set()).verdict;

  test('two species with nothing but what ships for their genus are unproven, never twins', () => {
    const report = comparePair(presumed('a'), presumed('b'), vocabulary, october, new Set());
    expect(report.verdict).toBe('unproven');
    expect(report.open.map((o) => o.character)).toContain('bark.texture');
  });

  test('recorded alike in at least half of what is compared, they are twins', () => {
    const own = {
      ...NEEDLE,
      'form.trunks': states(['single', 'usual']),
      'bark.texture': states(['smooth', 'usual']),
    };
    expect(verdict(presumed('a', own), presumed('b', own))).toBe('twins');
    const one = { 'bark.texture': states(['smooth', 'usual']) };
    expect(verdict(presumed('a', one), presumed('b', one))).toBe('unproven');
  });
});
