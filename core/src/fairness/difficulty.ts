import { overlapIn, says } from '../compare/index.ts';
import type { Column, Matrix } from '../compare/index.ts';
import { missRate } from '../tells/index.ts';
import type { PairAt } from './pairs.ts';

/** The mean of Beta(1, 30): a name given by a slip, whatever was seen. */
const SLIP = 1 / 31;
/** A look-alike that survives a look less often than this is pooled with the slips. */
const RARE = 0.001;

/** A look-alike that a look may leave in: how often it does, and the overlap and miss rate of each of its tells. */
interface Left {
  readonly alone: number;
  readonly told: readonly Told[];
}
interface Told {
  readonly column: Column;
  readonly missed: number;
  readonly overlap: number;
}

/** The chance that one survives a look alone: Π (m + (1 − m)·o). */
function survivor(matrix: Matrix, row: number, { place, columns }: PairAt): Left {
  let alone = 1;
  const told = columns.map((column): Told => {
    says(column, row, place, matrix.gap);
    const overlap = overlapIn(column, row, place);
    const missed = missRate(column.character).rate;
    alone *= missed + (1 - missed) * overlap;
    return { column, missed, overlap };
  });
  return { alone, told };
}

/** The chance that two look-alikes both survive a look: Π (m + (1 − m)·o·o′) over what tells either of the two. */
function bothSurvive(b: Left, c: Left): number {
  let chance = b.alone;
  for (const { column, missed, overlap } of c.told) {
    const shared = b.told.find((t) => t.column === column);
    const now = missed + (1 - missed) * overlap * (shared?.overlap ?? 1);
    const before = shared ? missed + (1 - missed) * shared.overlap : 1;
    chance *= before > 0 ? now / before : 0;
  }
  return chance;
}

/**
 * The share of a class that is expected to give another name: the miss model with every name given as readily as any
 * other, over at most the five strongest characters of each pair. The rates are those the vocabulary is read with: its
 * own, or what was fitted to the class. It never weighs in a verdict. Source: docs/formulas.md, Difficulty of a station.
 */
export function expectedMiss(matrix: Matrix, row: number, judged: readonly PairAt[]): number {
  const close = judged
    .filter((j) => j.fairness.verdict !== 'unproven')
    .map((j) => survivor(matrix, row, j))
    .filter((x) => x.alone >= RARE);
  let wrong = 0;
  for (const b of close) {
    let others = 0;
    for (const c of close) if (c !== b) others += bothSurvive(b, c) / b.alone;
    wrong += b.alone / (2 + others);
  }
  return SLIP + (1 - SLIP) * Math.min(1, wrong);
}
