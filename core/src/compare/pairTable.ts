import type { Verdict } from '../tells/index.ts';
import { OFF, PLAINLY, SAYS, says } from './matrix.ts';
import type { Column, Matrix } from './matrix.ts';

/** What a pair comes to: told apart cleanly, told only by characters that mostly hold, twins, or unproven. */
export type Standing = 'clean' | 'weak' | 'twins' | 'unproven';
export const STANDINGS: readonly Standing[] = ['clean', 'weak', 'unproven', 'twins'];

export interface PairCell {
  readonly a: number;
  readonly b: number;
  readonly standing: Standing;
  /** The strongest and easiest tell, partial ones too; null where there is none. */
  readonly best: string | null;
  /** How many characters tell them clearly, cleanly or mostly. */
  readonly tells: number;
  /** How far apart they lie, 0 alike to 1, over the characters compared. */
  readonly apart: number;
  /** The easiest character that is not recorded and might decide. */
  readonly open: string | null;
}

export const verdictOf = (s: Standing): Verdict => (s === 'clean' || s === 'weak' ? 'told' : s);

/** Pairs of which little is recorded on both sides are drawn toward this many characters half alike. */
const IMAGINED = 4;

/**
 * How far apart two lie, 0 alike to 1: the mean of what each character compared leaves apart, drawn toward one half.
 * @param apart the sum of 1 − overlap over the characters compared.
 */
export const apartness = (apart: number, compared: number): number =>
  (apart + IMAGINED / 2) / (compared + IMAGINED);

/** Only clean and usual tells tell; a pair of which something open might decide, or nothing is compared, is unproven. */
function standingOf(tells: number, strength: number, open: boolean, compared: number): Standing {
  if (tells > 0) return strength === SAYS.clean ? 'clean' : 'weak';
  return open || compared === 0 ? 'unproven' : 'twins';
}

export interface PairTable {
  readonly size: number;
  /** One cell for each pair, a before b, row by row. */
  readonly cells: readonly PairCell[];
}

/** The place of a pair in the table, whichever of the two is named first. */
export function cellAt({ size, cells }: PairTable, a: number, b: number): PairCell | undefined {
  const [i, j] = a < b ? [a, b] : [b, a];
  return cells[i * size - (i * (i + 1)) / 2 + (j - i - 1)];
}

/** What is kept of each pair while the characters are gone through one by one. */
interface Sums {
  readonly strength: Uint8Array;
  readonly tells: Uint16Array;
  readonly compared: Uint16Array;
  readonly presumed: Uint16Array;
  readonly apart: Float32Array;
  /** Places of columns, the easiest first; -1 for none. */
  readonly best: Int16Array;
  readonly open: Int16Array;
  readonly shipped: Int16Array;
}

/** Adds what one character says of every pair. */
function addColumn(sums: Sums, column: Column, at: number, size: number, gap: number): void {
  const { strength, tells, compared, presumed, apart, best, open, shipped } = sums;
  const { seen, value, said, overlap, shipped: ships } = column;
  const n = column.values.length;
  let pair = 0;
  for (let a = 0; a < size; a += 1) {
    const p = value[a] ?? OFF;
    const shipsA = ships[a];
    if (seen[a] === 0 || p === OFF) {
      pair += size - 1 - a;
      continue;
    }
    const plainly = seen[a] === PLAINLY && p >= 0;
    for (let b = a + 1; b < size; b += 1, pair += 1) {
      const q = value[b] ?? OFF;
      const place = p < q ? p * n + q : q * n + p;
      // What was worked out for two values stands wherever both are plainly seen.
      const known = plainly && q >= 0 && seen[b] === PLAINLY ? (said[place] ?? 255) : 255;
      const now = known === 255 ? says(column, a, b, gap) : known;
      if (now === SAYS.hidden) continue;
      if (now === SAYS.open) {
        if (open[pair] === -1) open[pair] = at;
        continue;
      }
      compared[pair] = (compared[pair] ?? 0) + 1;
      if (shipsA === 1 || ships[b] === 1) {
        presumed[pair] = (presumed[pair] ?? 0) + 1;
        if (shipped[pair] === -1) shipped[pair] = at;
      }
      if (now === SAYS.alike) continue;
      apart[pair] = (apart[pair] ?? 0) + 1 - (overlap[place] ?? 1);
      if (now !== SAYS.partial) tells[pair] = (tells[pair] ?? 0) + 1;
      if (now > (strength[pair] ?? 0)) {
        strength[pair] = now;
        best[pair] = at;
      }
    }
  }
}

/**
 * Every pair of a list. @param onProgress told after every character with the pairs it amounts to; return false to stop.
 * @returns null where it was stopped.
 */
export function pairTable(
  matrix: Matrix,
  onProgress?: (done: number, total: number) => boolean,
): PairTable | null {
  const size = matrix.list.length;
  const total = (size * (size - 1)) / 2;
  const none = (): Int16Array => new Int16Array(total).fill(-1);
  const sums: Sums = {
    strength: new Uint8Array(total),
    tells: new Uint16Array(total),
    compared: new Uint16Array(total),
    presumed: new Uint16Array(total),
    apart: new Float32Array(total),
    best: none(),
    open: none(),
    shipped: none(),
  };
  // The easiest first, so that the first of a strength is the one that counts.
  const columns = [...matrix.columns].sort((x, y) => x.ease - y.ease);
  for (const [at, column] of columns.entries()) {
    addColumn(sums, column, at, size, matrix.gap);
    if (onProgress && !onProgress(Math.round((total * (at + 1)) / columns.length), total)) return null;
  }
  const named = (at: number | undefined): string | null => columns[at ?? -1]?.character.id ?? null;
  const cells: PairCell[] = [];
  let pair = 0;
  for (let a = 0; a < size; a += 1) {
    for (let b = a + 1; b < size; b += 1, pair += 1) {
      const tells = sums.tells[pair] ?? 0;
      const compared = sums.compared[pair] ?? 0;
      const presumed = tells === 0 && sums.open[pair] === -1 && 2 * (sums.presumed[pair] ?? 0) > compared;
      const open = named(presumed ? sums.shipped[pair] : sums.open[pair]);
      cells.push({
        a,
        b,
        standing: standingOf(tells, sums.strength[pair] ?? 0, open !== null, compared),
        best: named(sums.best[pair]),
        tells,
        apart: apartness(sums.apart[pair] ?? 0, compared),
        open,
      });
    }
  }
  return { size, cells };
}

export type Counts = Readonly<Record<Standing, number>>;

export function countsOf({ cells }: PairTable): Counts {
  const counts = { clean: 0, weak: 0, twins: 0, unproven: 0 };
  for (const c of cells) counts[c.standing] += 1;
  return counts;
}
