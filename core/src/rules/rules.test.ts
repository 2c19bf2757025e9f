import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { TaxonNode } from '../characters/index.ts';
import { july, taxon, vocabulary } from '../compare/fixture.ts';
import type { Described } from '../tells/index.ts';
import { checkRule, decides, has, membersUnder, proposeRules, ruleSentence, weeksOf } from './index.ts';
import type { Rule } from './index.ts';

const PLAIN = { words: 'plain', units: 'metric' } as const;
const NEEDLES = { 'leaf.kind': 'needle' };
const list: readonly Described[] = [
  taxon('monticola', { ...NEEDLES, 'needle.bundle_count': '5', 'leaf.persistence': 'evergreen' }),
  taxon('albicaulis', { ...NEEDLES, 'needle.bundle_count': '5', 'leaf.persistence': 'evergreen' }),
  taxon('contorta', { ...NEEDLES, 'needle.bundle_count': '2', 'leaf.persistence': 'evergreen' }),
  taxon('occidentalis', { ...NEEDLES, 'leaf.persistence': 'deciduous' }),
  taxon('lyallii', { ...NEEDLES }),
];
const node = (id: string, ...parents: string[]): [string, TaxonNode] => [id, { id, label: id, parents }];
const taxa = new Map<string, TaxonNode>([
  node('monticola', 'Pinus'),
  node('albicaulis', 'Pinus'),
  node('contorta', 'Pinus'),
  node('occidentalis', 'Larix'),
  node('lyallii', 'Larix'),
  node('Pinus', 'Pinaceae'),
  node('Larix', 'Pinaceae'),
  node('Pinaceae'),
]);
const FIVE = { character: 'needle.bundle_count', low: 5, high: 5 } as const;
const EVERGREEN = { character: 'leaf.persistence', state: 'evergreen' } as const;
const rule = (part: Partial<Rule>): Rule => ({
  quantifier: 'all',
  who: null,
  when: [],
  then: [EVERGREEN],
  ...part,
});
const check = (r: Rule, conditions = july) => checkRule(r, list, taxa, vocabulary, conditions);
const names = (members: readonly number[]): readonly string[] => members.map((m) => list[m]?.id ?? '');

