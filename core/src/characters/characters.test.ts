import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { ORGANS } from '../conditions/index.ts';
import {
  CHARACTERS,
  applies,
  lineage,
  mergeStatements,
  parseRange,
  readValue,
  resolver,
  readCell,
  valueWords,
  valuesWords,
} from './index.ts';
import { character, vocabulary } from './fixture.ts';
import type { RangeValue, Statement, StatesValue, TaxonNode, Value } from './types.ts';

describe('the vocabulary', () => {
  test('every id is used once, bears its organ’s name or says why, and names only what exists', () => {
    expect(vocabulary.size).toBe(CHARACTERS.length);
    expect(CHARACTERS.length).toBeGreaterThanOrEqual(150);
    for (const c of CHARACTERS) {
      expect(ORGANS).toContain(c.organ);
      expect([c.id, c.term, c.plain, c.definition].every((t) => t.length > 0)).toBe(true);
      expect(new Set(c.states.map((s) => s.id)).size).toBe(c.states.length);
      for (const s of c.states) if (s.parent) expect(c.states.map((p) => p.id)).toContain(s.parent);
      for (const rule of c.appliesIf) {
        expect(character(rule.character).states.map((s) => s.id)).toEqual(
          expect.arrayContaining([...rule.states]),
        );
      }
      expect(['count', 'length', 'ratio'].includes(c.kind)).toBe(c.states.length === 0);
      if (c.kind === 'colour') expect(c.states.every((s) => s.swatch)).toBe(true);
    }
  });
});

describe('ranges as typed', () => {
  const read = (id: string, text: string): RangeValue => {
    const r = parseRange(character(id), text);
    if (!r.ok || r.value.kind !== 'range') throw new Error(`Refused: ${text}`);
    return r.value;
  };
  const fault = (id: string, text: string): string => {
    const r = parseRange(character(id), text);
    return r.ok ? 'accepted' : r.problem.code;
  };

  test.each([
    ['needle.length', '(50) 60-90 (110) mm', [50, 60, 90, 110]],
    ['needle.length', '60–90 mm', [null, 60, 90, null]],
    ['needle.length', '1 1/2-2 in', [null, 38.1, 50.8, null]],
    ['form.height', '30-60 (75) m', [null, 30_000, 60_000, 75_000]],
    ['leaf.leaflet_count', '5-9', [null, 5, 9, null]],
    ['needle.bundle_count', '5', [null, 5, 5, null]],
    ['form.life_span', '200-300 years', [null, 200, 300, null]],
  ])('%s: %s', (id, text, [xlow, low, high, xhigh]) => {
    const v = read(id, text);
    expect([v.xlow, v.low, v.high, v.xhigh].map((x) => (x === null ? null : Number(x.toFixed(4))))).toEqual([
      xlow,
      low,
      high,
      xhigh,
    ]);
    expect(v.entered).toBe(text);
  });

  test('what cannot be meant is refused with a remedy', () => {
    const texts = ['90-60 mm', '60-90', '', 'about a hand', '60-90 furlongs', '(70) 60-90 mm'];
    for (const text of texts) {
      const r = parseRange(character('needle.length'), text);
      expect([text, r.ok]).toEqual([text, false]);
      if (!r.ok) expect(r.problem.remedy.length).toBeGreaterThan(5);
    }
    expect(new Set(['90-60 mm', '60-90'].map((t) => fault('needle.length', t))).size).toBe(2);
    expect(fault('needle.bundle_count', '2.5')).not.toBe('accepted');
  });

  test('whatever is shown in millimetres is read back as it was', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 9000 }), { minLength: 4, maxLength: 4 }), (numbers) => {
        const [xlow = 1, low = 1, high = 1, xhigh = 1] = numbers.sort((a, b) => a - b);
        const text = `(${xlow}) ${low}-${high} (${xhigh}) mm`;
        const r = parseRange(character('needle.length'), text);
        if (xlow === low || high === xhigh) return;
        expect(r).toMatchObject({ ok: true, value: { xlow, low, high, xhigh } });
      }),
    );
  });
});

