import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { few, july, taxon, vocabulary } from '../compare/fixture.ts';
import { adjustedRand, comparePiles, nestedSort } from './index.ts';
import type { Step } from './index.ts';

const OPTIONS = { audience: 'young', enough: 2, steps: 4 } as const;
const cards = [
  taxon('pine', { 'leaf.kind': 'needle' }),
  taxon('fir', { 'leaf.kind': 'needle' }),
  taxon('maple', { 'leaf.kind': 'broad', 'leaf.complexity': 'simple', 'leaf.arrangement': 'opposite' }),
  taxon('birch', { 'leaf.kind': 'broad', 'leaf.complexity': 'simple', 'leaf.arrangement': 'alternate' }),
  taxon('ash', { 'leaf.kind': 'broad', 'leaf.complexity': 'odd-pinnate', 'leaf.arrangement': 'opposite' }),
  taxon('sumac', { 'leaf.kind': 'broad', 'leaf.complexity': 'odd-pinnate', 'leaf.arrangement': 'alternate' }),
];

function everyStep(step: Step | null): readonly Step[] {
  return step ? [step, ...step.piles.flatMap((p) => everyStep(p.next))] : [];
}

describe('a nested sort', () => {
  test('needle or blade first, since nothing else applies to all; then even halves', () => {
    const sort = nestedSort(cards, vocabulary, july, OPTIONS);
    expect(sort?.character).toBe('leaf.kind');
    const broad = sort?.piles.find((p) => p.states.includes('broad'));
    expect(broad?.next?.piles.map((p) => p.members.length)).toEqual([2, 2]);
    expect(everyStep(sort)).toHaveLength(2);
  });

  test('what is rare on a member does not make its pile harder to name', () => {
    const branching = (i: number): string => (i % 2 === 0 ? 'excurrent' : 'decurrent');
    const kinds = ['needle', 'needle', 'needle', 'needle', 'broad', 'broad', 'scale', 'scale | awl?'];
    const list = kinds.map((kind, i) =>
      taxon(`card ${i}`, { 'leaf.kind': kind, 'form.branching': branching(i) }),
    );
    // Needles against the rest is as even as the branching, and the rest is named by two kinds of leaf.
    expect(nestedSort(list, few('leaf.kind', 'form.branching'), july, OPTIONS)?.character).toBe('leaf.kind');
  });

  test('what varies is named as what will be argued over, what is not recorded is laid aside', () => {
    const list = [
      ...cards.slice(2),
      taxon('boxelder', {
        'leaf.kind': 'broad',
        'leaf.complexity': 'odd-pinnate | simple',
        'leaf.arrangement': 'opposite',
      }),
    ];
    const steps = everyStep(
      nestedSort(list, few('leaf.complexity', 'leaf.arrangement'), july, { ...OPTIONS, enough: 1 }),
    );
    expect(steps.some((s) => s.argued.includes(4))).toBe(true);
    expect(nestedSort(list, few('bark.texture'), july, OPTIONS)).toBeNull();
  });

  test('on any way down a character is asked once, and every card of a pile is dealt or laid aside', () => {
    const walk = (step: Step, members: readonly number[], used: readonly string[]): void => {
      expect(used).not.toContain(step.character);
      const dealt = [...step.piles.flatMap((p) => p.members), ...step.aside].sort((a, b) => a - b);
      expect(dealt).toEqual([...members].sort((a, b) => a - b));
      for (const p of step.piles) if (p.next) walk(p.next, p.members, [...used, step.character]);
    };
    fc.assert(
      fc.property(fc.subarray([...cards], { minLength: 3 }), (some) => {
        const sort = nestedSort(some, vocabulary, july, { ...OPTIONS, enough: 1 });
        if (sort)
          walk(
            sort,
            some.map((_, i) => i),
            [],
          );
      }),
    );
  });
});

describe('learners’ own piles', () => {
  test('the adjusted Rand index by hand: 1 for the same, near nothing for halves across', () => {
    expect(adjustedRand([0, 0, 1, 1], [5, 5, 7, 7])).toBe(1);
    // Four things in two halves laid across: no pair together in both, expected 2·2/6, most 2.
    expect(adjustedRand([0, 0, 1, 1], [0, 1, 0, 1])).toBeCloseTo((0 - 2 / 3) / (2 - 2 / 3), 9);
    expect(() => adjustedRand([0], [0, 1])).toThrow(RangeError);
  });

  test('piles are named by the term they come closest to, with the stray', () => {
    const piles = [
      [2, 4],
      [3, 5],
    ];
    const [best] = comparePiles(piles, cards, vocabulary, 3);
    expect(best?.character.id).toBe('leaf.arrangement');
    expect(best).toMatchObject({ index: 1, states: ['opposite', 'alternate'], strays: [] });
    const [stray] = comparePiles([[2, 4, 3], [5]], cards, few('leaf.arrangement'), 1);
    expect(stray?.strays).toEqual([3]);
  });
});