describe('a rule of thumb held against a list', () => {
  test('“needles in fives means western white pine” is broken by whitebark', () => {
    const report = check(rule({ quantifier: 'only', who: 'monticola', then: [FIVE] }));
    expect(report.verdict).toBe('exceptions');
    expect(report.exceptions.map((e) => [list[e.member]?.id, e.breach])).toEqual([
      ['albicaulis', 'also_has'],
    ]);
  });

  test('“every conifer keeps its needles” is broken by the larch and open for the one not recorded', () => {
    const report = check(rule({ who: 'Pinaceae' }));
    expect(report.exceptions.map((e) => [list[e.member]?.id, e.breach])).toEqual([['occidentalis', 'lacks']]);
    expect(names(report.untestable)).toEqual(['lyallii']);
    expect(names(decides(report))).not.toContain('occidentalis');
  });

  test('it holds for the pines, and for those alone once the larches are recorded', () => {
    expect(check(rule({ who: 'Pinus' })).verdict).toBe('holds');
    expect(check(rule({ who: 'Pinus', quantifier: 'all_and_only' })).verdict).toBe('untestable');
    expect(check(rule({ who: 'Betula' })).verdict).toBe('nobody');
  });

  test('a condition narrows whom it speaks of', () => {
    const report = check(rule({ when: [FIVE] }));
    expect(names(report.subjects)).toEqual(['monticola', 'albicaulis']);
    expect(report.exceptions).toEqual([]);
    // The larches, whose bundles are not recorded, may yet break it.
    expect(names(report.untestable)).toEqual(['occidentalis', 'lyallii']);
    expect(checkRule(rule({ when: [FIVE] }), list.slice(0, 3), taxa, vocabulary, july).verdict).toBe('holds');
  });

  test('a rare state does not break it, a frequent second one does', () => {
    const odd = (cell: string) => has(taxon('x', { 'leaf.persistence': cell }), EVERGREEN, vocabulary);
    expect(odd('evergreen | deciduous ??')).toBe('yes');
    expect(odd('evergreen | deciduous')).toBe('sometimes');
    expect(odd('deciduous')).toBe('no');
    expect(has(taxon('x', {}), EVERGREEN, vocabulary)).toBe('unknown');
    expect(has(taxon('x', { 'needle.bundle_count': '4-5' }), FIVE, vocabulary)).toBe('sometimes');
  });

  test('it says on whom it cannot be seen now, and in which weeks it can', () => {
    const r = rule({ who: 'Pinus', when: [FIVE] });
    expect(check(r).hidden).toEqual([]);
    const inHand = { ...july, material: ['bark'] as const };
    expect(names(check(r, inHand).hidden.map((h) => h.member))).toEqual(['monticola', 'albicaulis']);
    expect(weeksOf(r, check(r), list, vocabulary, july).every((w) => w)).toBe(true);
    expect(weeksOf(r, check(r), list, vocabulary, inHand).some((w) => w)).toBe(false);
  });

  test('it reads as a sentence', () => {
    expect(
      ruleSentence(rule({ quantifier: 'only', then: [FIVE] }), 'western white pine', vocabulary, PLAIN),
    ).toBe('Needles grow in bundles of 5 only on western white pine.');
    expect(ruleSentence(rule({ when: [FIVE], then: [EVERGREEN] }), 'pine', vocabulary, PLAIN)).toBe(
      'Every pine whose needles grow in bundles of 5 keeps its leaves all year.',
    );
    expect(
      ruleSentence(
        rule({ quantifier: 'all_and_only', when: [EVERGREEN], then: [FIVE] }),
        'tree',
        vocabulary,
        PLAIN,
      ),
    ).toBe(
      'On every tree that keeps its leaves all year, and on nothing else, needles grow in bundles of 5.',
    );
    expect(
      ruleSentence(rule({ quantifier: 'only', when: [FIVE], then: [EVERGREEN] }), 'tree', vocabulary, PLAIN),
    ).toBe('Only a tree whose needles grow in bundles of 5 keeps its leaves all year.');
  });

  test('who stands under a taxon follows the tree of taxa', () => {
    expect(names(membersUnder('Larix', list, taxa))).toEqual(['occidentalis', 'lyallii']);
    expect(membersUnder(null, list, taxa)).toHaveLength(5);
  });
});

