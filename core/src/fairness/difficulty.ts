import { overlapIn, says } from '../compare/index.ts';
import type { Matrix } from '../compare/index.ts';
import { missRate } from '../tells/index.ts';
import type { PairAt } from './pairs.ts';

/** The mean of Beta(1, 30): a name given by a slip, whatever was seen. */
const SLIP = 1 / 31;
/** A look-alike that survives a look less often than this is pooled with the slips. */
const RARE = 0.001;

/** What tells the tree from its look-alikes, as numbers: one place a character, one row a look-alike. */
interface Table {
  readonly missed: Float64Array;
  /** By look-alike: the overlap in each character; 1 where it is no tell of the pair. */
  readonly overlap: readonly Float64Array[];
  /** By look-alike: whether a character is one of those that tell it. */
  readonly tells: readonly Uint8Array[];
}

function tableOf(matrix: Matrix, row: number, judged: readonly PairAt[]): Table {
  const columns = [...new Set(judged.flatMap((j) => j.columns))];
  const at = new Map(columns.map((c, i) => [c, i] as const));
  const rows = judged.map(({ place, columns: own }) => {
    const overlap = new Float64Array(columns.length).fill(1);
    const tells = new Uint8Array(columns.length);
    for (const c of own) {
      says(c, row, place, matrix.gap);
      const i = at.get(c) ?? 0;
      overlap[i] = overlapIn(c, row, place);
      tells[i] = 1;
    }
    return { overlap, tells };
  });
  return {
    missed: Float64Array.from(columns, (c) => missRate(c.character).rate),
    overlap: rows.map((r) => r.overlap),
    tells: rows.map((r) => r.tells),
  };
}

/** The chance that two look-alikes both survive a look: Π (m + (1 − m)·o·o′) over what tells either of the two. */
function bothSurvive({ missed, overlap, tells }: Table, b: number, c: number): number {
  const [oB, oC, tB, tC] = [overlap[b], overlap[c], tells[b], tells[c]];
  let chance = 1;
  for (let d = 0; d < missed.length; d += 1) {
    if (!tB?.[d] && !tC?.[d]) continue;
    const m = missed[d] ?? 0;
    chance *= m + (1 - m) * (oB?.[d] ?? 1) * (oC?.[d] ?? 1);
  }
  return chance;
}

/** The chance that one survives alone: Π (m + (1 − m)·o). */
function survives({ missed, overlap, tells }: Table, b: number): number {
  let chance = 1;
  for (let d = 0; d < missed.length; d += 1) {
    if (!tells[b]?.[d]) continue;
    const m = missed[d] ?? 0;
    chance *= m + (1 - m) * (overlap[b]?.[d] ?? 1);
  }
  return chance;
}

/**
 * The share of a class that is expected to give another name: the miss model with every name given as readily as any
 * other, over at most the five strongest characters of each pair. The rates are those the vocabulary is read with: its
 * own, or what was fitted to the class. It never weighs in a verdict. Source: docs/formulas.md, Difficulty of a station.
 */
export function expectedMiss(matrix: Matrix, row: number, judged: readonly PairAt[]): number {
  const table = tableOf(
    matrix,
    row,
    judged.filter((j) => j.fairness.verdict !== 'unproven'),
  );
  const close = table.tells.map((_, b) => ({ b, alone: survives(table, b) })).filter((x) => x.alone >= RARE);
  let wrong = 0;
  for (const { b, alone } of close) {
    let others = 0;
    for (const { b: c } of close) if (c !== b) others += bothSurvive(table, b, c) / alone;
    wrong += alone / (2 + others);
  }
  return SLIP + (1 - SLIP) * Math.min(1, wrong);
}
