import { describe, expect, test } from '@jest/globals';
import type { TaxonHeader } from '@hurrow/contract';
import { CHARACTERS, readCell, vocabularyOf } from '@hurrow/core/characters';
import { matrixOf, pairTable, tellCards } from '@hurrow/core/compare';
import type { PairCell, PairTable } from '@hurrow/core/compare';
import { EVERYTHING_AT_THE_TREE } from '@hurrow/core/conditions';
import type { Conditions } from '@hurrow/core/conditions';
import type { DescribedTaxon } from '@hurrow/core/tells';
import { EMPTY_FEATURE, draftOf, featureOf } from './features.ts';
import type { FeatureDraft } from './features.ts';
import { callOf, callWords } from './calls.ts';
import { MOST_DRAWN, byCloseness, drawnOf, familyOf, ordered } from './order.ts';
import { rootCards } from './rootGroups.ts';
import { outcomeWords, sentenceParts } from './ruleWords.ts';
import { sideLines } from './sideLines.ts';
import { forbiddenBy, withCautions } from '../workers/cautions.ts';
import type { Compared } from './useCompared.ts';
import { carefulWords, changeWords, needsWords, reasonWords, strengthWords, whenWords } from './words.ts';

const vocabulary = vocabularyOf(CHARACTERS);
const july: Conditions = { ...EVERYTHING_AT_THE_TREE, date: '2026-07-01' };
const PLAIN = { words: 'plain', units: 'metric' } as const;

function taxon(id: string, cells: Readonly<Record<string, string>>): DescribedTaxon {
  const values = new Map(
    Object.entries(cells).map(([c, cell]) => {
      const character = vocabulary.get(c);
      const read = character ? readCell(character, cell) : null;
      if (!read?.ok || !read.value) throw new Error(`${c}: ${cell}`);
      return [
        c,
        { character: c, value: read.value, origin: id, statements: [], disagreesWith: [], tied: false },
      ] as const;
    }),
  );
  return { id, profile: values, values, windows: [], subject: { windows: [], persistence: 'evergreen' } };
}
const three = taxon('three', { 'leaf.kind': 'needle', 'needle.bundle_count': '3', 'bark.texture': 'plated' });
const two = taxon('two', { 'leaf.kind': 'needle', 'needle.bundle_count': '2', 'bark.texture': 'scaly' });
const five = taxon('five', { 'leaf.kind': 'needle', 'needle.bundle_count': '5', 'bark.texture': 'scaly' });

const tableOf = (list: readonly DescribedTaxon[]): PairTable => {
  const table = pairTable(matrixOf(list, vocabulary, july, new Set()));
  if (!table) throw new Error('The table was stopped');
  return table;
};
const header = (scientific: string, rank: TaxonHeader['rank'] = 'species'): TaxonHeader => ({
  id: scientific,
  rank,
  scientific,
  authority: null,
  common: null,
});

describe('the order and size of the chart', () => {
  test('by closeness the two nearest stand side by side', () => {
    const row = byCloseness(tableOf([three, two, five]));
    expect(Math.abs(row.indexOf(1) - row.indexOf(2))).toBe(1);
    expect([...row].sort()).toEqual([0, 1, 2]);
  });

  test('of a long list only those with the closest pairs are drawn, and of a short one all', () => {
    expect(drawnOf(tableOf([three, two])).size).toBe(2);
    const long = Array.from({ length: MOST_DRAWN + 20 }, (_, i) =>
      taxon(`s${i}`, { 'needle.bundle_count': i < 4 ? '1' : String(i + 1), 'leaf.kind': 'needle' }),
    );
    const drawn = drawnOf(tableOf(long));
    expect(drawn.size).toBeLessThanOrEqual(MOST_DRAWN);
    // The four that are alike come before those that lie merely near.
    expect([...drawn].slice(0, 4).sort((a, b) => a - b)).toEqual([0, 1, 2, 3]);
  });
});

