import { describe, expect, test } from '@jest/globals';
import type { Value } from '../characters/index.ts';
import { july, taxon, value, vocabulary } from '../compare/fixture.ts';
import { comparePair, expectedCharacters } from '../tells/index.ts';
import type { Described, DescribedTaxon, LibraryData } from '../tells/index.ts';
import {
  conditionsOf,
  freezeStation,
  groundsOf,
  shownValue,
  shownValues,
  stationDescriber,
  stationComparer,
  stationShown,
} from './index.ts';
import type { Setting, Shown } from './index.ts';

const state = (...states: string[]): Value => ({
  kind: 'states',
  states: states.map((s) => ({ state: s, freq: 'usual' as const })),
});

describe('a station as it is frozen', () => {
  const described = (id: string, values: Record<string, Value>): DescribedTaxon => ({
    id,
    subject: { windows: [], persistence: 'evergreen' },
    profile: new Map(),
    windows: [],
    values: new Map(Object.entries(values).map(([k, value]) => [k, { value }])),
  });
  const own = described('grandis', {
    'needle.bands': state('below-only'),
    'needle.attachment': state('disc'),
  });
  const other = described('lasiocarpa', {
    'needle.bands': state('both-sides'),
    'needle.attachment': state('disc'),
  });
  const setting: Setting = {
    date: '2026-10-01',
    material: ['tree', 'twig'],
    takenOn: {},
    handling: ['look', 'touch'],
    distance: 'hand',
    wet: false,
  };
  const shown = (certified: Shown['certified'] = {}): Shown => ({
    individual: 'tree',
    taxon: 'grandis',
    certified,
    cautions: [],
  });

  test('keeps profile and what was checked apart, and what was checked counts', () => {
    const { values } = freezeStation(
      shown({ 'needle.bands': state('both-sides') }),
      setting,
      own,
      stationComparer([own, other], vocabulary),
      vocabulary,
    );
    const bands = values.find((v) => v.character === 'needle.bands');
    expect(bands).toEqual({
      character: 'needle.bands',
      profile: state('below-only'),
      certified: state('both-sides'),
    });
    expect(bands && shownValue(bands)).toEqual(state('both-sides'));
    expect(values.map((v) => v.character)).toEqual(['needle.attachment', 'needle.bands']);
  });

  test('has every other species of the list with what separates it, by what the tree shows', () => {
    const told = freezeStation(
      shown(),
      setting,
      own,
      stationComparer([own, other], vocabulary),
      vocabulary,
    ).rivals;
    expect(told).toMatchObject([
      {
        rival: 'lasiocarpa',
        verdict: 'told',
        tells: [{ character: 'needle.bands', strength: 'clean', overlap: 0, partly: false }],
      },
    ]);
    const odd = freezeStation(
      shown({ 'needle.bands': state('both-sides') }),
      setting,
      own,
      stationComparer([own, other], vocabulary),
      vocabulary,
    ).rivals;
    expect(odd).toMatchObject([{ rival: 'lasiocarpa', verdict: 'twins', tells: [] }]);
  });

  test('of a species that nothing is known of keeps what was checked, and no rivals', () => {
    expect(
      freezeStation(
        shown({ 'needle.bands': state('none') }),
        setting,
        null,
        stationComparer([other], vocabulary),
        vocabulary,
      ),
    ).toEqual({
      values: [{ character: 'needle.bands', profile: null, certified: state('none') }],
      rivals: [],
    });
  });

  test('a caution takes out what it forbids', () => {
    expect(conditionsOf(setting, { cautions: [{ forbids: ['touch', 'look'] }] }).handling).toEqual(['look']);
  });
});

