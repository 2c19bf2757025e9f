import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { july, few, taxon, value, vocabulary } from '../compare/fixture.ts';
import { readBy } from '../tells/index.ts';
import { fairnessJudge } from './judge.ts';
import { competitorsOf, judged, speciesOf, stationOf } from './fixture.ts';
import { FAIRNESS_ORDER, worstOf } from './index.ts';

/** Enough that no species counts as one without data; alike in all of them. */
const SAME = {
  'bark.lenticel_shape': 'dots',
  'twig.pith': 'solid',
  'leaf.complexity': 'simple',
  'leaf.persistence': 'deciduous',
};
const SIX = [
  'twig.arrangement',
  'bark.texture',
  'twig.pith',
  'bark.lenticel_shape',
  'leaf.complexity',
  'leaf.persistence',
];
const plain = few(
  ...SIX,
  'form.outline',
  'twig.colour',
  'bark.colour',
  'leaf.margin',
  'bark.ridge_pattern',
  'fruit.colour',
);
const pairOf = (a: Readonly<Record<string, string>>, b: Readonly<Record<string, string>>) =>
  judged(speciesOf({ 'a-one': { ...SAME, ...a }, 'b-two': { ...SAME, ...b } }), plain);

describe('pairs worked by hand', () => {
  const arranged = (b: string) => pairOf({ 'twig.arrangement': 'opposite' }, { 'twig.arrangement': b });

  test('one clean tell: 0.98² + 0.02² = 0.961, and the best guess is right 0.980', () => {
    const { verdict, pairs } = arranged('alternate');
    expect(verdict).toBe('fair');
    expect(pairs[0]?.expected).toBeCloseTo(0.961, 3);
    expect(pairs[0]?.right).toBeCloseTo(0.98, 3);
    expect(pairs[0]?.by.map((b) => b.character)).toEqual(['twig.arrangement']);
  });

  test('one rare overlap 0.919, one sometimes 0.806 with a best guess of 0.884, identical 0.5', () => {
    expect(arranged('alternate | opposite ??').pairs[0]?.expected).toBeCloseTo(0.919, 3);
    const sometimes = arranged('alternate | opposite ?');
    expect(sometimes.pairs[0]?.expected).toBeCloseTo(0.806, 3);
    expect(sometimes.pairs[0]?.right).toBeCloseTo(0.884, 3);
    expect(sometimes.verdict).toBe('shaky');
    expect(sometimes.near).toBe(true);
    const alike = arranged('opposite');
    expect(alike.pairs[0]?.expected).toBe(0.5);
    expect(alike.verdict).toBe('unfair');
  });

  test('two that overlap sometimes: 0.922', () => {
    const { pairs } = pairOf(
      { 'twig.arrangement': 'opposite', 'bark.texture': 'smooth' },
      { 'twig.arrangement': 'alternate | opposite ?', 'bark.texture': 'scaly | smooth ?' },
    );
    expect(pairs[0]?.expected).toBeCloseTo(0.922, 3);
  });

  test('what is not recorded on a side has a ratio of one, and what would decide is named', () => {
    const { verdict, pairs } = pairOf({ 'twig.arrangement': 'opposite' }, {});
    expect(verdict).toBe('unproven');
    expect(pairs[0]?.expected).toBe(0.5);
    expect(pairs[0]?.open).toEqual([{ character: 'twig.arrangement', missing: 'b' }]);
  });

  test('where a species grows is no evidence', () => {
    const site = few(...SIX, 'site.moisture');
    const list = speciesOf({
      'a-one': { ...SAME, 'site.moisture': 'wet' },
      'b-two': { ...SAME, 'site.moisture': 'dry' },
    });
    expect(judged(list, site).pairs[0]?.expected).toBe(0.5);
  });
});