describe('what a rule may say', () => {
  const verdict = (r: Partial<Rule>, of: readonly Described[] = list.slice(0, 4)) =>
    checkRule(rule(r), of, taxa, vocabulary, july).verdict;
  const DECIDUOUS = { character: 'leaf.persistence', state: 'deciduous' } as const;
  const NEEDLE = { character: 'leaf.kind', state: 'needle' } as const;

  test('several things at once, all of which are held against each', () => {
    expect(verdict({ who: 'Pinus', then: [NEEDLE, EVERGREEN] })).toBe('holds');
    expect(verdict({ who: 'Pinaceae', then: [NEEDLE, EVERGREEN] })).toBe('exceptions');
  });

  test('none of a feature, one of several, and what taxon its subjects are', () => {
    expect(verdict({ who: 'Pinus', then: [{ none: DECIDUOUS }] })).toBe('holds');
    expect(verdict({ who: 'Pinaceae', then: [{ none: DECIDUOUS }] })).toBe('exceptions');
    expect(verdict({ who: 'Pinaceae', then: [{ any: [DECIDUOUS, EVERGREEN] }] })).toBe('holds');
    expect(verdict({ when: [DECIDUOUS], then: [{ taxon: 'Larix' }] })).toBe('holds');
    expect(verdict({ when: [EVERGREEN], then: [{ taxon: 'Larix' }] })).toBe('does_not_hold');
  });

  test('states of one character are one question, so that two which some show each are had together', () => {
    const mixed = taxon('monticola', { 'leaf.persistence': 'evergreen | deciduous' });
    const either = { any: [EVERGREEN, DECIDUOUS] };
    expect(verdict({ then: [EVERGREEN] }, [mixed])).not.toBe('holds');
    expect(verdict({ then: [either] }, [mixed])).toBe('holds');
  });

  test('“only” is false where its own species lacks it, and does not hold where more break it than keep it', () => {
    expect(verdict({ quantifier: 'only', who: 'contorta', then: [FIVE] })).toBe('does_not_hold');
    expect(verdict({ quantifier: 'only', who: 'monticola', then: [EVERGREEN] })).toBe('does_not_hold');
    expect(verdict({ quantifier: 'only', who: 'Pinus', then: [EVERGREEN] })).toBe('holds');
    const report = check(rule({ quantifier: 'only', who: 'contorta', then: [FIVE] }));
    expect(report.exceptions.map((e) => [list[e.member]?.id, e.breach])).toEqual([
      ['monticola', 'also_has'],
      ['albicaulis', 'also_has'],
      ['contorta', 'lacks'],
    ]);
  });

  test('a range is no range where one value inside it is all there is, said of one species', () => {
    const two = { character: 'needle.bundle_count', low: 2, high: 5 } as const;
    expect(
      verdict({ who: 'contorta', then: [two] }, [taxon('contorta', { 'needle.bundle_count': '2' })]),
    ).toBe('does_not_hold');
    expect(
      verdict({ who: 'contorta', then: [two] }, [taxon('contorta', { 'needle.bundle_count': '2-5' })]),
    ).toBe('holds');
    // Of a genus it is said of all together.
    expect(verdict({ who: 'Pinus', then: [two] })).toBe('holds');
  });

  test('one number is met by one measured number within a tenth', () => {
    const long = { character: 'needle.length', low: 40, high: 40 } as const;
    const of = (cell: string) => verdict({ then: [long] }, [taxon('x', { 'needle.length': cell })]);
    expect([of('38 mm'), of('40 mm'), of('30 mm')]).toEqual(['holds', 'holds', 'does_not_hold']);
  });

  test('a tree that keeps its dead leaves is deciduous', () => {
    const oak = taxon('x', { 'leaf.persistence': 'marcescent' });
    expect(has(oak, DECIDUOUS, vocabulary)).toBe('yes');
    expect(has(oak, EVERGREEN, vocabulary)).toBe('no');
  });

  test('several clauses read as a sentence', () => {
    const said = ruleSentence(
      rule({ then: [{ none: DECIDUOUS }, { taxon: 'Pinus' }] }),
      'tree',
      vocabulary,
      PLAIN,
      (t) => `a member of ${t}`,
    );
    expect(said).toBe('Every tree never drops its leaves in winter and is a member of Pinus.');
  });
});

describe('rules found in a list', () => {
  const complete = list.slice(0, 4);
  const firs = [
    taxon('grandis', { ...NEEDLES, 'leaf.persistence': 'evergreen' }),
    taxon('lasiocarpa', { ...NEEDLES, 'leaf.persistence': 'evergreen' }),
    taxon('engelmannii', { ...NEEDLES, 'leaf.persistence': 'evergreen' }),
  ];
  const above = new Map<string, TaxonNode>([
    node('grandis', 'Abies'),
    node('lasiocarpa', 'Abies'),
    node('engelmannii', 'Picea'),
    node('Abies'),
    node('Picea'),
  ]);

  test('a group’s own feature is proposed, and a species’ own', () => {
    const states = vocabulary.get('needle.attachment')?.states.map((s) => s.id) ?? [];
    const [disc = '', peg = ''] = [
      states.find((s) => s.includes('disc') || s.includes('sucker')),
      states.find((s) => s.includes('peg')),
    ];
    const named = firs.map((f, i) => ({
      ...f,
      values: new Map([
        ...f.values,
        [
          'needle.attachment',
          {
            value: {
              kind: 'states' as const,
              states: [{ state: i < 2 ? disc : peg, freq: 'usual' as const }],
            },
          },
        ] as const,
      ]),
    }));
    const found = proposeRules(named, above, vocabulary, july, 10).map((p) => [
      p.rule.who,
      p.rule.quantifier,
    ]);
    expect(found).toContainEqual(['Abies', 'all_and_only']);
    expect(found).toContainEqual(['engelmannii', 'all_and_only']);
  });

  test('whatever is proposed holds when it is checked', () => {
    fc.assert(
      fc.property(fc.subarray([...complete], { minLength: 3 }), (some) => {
        for (const p of proposeRules(some, taxa, vocabulary, july, 50)) {
          const report = checkRule(p.rule, some, taxa, vocabulary, july);
          expect(report.verdict).toBe('holds');
          expect(report.subjects).toEqual(p.subjects);
        }
      }),
    );
  });
});
