import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { comparePair, expectedCharacters } from '../tells/index.ts';
import type { Described } from '../tells/index.ts';
import { character, few, july, taxon, vocabulary } from './fixture.ts';
import {
  barred,
  cellAt,
  changesOf,
  checkDeclared,
  comparativeWords,
  countsOf,
  diagnostic,
  earnings,
  lones,
  lost,
  matrixOf,
  pairTable,
  rowReports,
  standingIn,
  tellCards,
  contrastsAmong,
  tellSentence,
  throughYear,
  under,
  usableWhen,
  verdictOf,
  whatIfs,
} from './index.ts';

const PLAIN = { words: 'plain', units: 'metric' } as const;
const NEEDLES = { 'leaf.kind': 'needle', 'leaf.persistence': 'evergreen' };
const three = taxon('three', { ...NEEDLES, 'needle.bundle_count': '3', 'bark.texture': 'plated' });
const two = taxon('two', { ...NEEDLES, 'needle.bundle_count': '2', 'bark.texture': 'scaly' });
const white = taxon('white', { ...NEEDLES, 'needle.bundle_count': '5', 'bark.texture': 'smooth' });
const limber = taxon('limber', { ...NEEDLES, 'needle.bundle_count': '5', 'bark.texture': 'smooth' });
const pines = [three, two, white, limber];
const named = (all: readonly Described[], i: number): string => all[i]?.id ?? '';

const matrixFor = (list: readonly Described[], conditions = july) =>
  matrixOf(list, vocabulary, conditions, expectedCharacters(list));
const tableFor = (list: readonly Described[], conditions = july) => {
  const table = pairTable(matrixFor(list, conditions));
  if (!table) throw new Error('The table was stopped');
  return table;
};

/** Lists of a few species over five plain characters, some values missing, some varying. */
const SIMPLE = few('bark.texture', 'bark.colour', 'leaf.shape', 'form.outline', 'needle.length');
const cell = (id: string): fc.Arbitrary<string | null> => {
  const c = SIMPLE.get(id);
  const states = (c?.states ?? []).filter((s) => !c?.states.some((t) => t.parent === s.id)).slice(0, 4);
  if (states.length === 0) {
    return fc.oneof(
      { weight: 1, arbitrary: fc.constant(null) },
      {
        weight: 4,
        arbitrary: fc
          .tuple(fc.integer({ min: 5, max: 60 }), fc.integer({ min: 1, max: 30 }))
          .map(([l, w]) => `${l}-${l + w} mm`),
      },
      { weight: 1, arbitrary: fc.integer({ min: 5, max: 60 }).map((l) => `at least ${l} mm`) },
    );
  }
  const state = fc.constantFrom(...states.map((s) => s.id));
  return fc.oneof(
    { weight: 1, arbitrary: fc.constant(null) },
    { weight: 4, arbitrary: state },
    { weight: 1, arbitrary: fc.tuple(state, state).map(([a, b]) => (a === b ? a : `${a} | ${b} ?`)) },
    { weight: 1, arbitrary: state.map((s) => `not ${s}`) },
    { weight: 1, arbitrary: fc.tuple(state, state).map(([a, b]) => (a === b ? a : `${a} | not ${b}`)) },
  );
};
const species = fc
  .tuple(...[...SIMPLE.keys()].map((id) => cell(id).map((text) => [id, text] as const)))
  .map((cells) => Object.fromEntries(cells.flatMap(([id, text]) => (text === null ? [] : [[id, text]]))));
const lists = fc
  .array(species, { minLength: 2, maxLength: 7 })
  .map((all) => all.map((cells, i) => taxon(`s${i}`, cells)));
const simple = (list: readonly Described[]) => matrixOf(list, SIMPLE, july, expectedCharacters(list));

