import { DISTANCES, addDays } from '../conditions/index.ts';
import type { Conditions, Distance, Handling, Material } from '../conditions/index.ts';
import { under } from './matrix.ts';
import type { Matrix } from './matrix.ts';
import { cellAt, pairTable, verdictOf } from './pairTable.ts';
import type { PairTable } from './pairTable.ts';

/** One change of the conditions. */
export type Change =
  | { readonly kind: 'material'; readonly add: Material }
  | { readonly kind: 'handling'; readonly allow: Handling }
  | { readonly kind: 'distance'; readonly to: Distance }
  | { readonly kind: 'dry' }
  | { readonly kind: 'date'; readonly days: number };

export interface WhatIf {
  readonly change: Change;
  readonly conditions: Conditions;
  /** Pairs that are not told now and would be, by their places in the list. */
  readonly cured: readonly (readonly [number, number])[];
  /** Pairs that are told now and would not be. */
  readonly undone: readonly (readonly [number, number])[];
}

/** Acts that the cautions of a member forbid: handling, and `collect`. */
export type Forbidden = ReadonlyMap<string, ReadonlySet<string>>;

/** Material an instructor can bring to a table. What is ever cut from a tree is subject to its cautions. */
const MATERIAL: readonly Material[] = ['tree', 'twig', 'leaf', 'fruit', 'litter', 'bark'];
const COLLECTED: readonly Material[] = ['twig', 'leaf', 'fruit'];
/** Tasting and cutting are never proposed. */
const HANDLING: readonly Handling[] = ['lens', 'touch', 'smell', 'measure'];
const DAYS: readonly number[] = [-28, -14, -7, 7, 14, 28, 56, 91, 182];

export function applyChange(c: Conditions, change: Change): Conditions {
  switch (change.kind) {
    case 'material':
      return { ...c, material: [...c.material, change.add] };
    case 'handling':
      return { ...c, handling: [...c.handling, change.allow] };
    case 'distance':
      return { ...c, distance: change.to };
    case 'dry':
      return { ...c, wet: false };
    case 'date':
      return { ...c, date: addDays(c.date, change.days) };
  }
}

/** Changes that are open under the conditions. */
export function changesOf(c: Conditions): readonly Change[] {
  return [
    ...MATERIAL.filter((m) => !c.material.includes(m)).map((add): Change => ({ kind: 'material', add })),
    ...HANDLING.filter((h) => !c.handling.includes(h)).map((allow): Change => ({ kind: 'handling', allow })),
    ...DISTANCES.slice(DISTANCES.indexOf(c.distance) + 1).map((to): Change => ({ kind: 'distance', to })),
    ...(c.wet ? [{ kind: 'dry' } as const] : []),
    ...DAYS.map((days): Change => ({ kind: 'date', days })),
  ];
}

/** Whether a caution of a member stands against a change: nothing proposes to touch, smell or take what may not be. */
export function barred(change: Change, forbidden: ReadonlySet<string> | undefined): boolean {
  if (!forbidden) return false;
  if (change.kind === 'handling') return forbidden.has(change.allow);
  if (change.kind !== 'material' || !COLLECTED.includes(change.add)) return false;
  return forbidden.has('collect') || forbidden.has('cut') || forbidden.has('touch');
}

const told = (table: PairTable, a: number, b: number): boolean => {
  const cell = cellAt(table, a, b);
  return cell !== undefined && verdictOf(cell.standing) === 'told';
};

/**
 * What each change of the conditions would do for a list, the one that cures most first; between equals, the one that
 * undoes less. A pair is not counted as cured where a caution of either stands against the change.
 * @param now the list under the present conditions.
 */
export function whatIfs(
  now: Matrix,
  conditions: Conditions,
  forbidden: Forbidden,
  onProgress?: (done: number, total: number) => boolean,
): readonly WhatIf[] | null {
  const table = pairTable(now);
  if (!table) return null;
  const found: WhatIf[] = [];
  const changes = changesOf(conditions);
  const may = (change: Change, i: number): boolean => !barred(change, forbidden.get(now.list[i]?.id ?? ''));
  for (const [n, change] of changes.entries()) {
    const next = applyChange(conditions, change);
    const then = pairTable(under(now, next));
    if (!then) return null;
    const cured: [number, number][] = [];
    const undone: [number, number][] = [];
    for (const { a, b } of table.cells) {
      const [before, after] = [told(table, a, b), told(then, a, b)];
      if (!before && after && may(change, a) && may(change, b)) cured.push([a, b]);
      if (before && !after) undone.push([a, b]);
    }
    if (cured.length > 0 || undone.length > 0) found.push({ change, conditions: next, cured, undone });
    if (onProgress && !onProgress(n + 1, changes.length)) return null;
  }
  return found.sort((x, y) => y.cured.length - x.cured.length || x.undone.length - y.undone.length);
}
