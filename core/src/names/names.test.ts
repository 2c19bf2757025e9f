import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  alignmentDistance,
  judgeName,
  nameIndex,
  normalise,
  parseNameList,
  recognise,
  room,
} from './index.ts';
import type { NameEntry, Truth } from './index.ts';

const species = (
  taxon: string,
  accepted: string,
  common: string[],
  more: Partial<NameEntry>[] = [],
): NameEntry[] => [
  { taxon, rank: 'species', kind: 'accepted', text: accepted },
  ...common.map((text): NameEntry => ({ taxon, rank: 'species', kind: 'common', text })),
  ...more.map((m): NameEntry => ({ taxon, rank: 'species', kind: 'synonym', text: '', ...m })),
];
const genus = (taxon: string, accepted: string, common: string): NameEntry[] => [
  { taxon, rank: 'genus', kind: 'accepted', text: accepted },
  { taxon, rank: 'genus', kind: 'common', text: common },
];

const ENTRIES: readonly NameEntry[] = [
  ...genus('abies', 'Abies', 'fir'),
  ...genus('acer', 'Acer', 'maple'),
  ...genus('populus', 'Populus', 'poplar'),
  ...species('grandis', 'Abies grandis', ['grand fir', 'white fir']),
  ...species('concolor', 'Abies concolor', ['white fir']),
  ...species('lasiocarpa', 'Abies lasiocarpa', ['subalpine fir'], [{ text: 'Abies bifolia' }]),
  ...species('menziesii', 'Pseudotsuga menziesii', ['Douglas-fir'], [{ text: 'Pseudotsuga taxifolia' }]),
  ...species('rubrum', 'Acer rubrum', ['red maple']),
  ...species('glabrum', 'Acer glabrum', ['Rocky Mountain maple']),
  ...species('tremuloides', 'Populus tremuloides', ['quaking aspen']),
  ...species('cerulea', 'Sambucus cerulea', ['blue elderberry'], [{ text: 'Sambucus mexicana' }]),
  { taxon: 'adoxaceae', rank: 'family', kind: 'accepted', text: 'Adoxaceae' },
  { taxon: 'adoxaceae', rank: 'family', kind: 'older_family', text: 'Caprifoliaceae' },
];
const index = nameIndex(ENTRIES);
const GENERA: Readonly<Record<string, string>> = {
  grandis: 'abies',
  concolor: 'abies',
  lasiocarpa: 'abies',
  rubrum: 'acer',
  glabrum: 'acer',
  tremuloides: 'populus',
};
const listed = new Set(ENTRIES.filter((e) => e.rank === 'species').map((e) => e.taxon));
const truth = (taxon: string): Truth => ({ taxon, genus: GENERA[taxon] ?? null, listed });
const outcome = (typed: string, taxon: string): string => judgeName(typed, truth(taxon), index).outcome;

describe('normalising', () => {
  test.each([
    ['  The Douglas–Fir ', 'douglas fir'],
    ['Larix × marschlinsii', 'larix marschlinsii'],
    ['Greene’s mountain-ash', 'greenes mountain ash'],
    ['SÁMBUCUS  cerulea', 'sambucus cerulea'],
    ['', ''],
  ])('%j becomes %j', (typed, normal) => {
    expect(normalise(typed)).toBe(normal);
    expect(normalise(normal)).toBe(normal);
  });
});

describe('distance', () => {
  test('a swap of neighbours is one edit; room grows with the word', () => {
    expect(alignmentDistance('fri', 'fir', 3)).toBe(1);
    expect(alignmentDistance('menzeisii', 'menziesii', 3)).toBe(1);
    expect(alignmentDistance('abcdef', 'ghijkl', 2)).toBe(3);
    expect([3, 4, 7, 8, 12, 13].map(room)).toEqual([0, 1, 1, 2, 2, 3]);
  });

  /** The whole table, as the definition has it. */
  function plainly(a: string, b: string): number {
    const d = Array.from({ length: a.length + 1 }, (_, i) =>
      Array.from({ length: b.length + 1 }, (__, j) => (i === 0 ? j : j === 0 ? i : 0)),
    );
    const at = (i: number, j: number): number => d[i]?.[j] ?? 0;
    for (let i = 1; i <= a.length; i += 1)
      for (let j = 1; j <= b.length; j += 1) {
        const change = at(i - 1, j - 1) + (a[i - 1] === b[j - 1] ? 0 : 1);
        const swap =
          a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1] && i > 1 && j > 1 ? at(i - 2, j - 2) + 1 : 99;
        const row = d[i];
        if (row) row[j] = Math.min(at(i - 1, j) + 1, at(i, j - 1) + 1, change, swap);
      }
    return at(a.length, b.length);
  }

  test('is that of the whole table, up to the most that is asked for', () => {
    const word = fc.stringMatching(/^[a-c]{0,9}$/);
    fc.assert(
      fc.property(word, word, fc.nat(9), (a, b, most) => {
        expect(alignmentDistance(a, b, most)).toBe(Math.min(plainly(a, b), most + 1));
      }),
      { numRuns: 3000 },
    );
  });

  test('is symmetric and never longer than the longer word', () => {
    fc.assert(
      fc.property(fc.stringMatching(/^[a-d]{0,8}$/), fc.stringMatching(/^[a-d]{0,8}$/), (a, b) => {
        const d = alignmentDistance(a, b, 9);
        expect(d).toBe(alignmentDistance(b, a, 9));
        expect(d).toBeLessThanOrEqual(Math.max(a.length, b.length));
      }),
    );
  });
});

