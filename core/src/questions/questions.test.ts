import { describe, expect, test } from '@jest/globals';
import { CHARACTERS, WORDS, readCell, vocabularyOf } from '../characters/index.ts';
import type { Profile, Resolved } from '../characters/index.ts';
import { beyondLimits, questionsAbout } from './index.ts';
import type { Asked, AskedAmong } from './index.ts';

const vocabulary = vocabularyOf(CHARACTERS);

/** A profile from cells of a character table, all of them the taxon's own. */
function profile(own: string, cells: Readonly<Record<string, string>>): Profile {
  const made = new Map<string, Resolved>();
  for (const [id, text] of Object.entries(cells)) {
    const character = vocabulary.get(id);
    const read = character ? readCell(character, text) : null;
    if (!read?.ok || !read.value) throw new Error(`${id}: ${text}`);
    const statement = { id, taxon: own, character: id, source: 's', value: read.value };
    made.set(id, {
      character: id,
      value: read.value,
      origin: own,
      statements: [statement],
      disagreesWith: [],
      tied: false,
    });
  }
  return made;
}

const asked = (cells: Readonly<Record<string, string>>, part: Partial<Asked> = {}): Asked => ({
  id: 'own',
  scientific: 'Genus own',
  profile: profile('own', cells),
  windows: [],
  sayings: [],
  roots: [],
  lookalikes: [],
  ...part,
});
const alone: AskedAmong = { vocabulary, words: WORDS, congeners: [], listed: [] };
const codes = (a: Asked, among: AskedAmong = alone): readonly string[] =>
  questionsAbout(a, among).map((q) => q.code);

