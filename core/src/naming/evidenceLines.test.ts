import { describe, expect, test } from '@jest/globals';
import { evidenceLines, fitsOf } from './evidenceLines.ts';
import type { Call, Named } from './posterior.ts';

const call = (character: string): Call => ({ character, state: 'x' }) as unknown as Call;

/** Evidence by bits for one member each. */
function named(posterior: readonly number[], bits: readonly (readonly [string, number, boolean])[]): Named {
  return {
    posterior: Float64Array.from(posterior),
    ranking: [...posterior.keys()].sort((a, b) => (posterior[b] ?? 0) - (posterior[a] ?? 0)),
    evidence: bits.map(([c, b, counts]) => ({ call: call(c), counts, bits: Float64Array.of(b) })),
  };
}

describe('evidence lines', () => {
  test('name what speaks for a species, then what speaks against it, the strongest first', () => {
    const lines = evidenceLines(
      named(
        [1],
        [
          ['bark', 0.3, true],
          ['cone', -2.4, true],
          ['needles', 3, true],
          ['twig', -0.7, true],
        ],
      ),
      0,
    );
    expect(lines.map((l) => [l.call.character, l.speaks, l.strength])).toEqual([
      ['needles', 'for', 'strongly'],
      ['bark', 'for', 'a little'],
      ['cone', 'against', 'strongly'],
      ['twig', 'against', 'clearly'],
    ]);
  });

  test('leave out what another call of its group says better, and what says next to nothing', () => {
    const lines = evidenceLines(
      named(
        [1],
        [
          ['kind', 2, false],
          ['margin', 0.05, true],
          ['lobes', 0.6, true],
        ],
      ),
      0,
    );
    expect(lines.map((l) => l.call.character)).toEqual(['lobes']);
  });
});

describe('how candidates fit', () => {
  const words = (posterior: readonly number[]): readonly unknown[] => {
    const fits = fitsOf(named(posterior, []));
    return posterior.map((_, i) => fits.get(i));
  };
  test('one far ahead fits best, or is almost certain', () => {
    expect(words([0.8, 0.19, 0.009, 0.001])).toEqual(['fits best', 'still possible', 'unlikely', 'unlikely']);
    expect(words([0.97, 0.03])).toEqual(['almost certain', 'still possible']);
  });
  test('of two that fit alike neither is called the best', () => {
    expect(words([0.45, 0.4, 0.15])).toEqual(['fits as well', 'fits as well', 'still possible']);
    expect(words([0.5, 0.5])).toEqual(['fits as well', 'fits as well']);
  });
});
