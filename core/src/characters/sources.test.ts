import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  CHARACTERS,
  FREQUENCIES,
  asEntered,
  differ,
  disagreements,
  readCell,
  readValue,
  sameValue,
  takenBy,
  writeCell,
} from './index.ts';
import { character, vocabulary } from './fixture.ts';
import type { Statement, Value } from './index.ts';

const value = (id: string, cell: string): Value => {
  const read = readCell(character(id), cell);
  if (!read.ok || !read.value) throw new Error(`${id}: ${cell}`);
  return read.value;
};
let made = 0;
const says = (id: string, cell: string, taxon = 'a'): Statement => ({
  id: String((made += 1)),
  taxon,
  character: id,
  source: String(made),
  value: value(id, cell),
});

describe('cells of a character table', () => {
  test('marks say how often, a dash that it does not apply, nothing that it is not recorded', () => {
    expect(value('twig.arrangement', 'opposite | alternate? | Whorled ?? | subopposite~')).toEqual({
      kind: 'states',
      states: [
        { state: 'opposite', freq: 'usual' },
        { state: 'alternate', freq: 'sometimes' },
        { state: 'whorled', freq: 'rare' },
        { state: 'subopposite', freq: 'mistaken_for' },
      ],
    });
    expect(readCell(character('twig.arrangement'), '  ')).toEqual({ ok: true, value: null });
    expect(value('leaf.leaflet_count', '-').kind).toBe('inapplicable');
    const strange = readCell(character('twig.arrangement'), 'opposite | sideways');
    expect(strange).toMatchObject({ ok: false, problem: { code: 'not_a_state' } });
  });

  test('whatever can be recorded is written and read back the same', () => {
    const withStates = CHARACTERS.filter((c) => c.states.length > 0);
    const states = fc
      .constantFrom(...withStates)
      .chain((c) =>
        fc
          .uniqueArray(fc.constantFrom(...c.states.map((s) => s.id)), { minLength: 1, maxLength: 5 })
          .chain((ids) =>
            fc
              .tuple(
                ...ids.map((id) =>
                  fc.record({ state: fc.constant(id), freq: fc.constantFrom(...FREQUENCIES) }),
                ),
              )
              .map((all) => ({ character: c, value: { kind: 'states' as const, states: all } })),
          ),
      );
    fc.assert(
      fc.property(states, ({ character: c, value: v }) => {
        const checked = readValue(c, asEntered(v));
        if (!checked.ok) return;
        const back = readCell(c, writeCell(c, checked.value));
        expect(back.ok && back.value && sameValue(back.value, checked.value)).toBe(true);
      }),
    );
  });
});

describe('two sources that differ', () => {
  const kind = (id: string, a: string, b: string): string | null =>
    differ(character(id), says(id, a), says(id, b));

  test('usual states that do not meet contradict; a finer term does not', () => {
    expect(kind('leaf.margin', 'entire', 'serrate')).toBe('contradiction');
    expect(kind('leaf.margin', 'toothed', 'doubly serrate')).toBe('finer_term');
    // One set inside the other says less; two that share a part say different things.
    expect(kind('leaf.margin', 'serrate | entire', 'serrate')).toBe('narrower');
    expect(kind('leaf.margin', 'serrate | entire', 'serrate | crenate')).toBe('partly_different');
    expect(kind('leaf.margin', 'serrate', 'serrate | entire?')).toBeNull();
  });

  test('single measures disagree beyond a tenth, counts beyond their step', () => {
    expect(kind('leaf.length', '1.5 in', '38 mm')).toBeNull();
    expect(kind('leaf.length', '100 mm', '109 mm')).toBeNull();
    expect(kind('leaf.length', '100 mm', '130 mm')).toBe('contradiction');
    expect(kind('needle.bundle_count', '3', '5')).toBe('contradiction');
    // A count that is off by one may still be one count taken by two conventions.
    expect(kind('leaf.leaflet_count', '5-7', '8-11')).toBe('different_bounds');
    expect(kind('leaf.leaflet_count', '5-7', '9-11')).toBe('contradiction');
    expect(kind('leaf.leaflet_count', '7', '5-9')).toBe('narrower');
  });

  test('usual lengths that do not meet are different bounds where their extremes do', () => {
    expect(kind('leaf.length', '40-60 (90) mm', '80-100 mm')).toBe('different_bounds');
    expect(kind('leaf.length', '40-60 mm', '80-100 mm')).toBe('contradiction');
  });

  test('overlapping ranges differ where a bound is off by more than a quarter of the wider one', () => {
    expect(kind('form.height', '20-40 m', '24-40 m')).toBeNull();
    expect(kind('form.height', '20-40 m', '26-40 m')).toBe('different_bounds');
  });

  test('a list of them puts contradictions first and passes over what only ships', () => {
    const rows = [
      says('form.height', '20-40 m'),
      says('form.height', '30-60 m'),
      says('leaf.margin', 'entire'),
      says('leaf.margin', 'serrate'),
      { ...says('twig.arrangement', 'opposite'), shipped: true },
      says('twig.arrangement', 'alternate'),
    ];
    expect(disagreements(rows, vocabulary).map((d) => [d.character, d.kind])).toEqual([
      ['leaf.margin', 'contradiction'],
      ['form.height', 'different_bounds'],
    ]);
  });

  test('one source may contradict itself, and a species its genus', () => {
    const taxa = new Map(
      [
        { id: 'genus', label: 'G', parents: [] },
        { id: 'a', label: 'G a', parents: ['genus'] },
      ].map((t) => [t.id, t]),
    );
    const said = (taxon: string, id: string, cell: string) => ({ ...says(id, cell), taxon, source: 'flora' });
    const own = [said('a', 'leaf.margin', 'entire'), said('a', 'leaf.margin', 'serrate')];
    expect(disagreements(own, vocabulary).map((d) => [d.kind, d.a.source === d.b.source, d.group])).toEqual([
      ['contradiction', true, null],
    ]);
    const genus = said('genus', 'leaf.margin', 'serrate');
    // A source that names an exception to a genus does not contradict itself.
    expect(disagreements([said('a', 'leaf.margin', 'entire'), genus], vocabulary, taxa)).toEqual([]);
    const both = [said('a', 'leaf.margin', 'entire'), { ...genus, source: 'sheets' }];
    expect(disagreements(both, vocabulary)).toEqual([]);
    expect(disagreements(both, vocabulary, taxa).map((d) => [d.taxon, d.kind, d.group])).toEqual([
      ['a', 'contradiction', 'genus'],
    ]);
    // A genus is broader by nature: that it says more is no disagreement.
    const broad = [
      said('a', 'leaf.margin', 'serrate'),
      { ...said('genus', 'leaf.margin', 'serrate | entire'), source: 'sheets' },
    ];
    expect(disagreements(broad, vocabulary, taxa)).toEqual([]);
  });

  test('what a genus says is taken by its species', () => {
    const taxa = new Map(
      [
        { id: 'genus', label: 'G', parents: [] },
        { id: 'a', label: 'G a', parents: ['genus'] },
        { id: 'b', label: 'H b', parents: [] },
      ].map((t) => [t.id, t]),
    );
    expect(takenBy('genus', ['a', 'b'], taxa)).toEqual(['a']);
    expect(takenBy('b', ['a', 'b'], taxa)).toEqual(['b']);
  });
});
