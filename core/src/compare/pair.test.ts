import { describe, expect, test } from '@jest/globals';
import { comparePair } from '../tells/index.ts';
import { character, july, taxon, vocabulary } from './fixture.ts';
import {
  checkDeclared,
  comparativeWords,
  lost,
  tellCards,
  contrastsAmong,
  tellSentence,
  usableWhen,
} from './index.ts';
import { PLAIN, NEEDLES, three, two, white, limber } from './sample.ts';
import type { Described } from '../tells/index.ts';

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