describe('all pairs of a list', () => {
  test('two needles against three is clean, the same count and bark are twins', () => {
    const table = tableFor(pines);
    expect(cellAt(table, 0, 1)).toMatchObject({ standing: 'clean', best: 'needle.bundle_count' });
    expect(cellAt(table, 3, 2)?.standing).toBe('twins');
    expect(countsOf(table)).toEqual({ clean: 5, weak: 0, twins: 1, unproven: 0 });
  });

  test('says of every pair what comparing the two alone says, with the same best tell', () => {
    fc.assert(
      fc.property(lists, (list) => {
        const expected = expectedCharacters(list);
        for (const c of pairTable(simple(list))?.cells ?? []) {
          const [a, b] = [list[c.a], list[c.b]];
          if (!a || !b) throw new Error('A pair of members');
          const alone = comparePair(a, b, SIMPLE, july, expected);
          expect(verdictOf(c.standing)).toBe(alone.verdict);
          expect(c.best).toBe(alone.tells[0]?.character ?? null);
          expect(c.tells).toBe(alone.tells.filter((t) => t.strength !== 'partial').length);
        }
      }),
    );
  });

  test('one row of it gives the reports that comparing pairs alone gives, word for word', () => {
    fc.assert(
      fc.property(lists, fc.boolean(), (list, measured) => {
        const expected = expectedCharacters(list);
        const conditions = { ...july, handling: measured ? july.handling : (['look'] as const) };
        const matrix = matrixOf(list, SIMPLE, conditions, expected);
        const [first, ...others] = list;
        if (!first) throw new Error('A list has members');
        expect(rowReports(matrix, 0, conditions)).toEqual(
          others.map((d) => comparePair(first, d, SIMPLE, conditions, expected)),
        );
      }),
    );
  });

  test('it can be stopped on the way and then says nothing', () => {
    const told: number[] = [];
    const stopped = pairTable(matrixFor(pines), (done) => told.push(done) < 2);
    expect(stopped).toBeNull();
    expect(told).toHaveLength(2);
  });

  test('a character more to be seen never loses a tell', () => {
    fc.assert(
      fc.property(lists, fc.constantFrom(...SIMPLE.keys()), (list, hidden) => {
        const fewer = new Map([...SIMPLE].filter(([id]) => id !== hidden));
        const before = pairTable(matrixOf(list, fewer, july, new Set()));
        const after = pairTable(matrixOf(list, SIMPLE, july, new Set()));
        before?.cells.forEach((c, i) => {
          expect(after?.cells[i]?.tells).toBeGreaterThanOrEqual(c.tells);
        });
      }),
    );
  });

  test('writing down for one what its rival has never parts the two', () => {
    fc.assert(
      fc.property(lists, fc.constantFrom(...SIMPLE.keys()), (list, id) => {
        const [a, b] = list;
        const known = b?.values.get(id);
        if (!a || !b || a.values.has(id) || !known) return;
        const filled = { ...a, values: new Map([...a.values, [id, known]]) };
        const told = (x: Described): number =>
          comparePair(x, b, SIMPLE, july, new Set()).tells.filter((t) => t.strength !== 'partial').length;
        expect(told(filled)).toBe(told(a));
      }),
    );
  });

  test('another order of the species changes nothing of any pair', () => {
    fc.assert(
      fc.property(lists, (list) => {
        const turned = [...list].reverse();
        const [one, other] = [pairTable(simple(list)), pairTable(simple(turned))];
        if (!one || !other) throw new Error('Both tables were wanted');
        for (const c of one.cells) {
          const back = cellAt(other, list.length - 1 - c.a, list.length - 1 - c.b);
          expect([back?.standing, back?.best, back?.tells]).toEqual([c.standing, c.best, c.tells]);
        }
      }),
    );
  });
});

describe('the smallest sets that part a species from all others', () => {
  test('one character where one does, and no set where a twin stands beside it', () => {
    const matrix = matrixFor(pines);
    expect(diagnostic(matrix, 0)).toMatchObject({ size: 1, count: 2, leaves: [] });
    expect(diagnostic(matrix, 0).easiest[0]?.characters).toEqual(['needle.bundle_count']);
    const none = diagnostic(matrix, 2);
    expect(none.size).toBeNull();
    expect(none.leaves.map((i) => named(pines, i))).toEqual(['limber']);
    expect(none.nearest?.characters).toHaveLength(1);
  });

  test('only what one species alone shows is called its own', () => {
    expect(lones(matrixFor(pines)).map((l) => `${named(pines, l.species)} ${l.character}`)).toEqual([
      'three needle.bundle_count',
      'three bark.texture',
      'two needle.bundle_count',
      'two bark.texture',
    ]);
  });

  test('size and number are those of trying every set', () => {
    fc.assert(
      fc.property(lists, (list) => {
        const matrix = simple(list);
        const table = (c: string, i: number, j: number): boolean => {
          const [a, b] = [list[i], list[j]];
          if (!a || !b) return false;
          return comparePair(
            a,
            b,
            new Map([...SIMPLE].filter(([id]) => id === c)),
            july,
            new Set(),
          ).tells.some((t) => t.strength === 'clean');
        };
        const ids = [...SIMPLE.keys()];
        list.forEach((_, i) => {
          const others = list.map((_x, j) => j).filter((j) => j !== i);
          const covers = Array.from({ length: 2 ** ids.length }, (_x, mask) =>
            ids.filter((_id, k) => mask & (1 << k)),
          ).filter((set) => others.every((j) => set.some((c) => table(c, i, j))));
          const size = covers.length === 0 ? null : Math.min(...covers.map((c) => c.length));
          const found = diagnostic(matrix, i);
          expect(found.size).toBe(size);
          expect(found.count).toBe(covers.filter((c) => c.length === size).length);
        });
      }),
      { numRuns: 60 },
    );
  });

  test('characters that tell nothing stand at the end with nothing', () => {
    const all = earnings(matrixFor(pines));
    expect(all[0]).toMatchObject({ tells: 5 });
    expect(all.at(-1)).toMatchObject({ tells: 0, alone: 0 });
    expect(all.map((e) => e.character.id)).toContain('leaf.kind');
  });
});