describe('entered values', () => {
  const states = (...s: [string, 'usual' | 'mistaken_for'][]): StatesValue => ({
    kind: 'states',
    states: s.map(([state, freq]) => ({ state, freq })),
  });
  test.each([
    ['a state it does not have', states(['purple', 'usual']), 'not_a_state'],
    ['no state', states(), 'no_state'],
    ['one state twice', states(['opposite', 'usual'], ['opposite', 'usual']), 'state_twice'],
    ['only what it is mistaken for', states(['opposite', 'mistaken_for']), 'only_mistaken'],
    ['a number', { kind: 'range', entered: '3' } as const, 'wants_states'],
  ])('%s is refused', (_, value, code) => {
    const r = readValue(character('twig.arrangement'), value);
    expect(r).toMatchObject({ ok: false, problem: { code } });
  });
});

const usual = (...s: string[]): StatesValue => ({
  kind: 'states',
  states: s.map((state) => ({ state, freq: 'usual' })),
});
const range = (low: number, high: number): RangeValue => ({
  kind: 'range',
  xlow: null,
  low,
  high,
  xhigh: null,
  entered: `${low}-${high}`,
});
let made = 0;
const say = (taxon: string, id: string, value: Value, source = 'a'): Statement => ({
  id: `s${(made += 1)}`,
  taxon,
  character: id,
  source,
  value,
});

describe('several sources', () => {
  const two = [say('t', 'x', range(10, 20), 'a'), say('t', 'x', range(14, 30), 'b')];

  test('widest takes the envelope, typical the median of bounds, preferred the best source', () => {
    expect(mergeStatements(two, 'widest').value).toMatchObject({ low: 10, high: 30 });
    expect(mergeStatements(two, 'typical').value).toMatchObject({ low: 12, high: 25 });
    expect(mergeStatements(two, 'preferred').value).toMatchObject({ low: 10, high: 20 });
  });

  test('typical keeps all that tie, and says so', () => {
    const merged = mergeStatements([say('t', 'x', usual('a')), say('t', 'x', usual('b'))], 'typical');
    expect(merged).toMatchObject({ tied: true, value: { states: [{ state: 'a' }, { state: 'b' }] } });
    expect(
      mergeStatements(
        [say('t', 'x', usual('a')), say('t', 'x', usual('a')), say('t', 'x', usual('b'))],
        'typical',
      ),
    ).toMatchObject({
      tied: false,
      value: { states: [{ state: 'a' }] },
    });
  });

  test('the widest range holds every range it was made of', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 1, max: 90 }), fc.nat(90)), { minLength: 1 }),
        (pairs) => {
          const ranges = pairs.map(([low, more]) => range(low, low + more));
          const { value } = mergeStatements(
            ranges.map((r) => say('t', 'x', r)),
            'widest',
          );
          if (value.kind !== 'range') throw new Error('A range was expected');
          for (const r of ranges) expect(value.low <= r.low && value.high >= r.high).toBe(true);
        },
      ),
    );
  });
});