describe('species side by side', () => {
  test('only what parts some two of them, with how many pairs it parts, or everything', () => {
    const lines = sideLines([three, two, five], vocabulary, july, false).flatMap((o) => o.lines);
    expect(lines.map((l) => [l.character.id, l.parts])).toEqual([
      ['bark.texture', 2],
      ['needle.bundle_count', 3],
    ]);
    const all = sideLines([three, two, five], vocabulary, july, true).flatMap((o) => o.lines);
    expect(all.map((l) => l.character.id)).toContain('leaf.kind');
  });
});

describe('words', () => {
  test('a tell’s strength, needs and times', () => {
    const [card] = tellCards(three, two, vocabulary, july);
    expect(card && strengthWords(card)).toBe('clean');
    expect(card && strengthWords({ ...card, now: 'partly' })).toBe('partial now (clean)');
    // One clean tell, worked in docs/formulas.md, A careful observer: 0.961.
    expect(card && carefulWords([card], vocabulary)).toBe(
      'A careful observer would be right about 19 times in 20.',
    );
    expect(carefulWords([], vocabulary)).toBe('A careful observer would be right about half the time.');
    expect(card && needsWords(card)).toContain('in the hand');
    expect(whenWords([])).toContain('never');
    expect(whenWords([{ from: '2026-01-01', to: '2026-12-31' }])).toBe('all year');
    expect(whenWords([{ from: '2026-05-10', to: '2026-09-25' }])).toBe('May 10 – Sep 25');
  });

  test('why a pair comes to what it does', () => {
    const cell = { a: 0, b: 1, best: 'needle.bundle_count', tells: 3, apart: 0.5, open: null } as const;
    const words = (part: Partial<PairCell>) =>
      reasonWords({ ...cell, standing: 'clean', ...part }, vocabulary, PLAIN);
    expect(words({})).toBe('clearly different by needles in a bundle and 2 more');
    expect(words({ standing: 'weak', tells: 1 })).toBe('barely different by needles in a bundle');
    expect(words({ standing: 'unproven', open: 'leaf.kind' })).toBe(
      'not enough recorded: kind of leaf might decide',
    );
    expect(words({ standing: 'unproven' })).toBe('not enough recorded: nothing is recorded of both');
    expect(words({ standing: 'twins' })).toBe(
      'cannot be told apart: nothing that can be seen now separates them',
    );
  });

  test('a change of the conditions is something to do', () => {
    expect(changeWords({ kind: 'material', add: 'litter' }, july)).toBe('Add the litter beneath');
    expect(changeWords({ kind: 'handling', allow: 'lens' }, july)).toBe('Allow a hand lens');
    expect(changeWords({ kind: 'distance', to: 'hand' }, july)).toBe('Take it in the hand');
    expect(changeWords({ kind: 'dry' }, july)).toBe('Wait until it is dry');
    expect(changeWords({ kind: 'date', days: -7 }, { ...july, date: '2026-06-24' })).toBe(
      'Move to Jun 24 (7 days earlier)',
    );
  });
});

describe('calls as they are typed', () => {
  const c = (id: string) => {
    const found = vocabulary.get(id);
    if (!found) throw new Error(id);
    return found;
  };
  test('a state, a number, a length with its unit, or that it does not apply', () => {
    expect(callOf(c('leaf.kind'), 'needle')?.said).toEqual({ kind: 'state', state: 'needle' });
    expect(callOf(c('leaf.kind'), 'no such')).toBeNull();
    expect(callOf(c('needle.bundle_count'), ' 5 ')?.said).toEqual({ kind: 'number', at: 5 });
    expect(callOf(c('needle.bundle_count'), 'five')).toBeNull();
    expect(callOf(c('needle.bundle_count'), '-1')).toBeNull();
    expect(callOf(c('needle.length'), '3.8 cm')?.said).toEqual({ kind: 'number', at: 38 });
    expect(callOf(c('needle.length'), '-')?.said).toEqual({ kind: 'inapplicable' });
    const said = callOf(c('needle.length'), '1 in');
    expect(said && callWords(said, vocabulary, PLAIN)).toBe('25.4 mm');
  });
});

