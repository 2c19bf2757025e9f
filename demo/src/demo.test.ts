import { describe, expect, test } from '@jest/globals';
import { CHARACTERS, vocabularyOf } from '@hurrow/core/characters';
import { dayOfYear } from '@hurrow/core/conditions';
import type { Conditions } from '@hurrow/core/conditions';
import { comparePair, describeTaxa, expectedCharacters } from '@hurrow/core/tells';
import type { DescribedTaxon, LibraryData, Verdict } from '@hurrow/core/tells';
import { PLANTED, answerStation, demoBundle, seeded, slip } from './index.ts';
import { SPECIES, TAXA, taxonId, valueFromText } from './libraryRows.ts';
import { TREES } from './trees.ts';

const vocabulary = vocabularyOf(CHARACTERS);
const data: LibraryData = {
  policy: 'widest',
  taxa: TAXA.map((t) => ({ id: taxonId(t.name), label: t.name, parents: t.parents.map(taxonId) })),
  statements: TAXA.flatMap((t) =>
    t.statements.map((s, i) => ({
      id: `${t.name}/${i}`,
      taxon: taxonId(t.name),
      character: s.character,
      source: s.source,
      value: valueFromText(s.character, s.text.replace(/, n = \d+$/, '')),
    })),
  ),
  windows: TAXA.flatMap((t) =>
    t.windows.map((w) => ({
      taxon: taxonId(t.name),
      kind: w.kind as LibraryData['windows'][number]['kind'],
      start: dayOfYear(`2026-${w.from}`),
      end: dayOfYear(`2026-${w.to}`),
      ref: { lat: 47.9, lon: -115.9, elevM: 760 },
    })),
  ),
};
const described = new Map(describeTaxa(SPECIES.map(taxonId), data, vocabulary, null).map((d) => [d.id, d]));
const of = (name: string): DescribedTaxon => {
  const found = described.get(taxonId(name));
  if (!found) throw new Error(`No ${name}`);
  return found;
};
const expected = expectedCharacters([...described.values()]);
const OCTOBER: Conditions = {
  date: '2026-10-01',
  material: ['tree', 'twig', 'leaf'],
  handling: ['look', 'touch'],
  distance: 'hand',
  wet: false,
};
const verdict = (a: string, b: string, part: Partial<Conditions> = {}): Verdict =>
  comparePair(of(a), of(b), vocabulary, { ...OCTOBER, ...part }, expected).verdict;

describe('the library', () => {
  test.each(SPECIES.map((s) => [s]))('%s has thirty characters or more, own or inherited', (name) => {
    const values = [...of(name).profile.values()];
    expect(values.filter((r) => r.value.kind !== 'inapplicable').length).toBeGreaterThanOrEqual(30);
    expect(values.some((r) => r.origin !== taxonId(name))).toBe(true);
  });

  test('some values are exceptions and some have two sources', () => {
    const all = [...described.values()].flatMap((d) => [...d.profile.values()]);
    expect(all.filter((r) => r.exceptionTo).length).toBeGreaterThan(3);
    expect(all.filter((r) => r.statements.length > 1).length).toBeGreaterThan(3);
  });

  test('every pair has a tell somewhere in the year with all the material there is', () => {
    const seasons = ['2026-05-10', '2026-06-20', '2026-07-15', '2026-09-10', '2026-10-01', '2027-01-15'];
    for (const [i, a] of SPECIES.entries()) {
      for (const b of SPECIES.slice(i + 1)) {
        const told = seasons.some(
          (date) => verdict(a, b, { date, material: ['tree', 'twig', 'leaf', 'fruit', 'litter'] }) === 'told',
        );
        expect([a, b, told]).toEqual([a, b, true]);
      }
    }
  });
});

describe('what a newcomer can discover', () => {
  test('whitebark and limber pine are twins in every week and handling until a cone or the litter is added', () => {
    const pair = ['Pinus albicaulis', 'Pinus flexilis'] as const;
    for (const date of ['2026-01-15', '2026-05-01', '2026-06-20', '2026-07-01', '2026-08-20', '2026-10-01']) {
      expect(verdict(...pair, { date, handling: ['look', 'lens', 'touch', 'smell', 'cut', 'measure'] })).toBe(
        'twins',
      );
    }
    expect(verdict(...pair, { material: ['tree', 'twig', 'leaf', 'litter'] })).toBe('told');
    expect(verdict(...pair, { date: '2026-09-01', material: ['tree', 'fruit'] })).toBe('told');
  });

  test('one silver leaf does not tell Russian-olive from buffaloberry; a twig does', () => {
    const pair = ['Elaeagnus angustifolia', 'Shepherdia argentea'] as const;
    expect(verdict(...pair, { material: ['leaf'] })).toBe('twins');
    expect(verdict(...pair, { material: ['twig'] })).toBe('told');
  });

  test('one feather leaf does not tell mountain-ash from ash; a twig does', () => {
    const pair = ['Sorbus scopulina', 'Fraxinus pennsylvanica'] as const;
    expect(verdict(...pair, { material: ['leaf'] })).toBe('twins');
    expect(verdict(...pair, { material: ['twig'] })).toBe('told');
  });

  test('the two firs are plain in the hand', () => {
    expect(verdict('Abies grandis', 'Abies lasiocarpa')).toBe('told');
  });
});

describe('the scenario', () => {
  test('24 tagged trees, each of a listed species and certified', () => {
    expect(TREES).toHaveLength(24);
    expect(new Set(TREES.map((t) => t.tag)).size).toBe(24);
    for (const t of TREES) {
      expect(SPECIES).toContain(t.species);
      expect(t.certified.length).toBeGreaterThan(0);
    }
  });

  test('is the same every time', () => {
    expect(demoBundle()).toEqual(demoBundle());
  });
});

describe('the generator of answers', () => {
  const names = {
    common: (s: string) => s.toLowerCase(),
    others: () => [],
    shown: () => 'alternate',
  };
  const asks = [
    { kind: 'call', character: 'twig.arrangement' },
    { kind: 'common', character: null },
    { kind: 'sureness', character: null },
  ];

  test('gives back the rate that was planted', () => {
    const planted = PLANTED.find((p) => p.truth === 'Pinus flexilis');
    const random = seeded(7);
    const rounds = 4000;
    let named = 0;
    for (let i = 0; i < rounds; i += 1) {
      const [, name] = answerStation('Pinus flexilis', asks, 1, names, random);
      // A slip of the pen is counted by its first letters.
      if (name?.typed?.startsWith('pinus a')) named += 1;
    }
    expect(named / rounds).toBeGreaterThan((planted?.rate ?? 0) - 0.05);
    expect(named / rounds).toBeLessThan((planted?.rate ?? 0) + 0.05);
  });

  test('a slip changes one place and no more than one letter’s length', () => {
    const random = seeded(1);
    for (let i = 0; i < 200; i += 1) {
      const slipped = slip('subalpine fir', random);
      expect(Math.abs(slipped.length - 'subalpine fir'.length)).toBeLessThanOrEqual(1);
    }
  });
});