describe('inheritance', () => {
  const node = (id: string, parents: string[] = [], isHybrid = false): TaxonNode => ({
    id,
    label: id,
    parents,
    ...(isHybrid ? { isHybrid } : {}),
  });
  const taxa = new Map(
    [
      node('family'),
      node('genus', ['family']),
      node('group', ['genus']),
      node('other group', ['genus']),
      node('species', ['group', 'other group', 'genus']),
      node('cross', ['genus'], true),
    ].map((n) => [n.id, n]),
  );
  const statements = [
    say('family', 'leaf.kind', usual('broad')),
    say('family', 'leaf.persistence', usual('evergreen')),
    say('genus', 'leaf.persistence', usual('deciduous')),
    say('group', 'twig.colour', usual('red')),
    say('other group', 'twig.colour', usual('green')),
    say('genus', 'twig.pith', usual('solid')),
    say('species', 'twig.pith', usual('hollow')),
    say('family', 'needle.length', range(10, 20)),
  ];
  const profile = resolver({ taxa, statements, vocabulary, policy: 'widest' })('species');

  test('the nearest level wins, groups before the genus', () => {
    expect(lineage(taxa, 'species')).toEqual([['species'], ['group', 'other group', 'genus'], ['family']]);
    expect(profile.get('leaf.persistence')).toMatchObject({ origin: 'genus' });
    expect(profile.get('leaf.kind')).toMatchObject({ origin: 'family' });
  });

  test('two origins at one level that differ are both named', () => {
    expect(profile.get('twig.colour')).toMatchObject({ origin: 'group', disagreesWith: ['other group'] });
  });

  test('an own value that departs from what would be inherited is an exception', () => {
    expect(profile.get('twig.pith')).toMatchObject({
      origin: 'species',
      exceptionTo: { origin: 'genus', value: usual('solid') },
    });
  });

  test('what does not apply by its controller is inapplicable when inherited', () => {
    expect(profile.get('needle.length')?.value).toEqual({ kind: 'inapplicable' });
    expect(applies(character('needle.length'), profile, vocabulary)).toBe('no');
    expect(applies(character('leaf.lobe_count'), profile, vocabulary)).toBe('unknown');
  });

  test('a hybrid takes nothing from its parents', () => {
    expect(resolver({ taxa, statements, vocabulary, policy: 'widest' })('cross').size).toBe(0);
  });
});

test('what is usual stands first, and what a state says behind a comma is set in brackets', () => {
  const tip = character('needle.tip');
  const read = readCell(tip, 'notched? | blunt | pointed ??');
  if (!read.ok || !read.value) throw new Error('not read');
  const said = valueWords(tip, read.value, { words: 'plain', units: 'metric' });
  expect(said.split('; ')[0]).not.toMatch(/sometimes|rarely/);
  expect(said).toMatch(/^[^;]+; sometimes [^;]+; rarely [^;]+$/);
  expect(said).not.toContain(',');
});

test('values beside each other are in one unit, unless they lie very far apart', () => {
  const metric = { words: 'plain', units: 'metric' } as const;
  const said = (cells: readonly string[]): readonly string[] => {
    const c = character('needle.length');
    return valuesWords(
      c,
      cells.map((cell) => {
        const r = readCell(c, cell);
        return r.ok && r.value ? r.value : undefined;
      }),
      metric,
    );
  };
  expect(said(['50-100 mm', '30-70 (90) mm'])).toEqual(['5–10 cm', '3–7 (9) cm']);
  expect(said(['20 mm', '4 m'])).toEqual(['20 mm', '4 m']);
  expect(said(['', '30 mm'])).toEqual(['', '30 mm']);
});

test('values are worded plainly or technically, in either units', () => {
  const arrangement = character('twig.arrangement');
  const value: Value = {
    kind: 'states',
    states: [
      { state: 'opposite', freq: 'usual' },
      { state: 'whorled', freq: 'sometimes' },
      { state: 'alternate', freq: 'mistaken_for' },
    ],
  };
  expect(valueWords(arrangement, value, { words: 'technical', units: 'metric' })).toBe(
    'opposite; sometimes whorled',
  );
  expect(valueWords(arrangement, value, { words: 'plain', units: 'metric' })).toBe(
    'in facing pairs; sometimes three or more round the twig',
  );
  const height: Value = { kind: 'range', xlow: null, low: 30_000, high: 60_000, xhigh: 75_000, entered: '' };
  expect(valueWords(character('form.height'), height, { words: 'plain', units: 'metric' })).toBe(
    '30–60 (75) m',
  );
  expect(valueWords(character('form.height'), height, { words: 'plain', units: 'customary' })).toBe(
    '100–195 (245) ft',
  );
});