describe('what a botanist would ask', () => {
  test.each<[string, Asked, Asked]>([
    [
      'leaf_or_leaflet',
      asked({ 'leaf.complexity': 'odd-pinnate', 'leaf.length': '30-60 mm' }),
      asked({ 'leaf.complexity': 'odd-pinnate', 'leaf.length': '150-300 mm' }),
    ],
    [
      'surfaces_swapped',
      asked({ 'leaf.colour_above': 'silver', 'leaf.colour_below': 'green' }),
      asked({ 'leaf.colour_above': 'dark-green', 'leaf.colour_below': 'white' }),
    ],
    [
      'flowers_apart',
      asked(
        { 'flower.pollinator': 'wind' },
        {
          windows: [
            { kind: 'pollen', start: 90, end: 110 },
            { kind: 'receptive', start: 170, end: 190 },
          ],
        },
      ),
      asked(
        { 'flower.pollinator': 'wind' },
        {
          windows: [
            { kind: 'pollen', start: 90, end: 110 },
            { kind: 'receptive', start: 105, end: 120 },
          ],
        },
      ),
    ],
    [
      'fruit_before_flower',
      asked(
        {},
        {
          windows: [
            { kind: 'ripening', start: 100, end: 130 },
            { kind: 'pollen', start: 150, end: 170 },
          ],
        },
      ),
      // Flowers of fall bear fruit a year on.
      asked(
        {},
        {
          windows: [
            { kind: 'ripening', start: 245, end: 290 },
            { kind: 'pollen', start: 275, end: 320 },
          ],
        },
      ),
    ],
    [
      'two_sexual_systems',
      asked({ 'flower.sexual_system': 'monoecious | bisexual' }),
      asked({ 'flower.sexual_system': 'monoecious' }),
    ],
    ['one_zone', asked({ 'site.zones': '5' }), asked({ 'site.zones': '4-8' })],
    [
      'bundles_on_spurs',
      asked({ 'needle.attachment': 'clustered-on-spurs', 'needle.bundle_count': '20-40' }),
      asked({ 'needle.attachment': 'in-bundles', 'needle.bundle_count': '2' }),
    ],
    [
      'beyond_limits',
      asked({ 'leaf.complexity': 'simple', 'leaf.length': '3000 ft' }),
      asked({ 'leaf.complexity': 'simple', 'leaf.length': '3 ft' }),
    ],
    ['beyond_limits', asked({ 'leaf.leaflet_count': '3000' }), asked({ 'leaf.leaflet_count': '15-23' })],
    ['beyond_limits', asked({ 'site.zones': '3-50' }), asked({ 'site.zones': '3-5' })],
    ['beyond_limits', asked({ 'needle.length': '8000 ft' }), asked({ 'needle.length': '8 in' })],
    ['beyond_limits', asked({ 'form.height': '12 mm' }), asked({ 'form.height': 'up to 12 m' })],
    [
      'perfect_family',
      asked({ 'flower.sexual_system': 'monoecious' }, { scientific: 'Magnolia own' }),
      asked({ 'flower.sexual_system': 'monoecious' }, { scientific: 'Betula own' }),
    ],
    ['fleshy_and_dry', asked({ 'fruit.kind': 'berry | capsule' }), asked({ 'fruit.kind': 'berry | drupe' })],
    [
      'sprouts_unripe',
      asked({ 'fruit.germination': 'same-fall' }, { windows: [{ kind: 'ripening', start: 350, end: 20 }] }),
      asked({ 'fruit.germination': 'same-fall' }, { windows: [{ kind: 'ripening', start: 250, end: 280 }] }),
    ],
    [
      'no_separator',
      asked({}, { lookalikes: [{ name: 'Genus altera', separator: null }] }),
      asked({}, { lookalikes: [{ name: 'Genus altera', separator: 'the cone' }] }),
    ],
  ])('%s is asked where it looks odd and not where it does not', (code, odd, plain) => {
    expect(codes(odd)).toEqual([code]);
    expect(codes(plain)).toEqual([]);
  });

  test('every number that ships has limits', () => {
    const numbers = CHARACTERS.filter((c) => ['count', 'length', 'ratio'].includes(c.kind) && !c.retired);
    const range = (low: number) =>
      ({ kind: 'range', xlow: null, low, high: low, xhigh: null, entered: String(low) }) as const;
    expect(numbers.filter((c) => beyondLimits(c, range(1e7)) === null).map((c) => c.id)).toEqual([]);
  });

  test('a value ten times the genus is asked, one eight times is not', () => {
    const among: AskedAmong = {
      ...alone,
      congeners: ['a', 'b', 'c'].map((id) => ({ id, profile: profile(id, { 'leaf.length': '40-60 mm' }) })),
    };
    const long = (text: string): readonly string[] =>
      codes(asked({ 'leaf.complexity': 'simple', 'leaf.length': text }), among);
    expect(long('400-620 mm')).toEqual(['ten_times_the_genus']);
    expect(long('320-480 mm')).toEqual([]);
    expect(long('4-5 mm')).toEqual(['ten_times_the_genus']);
  });

  test('a metaphor that fits more of the list names them', () => {
    const word = WORDS.find((w) => w.state !== null);
    if (!word?.state) throw new Error('The thesaurus has no word for a state');
    const cells = { [word.character]: word.state };
    const listed = [
      { id: 'own', scientific: 'Genus own', profile: profile('own', cells) },
      { id: 'twin', scientific: 'Genus altera', profile: profile('twin', cells) },
    ];
    const says = asked(cells, { sayings: [`It looks like a ${word.text}.`] });
    const [question] = questionsAbout(says, { ...alone, listed });
    expect(question?.code).toBe('metaphor_fits_several');
    expect(question?.text).toContain('Genus altera');
    expect(codes(says, { ...alone, listed: listed.slice(0, 1) })).toEqual([]);
  });

  test('a root that names a state which is not shown is asked, unless its meaning is contested', () => {
    const root = {
      element: 'dentatus',
      meaning: 'toothed',
      character: 'leaf.margin',
      state: 'serrate',
      contested: false,
    };
    expect(codes(asked({ 'leaf.margin': 'entire' }, { roots: [root] }))).toEqual(['root_contradicted']);
    expect(codes(asked({ 'leaf.margin': 'doubly serrate | serrate' }, { roots: [root] }))).toEqual([]);
    expect(codes(asked({ 'leaf.margin': 'entire' }, { roots: [{ ...root, contested: true }] }))).toEqual([]);
  });
});
