import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { CHARACTERS, vocabularyOf } from '../characters/index.ts';
import type { Value } from '../characters/index.ts';
import type { AnswerValue } from '../answers/index.ts';
import type { CallOutcome } from '../quizzes/index.ts';
import { READINGS, diagnose, isTaughtSo, misreadAs, termsThroughout } from './index.ts';
import type { CalledLook, MisreadCase, ReadCall } from './index.ts';

const call = (own: CallOutcome, other: CallOutcome, character = 'needle.bands'): ReadCall => ({
  character,
  own,
  other,
  as: null,
});

const look = (more: Partial<CalledLook> = {}): CalledLook => ({
  named: 'other',
  sure: null,
  calls: [],
  verdict: 'told',
  contradicted: [],
  taughtSo: [],
  nameFault: false,
  rule: false,
  later: { clean: 0, repeats: 0 },
  isRepeat: false,
  ...more,
});

const kinds = (more: Partial<CalledLook>): readonly string[] => diagnose(look(more)).map((r) => r.kind);

describe('a worked answer for each reading', () => {
  test.each<[string, Partial<CalledLook>, readonly string[]]>([
    ['nothing was written', { named: 'blank' }, ['blank']],
    ['a name that is not on the list', { named: 'unlisted', sure: 'guessing' }, ['unlisted']],
    ['whitebark for limber pine, which nothing tells apart that week', { verdict: 'twins' }, ['not_visible']],
    [
      'a pinnate leaf with one leaflet: what was checked contradicts the species',
      { contradicted: ['leaf.complexity'] },
      ['not_visible'],
    ],
    [
      'nine in ten call the needles as the profile has them, and this tree has others',
      { taughtSo: ['needle.bands'], calls: [call('wrong', 'right')] },
      ['taught_so', 'misread'],
    ],
    [
      'red cedar written for juniper, everything seen right',
      { nameFault: true, calls: [call('right', 'right')] },
      ['name', 'not_looked_enough'],
    ],
    [
      'the same with a call that is wrong is no matter of names',
      { nameFault: true, calls: [call('wrong', 'right')] },
      ['misread'],
    ],
    ['five needles, so western white pine', { rule: true }, ['rule']],
    ['white lines above, where the tree has none', { calls: [call('wrong', 'right')] }, ['misread']],
    [
      'lines beneath only, as the tree has, and subalpine fir',
      { calls: [call('right', 'wrong')] },
      ['link_missing'],
    ],
    ['evergreen needles, and the wrong fir', { calls: [call('right', 'right')] }, ['not_looked_enough']],
    ['a guess that says so', { sure: 'guessing' }, ['guess']],
    ['once more, after results were returned', { isRepeat: true }, ['persistent']],
    ['again three weeks later', { later: { clean: 1, repeats: 1 } }, ['persistent']],
    ['three clean looks later', { later: { clean: 3, repeats: 0 } }, ['slip']],
    ['the only time so far', {}, ['single']],
    ['a genus alone', { named: 'genus_only', verdict: null }, ['single']],
  ])('%s', (_, more, expected) => {
    expect(kinds(more)).toEqual(expected);
  });

  test('every reading that fits is kept, with its characters, and the first in order is shown', () => {
    expect(
      diagnose(
        look({
          sure: 'guessing',
          isRepeat: true,
          rule: true,
          calls: [call('wrong', 'right', 'a'), call('right', 'wrong', 'b')],
        }),
      ),
    ).toEqual([
      { kind: 'rule', characters: [], as: null },
      { kind: 'misread', characters: ['a'], as: null },
      { kind: 'link_missing', characters: ['b'], as: null },
      { kind: 'guess', characters: [], as: null },
      { kind: 'persistent', characters: [], as: null },
    ]);
  });

  test('a call of which nothing is recorded says nothing', () => {
    expect(kinds({ calls: [call('not_recorded', 'not_recorded')] })).toEqual(['single']);
  });

  test('there is always a first reading, and they keep their order', () => {
    const outcome = fc.constantFrom<CallOutcome>('right', 'wrong', 'coarse', 'not_recorded');
    fc.assert(
      fc.property(
        fc.record({
          named: fc.constantFrom<CalledLook['named']>(
            'other',
            'unlisted',
            'blank',
            'genus_only',
            'cannot_tell',
          ),
          sure: fc.constantFrom<CalledLook['sure']>('sure', 'guessing', null),
          calls: fc.array(fc.tuple(outcome, outcome).map(([a, b]) => call(a, b))),
          verdict: fc.constantFrom<CalledLook['verdict']>('told', 'twins', 'unproven', null),
          contradicted: fc.constantFrom<readonly string[]>([], ['a']),
          taughtSo: fc.constantFrom<readonly string[]>([], ['a']),
          nameFault: fc.boolean(),
          rule: fc.boolean(),
          later: fc.record({ clean: fc.nat(4), repeats: fc.nat(2) }),
          isRepeat: fc.boolean(),
        }),
        (one) => {
          const places = diagnose(one).map((r) => READINGS.indexOf(r.kind));
          expect(places.length).toBeGreaterThan(0);
          expect(places).toEqual([...new Set(places)].sort((a, b) => a - b));
        },
      ),
    );
  });

  test('taught so takes at least 8 in 10 of at least 8 students', () => {
    expect([
      isTaughtSo(7, 8),
      isTaughtSo(6, 8),
      isTaughtSo(7, 7),
      isTaughtSo(20, 24),
      isTaughtSo(19, 24),
    ]).toEqual([true, false, false, true, false]);
  });
});

