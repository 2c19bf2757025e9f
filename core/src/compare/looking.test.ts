import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { CHARACTERS, vocabularyOf } from '../characters/index.ts';
import type { Value } from '../characters/index.ts';
import { EVERYTHING_AT_THE_TREE } from '../conditions/index.ts';
import type { Strength } from '../tells/index.ts';
import { inTeachingOrder, isLookedAt, lockedInOrder, lookingStep, saidBy } from './index.ts';
import type { TellCard } from './index.ts';

const vocabulary = vocabularyOf(CHARACTERS);
const value: Value = { kind: 'states', states: [] };
const card = (id: string, strength: Strength = 'clean', now: TellCard['now'] = 'yes'): TellCard => {
  const character = vocabulary.get(id);
  if (!character) throw new Error(`No character ${id}`);
  return { character, a: value, b: value, strength, overlap: 0, now, reason: '' };
};
const order = (...cards: readonly TellCard[]): readonly string[] =>
  inTeachingOrder(cards, EVERYTHING_AT_THE_TREE).map((c) => c.character.id);

describe('the order of tells', () => {
  test('is that of looking at a plant: kind of leaf, arrangement, lobes, margin, twig, fruit, bark, form, site', () => {
    const asked = [
      'site.landform',
      'form.trunks',
      'bark.colour',
      'fruit.kind',
      'flower.colour',
      'twig.bud_shape',
      'leaf.surface_above',
      'leaf.base',
      'leaf.margin',
      'leaf.lobing',
      'needle.bundle_count',
      'leaf.complexity',
      'twig.arrangement',
      'leaf.kind',
    ];
    const found = order(...asked.map((id) => card(id)));
    expect(found).toEqual([
      'leaf.kind',
      'twig.arrangement',
      'leaf.complexity',
      'needle.bundle_count',
      'leaf.lobing',
      'leaf.margin',
      'leaf.base',
      'leaf.surface_above',
      'twig.bud_shape',
      'flower.colour',
      'fruit.kind',
      'bark.colour',
      'form.trunks',
      'site.landform',
    ]);
  });

  test('a stronger tell comes before one that is looked at earlier; what is seen only partly is weak', () => {
    expect(order(card('leaf.margin', 'usual'), card('bark.colour'))).toEqual(['bark.colour', 'leaf.margin']);
    expect(order(card('leaf.margin', 'clean', 'partly'), card('bark.colour', 'usual'))).toEqual([
      'bark.colour',
      'leaf.margin',
    ]);
  });

  test('of several that say one thing the first stands for all', () => {
    expect(order(card('leaf.arrangement'), card('twig.arrangement'))).toHaveLength(1);
    expect(order(card('leaf.hairs'), card('leaf.colour_below'), card('leaf.surface_below'))).toEqual([
      'leaf.surface_below',
    ]);
    expect(order(card('bark.furrow_depth'), card('bark.texture'))).toEqual(['bark.texture']);
  });

  test('what is only certain on paper is no look', () => {
    for (const id of ['form.canopy_layer', 'site.soil_texture', 'form.growth_rate', 'wood.pores'])
      expect(order(card(id))).toEqual([]);
    expect(order(card('site.soil_texture'), card('bark.colour', 'partial'))).toEqual(['bark.colour']);
  });

  test('every character has a step, and those that are never looked at are few', () => {
    expect(CHARACTERS.every((c) => lookingStep(c) >= 0 && lookingStep(c) < 19)).toBe(true);
    const onPaper = CHARACTERS.filter((c) => c.material.length > 0 && !isLookedAt(c)).map((c) => c.id);
    expect(onPaper).toEqual([
      'form.canopy_layer',
      'wood.density',
      'wood.rings',
      'wood.pores',
      'wood.colour',
      'site.soil_texture',
    ]);
  });

  test('nothing is said twice and nothing is added, whatever tells there are', () => {
    const some = fc.array(
      fc.tuple(
        fc.constantFrom(...CHARACTERS.map((c) => c.id)),
        fc.constantFrom('clean' as const, 'usual' as const, 'partial' as const),
      ),
      { maxLength: 30 },
    );
    fc.assert(
      fc.property(some, (raw) => {
        const cards = raw.map(([id, strength]) => card(id, strength));
        const found = inTeachingOrder(cards, EVERYTHING_AT_THE_TREE);
        const said = found.map((c) => saidBy(c.character));
        expect(new Set(said).size).toBe(said.length);
        expect(found.every((c) => cards.includes(c))).toBe(true);
        const wanted = new Set(cards.filter((c) => isLookedAt(c.character)).map((c) => saidBy(c.character)));
        expect(new Set(said)).toEqual(wanted);
      }),
    );
  });
});

describe('tells of a locked key', () => {
  const locked = (character: string, strength: Strength = 'clean', partly = false) => ({
    character,
    strength,
    partly,
  });
  const inWords = (...tells: readonly ReturnType<typeof locked>[]): readonly string[] =>
    lockedInOrder(tells, vocabulary, EVERYTHING_AT_THE_TREE).map((t) => t.character);

  test('stand in the same order as those of the day', () => {
    expect(inWords(locked('bark.colour'), locked('leaf.margin', 'usual'), locked('leaf.kind'))).toEqual([
      'leaf.kind',
      'bark.colour',
      'leaf.margin',
    ]);
    fc.assert(
      fc.property(
        fc.uniqueArray(
          fc.constantFrom('leaf.kind', 'leaf.margin', 'twig.bud_shape', 'fruit.kind', 'bark.colour'),
        ),
        (ids) => {
          expect(inWords(...ids.map((id) => locked(id)))).toEqual(order(...ids.map((id) => card(id))));
        },
      ),
    );
  });

  test('leave out a character that the vocabulary has no more, and put what is seen partly last', () => {
    expect(inWords(locked('no.such'), locked('leaf.margin', 'clean', true), locked('bark.colour'))).toEqual([
      'bark.colour',
      'leaf.margin',
    ]);
  });
});
