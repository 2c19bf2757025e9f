import { describe, expect, test } from '@jest/globals';
import { july, few, value } from '../compare/fixture.ts';
import type { Conditions } from '../conditions/index.ts';
import type { Described, LibraryData } from '../tells/index.ts';
import { fairnessChecker, fairnessJudge, fixesFor, forbiddenAt, withFix } from './index.ts';
import { ASKED, competitorsOf, speciesOf, stationOf } from './fixture.ts';

const SAME = {
  'bark.lenticel_shape': 'dots',
  'twig.pith': 'solid',
  'leaf.complexity': 'simple',
  'leaf.persistence': 'deciduous',
};
const words = few(...Object.keys(SAME), 'fruit.colour', 'leaf.hairs', 'twig.arrangement', 'bark.texture');
const leafOnly: Conditions = { ...july, material: ['leaf'], handling: ['look'] };

function fixesOf(
  list: readonly Described[],
  part: Parameters<typeof stationOf>[1] = {},
  forbidden: readonly string[] = [],
) {
  const [first] = list;
  if (!first) throw new Error('An empty list');
  const station = stationOf(first, { conditions: leafOnly, ...part });
  const judge = fairnessJudge(competitorsOf(list), list, words);
  const [now] = judge([station]);
  if (!now) throw new Error('Nothing was judged');
  const among = (ids: readonly string[]) => {
    const some = list.filter((d) => d.id === first.id || ids.includes(d.id));
    return fairnessJudge(competitorsOf(some), some, words);
  };
  return { now, fixes: fixesFor(station, now, forbiddenAt([{ forbids: forbidden }]), among, judge, 0.95) };
}

const said = (fixes: ReturnType<typeof fixesOf>['fixes']) =>
  fixes.map(
    ({ fix, verdict }) =>
      `${fix.kind}${'add' in fix ? ` ${fix.add}` : 'allow' in fix ? ` ${fix.allow}` : ''}: ${verdict}`,
  );

describe('fixes of a station', () => {
  const byFruit = speciesOf({
    'a-one': { ...SAME, 'fruit.colour': 'red' },
    'a-two': { ...SAME, 'fruit.colour': 'black' },
  });

  test('adding what separates comes first, then what changes the question', () => {
    const { now, fixes } = fixesOf(byFruit);
    expect(now.verdict).toBe('unfair');
    expect(said(fixes)).toEqual([
      'material fruit: fair',
      'material tree: fair',
      'accept: fair',
      'genus: fair',
    ]);
    expect(fixes[0]?.right).toBeCloseTo(0.98, 3);
  });

  test('a fair station needs none, and neither does one set up so that it cannot be told', () => {
    const fair = speciesOf({ 'a-one': SAME, 'b-two': { ...SAME, 'leaf.complexity': 'odd-pinnate' } });
    expect(fixesOf(fair).fixes).toEqual([]);
    expect(fixesOf(byFruit, { asked: { notTellable: true } }).fixes).toEqual([]);
  });

  test('what only makes it less bad comes after what makes it fair', () => {
    const some = speciesOf({
      'a-one': { ...SAME, 'fruit.colour': 'red', 'bark.texture': 'smooth' },
      'a-two': { ...SAME, 'fruit.colour': 'black | red ?', 'bark.texture': 'scaly' },
    });
    const [first, ...rest] = said(fixesOf(some).fixes);
    expect(first).toBe('material bark: fair');
    expect(rest).toContain('material fruit: shaky');
    expect(rest.indexOf('material fruit: shaky')).toBeGreaterThan(rest.indexOf('genus: fair'));
  });

  test('nothing is proposed that a caution forbids, and nothing is cut from what may not be collected', () => {
    const twigs = speciesOf({
      'a-one': { ...SAME, 'twig.arrangement': 'opposite' },
      'b-two': { ...SAME, 'twig.arrangement': 'alternate' },
    });
    expect(said(fixesOf(twigs).fixes)).toContain('material twig: fair');
    expect(said(fixesOf(twigs, {}, ['collect']).fixes)).not.toContain('material twig: fair');
    expect(said(fixesOf(twigs, {}, ['collect']).fixes)).toContain('material tree: fair');
  });

  test('more species than two are not accepted for one another', () => {
    const alike = speciesOf({ 'a-one': SAME, 'a-two': SAME, 'a-three': SAME, 'a-four': SAME });
    expect(said(fixesOf(alike).fixes)).toEqual(['genus: fair']);
  });

  test('the first day on which a tell appears', () => {
    const months = [
      { kind: 'hanging' as const, start: 245, end: 280 },
      { kind: 'ripening' as const, start: 245, end: 280 },
    ];
    const fall = byFruit.map((d): Described => ({
      ...d,
      subject: {
        persistence: 'deciduous',
        windows: [
          ...months,
          { kind: 'leaf_out', start: 120, end: 130 },
          { kind: 'leaf_fall', start: 300, end: 310 },
        ],
      },
    }));
    const tree: Conditions = { ...july, material: ['tree'], handling: ['look'] };
    const seasonal = few(...Object.keys(SAME));
    const vocabulary = new Map([
      ...seasonal,
      ...new Map([
        ['fruit.colour', { ...(words.get('fruit.colour') ?? raise()), season: ['fruit' as const] }],
      ]),
    ]);
    const judge = fairnessJudge(competitorsOf(fall), fall, vocabulary);
    const station = stationOf(fall[0] ?? raise(), { conditions: tree });
    const [now] = judge([station]);
    const fixes = fixesFor(station, now ?? raise(), new Set(), () => judge, judge, 0.95);
    const day = fixes.find((f) => f.fix.kind === 'day');
    const date = day?.fix.kind === 'day' ? day.fix.date : '';
    // The window opens on Sep 2, and its first days are seen only in part.
    expect(date >= '2026-08-20' && date <= '2026-09-15').toBe(true);
    const [before] = judge([withFix(station, { kind: 'day', date: '2026-08-10' })]);
    expect(before?.verdict).toBe('unfair');
  });
});

