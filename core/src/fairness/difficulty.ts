import { overlapIn, says } from '../compare/index.ts';
import type { Column, Matrix } from '../compare/index.ts';
import { missRate } from '../tells/index.ts';
import type { PairAt } from './pairs.ts';

/** The mean of Beta(1, 30): a name given by a slip, whatever was seen. */
const SLIP = 1 / 31;
/** A look-alike that survives a look less often than this is pooled with the slips. */
const RARE = 0.001;

interface Rival {
  readonly columns: ReadonlySet<Column>;
  readonly overlap: ReadonlyMap<Column, number>;
}

const survives = (columns: Iterable<Column>, alike: (c: Column) => number): number => {
  let chance = 1;
  for (const c of columns) {
    const { rate } = missRate(c.character);
    chance *= rate + (1 - rate) * alike(c);
  }
  return chance;
};

/**
 * The share of a class that is expected to give another name: the miss model with every name given as readily as any
 * other, over at most the five strongest characters of each pair. The rates are those the vocabulary is read with: its
 * own, or what was fitted to the class. It never weighs in a verdict. Source: docs/formulas.md, Difficulty of a station.
 */
export function expectedMiss(matrix: Matrix, row: number, judged: readonly PairAt[]): number {
  const rivals = judged
    .filter((j) => j.fairness.verdict !== 'unproven')
    .map(({ place, columns }): Rival => {
      const overlap = new Map<Column, number>();
      for (const c of columns) {
        says(c, row, place, matrix.gap);
        overlap.set(c, overlapIn(c, row, place));
      }
      return { columns: new Set(columns), overlap };
    });
  const alike = (r: Rival, c: Column): number => r.overlap.get(c) ?? 1;
  const close = rivals
    .map((r) => ({ r, alone: survives(r.columns, (c) => alike(r, c)) }))
    .filter((x) => x.alone >= RARE);
  const named = close.map(({ r, alone }) => {
    let others = 0;
    for (const { r: s } of close) {
      if (s === r) continue;
      const union = new Set([...r.columns, ...s.columns]);
      others += survives(union, (c) => alike(r, c) * alike(s, c)) / alone;
    }
    return alone / (2 + others);
  });
  const wrong = named.reduce((sum, p) => sum + p, 0);
  return SLIP + (1 - SLIP) * Math.min(1, wrong);
}
