import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { few, july, taxon, vocabulary } from '../compare/fixture.ts';
import { missRate } from '../tells/index.ts';
import type { Described } from '../tells/index.ts';
import { against, callTable, cannotBeTold, nameFrom, namingOf, nextLooks, priorAt } from './index.ts';
import type { Call } from './index.ts';

const NEEDLES = { 'leaf.kind': 'needle' };
const call = (character: string, state: string): Call => ({ character, said: { kind: 'state', state } });
const count = (character: string, at: number): Call => ({ character, said: { kind: 'number', at } });
const FREE = { forbidden: new Set<string>(), most: 5 };

const ARRANGED = few('twig.arrangement', 'bark.texture', 'leaf.persistence');
const opposite = taxon('opposite', { 'twig.arrangement': 'opposite' });
const alternate = taxon('alternate', { 'twig.arrangement': 'alternate' });
const unknown = taxon('unknown', { 'leaf.persistence': 'evergreen' });
const e = missRate(ARRANGED.get('twig.arrangement') ?? never()).rate;

function never(): never {
  throw new Error('The character is in the vocabulary');
}
const at = (
  list: readonly Described[],
  calls: readonly Call[],
  prior?: readonly number[],
): readonly number[] => [...nameFrom(namingOf(list, ARRANGED, prior), calls).posterior];

describe('naming a tree from calls', () => {
  test('one clean call, by hand: 1 − e against what is read for it', () => {
    // Outcomes: opposite, alternate, and subopposite, which is read for opposite.
    const table = callTable(ARRANGED.get('twig.arrangement') ?? never(), [opposite, alternate], ARRANGED);
    const n = table?.outcomes.length ?? 0;
    const column = table?.outcomes.findIndex((o) => o.kind === 'state' && o.state === 'opposite') ?? -1;
    const right = 1 - e;
    const wrong = table?.chance[n + column] ?? NaN;
    expect(table?.chance[column]).toBeCloseTo(right, 9);
    expect(wrong).toBeGreaterThan(0);
    const [p] = at([opposite, alternate], [call('twig.arrangement', 'opposite')]);
    expect(p).toBeCloseTo(right / (right + wrong), 9);
  });

  test('every row of chances sums to one', () => {
    for (const c of ARRANGED.values()) {
      const table = callTable(c, [opposite, alternate, unknown], ARRANGED);
      if (!table) continue;
      const n = table.outcomes.length;
      for (let i = 0; i < 3; i += 1) {
        if (!table.recorded[i]) continue;
        const sum = table.chance.slice(i * n, i * n + n).reduce((a, b) => a + b, 0);
        expect(sum).toBeCloseTo(1, 9);
      }
    }
  });

  test('a species without a value keeps its standing: its chance of the call is the mean of the others', () => {
    const [, , p] = at([opposite, alternate, unknown], [call('twig.arrangement', 'opposite')]);
    expect(p).toBeCloseTo(1 / 3, 9);
  });

  test('calls may come in any order', () => {
    const calls = [call('twig.arrangement', 'opposite'), call('bark.texture', 'smooth')];
    const list = [
      taxon('a', { 'twig.arrangement': 'opposite', 'bark.texture': 'furrowed' }),
      taxon('b', { 'twig.arrangement': 'alternate', 'bark.texture': 'smooth' }),
      opposite,
    ];
    const turned = at(list, [...calls].reverse());
    at(list, calls).forEach((p, i) => expect(p).toBeCloseTo(turned[i] ?? NaN, 12));
  });

  test('one wrong call never rules the truth out, whatever it is', () => {
    const list = [
      taxon('a', {
        ...NEEDLES,
        'needle.bundle_count': '3',
        'bark.texture': 'plated',
        'needle.length': '120-200 mm',
      }),
      taxon('b', {
        ...NEEDLES,
        'needle.bundle_count': '2',
        'bark.texture': 'scaly',
        'needle.length': '30-60 mm',
      }),
    ];
    const naming = namingOf(list, vocabulary);
    fc.assert(
      fc.property(
        fc.oneof(
          fc.integer({ min: 0, max: 40 }).map((n) => count('needle.bundle_count', n)),
          fc.integer({ min: 0, max: 900 }).map((n) => count('needle.length', n)),
          fc.constantFrom('papery', 'warty', 'scaly', 'no such state').map((s) => call('bark.texture', s)),
        ),
        (wrong) => {
          for (const p of nameFrom(naming, [wrong]).posterior) expect(p).toBeGreaterThan(1e-6);
        },
      ),
    );
    const right = [count('needle.bundle_count', 3), call('bark.texture', 'plated')];
    const named = nameFrom(naming, [...right, count('needle.length', 45)]);
    expect(named.ranking[0]).toBe(0);
    expect(against(named, 0).map((x) => x.call.character)).toEqual(['needle.length']);
  });

  test('of an evidence group only the call that says most counts', () => {
    const list = [
      taxon('long', { 'leaf.length': '100-150 mm', 'leaf.width': '20-30 mm' }),
      taxon('round', { 'leaf.length': '40-60 mm', 'leaf.width': '35-60 mm' }),
    ];
    const naming = namingOf(list, vocabulary);
    const both = nameFrom(naming, [count('leaf.length', 120), count('leaf.width', 25)]);
    expect(both.evidence.filter((x) => x.counts)).toHaveLength(1);
  });

  test('a prior weighs in and is not undone by silence', () => {
    expect(at([opposite, alternate], [], [3, 1])[0]).toBeCloseTo(0.75, 9);
    expect(() => namingOf([opposite], ARRANGED, [])).toThrow(RangeError);
    expect(priorAt(['fits', 'no'])[1]).toBeGreaterThan(0);
  });

  test('numbers are binned on the union of the bounds listed', () => {
    const list = [
      taxon('two', { 'needle.bundle_count': '2' }),
      taxon('five', { 'needle.bundle_count': '5' }),
    ];
    const naming = namingOf(list, few('needle.bundle_count'));
    expect(nameFrom(naming, [count('needle.bundle_count', 2)]).ranking[0]).toBe(0);
    expect(nameFrom(naming, [count('needle.bundle_count', 5)]).ranking[0]).toBe(1);
  });

  test('more calls that fit raise the chance of the leader', () => {
    const list = [
      taxon('a', { 'twig.arrangement': 'opposite', 'bark.texture': 'furrowed' }),
      taxon('b', { 'twig.arrangement': 'alternate', 'bark.texture': 'smooth' }),
    ];
    const one = at(list, [call('twig.arrangement', 'opposite')])[0] ?? 0;
    const two = at(list, [call('twig.arrangement', 'opposite'), call('bark.texture', 'furrowed')])[0] ?? 0;
    expect(two).toBeGreaterThan(one);
  });
});