describe('grading names', () => {
  test.each([
    ['Abies grandis', 'grandis', 'exact'],
    ['abies GRANDIS (Dougl. ex D. Don) Lindl.', 'grandis', 'exact'],
    ['grand fir', 'grandis', 'exact'],
    ['A. lasiocarpa', 'lasiocarpa', 'abbreviated'],
    ['Abies grandus', 'grandis', 'misspelled'],
    ['Abies grandiss', 'grandis', 'misspelled'],
    ['A. grandiss', 'grandis', 'abbreviated'],
    ['a grand fir', 'grandis', 'exact'],
    ['subalpin fir', 'lasiocarpa', 'misspelled'],
    ['douglasfir', 'menziesii', 'exact'],
    ['Pseudotsuga menzeisii', 'menziesii', 'misspelled'],
    ['Sambucus caerulea', 'cerulea', 'misspelled'],
    ['Sambucus mexicana', 'cerulea', 'synonym'],
    ['white fir', 'grandis', 'shared_common'],
    ['Abies', 'grandis', 'genus_only'],
    ['fir', 'grandis', 'genus_only'],
    ['Abies magnifica', 'grandis', 'right_genus'],
    ['Tsuga menziesii', 'menziesii', 'right_epithet'],
    ['Acer rubrum', 'glabrum', 'other_species'],
    ['quaking aspen', 'glabrum', 'other_species'],
    ['cannot be told from this', 'glabrum', 'cannot_tell'],
    ['tall green thing', 'glabrum', 'unlisted'],
    ['  ', 'glabrum', 'blank'],
  ])('%j for %s is %s', (typed, taxon, expected) => {
    expect(outcome(typed, taxon)).toBe(expected);
  });

  test('an exact hit on another name always wins over a spelling of the right one', () => {
    const close = nameIndex([...ENTRIES, ...species('rubra', 'Acer rubra', [])]);
    const listedToo = new Set([...listed, 'rubra']);
    expect(
      judgeName('Acer rubra', { taxon: 'rubrum', genus: 'acer', listed: listedToo }, close),
    ).toMatchObject({
      outcome: 'other_species',
      taxon: 'rubra',
    });
  });

  test('every single edit of every listed name never credits another species, nor scores above exact', () => {
    const letters = 'aeimrst';
    const order = ['exact', 'abbreviated', 'synonym', 'misspelled', 'shared_common', 'older_family'];
    let tried = 0;
    let forgiven = 0;
    for (const entry of ENTRIES.filter((e) => e.rank === 'species' && e.text !== 'white fir')) {
      const t = truth(entry.taxon);
      const whole = judgeName(entry.text, t, index);
      expect(order).toContain(whole.outcome);
      for (let i = 0; i <= entry.text.length; i += 1) {
        const [head, tail] = [entry.text.slice(0, i), entry.text.slice(i)];
        const edits = [
          head + tail.slice(1),
          head + tail.charAt(1) + tail.charAt(0) + tail.slice(2),
          ...[...letters].flatMap((l) => [head + l + tail, head + l + tail.slice(1)]),
        ];
        for (const typed of edits) {
          const j = judgeName(typed, t, index);
          tried += 1;
          const isOtherName = ENTRIES.some(
            (e) => e.taxon !== entry.taxon && normalise(e.text) === normalise(typed),
          );
          if (j.outcome === 'other_species') expect([typed, isOtherName]).toEqual([typed, true]);
          if (entry.kind !== 'synonym') expect(j.outcome).not.toBe('synonym');
          if (['exact', 'misspelled', 'synonym', 'doubtful'].includes(j.outcome)) forgiven += 1;
        }
      }
    }
    expect(tried).toBeGreaterThan(3000);
    // What is left are edits in words of three letters and spaces that part a name.
    expect(forgiven / tried).toBeGreaterThan(0.8);
  });
});

describe('pasted lists', () => {
  test('lines with weeks, bullets and separators', () => {
    const r = parseNameList(
      '1. Abies grandis, 1\n- grand fir; week 2\n\nPopulus tremuloides\tw3\nAcer glabrum (week 4)\n',
    );
    // A tab anywhere makes tabs the separator, so the semicolons and commas stay with their names.
    expect(r.ok && r.value.map((l) => l.line)).toEqual([1, 2, 4, 5]);
    const plain = parseNameList('1. Abies grandis, 1\n* quaking aspen, week 3\nAcer glabrum (week 4)');
    expect(plain.ok && plain.value.map((l) => [l.name, l.week])).toEqual([
      ['Abies grandis', 1],
      ['quaking aspen', 3],
      ['Acer glabrum', 4],
    ]);
  });

  test('a table with a header, and a header that is not known', () => {
    const r = parseNameList('scientific,common,week,label\nAbies grandis,grand fir,2,wet ground');
    expect(r).toMatchObject({
      ok: true,
      value: [{ name: 'Abies grandis', common: 'grand fir', week: 2, label: 'wet ground' }],
    });
    expect(parseNameList('scientific,colour\nx,y')).toMatchObject({
      ok: false,
      problem: { code: 'unknown_column' },
    });
    expect(parseNameList(' \n')).toMatchObject({ ok: false, problem: { code: 'empty' } });
    expect(parseNameList('x'.repeat(200_001))).toMatchObject({ ok: false, problem: { code: 'too_long' } });
  });

  test.each([
    ['Abies grandis', { kind: 'known', taxon: 'grandis' }],
    ['Abies grandiss', { kind: 'misspelled', taxon: 'grandis' }],
    ['white fir', { kind: 'shared', taxa: ['grandis', 'concolor'] }],
    ['Quercus rubra', { kind: 'new' }],
  ])('%s is %j to the library', (typed, expected) => {
    expect(recognise(typed, index)).toMatchObject(expected);
  });
});
