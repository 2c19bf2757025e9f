import { describe, expect, test } from '@jest/globals';
import { CHARACTERS, disagreements, readCell, vocabularyOf } from '../characters/index.ts';
import type { Statement } from '../characters/index.ts';
import { EVERYTHING_AT_THE_TREE } from '../conditions/index.ts';
import type { Conditions } from '../conditions/index.ts';
import { completeness, costOf, describeTaxa, expectedCharacters, worthRecording } from './index.ts';
import type { LibraryData } from './index.ts';

const vocabulary = vocabularyOf(CHARACTERS);
const july: Conditions = { ...EVERYTHING_AT_THE_TREE, date: '2026-07-01' };
const EVERGREEN = { 'leaf.persistence': 'evergreen', 'leaf.kind': 'needle' };

function library(cells: Readonly<Record<string, Readonly<Record<string, string>>>>): LibraryData {
  const statements = Object.entries(cells).flatMap(([key, values]) => {
    const [taxon = '', source = 'flora'] = key.split(' by ');
    return Object.entries(values).map(([character, text]): Statement => {
      const c = vocabulary.get(character);
      const read = c ? readCell(c, text) : null;
      if (!read?.ok || !read.value) throw new Error(`${character}: ${text}`);
      return { id: `${key}/${character}`, taxon, character, source, value: read.value };
    });
  });
  const taxa = [...new Set(statements.map((s) => s.taxon))];
  return {
    policy: 'widest',
    windows: [],
    statements,
    taxa: taxa.map((id) => ({ id, label: id, parents: [] })),
  };
}

const described = (data: LibraryData) =>
  describeTaxa(
    data.taxa.map((t) => t.id),
    data,
    vocabulary,
    null,
  );

describe('what is worth recording next', () => {
  // Three firs; two have their bands, and they differ; the third has none.
  const data = library({
    a: { ...EVERGREEN, 'needle.bands': 'below-only', 'bark.texture': 'smooth' },
    b: { ...EVERGREEN, 'needle.bands': 'both-sides', 'bark.texture': 'smooth' },
    c: { ...EVERGREEN, 'bark.texture': 'smooth' },
  });
  const asked = (d: LibraryData, most = 5) => {
    const list = described(d);
    return worthRecording(list, vocabulary, july, expectedCharacters(list), { most });
  };

  test('the one missing value that settles two pairs comes first, with the pairs', () => {
    const found = asked(data);
    expect(found?.open).toBe(2);
    expect(found?.values[0]).toMatchObject({ taxon: 'c', character: 'needle.bands', settles: ['a', 'b'] });
    // One of one recorded pair differs; with two imagined pairs at one half that is 2/3 for each of the two.
    expect(found?.values[0]?.expected).toBeCloseTo(4 / 3);
  });

  test('once it is recorded the rest is worked out anew', () => {
    const after = asked({
      ...data,
      statements: [
        ...data.statements,
        {
          id: 'new',
          taxon: 'c',
          character: 'needle.bands',
          source: 'own',
          value: { kind: 'states', states: [{ state: 'none', freq: 'usual' }] },
        },
      ],
    });
    expect(after).toEqual({ open: 0, values: [] });
  });

  test('what hardly helps is not asked for, and what cannot be seen now neither', () => {
    const found = asked(data, 40);
    expect(found?.values.every((v) => v.expected >= 0.05)).toBe(true);
    const far = worthRecording(
      described(data),
      vocabulary,
      { ...july, distance: 'far', material: ['tree'] },
      new Set(),
      {
        most: 40,
      },
    );
    expect(far?.values.map((v) => v.character)).not.toContain('needle.bands');
  });

  test('it says how far it is and stops when it is told to', () => {
    const many = library(
      Object.fromEntries(
        Array.from({ length: 15 }, (_, i) => [`t${i}`, { ...EVERGREEN, 'bark.texture': 'smooth' }]),
      ),
    );
    const list = described(many);
    const seen: number[] = [];
    const stopped = worthRecording(list, vocabulary, july, new Set(), {
      most: 3,
      onProgress: (done, total) => {
        seen.push(done / total);
        return false;
      },
    });
    expect(stopped).toBeNull();
    expect(seen).toEqual([50 / 105]);
  });
});

describe('what a disagreement costs', () => {
  const data = library({
    'a by flora': { ...EVERGREEN, 'needle.bands': 'both-sides', 'form.height': '20-40 m' },
    'a by sheet': { 'needle.bands': 'below-only', 'form.height': '30-60 m' },
    'b by flora': { ...EVERGREEN, 'needle.bands': 'below-only', 'form.height': '20-40 m' },
  });
  const found = disagreements(data.statements, vocabulary);
  const cost = (character: string) => {
    const d = found.find((x) => x.character === character);
    if (!d) throw new Error(`No disagreement on ${character}`);
    return costOf(d, ['a', 'b'], data, vocabulary, july, null);
  };

  test('if the flora were right the bands would tell the two; if the sheet were, nothing would', () => {
    expect(found.map((d) => d.kind).sort()).toEqual(['contradiction', 'different_bounds']);
    const bands = cost('needle.bands');
    expect(bands.ifA).toEqual([{ a: 'a', b: 'b', before: 'twins', after: 'told', tell: 'gained' }]);
    expect(bands.ifB).toEqual([]);
  });

  test('a height that differs costs nothing where height tells nothing', () => {
    expect(cost('form.height')).toEqual({ ifA: [], ifB: [] });
  });
});

test('completeness is counted against what the list needs, organ by organ, of what applies', () => {
  const data = library({
    a: { ...EVERGREEN, 'needle.bands': 'below-only', 'bark.texture': 'smooth' },
    b: { ...EVERGREEN, 'needle.bands': 'both-sides' },
    c: { 'leaf.kind': 'needle' },
  });
  const list = described(data);
  const c = list.find((d) => d.id === 'c');
  if (!c) throw new Error('c was not described');
  expect(completeness(c, vocabulary, expectedCharacters(list))).toEqual([
    { organ: 'leaf', needed: 3, recorded: 1 },
  ]);
});
