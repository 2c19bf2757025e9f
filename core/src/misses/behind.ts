import { chancesOf, compete, readParameters, roomFor } from './chances.ts';
import type { LookGroup } from './groups.ts';
import type { Layout } from './layout.ts';

/** The wrong answers a character is behind: those that nobody would have given had everybody seen it right. */
export interface Behind {
  readonly avoided: number;
  readonly pairs: readonly {
    readonly truth: string;
    readonly named: string;
    readonly avoided: number;
    readonly wrong: number;
  }[];
}

/**
 * Works out which wrong answers would not have been given had a character always been seen right: the share of each name's
 * chance that goes with its miss rate at nought, all else as fitted. One answer may count for several characters.
 * Source: docs/formulas.md, The character behind a mix-up.
 */
export function behindWrong(groups: readonly LookGroup[], theta: Float64Array, l: Layout): readonly Behind[] {
  const room = roomFor(groups, l);
  readParameters(theta, l, room);
  const by = l.groups.map(
    () => new Map<string, { truth: string; named: string; avoided: number; wrong: number }>(),
  );
  for (const g of groups) {
    const n = g.rivals.length;
    const wrong = g.counts.subarray(0, n);
    if (wrong.every((k) => k === 0)) continue;
    chancesOf(g, theta, l, room);
    const before = room.named.slice(0, n);
    const slip = room.slip / g.others;
    g.dims.forEach((group, j) => {
      const missed = room.missed[j] ?? 0;
      room.missed[j] = 0;
      compete(g, room);
      wrong.forEach((k, i) => {
        const was = (1 - room.slip) * (before[i] ?? 0);
        if (k === 0 || (g.overlap[(g.profile[i] ?? 0) * g.dims.length + j] ?? 1) === 1) return;
        const is = (1 - room.slip) * (room.named[i] ?? 0);
        const [truth, named] = [l.species[g.truth] ?? '', l.species[g.rivals[i] ?? 0] ?? ''];
        const key = `${truth}/${named}`;
        const own = by[group]?.get(key) ?? { truth, named, avoided: 0, wrong: 0 };
        own.avoided += k * Math.max(0, (was - is) / (slip + was));
        own.wrong += k;
        by[group]?.set(key, own);
      });
      room.missed[j] = missed;
    });
  }
  return by.map((pairs) => {
    const all = [...pairs.values()].sort(
      (a, b) => b.avoided - a.avoided || a.truth.localeCompare(b.truth) || a.named.localeCompare(b.named),
    );
    return { avoided: all.reduce((sum, p) => sum + p.avoided, 0), pairs: all };
  });
}