describe('what was taken for what', () => {
  const vocabulary = vocabularyOf(CHARACTERS);
  const state = (...all: string[]): Value => ({
    kind: 'states',
    states: all.map((s) => ({ state: s, freq: 'usual' as const })),
  });
  const range = (low: number, high: number): Value => ({
    kind: 'range',
    low,
    high,
    xlow: null,
    xhigh: null,
    entered: '',
  });
  const called = (s: string): AnswerValue => ({ kind: 'state', state: s });
  const measured = (mm: number): AnswerValue => ({ kind: 'measure', mm, typed: `${mm} mm` });

  test.each<[string, string, AnswerValue, Readonly<Record<string, Value>>, MisreadCase | null]>([
    [
      'leaflets that face each other on an alternate leaf',
      'leaf.arrangement',
      called('opposite'),
      { 'leaf.complexity': state('odd-pinnate'), 'leaf.arrangement': state('alternate') },
      'leaf_for_leaflet',
    ],
    [
      'the same on a simple leaf',
      'leaf.arrangement',
      called('opposite'),
      { 'leaf.complexity': state('simple'), 'leaf.arrangement': state('alternate') },
      null,
    ],
    [
      'a compound leaf called simple',
      'leaf.complexity',
      called('simple'),
      { 'leaf.complexity': state('odd-pinnate') },
      'leaf_for_leaflet',
    ],
    [
      'a leaf as long as its leaflet',
      'leaf.length',
      measured(60),
      { 'leaf.length': range(200, 300), 'leaf.leaflet_length': range(50, 90) },
      'leaf_for_leaflet',
    ],
    [
      'six gaps of seven lobes',
      'leaf.lobe_count',
      { kind: 'count', n: 6 },
      { 'leaf.lobe_count': range(7, 7) },
      'lobe_for_sinus',
    ],
    [
      'hairy as the underside is',
      'leaf.surface_above',
      called('hairy'),
      { 'leaf.surface_above': state('hairless'), 'leaf.surface_below': state('hairy') },
      'wrong_side',
    ],
    [
      '94 cm around a trunk of 30',
      'form.trunk_diameter',
      measured(940),
      { 'form.trunk_diameter': range(290, 310) },
      'girth_for_diameter',
    ],
    [
      'a trunk half as thick',
      'form.trunk_diameter',
      measured(150),
      { 'form.trunk_diameter': range(290, 310) },
      null,
    ],
    [
      '2 in written as 2 cm',
      'needle.length',
      measured(20),
      { 'needle.length': range(49, 53) },
      'inches_for_centimeters',
    ],
    [
      '5 cm written as 5 in',
      'needle.length',
      measured(127),
      { 'needle.length': range(49, 51) },
      'inches_for_centimeters',
    ],
    [
      'serrate called crenate each time',
      'leaf.margin',
      called('crenate'),
      { 'leaf.margin': state('serrate') },
      'one_term_throughout',
    ],
    [
      'entire called crenate once',
      'leaf.margin',
      called('crenate'),
      { 'leaf.margin': state('entire') },
      null,
    ],
  ])('%s', (_, character, value, shows, expected) => {
    const throughout = termsThroughout([
      ...Array.from({ length: 3 }, () => ({ character: 'leaf.margin', shown: 'serrate', called: 'crenate' })),
      { character: 'leaf.margin', shown: 'entire', called: 'crenate' },
    ]);
    expect(misreadAs({ character, value }, (c) => shows[c], vocabulary, throughout)).toBe(expected);
  });

  test('throughout is every time: one right call, or two calls alone, make none of it', () => {
    const at = (called: readonly string[]) =>
      termsThroughout(called.map((c) => ({ character: 'm', shown: 's', called: c })))('m', 's', 't');
    expect([at(['t', 't', 't']), at(['t', 't', 't', 's']), at(['t', 't'])]).toEqual([true, false, false]);
    expect(
      termsThroughout([...'sss'].map((c) => ({ character: 'm', shown: 's', called: c })))('m', 's', 's'),
    ).toBe(false);
  });
});
