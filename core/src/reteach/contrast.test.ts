import { describe, expect, test } from '@jest/globals';
import { CHARACTERS, vocabularyOf } from '../characters/index.ts';
import type { Frequency, Value } from '../characters/index.ts';
import { inTeachingOrder, tellCards } from '../compare/index.ts';
import { EVERYTHING_AT_THE_TREE } from '../conditions/index.ts';
import type { Conditions } from '../conditions/index.ts';
import type { DescribedTaxon } from '../tells/index.ts';
import {
  checkOf,
  drawnCards,
  drillSheet,
  exceptionsTo,
  nearestTwo,
  pieceFor,
  predictedPairs,
  predictedRate,
  showing,
} from './index.ts';
import type { Candidate, Place } from './index.ts';

const vocabulary = vocabularyOf(CHARACTERS);
const OCTOBER: Conditions = { ...EVERYTHING_AT_THE_TREE, date: '2026-10-01' };
const states = (...s: readonly (string | readonly [string, Frequency])[]): Value => ({
  kind: 'states',
  states: s.map((x) => (typeof x === 'string' ? { state: x, freq: 'usual' } : { state: x[0], freq: x[1] })),
});
const count = (n: number): Value => ({
  kind: 'range',
  xlow: null,
  low: n,
  high: n,
  xhigh: null,
  entered: String(n),
});
function taxon(id: string, values: Readonly<Record<string, Value>>): DescribedTaxon {
  const own = new Map(Object.entries(values).map(([k, value]) => [k, { value }]));
  return {
    id,
    profile: own as unknown as DescribedTaxon['profile'],
    values: own,
    windows: [],
    subject: { windows: [], persistence: 'evergreen' },
  };
}
const grand = taxon('grand', {
  'leaf.kind': states('needle'),
  'needle.bands': states('below-only'),
  'needle.tip': states('notched', ['blunt', 'sometimes']),
  'needle.attachment': states('disc'),
});
const subalpine = taxon('subalpine', {
  'leaf.kind': states('needle'),
  'needle.bands': states('both-sides'),
  'needle.tip': states('blunt'),
  'needle.attachment': states('disc'),
});
const looks = inTeachingOrder(tellCards(grand, subalpine, vocabulary, OCTOBER), OCTOBER);
const LOOKS = ['needle.bands'];

const tree = (individual: string, taxon_: string, part: Partial<Candidate> = {}): Candidate => ({
  individual,
  taxon: taxon_,
  certified: {},
  cautions: [],
  place: null,
  cut: null,
  ...part,
});

describe('where a look is shown', () => {
  const shown = (all: readonly Candidate[], conditions = OCTOBER) =>
    showing(all, grand, subalpine, LOOKS, vocabulary, conditions).map((s) => s.individual);

  test('by a tree of the species whose needles are within reach, and not by one of another species', () => {
    expect(shown([tree('a', 'grand'), tree('b', 'subalpine')])).toEqual(['a']);
    expect(shown([tree('a', 'grand', { reach: { leaf: 'out' } })])).toEqual([]);
  });

  test('what was checked at a tree counts before the profile: one like the other species shows nothing', () => {
    expect(shown([tree('a', 'grand', { certified: { 'needle.bands': states('both-sides') } })])).toEqual([]);
    expect(shown([tree('a', 'grand', { certified: { 'needle.bands': states('none') } })])).toEqual(['a']);
  });

  test('a tree shows what its species does at its own site and stage, where that is known', () => {
    const pole = taxon('grand', { 'leaf.kind': states('needle'), 'needle.bands': states('both-sides') });
    const found = showing(
      [tree('grown', 'grand'), tree('pole', 'grand')],
      grand,
      subalpine,
      LOOKS,
      vocabulary,
      OCTOBER,
      (c) => (c.individual === 'pole' ? pole : null),
    );
    expect(found.map((s) => s.individual)).toEqual(['grown']);
  });

  test('a cut twig shows it as long as it is good, and a bag may hide it', () => {
    const cut = (goodUntil: string, hides: readonly string[] = []): Candidate =>
      tree('s', 'grand', { hides, cut: { material: ['twig'], takenOn: '2026-09-30', goodUntil } });
    expect(shown([cut('2026-10-07')])).toEqual(['s']);
    expect(shown([cut('2026-09-30')])).toEqual([]);
    expect(shown([cut('2026-10-07', ['needle.bands'])])).toEqual([]);
  });
});

