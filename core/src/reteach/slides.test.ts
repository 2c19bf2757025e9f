import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { START, moveOfKey, movedTo, reviewOf } from './index.ts';
import type { At, Move, WrittenAnswer } from './index.ts';

const answer = (part: Partial<WrittenAnswer>): WrittenAnswer => ({
  truth: 'grand',
  typed: 'subalpine fir',
  tree: 'L01',
  seen: ['needle.bands'],
  ...part,
});

describe('slides of a review', () => {
  test('name the first taught look that could be seen where the answer was written', () => {
    const { slides, leftOut } = reviewOf(
      [
        answer({ seen: ['needle.tip', 'needle.bands'] }),
        answer({ truth: 'subalpine', typed: 'grand fir', tree: null, seen: ['needle.tip'] }),
        answer({ seen: ['fruit.colour'] }),
      ],
      'grand',
      ['needle.bands', 'needle.tip'],
    );
    expect(slides.slice(0, 2)).toEqual([
      { kind: 'written', typed: 'subalpine fir', tree: 'L01', is: 'first', look: 'needle.bands' },
      { kind: 'written', typed: 'grand fir', tree: null, is: 'second', look: 'needle.tip' },
    ]);
    expect(leftOut).toBe(1);
  });

  test('are filled up to four with drawn individuals, and are ten answers at most', () => {
    expect(reviewOf([], 'grand', ['x', 'y']).slides.map((s) => [s.kind, s.look])).toEqual([
      ['drawn', 'x'],
      ['drawn', 'y'],
      ['drawn', 'x'],
      ['drawn', 'y'],
    ]);
    const many = Array.from({ length: 30 }, () => answer({}));
    expect(reviewOf(many, 'grand', ['needle.bands']).slides).toHaveLength(10);
    expect(reviewOf([answer({})], 'grand', [])).toEqual({ slides: [], leftOut: 1 });
  });
});

describe('moving through a review', () => {
  const walk = (moves: readonly Move[], slides: number): At =>
    moves.reduce((at, m) => movedTo(at, m, slides), START);

  test('shows the answer, then the next slide; at the end it stays, and one press goes back', () => {
    expect(walk(['next'], 2)).toEqual({ slide: 0, shown: true });
    expect(walk(['next', 'next'], 2)).toEqual({ slide: 1, shown: false });
    expect(walk(Array<Move>(9).fill('next'), 2)).toEqual({ slide: 2, shown: false });
    expect(walk([...Array<Move>(9).fill('next'), 'back'], 2)).toEqual({ slide: 1, shown: true });
    expect(walk(['back'], 2)).toEqual(START);
    expect(walk(['next', 'next', 'next', 'first'], 2)).toEqual(START);
    expect(walk(['next'], 0)).toEqual(START);
  });

  test('back undoes next wherever it was, and never leaves the slides', () => {
    const moves = fc.array(fc.constantFrom('next' as const, 'back' as const, 'first' as const), {
      maxLength: 30,
    });
    fc.assert(
      fc.property(moves, fc.integer({ min: 1, max: 6 }), (all, slides) => {
        const at = walk(all, slides);
        expect(at.slide).toBeGreaterThanOrEqual(0);
        expect(at.slide).toBeLessThanOrEqual(slides);
        if (at.slide < slides) expect(movedTo(movedTo(at, 'next', slides), 'back', slides)).toEqual(at);
      }),
    );
  });

  test('keys of a clicker move it as those of a keyboard do', () => {
    expect(['PageDown', 'ArrowRight', ' ', 'Enter'].map(moveOfKey)).toEqual(Array(4).fill('next'));
    expect(['PageUp', 'ArrowLeft'].map(moveOfKey)).toEqual(['back', 'back']);
    expect([moveOfKey('b'), moveOfKey('.'), moveOfKey('Escape'), moveOfKey('q')]).toEqual([
      'blank',
      'blank',
      'leave',
      null,
    ]);
  });
});