describe('what to look at next', () => {
  const pines = [
    taxon('three', { ...NEEDLES, 'needle.bundle_count': '3', 'bark.texture': 'plated' }),
    taxon('two', { ...NEEDLES, 'needle.bundle_count': '2', 'bark.texture': 'plated' }),
  ];
  const naming = namingOf(pines, vocabulary);
  const { posterior } = nameFrom(naming, []);

  test('a character in which all are alike is worth nothing, one that parts them nearly a bit', () => {
    const looks = nextLooks(naming, posterior, [], july, FREE);
    expect(looks.map((l) => l.character.id)).toEqual(['needle.bundle_count']);
    expect(looks[0]?.bits).toBeGreaterThan(0.5);
    expect(looks[0]?.bits).toBeLessThan(1);
  });

  test('the bits of a look are the mutual information of call and name, added up by hand', () => {
    const character = vocabulary.get('needle.bundle_count');
    const table = character ? callTable(character, pines, vocabulary) : null;
    if (!table) throw new Error('A table was expected');
    const n = table.outcomes.length;
    let bits = 0;
    for (let s = 0; s < n; s += 1) {
      const each = pines.map((_, i) => table.chance[i * n + s] ?? 0);
      const mean = each.reduce((a, b) => a + b, 0) / pines.length;
      for (const p of each) if (p > 0) bits += (p / pines.length) * Math.log2(p / mean);
    }
    expect(nextLooks(naming, posterior, [], july, FREE)[0]?.bits).toBeCloseTo(bits, 9);
  });

  test('what was called, cannot be seen, or needs what a caution forbids is not proposed', () => {
    expect(nextLooks(naming, posterior, [count('needle.bundle_count', 3)], july, FREE)).toEqual([]);
    expect(nextLooks(naming, posterior, [], { ...july, material: ['bark'] }, FREE)).toEqual([]);
    const id = [...vocabulary.values()].find((c) => c.needs.includes('smell') && c.states.length > 1);
    if (!id) throw new Error('The vocabulary has a smell');
    const [x, y] = id.states;
    const smelling = [taxon('a', { [id.id]: x?.id ?? '' }), taxon('b', { [id.id]: y?.id ?? '' })];
    const ready = namingOf(smelling, vocabulary);
    const flat = nameFrom(ready, []).posterior;
    const smell = { ...july, handling: ['look', 'touch', 'smell'] as const };
    expect(nextLooks(ready, flat, [], smell, FREE)).toHaveLength(1);
    expect(nextLooks(ready, flat, [], smell, { ...FREE, forbidden: new Set(['smell']) })).toEqual([]);
  });

  test('what cannot be told from the leader with this is named', () => {
    const list = [
      ...pines,
      taxon('three too', { ...NEEDLES, 'needle.bundle_count': '3', 'bark.texture': 'plated' }),
    ];
    const all = namingOf(list, vocabulary);
    const named = nameFrom(all, [count('needle.bundle_count', 3)]);
    expect(cannotBeTold(all, named, vocabulary, july, new Set()).map((n) => [n.member, n.verdict])).toEqual([
      [named.ranking[1], 'twins'],
    ]);
  });
});
