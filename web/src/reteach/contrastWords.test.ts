import { describe, expect, test } from '@jest/globals';
import type { SpecimenAtHand, TreeRow } from '@hurrow/contract';
import { CHARACTERS, vocabularyOf } from '@hurrow/core/characters';
import type { Character, Value } from '@hurrow/core/characters';
import type { TellCard } from '@hurrow/core/compare';
import {
  candidatesOf,
  characterName,
  checkLines,
  drillValueWords,
  exceptionWords,
  lookWords,
  whereLines,
} from './contrastWords.ts';
import type { Saying } from './contrastWords.ts';

const vocabulary = vocabularyOf(CHARACTERS);
const say: Saying = {
  names: ['grand fir', 'subalpine fir'],
  vocabulary,
  wording: { words: 'plain', units: 'customary' },
};
const state = (s: string): Value => ({ kind: 'states', states: [{ state: s, freq: 'usual' }] });
const character = (id: string): Character => {
  const found = vocabulary.get(id);
  if (!found) throw new Error(`No character ${id}`);
  return found;
};
const bands: TellCard = {
  character: character('needle.bands'),
  a: state('below-only'),
  b: state('both-sides'),
  strength: 'clean',
  overlap: 0,
  now: 'yes',
  reason: '',
};
const tree = (part: Partial<TreeRow>): TreeRow =>
  ({
    id: 't1',
    tag: 'L01',
    site: { id: 'creek', name: 'Quillan Creek', lat: 0, lon: 0, elevM: 0 },
    place: { lat: 47.9, lon: -115.9, elevM: 760 },
    trail: 'Ledger Loop',
    taxon: { id: 'grandis' },
    stage: null,
    cautions: [],
    certified: { 'needle.bands': state('below-only') },
    reach: {},
    access: null,
    retired: false,
    ...part,
  }) as unknown as TreeRow;
const specimen: SpecimenAtHand = {
  id: 's1',
  tree: 't1',
  tag: 'L01',
  taxon: 'lasiocarpa',
  material: ['twig'],
  takenOn: '2026-09-30',
  goodUntil: '2026-10-07',
  hides: ['twig.smell'],
};
const day = (on: string): string => `day ${on.slice(8)}`;

describe('trees and specimens as candidates', () => {
  test('a specimen is what its tree is now, and shows what was checked at it; a retired tree is none', () => {
    const [own, cut] = candidatesOf([tree({})], [specimen]);
    expect(own).toMatchObject({ individual: 't1', taxon: 'grandis', cut: null, place: { lat: 47.9 } });
    expect(cut).toMatchObject({
      individual: 's1',
      taxon: 'grandis',
      certified: { 'needle.bands': state('below-only') },
      hides: ['twig.smell'],
      place: null,
      cut: { material: ['twig'], takenOn: '2026-09-30', goodUntil: '2026-10-07' },
    });
    expect(candidatesOf([tree({ retired: true })], [])).toEqual([]);
    expect(candidatesOf([], [specimen])[0]?.taxon).toBe('lasiocarpa');
  });

  test('are told with where they are, what they show and what to mind', () => {
    const trees = [tree({ access: 'stay on the boards' })];
    const shown = [
      { individual: 't1', characters: ['needle.bands', 'needle.length_variation'] },
      { individual: 's1', characters: ['needle.bands'] },
      { individual: 'gone', characters: ['needle.bands'] },
    ];
    expect(whereLines(shown, trees, [specimen], day, say)).toEqual([
      {
        id: 't1',
        what: 'Tree L01',
        where: 'Ledger Loop, Quillan Creek',
        shows: 'white lines, all the same length',
        mind: 'stay on the boards',
      },
      {
        id: 's1',
        what: 'A twig of L01',
        where: 'cut, on the table',
        shows: 'white lines',
        mind: 'good until day 07',
      },
    ]);
    const knob = tree({ trail: 'Signal Knob', site: { ...tree({}).site, name: 'Signal Knob' } });
    expect(whereLines(shown.slice(0, 1), [knob], [], day, say)[0]?.where).toBe('Signal Knob');
  });
});

describe('looks and questions in words', () => {
  test('a look names both species, and a character that is asked is named without its mark', () => {
    expect(lookWords(bands, say)).toBe(
      'Needles have white lines on the under side only on grand fir, both sides on subalpine fir.',
    );
    expect(characterName('needle.length_variation', say)).toBe('all the same length');
    expect(characterName('no.such', say)).toBe('no.such');
  });

  test('a question shows one of the two, and what both share cannot be told by', () => {
    const lines = checkLines(
      [
        { kind: 'which', character: 'needle.bands', value: state('both-sides'), is: 'second' },
        { kind: 'neither', character: 'needle.attachment', value: state('disc') },
        { kind: 'which', character: 'no.such', value: state('x'), is: 'first' },
      ],
      [bands],
      say,
    );
    expect(lines).toEqual([
      {
        ask: 'Needles have white lines on both sides. Is it grand fir or subalpine fir?',
        answer: `Subalpine fir. ${lookWords(bands, say)}`,
      },
      {
        ask: 'Needles are attached by a sucker-like disc. Is it grand fir or subalpine fir?',
        answer: 'It may be either: both show it. Look at this instead: white lines.',
      },
    ]);
  });

  test('an exception names its tree, or says that a look holds only most of the time', () => {
    expect(exceptionWords({ kind: 'sometimes', character: 'needle.bands', overlap: 0.2 }, [], say)).toBe(
      'This holds most of the time, not always: white lines.',
    );
    expect(
      exceptionWords(
        { kind: 'tree', individual: 't1', character: 'needle.bands', value: state('both-sides') },
        [tree({})],
        say,
      ),
    ).toBe('Tree L01 is an exception; white lines there: both sides.');
  });

  test('a drill says what each drawing shows', () => {
    expect(drillValueWords('bundle', 'needle.bundle_count', 1, say)).toBe('one at a time');
    expect(drillValueWords('bundle', 'needle.bundle_count', 5, say)).toBe('in 5s');
    expect(drillValueWords('margin', 'leaf.margin', 'entire', say)).toBe('smooth-edged');
  });
});