describe('the whole list at once', () => {
  const TELLS = [
    'twig.arrangement',
    'bark.texture',
    'form.outline',
    'twig.colour',
    'bark.colour',
    'leaf.margin',
    'bark.ridge_pattern',
    'fruit.colour',
  ];
  const states = (id: string) => (vocabulary.get(id)?.states ?? []).map((s) => s.id);
  const free = few(...TELLS, ...SIX);
  /** So many look-alikes, each told from the first by one tell of its own. */
  const each = (n: number) => {
    const own = Object.fromEntries(TELLS.map((id) => [id, states(id)[0] ?? '']));
    const others = TELLS.slice(0, n).map((id, i) => [
      `b${i}-x`,
      { ...SAME, ...own, [id]: states(id)[1] ?? '' },
    ]);
    return speciesOf({ 'a-one': { ...SAME, ...own }, ...Object.fromEntries(others) });
  };

  test('four look-alikes with a tell each give about 0.85, eight about 0.73, which is no better than hard to be sure', () => {
    const four = judged(each(4), free);
    expect(four.whole?.expected).toBeCloseTo(0.85, 1);
    expect(four.verdict).toBe('fair');
    const eight = judged(each(8), free);
    expect(eight.whole?.expected).toBeGreaterThan(0.71);
    expect(eight.whole?.expected).toBeLessThan(0.75);
    expect(eight.pairs.every((p) => p.verdict === 'fair')).toBe(true);
    expect(eight.verdict).toBe('shaky');
  });

  test('comes out the same every time', () => {
    expect(judged(each(8), free)).toEqual(judged(each(8), free));
  });

  test('a character that does not apply to a look-alike bears out what rules it out', () => {
    const needles = few('leaf.kind', 'needle.length', 'needle.bands', ...SIX);
    const broad = (id: string) =>
      [id, { ...SAME, 'leaf.kind': 'broad', 'needle.length': '-', 'needle.bands': '-' }] as const;
    const own = { ...SAME, 'leaf.kind': 'needle', 'needle.length': '20-40 mm', 'needle.bands': 'below-only' };
    const list = speciesOf({
      'a-one': own,
      ...Object.fromEntries(Array.from({ length: 30 }, (_, i) => broad(`b${i}-x`))),
    });
    const found = judged(list, needles);
    // One misreading of the leaf alone would make any of thirty likelier; a needle that has bands is no broad leaf.
    expect(found.pairs[0]?.expected).toBeCloseTo(0.961, 2);
    expect(found.whole?.expected).toBeGreaterThan(0.95);
  });
});

describe('what is asked decides who competes', () => {
  const list = speciesOf({
    'a-one': SAME,
    'a-two': SAME,
    'b-three': { ...SAME, 'leaf.complexity': 'odd-pinnate' },
  });

  test('asked at genus only other genera compete, at family none of the family', () => {
    expect(judged(list, plain).verdict).toBe('unfair');
    const genus = judged(list, plain, { asked: { rank: 'genus' } });
    expect(genus.verdict).toBe('fair');
    expect(genus.pairs.map((p) => p.rival)).toEqual(['b-three']);
    expect(judged(list, plain, { asked: { rank: 'family' } }).pairs).toEqual([]);
  });

  test('what is accepted too does not compete', () => {
    expect(judged(list, plain, { asked: { accepts: ['a-two'] } }).verdict).toBe('fair');
  });

  test('where the right answer is that it cannot be told, a pair that cannot be told is fair', () => {
    expect(judged(list, plain, { asked: { notTellable: true } }).verdict).toBe('fair');
    const told = speciesOf({ 'a-one': SAME, 'b-three': { ...SAME, 'leaf.complexity': 'odd-pinnate' } });
    expect(judged(told, plain, { asked: { notTellable: true } }).verdict).toBe('unfair');
    const open = speciesOf({ 'a-one': { ...SAME, 'bark.texture': 'smooth' }, 'b-two': SAME });
    expect(judged(open, plain, { asked: { notTellable: true } }).verdict).toBe('unproven');
  });

  test('a station without a name stands by its character questions alone', () => {
    const found = judged(list, plain, { asked: { rank: null, characters: ['leaf.complexity'] } });
    expect(found).toMatchObject({ verdict: 'fair', pairs: [], whole: null, missed: null });
  });

  test('a species of which almost nothing is recorded is left out and named', () => {
    const bare = speciesOf({ 'a-one': SAME, 'b-two': { 'twig.pith': 'solid' } });
    const found = judged(bare, plain);
    expect([found.bare, found.pairs, found.verdict]).toEqual([['b-two'], [], 'unproven']);
  });
});