describe('a feature being chosen', () => {
  test('is one once it is whole, and the same when it is opened again', () => {
    const whole = (d: Partial<FeatureDraft>) => featureOf({ ...EMPTY_FEATURE, ...d }, vocabulary);
    expect(whole({})).toBeNull();
    expect(whole({ character: 'leaf.kind' })).toBeNull();
    expect(whole({ character: 'leaf.kind', state: 'needle' })).toEqual({
      character: 'leaf.kind',
      state: 'needle',
    });
    expect(whole({ character: 'needle.bundle_count', low: '5' })).toEqual({
      character: 'needle.bundle_count',
      low: 5,
      high: 5,
    });
    expect(whole({ character: 'needle.bundle_count', low: '5', high: '2' })).toBeNull();
    expect(whole({ character: 'needle.bundle_count', low: 'five' })).toBeNull();
    const five = { character: 'needle.bundle_count', low: 2, high: 5 } as const;
    expect(featureOf(draftOf(five), vocabulary)).toEqual(five);
  });
});

describe('what is said of a list', () => {
  test('families are found above the genus, and sort the chart', () => {
    const node = (id: string, ...parents: string[]) => [id, { id, label: id, parents }] as const;
    const taxa = new Map([
      node('three', 'Pinus'),
      node('two', 'Acer'),
      node('Pinus', 'Pinaceae'),
      node('Acer', 'Sapindaceae'),
      node('Pinaceae'),
      node('Sapindaceae'),
    ]);
    const groups = [header('Pinaceae', 'family'), header('Sapindaceae', 'family'), header('Acer', 'genus')];
    const lore = { pairs: [], names: [], roots: [], cautions: [], groups };
    expect(familyOf({ taxa, lore }, 'three')).toBe('Pinaceae');
    expect(familyOf({ taxa, lore }, 'nobody')).toBe('');
    const compared = { taxa, lore, members: [header('two'), header('three')] } as unknown as Compared;
    expect(ordered(compared, tableOf([two, three]), 'family')).toEqual([1, 0]);
    expect(ordered(compared, tableOf([two, three]), 'list')).toEqual([0, 1]);
  });

  test('cautions are gathered by species; roots become one card for each meaning', () => {
    const caution = (of: string, forbids: readonly string[]) => ({
      taxon: of,
      hazard: 'toxic',
      forbids,
      text: '',
    });
    const found = forbiddenBy([caution('a', ['taste']), caution('a', ['smell']), caution('b', [])]);
    expect([...(found.get('a') ?? [])]).toEqual(['taste', 'smell']);
    const [told] = withCautions([three], new Map([['three', new Set(['touch'])]]));
    expect(told?.subject.forbids).toEqual(['touch']);
    expect(withCautions([two], new Map())[0]).toBe(two);
    const root = (of: string, name: string, contested: boolean) => ({
      taxon: of,
      name,
      element: 'albi-',
      language: 'Latin',
      meaning: 'white',
      character: null,
      state: null,
      contested,
    });
    expect(rootCards([root('a', 'Pinus albicaulis', false), root('b', 'Salix alba', true)])).toEqual([
      {
        element: 'albi-',
        language: 'Latin',
        meaning: 'white',
        contested: true,
        names: ['Pinus albicaulis', 'Salix alba'],
        says: null,
      },
    ]);
  });

  test('a rule’s outcome names its exceptions, and its sentence sets the name apart', () => {
    const members = [header('Pinus monticola'), header('Pinus flexilis'), header('Larix lyallii')];
    const words = outcomeWords({ members } as unknown as Parameters<typeof outcomeWords>[0], {
      subjects: [0],
      exceptions: [{ member: 1, breach: 'also_has' }],
      untestable: [2],
      verdict: 'exceptions',
      hidden: [{ member: 0, reason: 'no leaves' }],
    });
    expect(words).toBe(
      'Except Pinus flexilis (has it too). Not recorded of Larix lyallii. Cannot be seen now on 1 of 1: no leaves.',
    );
    const [pine] = members;
    expect(sentenceParts('Only Pinus monticola has it.', pine ?? null)).toEqual(['Only ', pine, ' has it.']);
    expect(sentenceParts('Every tree has it.', null)).toEqual(['Every tree has it.', null, '']);
  });
});