describe('what a tree shows at a station', () => {
  const NEEDLES = { 'leaf.kind': 'needle', 'leaf.persistence': 'evergreen' };
  const of = (id: string, cells: Readonly<Record<string, string>>): DescribedTaxon => ({
    ...taxon(id, { ...NEEDLES, ...cells }),
    profile: new Map(),
    windows: [],
  });
  const whitebark = of('whitebark', { 'needle.bundle_count': '5', 'fruit.falls': 'torn-apart-by-birds' });
  const limber = of('limber', { 'needle.bundle_count': '5', 'fruit.falls': 'falls-whole' });
  const lodgepole = of('lodgepole', { 'needle.bundle_count': '2', 'fruit.falls': 'stays-for-years' });
  const list = [whitebark, limber, lodgepole];
  const october: Setting = { ...july, date: '2026-10-01', material: ['tree', 'twig', 'leaf'] };
  const standing = (more: Partial<Shown> = {}): Shown => ({
    individual: 'tree',
    taxon: 'limber',
    certified: {},
    cautions: [],
    ...more,
  });
  const verdicts = (shown: Shown, setting: Setting, own = limber): Readonly<Record<string, string>> =>
    Object.fromEntries(
      stationComparer(list, vocabulary)(stationShown(shown, setting, own)).map((r) => [r.b, r.verdict]),
    );

  test('two five-needle pines are twins until what fell is added', () => {
    expect(verdicts(standing(), october)).toEqual({ whitebark: 'twins', lodgepole: 'told' });
    const litter: Setting = { ...october, material: ['tree', 'twig', 'leaf', 'litter'] };
    expect(verdicts(standing(), litter)).toEqual({ whitebark: 'told', lodgepole: 'told' });
  });

  test('certified states stand before the profile of the species', () => {
    const four = standing({ certified: { 'needle.bundle_count': value('needle.bundle_count', '4') } });
    expect(verdicts(four, october)).toMatchObject({ whitebark: 'told' });
  });

  test('on a tree whose foliage is out of reach nothing is told by it', () => {
    const reach = { leaf: 'out', form: 'far', bark: 'out', twig: 'out', fruit: 'out' } as const;
    const high = standing({ taxon: 'lodgepole', reach });
    expect(verdicts(high, { ...october, material: ['tree'] }, lodgepole)).not.toMatchObject({
      whitebark: 'told',
    });
  });

  test('what a caution forbids there tells nothing apart', () => {
    const one = of('one', { 'bark.smell': 'vanilla' });
    const two = of('two', { 'bark.smell': 'turpentine' });
    const nose: Setting = { ...october, handling: ['look', 'touch', 'smell'] };
    const shown = standing({ taxon: 'one' });
    const told = (s: Shown) =>
      stationComparer([one, two], vocabulary)(stationShown(s, nose, one))[0]?.verdict;
    expect(told(shown)).toBe('told');
    expect(told({ ...shown, cautions: [{ forbids: ['smell'] }] })).not.toBe('told');
  });

  test('it says of every other species what comparing the two alone says', () => {
    const at = stationShown(standing({ certified: { 'bark.texture': state('smooth') } }), october, limber);
    const expected = expectedCharacters(list);
    expect(stationComparer(list, vocabulary)(at)).toEqual(
      list
        .filter((d) => d.id !== 'limber')
        .map((d: Described) => comparePair(at.tree, d, vocabulary, at.conditions, expected)),
    );
  });

  test('one comparer says of stations met one after the other, under any conditions, what comparing each pair alone says', () => {
    const compare = stationComparer(list, vocabulary);
    const expected = expectedCharacters(list);
    const settings: readonly Setting[] = [
      october,
      { ...october, material: ['tree', 'twig', 'leaf', 'litter'], handling: ['look', 'lens', 'touch'] },
      { ...october, distance: 'far' },
      { ...october, date: '2026-01-15', wet: true },
      october,
    ];
    const trees = [
      standing(),
      standing({ certified: { 'needle.bundle_count': value('needle.bundle_count', '4') } }),
      standing({ taxon: 'whitebark', reach: { leaf: 'out', bark: 'far' } }),
      standing({ taxon: 'unlisted' }),
    ];
    const owns = [limber, limber, whitebark, lodgepole];
    for (const setting of settings)
      for (const [i, shown] of trees.entries()) {
        const at = stationShown(shown, setting, owns[i] ?? limber);
        const rivals = list.filter((d) => d.id !== shown.taxon);
        const told = compare(at);
        expect(told).toHaveLength(rivals.length);
        expect(told).toEqual(rivals.map((d) => comparePair(at.tree, d, vocabulary, at.conditions, expected)));
      }
  });

  test('what is shown is one set of values, whether it is frozen or stands as it is now', () => {
    const grounds = groundsOf(limber.values, { 'needle.bundle_count': value('needle.bundle_count', '4') });
    expect(shownValues(grounds)).toEqual(
      new Map(
        [...limber.values].map(([k, v]) => [
          k,
          k === 'needle.bundle_count' ? value('needle.bundle_count', '4') : v.value,
        ]),
      ),
    );
    const at = stationShown(
      standing({ certified: { 'needle.bundle_count': value('needle.bundle_count', '4') } }),
      october,
      limber,
    );
    expect(new Map([...at.tree.values].map(([k, v]) => [k, v.value]))).toEqual(shownValues(grounds));
  });
});

describe('stations checked against a list', () => {
  const data: LibraryData = {
    taxa: [
      { id: 'a', parents: [] },
      { id: 'b', parents: [] },
      { id: 'stranger', parents: [] },
    ],
    statements: [
      { taxon: 'a', character: 'bark.texture', source: 's', value: state('smooth') },
      { taxon: 'b', character: 'bark.texture', source: 's', value: state('furrowed') },
    ],
    windows: [],
    sources: [{ id: 's', rank: 1 }],
    policy: 'widest',
  } as unknown as LibraryData;
  const at = (of: string) => ({
    shown: { individual: `tree of ${of}`, taxon: of, certified: {}, cautions: [] },
    setting: july,
    site: 'here',
    place: { lat: 46.9, lon: -116.2, elevM: 800, sightings: [] },
  });

  test('the list is described once for a site, and a species that is not on it by itself', () => {
    const describeAt = stationDescriber(['a', 'b'], data, vocabulary);
    const [one, other] = [describeAt(at('a')), describeAt(at('stranger'))];
    expect(one.list.map((d) => d.id)).toEqual(['a', 'b']);
    expect(one.own).toBe(one.list[0]);
    expect(other.list).toBe(one.list);
    expect([other.own?.id, other.own?.values.size]).toEqual(['stranger', 0]);
    expect(describeAt({ ...at('a'), site: 'there' }).list).not.toBe(one.list);
  });

  test('the stage of the tree chooses what its bark is like, and the list is described as grown', () => {
    const staged = {
      ...data,
      statements: [
        { taxon: 'a', character: 'bark.texture', source: 's', life: 'mature', value: state('furrowed') },
        { taxon: 'a', character: 'bark.texture', source: 's', life: 'young', value: state('smooth') },
        { taxon: 'b', character: 'bark.texture', source: 's', value: state('furrowed') },
      ],
    } as unknown as LibraryData;
    const describeAt = stationDescriber(['a', 'b'], staged, vocabulary);
    const bark = (stage?: 'young' | 'old') => {
      const where = at('a');
      const { own } = describeAt({ ...where, shown: { ...where.shown, ...(stage ? { stage } : {}) } });
      return own?.values.get('bark.texture')?.value;
    };
    expect([bark(), bark('old'), bark('young')]).toEqual([
      state('furrowed'),
      state('furrowed'),
      state('smooth'),
    ]);
  });

  test('of a species the library does not know nothing is described', () => {
    expect(stationDescriber(['a', 'b'], data, vocabulary)(at('nowhere')).own).toBeNull();
  });
});
