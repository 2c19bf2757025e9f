import { lineage } from '@hurrow/core/characters';
import { STANDINGS, cellAt } from '@hurrow/core/compare';
import type { PairTable } from '@hurrow/core/compare';
import type { Compared } from './useCompared.ts';

export type Order = 'list' | 'family' | 'closeness';

/** The family a member stands under; empty where none is recorded. */
export function familyOf({ taxa, lore }: Pick<Compared, 'taxa' | 'lore'>, id: string): string {
  const above = lineage(taxa, id).flat();
  return lore.groups.find((g) => g.rank === 'family' && above.includes(g.id))?.scientific ?? '';
}

/**
 * Members in a row so that those close to one another stand side by side: from the closest pair on, whichever is nearest
 * to one of the two ends is put there.
 */
export function byCloseness(table: PairTable): readonly number[] {
  const { size } = table;
  const apart = (a: number, b: number): number => cellAt(table, a, b)?.apart ?? 1;
  const [closest] = [...table.cells].sort((x, y) => x.apart - y.apart);
  if (!closest) return Array.from({ length: size }, (_, i) => i);
  const row = [closest.a, closest.b];
  const left = new Set(Array.from({ length: size }, (_, i) => i).filter((i) => !row.includes(i)));
  while (left.size > 0) {
    let best = { i: -1, d: Infinity, atEnd: true };
    for (const i of left) {
      const [first, last] = [apart(i, row[0] ?? 0), apart(i, row.at(-1) ?? 0)];
      if (Math.min(first, last) < best.d) best = { i, d: Math.min(first, last), atEnd: last <= first };
    }
    left.delete(best.i);
    if (best.atEnd) row.push(best.i);
    else row.unshift(best.i);
  }
  return row;
}

/** The most members whose pairs are drawn at once. */
export const MOST_DRAWN = 80;

/**
 * Those whose pairs are worth drawing: all of a list up to `MOST_DRAWN`; of a longer one those with the closest pairs,
 * what is not told cleanly before the rest.
 */
export function drawnOf({ size, cells }: PairTable): ReadonlySet<number> {
  if (size <= MOST_DRAWN) return new Set(Array.from({ length: size }, (_, i) => i));
  const worst = [...cells].sort(
    (x, y) => STANDINGS.indexOf(y.standing) - STANDINGS.indexOf(x.standing) || x.apart - y.apart,
  );
  const drawn = new Set<number>();
  for (const c of worst) {
    if (drawn.size + 2 > MOST_DRAWN) break;
    drawn.add(c.a).add(c.b);
  }
  return drawn;
}

/** The places of the members in the wanted order. */
export function ordered(c: Compared, table: PairTable, order: Order): readonly number[] {
  if (order === 'closeness') return byCloseness(table);
  const all = c.members.map((_, i) => i);
  if (order === 'list') return all;
  const name = (i: number): string => {
    const m = c.members[i];
    return m ? `${familyOf(c, m.id)}/${m.scientific}` : '';
  };
  return all.sort((a, b) => name(a).localeCompare(name(b), 'en'));
}