describe('one pair, tell by tell', () => {
  test('a tell is stated with both sides in the chosen words', () => {
    const [first] = tellCards(three, two, vocabulary, july);
    expect(first?.character.id).toBe('needle.bundle_count');
    expect(first && tellSentence(first, ['Pinus ponderosa', 'Pinus contorta'], PLAIN)).toBe(
      'Needles grow in bundles of 3 on Pinus ponderosa, 2 on Pinus contorta.',
    );
  });

  test('what cannot be used any more is lost with its reason', () => {
    const before = tellCards(three, two, vocabulary, july);
    const leafAway = tellCards(three, two, vocabulary, { ...july, material: ['bark'] });
    expect(lost(before, leafAway).map((c) => [c.character.id, c.reason])).toEqual([
      ['needle.bundle_count', expect.stringContaining('needs')],
    ]);
  });

  test('a leaf can be used while both have theirs', () => {
    const windows = [
      { kind: 'leaf_out', start: 121, end: 140 },
      { kind: 'leaf_fall', start: 270, end: 300 },
    ] as const;
    const maple = taxon('maple', { 'leaf.arrangement': 'opposite' }, { persistence: 'deciduous', windows });
    const ninebark = taxon(
      'ninebark',
      { 'leaf.arrangement': 'alternate' },
      { persistence: 'deciduous', windows },
    );
    const [card] = tellCards(maple, ninebark, vocabulary, july);
    expect(card?.character.id).toBe('leaf.arrangement');
    // From ten days before leaf-out begins to ten days after leaf fall ends: 21 April to 6 November.
    expect(card && usableWhen(maple, ninebark, card.character, july)).toEqual([
      { from: '2026-04-21', to: '2026-11-06' },
    ]);
  });

  test('a declared tell is held against the record', () => {
    const say = (c: string | null, a = three, b = two, conditions = july) =>
      checkDeclared(c, a, b, vocabulary, conditions).verdict;
    expect(say('needle.bundle_count')).toBe('supported');
    expect(say('needle.bundle_count', three, two, { ...july, material: ['bark'] })).toBe('not_now');
    expect(say('bark.texture', white, limber)).toBe('contradicted');
    expect(say('needle.length')).toBe('unsupported');
    expect(say(null)).toBe('unsaid');
  });

  test('of which one is only said to show more, it tells beside the other alone', () => {
    const big = taxon('big', { ...NEEDLES, 'needle.length': '40-60 mm', 'bark.texture': 'smooth' });
    const small = taxon('small', { ...NEEDLES, 'needle.length': '35-55 mm', 'bark.texture': 'smooth' });
    const bare = taxon('bare', NEEDLES);
    const say = (c: string, a: Described, b: Described, greater: Described, conditions = july) =>
      checkDeclared(c, a, b, vocabulary, conditions, greater.id).verdict;
    expect(say('needle.length', big, small, big)).toBe('beside');
    expect(say('needle.length', small, big, big)).toBe('beside');
    expect(say('needle.length', big, small, small)).toBe('contradicted');
    expect(say('needle.length', big, bare, big)).toBe('beside');
    expect(say('bark.texture', big, small, small)).toBe('beside');
    expect(say('needle.length', big, small, big, { ...july, material: ['bark'] })).toBe('not_now');
    // What the record tells by itself needs no other beside it.
    expect(say('needle.bundle_count', three, two, three)).toBe('supported');
    // It never tells a pair: the two stay what their record makes them.
    expect(
      comparePair(big, small, vocabulary, july, new Set()).tells.every((t) => t.strength === 'partial'),
    ).toBe(true);
    expect([true, false].map((more) => comparativeWords(character('bark.colour'), more))).toEqual([
      'darker',
      'paler',
    ]);
  });
});