describe('the two nearest trees', () => {
  const places: Readonly<Record<string, Place>> = {
    a1: { lat: 47.9, lon: -115.9, elevM: 760 },
    a2: { lat: 47.91, lon: -115.9, elevM: 760 },
    b1: { lat: 47.901, lon: -115.9, elevM: 760 },
    b2: { lat: 47.9, lon: -115.9001, elevM: 760 },
  };
  const placeOf = (id: string): Place | null => places[id] ?? null;
  const shows = (individual: string, ...characters: string[]) => ({ individual, characters });

  test('are those with the fewest minutes between them that show one look both', () => {
    expect(
      nearestTwo([shows('a1', 'x'), shows('a2', 'x')], [shows('b1', 'x'), shows('b2', 'x')], placeOf),
    ).toEqual({ a: 'a1', b: 'b2', minutes: 1, characters: ['x'] });
    // The nearer one shows another look, so that nothing can be set side by side there.
    expect(nearestTwo([shows('a1', 'x')], [shows('b1', 'x'), shows('b2', 'y')], placeOf)).toMatchObject({
      b: 'b1',
      minutes: 2,
    });
  });

  test('of as many minutes, those that show more; none without places', () => {
    expect(
      nearestTwo([shows('a1', 'x', 'y')], [shows('b2', 'x'), shows('a1', 'x', 'y')], placeOf),
    ).toMatchObject({ b: 'a1', characters: ['x', 'y'] });
    expect(nearestTwo([shows('lost', 'x')], [shows('b1', 'x')], placeOf)).toBeNull();
    expect(nearestTwo([], [shows('b1', 'x')], placeOf)).toBeNull();
  });
});

describe('exceptions', () => {
  test('name a look that holds only most of the time, and a checked tree that does not show it', () => {
    const odd = tree('odd', 'grand', { certified: { 'needle.bands': states('both-sides') } });
    const plain = tree('plain', 'grand', { certified: { 'needle.bands': states('below-only') } });
    const found = exceptionsTo(
      [grand, subalpine],
      [odd, plain],
      ['needle.bands', 'needle.tip'],
      vocabulary,
      OCTOBER,
    );
    expect(found).toEqual([
      { kind: 'sometimes', character: 'needle.tip', overlap: expect.closeTo(0.2, 6) },
      { kind: 'tree', individual: 'odd', character: 'needle.bands', value: states('both-sides') },
    ]);
  });
});

describe('a three-minute check', () => {
  test('asks of one look each way and then of something both share', () => {
    expect(looks.map((l) => l.character.id)).toEqual(['needle.bands', 'needle.tip']);
    expect(checkOf(grand, subalpine, looks, vocabulary, OCTOBER)).toEqual([
      { kind: 'which', character: 'needle.bands', value: states('both-sides'), is: 'second' },
      {
        kind: 'which',
        character: 'needle.tip',
        value: states('notched', ['blunt', 'sometimes']),
        is: 'first',
      },
      { kind: 'neither', character: 'needle.attachment', value: states('disc') },
    ]);
  });

  test('with a single look asks it both ways; with none asks nothing', () => {
    const one = checkOf(grand, subalpine, looks.slice(0, 1), vocabulary, OCTOBER);
    expect(one.slice(0, 2).map((q) => (q.kind === 'which' ? q.is : q.kind))).toEqual(['second', 'first']);
    expect(checkOf(grand, subalpine, [], vocabulary, OCTOBER)).toEqual([]);
  });
});