describe('character questions', () => {
  const asks = (cells: Readonly<Record<string, string>>, part: Parameters<typeof judged>[2] = {}) =>
    judged(
      speciesOf({ 'a-one': { ...SAME, ...cells }, 'b-two': { ...SAME, 'leaf.complexity': 'odd-pinnate' } }),
      vocabulary,
      {
        ...part,
        asked: { characters: ['bark.texture'], ...part.asked },
      },
    ).calls[0];

  test('one state for certain is fair, several are not until the tree was checked', () => {
    expect(asks({ 'bark.texture': 'smooth' })).toMatchObject({ verdict: 'fair', doubt: null });
    expect(asks({ 'bark.texture': 'smooth | scaly ??' })).toMatchObject({ verdict: 'fair' });
    expect(asks({ 'bark.texture': 'smooth | scaly' })).toMatchObject({ verdict: 'shaky', doubt: 'varies' });
    expect(asks({ 'bark.texture': 'smooth | scaly' }, { certified: ['bark.texture'] })?.verdict).toBe('fair');
  });

  test('what is not there to be seen, not recorded, or does not apply is no question', () => {
    const leaf = { ...july, material: ['leaf' as const] };
    expect(asks({ 'bark.texture': 'smooth' }, { conditions: leaf })).toMatchObject({
      verdict: 'unfair',
      doubt: 'hidden',
    });
    expect(asks({})).toMatchObject({ verdict: 'unproven', doubt: 'not_recorded' });
    const leaflets = { asked: { characters: ['leaf.leaflet_count'] } };
    expect(asks({}, leaflets)).toMatchObject({ verdict: 'unfair', doubt: 'does_not_apply' });
  });

  test('a length is fair only where it was checked', () => {
    const length = { asked: { characters: ['leaf.length'] } };
    expect(asks({ 'leaf.length': '40-80 mm' }, length)?.verdict).toBe('shaky');
    expect(asks({ 'leaf.length': '40-80 mm' }, { ...length, certified: ['leaf.length'] })?.verdict).toBe(
      'fair',
    );
  });

  test('a doubtful question keeps a station from being fair', () => {
    const list = speciesOf({
      'a-one': { ...SAME, 'bark.texture': 'smooth | scaly' },
      'b-two': { ...SAME, 'leaf.complexity': 'odd-pinnate' },
    });
    expect(judged(list, plain).verdict).toBe('fair');
    expect(judged(list, plain, { asked: { characters: ['bark.texture'] } }).verdict).toBe('shaky');
  });
});