describe('a list under other conditions', () => {
  const others = fc.record({
    date: fc.constantFrom('2026-01-15', '2026-04-20', '2026-07-01', '2026-10-10'),
    material: fc.subarray(['tree', 'twig', 'leaf', 'bark', 'fruit'] as const),
    handling: fc.subarray(['lens', 'touch', 'measure'] as const).map((h) => ['look' as const, ...h]),
    distance: fc.constantFrom('far', 'trunk', 'hand'),
    wet: fc.boolean(),
  });

  test('is the same whether made anew or from what was worked out before', () => {
    fc.assert(
      fc.property(lists, others, (list, conditions) => {
        const before = simple(list);
        pairTable(before);
        const anew = pairTable(matrixOf(list, SIMPLE, conditions, expectedCharacters(list)));
        expect(pairTable(under(before, conditions))).toEqual(anew);
      }),
    );
  });

  test('what a change cures and undoes accounts for every pair that changes', () => {
    fc.assert(
      fc.property(lists, others, (list, conditions) => {
        const matrix = matrixOf(list, SIMPLE, conditions, expectedCharacters(list));
        const told = (m: typeof matrix): number => {
          const counts = countsOf(pairTable(m) ?? { size: 0, cells: [] });
          return counts.clean + counts.weak;
        };
        for (const w of whatIfs(matrix, conditions, new Map()) ?? []) {
          expect(told(under(matrix, w.conditions)) - told(matrix)).toBe(w.cured.length - w.undone.length);
        }
      }),
      { numRuns: 40 },
    );
  });
});

describe('a list through the year and under changed conditions', () => {
  const cone = (id: string, shape: string): Described =>
    taxon(id, { ...NEEDLES, 'needle.bundle_count': '5', 'fruit.cone_posture': shape });
  const list = [cone('w', 'erect'), cone('l', 'hanging'), three];

  test('every week counts every pair', () => {
    const year = throughYear(matrixFor(list), july);
    expect(year?.weeks).toHaveLength(52);
    expect(year?.weeks[0]).toBe('2026-01-01');
    for (const c of year?.counts ?? []) expect(c.clean + c.weak + c.twins + c.unproven).toBe(3);
    year?.weeks.forEach((date, w) => {
      const table = tableFor(list, { ...july, date });
      expect(table.cells.map((c) => c.standing)).toEqual(year.pairs.map((_, i) => standingIn(year, i, w)));
    });
  });

  test('the change that cures most stands first, and what a caution forbids is not counted', () => {
    const nothing = { ...july, material: [] };
    const found = whatIfs(matrixFor(pines, nothing), nothing, new Map()) ?? [];
    expect(found[0]?.cured).toHaveLength(5);
    expect(found[0]?.change).toMatchObject({ kind: 'material' });
    expect(found.map((w) => w.cured.length)).toEqual(
      [...found.map((w) => w.cured.length)].sort((a, b) => b - a),
    );
    const twig = { kind: 'material', add: 'twig' } as const;
    const cured = (forbidden: ReadonlyMap<string, ReadonlySet<string>>): number =>
      whatIfs(matrixFor([three, two], { ...july, material: [] }), { ...july, material: [] }, forbidden)?.find(
        (w) => w.change.kind === 'material' && w.change.add === 'twig',
      )?.cured.length ?? 0;
    expect(cured(new Map())).toBe(1);
    expect(cured(new Map([['three', new Set(['cut'])]]))).toBe(0);
    expect(barred(twig, new Set(['collect']))).toBe(true);
    expect(barred({ kind: 'handling', allow: 'smell' }, new Set(['smell']))).toBe(true);
    expect(barred({ kind: 'handling', allow: 'lens' }, new Set(['smell']))).toBe(false);
  });

  test('tasting and cutting are never proposed', () => {
    const all = changesOf({ ...july, material: [], handling: ['look'], distance: 'far', wet: true });
    expect(all.some((c) => c.kind === 'handling' && (c.allow === 'taste' || c.allow === 'cut'))).toBe(false);
    expect(all.map((c) => c.kind)).toEqual(
      expect.arrayContaining(['material', 'handling', 'distance', 'dry', 'date']),
    );
  });
});

describe('every two of several', () => {
  test('stand in order with their tells in the order of looking, and no more than asked for', () => {
    const all = contrastsAmong([two, three, two], vocabulary, july, 2);
    expect(all.map((c) => [c.a, c.b])).toEqual([
      [0, 1],
      [0, 2],
      [1, 2],
    ]);
    expect(all[0]?.tells[0]?.character.id).toBe('needle.bundle_count');
    expect(all[0]?.tells.length).toBeLessThanOrEqual(2);
    // The same species twice: nothing tells it from itself.
    expect(all[1]?.tells).toEqual([]);
  });

  test('one alone has nobody to be told from', () => {
    expect(contrastsAmong([two], vocabulary, july, 3)).toEqual([]);
  });
});