function raise(): never {
  throw new Error('Not there');
}

test('a checker judges at each site and says nothing of a species that is not described', () => {
  const state = (s: string) => ({ kind: 'states', states: [{ state: s, freq: 'usual' }] });
  const cells = {
    'bark.texture': 'smooth',
    'twig.pith': 'solid',
    'leaf.complexity': 'simple',
    'twig.arrangement': 'opposite',
  };
  const data = {
    taxa: ['a', 'b'].map((id) => ({ id, label: id, parents: [] })),
    statements: ['a', 'b'].flatMap((taxon) =>
      Object.entries({ ...cells, ...(taxon === 'b' ? { 'twig.arrangement': 'alternate' } : {}) }).map(
        ([character, s]) => ({
          id: `${taxon}/${character}`,
          taxon,
          character,
          source: 's',
          value: state(s),
        }),
      ),
    ),
    windows: [],
    policy: 'widest',
  } as unknown as LibraryData;
  const list = ['a', 'b'].map((t) => ({ taxon: t, genus: t, family: null }));
  const checker = fairnessChecker(list, [], data, words);
  const at = (id: string, taxon: string, material: Conditions['material'], certified = {}) => ({
    id,
    shown: { individual: `tree ${id}`, taxon, certified, cautions: [] },
    setting: { ...july, material },
    site: 'here',
    place: { lat: 47, lon: -116, elevM: 800 },
    asked: ASKED,
  });
  const twig = at('1', 'a', ['twig']);
  const [told, blind, unknown] = checker.checkAll([
    twig,
    at('2', 'a', ['leaf']),
    at('3', 'nowhere', ['twig']),
  ]);
  expect([told?.verdict, blind?.verdict, unknown?.verdict]).toEqual(['fair', 'unfair', 'unproven']);
  expect(checker.check(twig)).toEqual(told);
  expect(checker.fixes(twig)).toEqual([]);
  expect(checker.fixes(at('3', 'nowhere', ['twig']))).toEqual([]);
  // What was checked at the tree counts before its profile.
  const checked = checker.check(
    at('4', 'a', ['twig'], { 'twig.arrangement': value('twig.arrangement', 'alternate') }),
  );
  expect(checked.pairs[0]?.expected).toBe(0.5);
});