describe('what may never happen', () => {
  const CELLS: readonly (readonly [string, readonly string[]])[] = [
    ['twig.arrangement', ['opposite', 'alternate', 'alternate | opposite ?', 'alternate | opposite ??']],
    ['bark.texture', ['smooth', 'scaly', 'scaly | smooth ?', 'furrowed | scaly']],
    ['leaf.margin', ['entire', 'serrate', 'entire | serrate ?']],
    ['twig.colour', ['grey', 'red', 'red | grey ??']],
    ['leaf.length', ['40-80 mm', '60-90 mm', '150-200 mm', '(30) 50-70 (120) mm']],
    ['form.outline', ['conical', 'rounded', 'rounded | conical ?']],
    ['fruit.colour', ['red', 'black', 'red | black']],
  ];
  const ids = CELLS.map(([id]) => id);
  const words = few(...ids, ...SIX);
  const cellOf = fc.record(
    Object.fromEntries(
      CELLS.map(([id, cells]) => [id, fc.option(fc.constantFrom(...cells), { nil: undefined })]),
    ),
  );
  const given = (cells: Readonly<Record<string, string | undefined>>) =>
    Object.fromEntries(Object.entries(cells).flatMap(([k, v]) => (v === undefined ? [] : [[k, v]])));
  const rank = (v: (typeof FAIRNESS_ORDER)[number]) => FAIRNESS_ORDER.indexOf(v);

  test('filling in what is not recorded with the value of the look-alike never raises a verdict', () => {
    fc.assert(
      fc.property(cellOf, cellOf, fc.constantFrom(...ids), (a, b, id) => {
        const other = { ...SAME, ...given(b) };
        const before = { ...SAME, ...given(a) };
        fc.pre(!(id in before) && id in other);
        const of = (own: Readonly<Record<string, string>>) =>
          judged(speciesOf({ 'a-one': own, 'b-two': other }), words).verdict;
        const after = of({ ...before, [id]: (other as Record<string, string>)[id] ?? '' });
        expect(rank(after)).toBeGreaterThanOrEqual(rank(of(before)));
      }),
    );
  });

  test('more that can be seen never lowers what is expected of a pair', () => {
    const material = fc.subarray(['tree', 'twig', 'leaf', 'fruit', 'litter', 'bark'] as const, {
      minLength: 1,
    });
    fc.assert(
      fc.property(cellOf, cellOf, material, material, (a, b, had, more) => {
        const list = speciesOf({ 'a-one': { ...SAME, ...given(a) }, 'b-two': { ...SAME, ...given(b) } });
        const at = (m: typeof had) =>
          judged(list, words, { conditions: { ...july, material: m } }).pairs[0]?.expected ?? 0;
        // Of more than five groups the five strongest by themselves count, which may cost a thousandth together.
        expect(at([...new Set([...had, ...more])])).toBeGreaterThan(at(had) - 0.001);
      }),
    );
  });

  test('how often a class misses what tells never weighs in a verdict, only in what it is expected to miss', () => {
    const list = speciesOf({
      'a-one': { ...SAME, 'twig.arrangement': 'opposite' },
      'b-two': { ...SAME, 'twig.arrangement': 'alternate' },
    });
    const weak = readBy(plain, (c) => ({
      rate: c.id === 'twig.arrangement' ? 0.3 : 0.02,
      weight: 20,
      base: 'fit',
    }));
    const careful = readBy(plain, () => ({ rate: 0.02, weight: 20, base: 'fit' }));
    const [weakly, carefully] = [judged(list, weak), judged(list, careful)];
    expect(weakly.verdict).toBe('fair');
    expect(weakly.pairs).toEqual(carefully.pairs);
    // By hand: 1/31 slips; of the rest, b survives a look 0.3 of the time and then is one of two names.
    expect(weakly.missed).toBeCloseTo(1 / 31 + (30 / 31) * (0.3 / 2), 9);
    expect(carefully.missed).toBeCloseTo(1 / 31 + (30 / 31) * (0.02 / 2), 9);
  });

  test('many stations together come out as each alone, however they are met', () => {
    const list = speciesOf({
      'a-one': { ...SAME, 'twig.arrangement': 'opposite', 'leaf.margin': 'entire' },
      'b-two': { ...SAME, 'twig.arrangement': 'alternate', 'leaf.margin': 'entire' },
      'c-three': { ...SAME, 'twig.arrangement': 'opposite', 'leaf.margin': 'serrate' },
    });
    const judge = fairnessJudge(competitorsOf(list), list, plain);
    const stations = list.flatMap((d) => [
      stationOf(d),
      stationOf(d, { conditions: { ...july, material: ['leaf'] } }),
      stationOf({
        ...d,
        values: new Map([...d.values, ['bark.texture', { value: value('bark.texture', 'scaly') }]]),
      }),
    ]);
    expect(judge(stations)).toEqual(stations.flatMap((s) => judge([s])));
  });
});

test('the worst of some verdicts, fair where there are none', () => {
  expect(worstOf([])).toBe('fair');
  expect(worstOf(['fair', 'unfair', 'shaky'])).toBe('unfair');
  expect(worstOf(['shaky', 'unproven'])).toBe('unproven');
});

test('a bag hides a character whatever else is allowed', () => {
  const arrangement = { 'twig.arrangement': 'opposite' };
  const bagged = {
    ...taxon('a-one', { ...SAME, ...arrangement }),
    subject: { windows: [], persistence: 'evergreen' as const, hides: ['twig.arrangement'] },
  };
  const list = [bagged, taxon('b-two', { ...SAME, 'twig.arrangement': 'alternate' })];
  const [found] = fairnessJudge(competitorsOf(list), list, plain)([stationOf(bagged)]);
  expect(found?.verdict).toBe('unfair');
});

test('a species that is not compared that day is no rival, though its genus is known', () => {
  const list = speciesOf({ 'a-one': { ...SAME, 'twig.arrangement': 'opposite' }, 'b-two': SAME });
  const [first] = list;
  if (!first) throw new Error('An empty list');
  const [found] = fairnessJudge(competitorsOf(list), [first], plain)([stationOf(first)]);
  expect([found?.pairs, found?.bare]).toEqual([[], []]);
});