describe('a drill sheet', () => {
  const maple = taxon('maple', {
    'leaf.kind': states('broad'),
    'leaf.shape': states('ovate'),
    'leaf.margin': states('serrate'),
    'leaf.lobing': states('unlobed'),
    'leaf.length': { kind: 'range', xlow: null, low: 60, high: 80, xhigh: null, entered: '' },
    'twig.arrangement': states('opposite'),
    'twig.bud_shape': states('ovoid'),
  });
  const pine = taxon('pine', {
    'leaf.kind': states('needle'),
    'needle.attachment': states('in-bundles'),
    'needle.bundle_count': count(5),
    'needle.length': { kind: 'range', xlow: null, low: 60, high: 80, xhigh: null, entered: '' },
  });

  test('varies one character alone: every drawing differs and no state is drawn twice', () => {
    for (const [own, drill] of [
      [maple, 'margin'],
      [maple, 'lobes'],
      [maple, 'arrangement'],
      [pine, 'bundle'],
    ] as const) {
      const sheet = drillSheet(own, drill, vocabulary, 7);
      const ink = (sheet?.drawings ?? []).map((d) => d.drawing.marks.map((m) => m.d).join(''));
      expect(ink.length).toBeGreaterThanOrEqual(3);
      expect(new Set(ink).size).toBe(ink.length);
      expect(new Set(sheet?.drawings.map((d) => d.value)).size).toBe(ink.length);
    }
    expect(
      drillSheet(pine, 'bundle', vocabulary, 7)
        ?.drawings.map((d) => d.value)
        .sort(),
    ).toEqual([1, 2, 3, 5]);
  });

  test('is the same for one seed, and is none of an organ the species has not', () => {
    expect(drillSheet(maple, 'margin', vocabulary, 7)).toEqual(drillSheet(maple, 'margin', vocabulary, 7));
    expect(drillSheet(pine, 'margin', vocabulary, 7)).toBeNull();
    expect(drillSheet(maple, 'bundle', vocabulary, 7)).toBeNull();
    expect(drillSheet(taxon('empty', {}), 'margin', vocabulary, 7)).toBeNull();
  });
});

describe('cards to cut', () => {
  const drawn = [grand, subalpine].map((t) =>
    taxon(t.id, {
      ...Object.fromEntries([...t.values].map(([k, v]) => [k, v.value])),
      'needle.length': { kind: 'range', xlow: null, low: 20, high: 40, xhigh: null, entered: '' },
    }),
  ) as [DescribedTaxon, DescribedTaxon];

  test('are as many of each species, all different, and their order is no pattern', () => {
    const cards = drawnCards(drawn, ['bark', 'leaf'], 4, vocabulary);
    expect(cards.map((c) => c.of).sort()).toEqual([...Array(4).fill('first'), ...Array(4).fill('second')]);
    expect(new Set(cards.map((c) => JSON.stringify(c.drawing.marks))).size).toBe(8);
    expect(cards.map((c) => c.of).join()).not.toMatch(/^(first,second,?)+$/);
    expect(cards.every((c) => c.drawing.kind === 'leaf')).toBe(true);
    expect(drawnCards(drawn, ['leaf'], 4, vocabulary)).toEqual(cards);
  });

  test('are none of a piece that one of the two has not recorded', () => {
    expect(drawnCards([drawn[0], taxon('empty', {})], ['leaf', 'twig'], 4, vocabulary)).toEqual([]);
  });

  test('show a look on the piece it is drawn on', () => {
    const of = (id: string) => pieceFor(vocabulary.get(id) ?? { id, organ: 'site' });
    expect(
      ['needle.bands', 'leaf.margin', 'twig.arrangement', 'form.outline', 'site.elevation'].map(of),
    ).toEqual(['detail', 'leaf', 'twig', 'tree', null]);
  });
});

describe('predicted mix-ups', () => {
  test('worked by hand: F over two tells, and F / (1 + F) of the answers', () => {
    const rate = (id: string): number => vocabulary.get(id)?.misread[0] ?? 0;
    const f = rate('needle.bands') * (0.2 + 0.8 * rate('needle.tip'));
    expect(predictedRate(grand, subalpine, vocabulary, OCTOBER)).toBeCloseTo(f / (1 + f), 12);
  });

  test('two that nothing tells apart are named for each other half of the time, and come first', () => {
    const twin = taxon('twin', Object.fromEntries([...grand.values].map(([k, v]) => [k, v.value])));
    const far = taxon('far', { 'leaf.kind': states('broad') });
    expect(predictedRate(grand, twin, vocabulary, OCTOBER)).toBe(0.5);
    const list = [grand, subalpine, twin, far];
    const every = [
      [0, 1],
      [0, 2],
      [0, 3],
      [1, 2],
    ] as const;
    const found = predictedPairs(list, every, vocabulary, OCTOBER, 0.01);
    expect(found[0]).toEqual({ a: 'grand', b: 'twin', rate: 0.5 });
    expect(found.every((p, i) => p.rate <= (found[i - 1]?.rate ?? 1))).toBe(true);
    expect(predictedPairs(list, every, vocabulary, OCTOBER, 0.4)).toHaveLength(1);
  });
});
