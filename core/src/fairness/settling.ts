import type { StationFairness } from './judge.ts';

/** A value that nobody recorded: of the tree of a station, or of a species. */
export interface Settling {
  readonly of: { readonly station: string } | { readonly taxon: string };
  readonly character: string;
  /** How many unproven pairs it would decide. */
  readonly pairs: number;
}

interface Judged {
  readonly id: string;
  readonly found: Pick<StationFairness, 'pairs'>;
}

/**
 * The fewest values, as far as a greedy cover finds them, that would decide every pair of which too little is recorded,
 * those that decide most first. A value missing on both sides counts at the species, which serves every station.
 * @returns the values, and how many pairs nothing could decide because a season is not recorded.
 */
export function settlingValues(judged: readonly Judged[]): {
  readonly values: readonly Settling[];
  readonly stations: number;
  readonly left: number;
} {
  const waiting = new Set<string>();
  const by = new Map<string, { readonly value: Omit<Settling, 'pairs'>; readonly pairs: Set<string> }>();
  const stations = new Set<string>();
  for (const { id, found } of judged) {
    for (const p of found.pairs) {
      if (p.verdict !== 'unproven') continue;
      const pair = `${id}/${p.rival}`;
      waiting.add(pair);
      stations.add(id);
      for (const { character, missing } of p.open) {
        if (missing === 'season') continue;
        const of = missing === 'a' ? { station: id } : { taxon: p.rival };
        const key = `${Object.values(of).join()}/${character}`;
        const had = by.get(key) ?? { value: { of, character }, pairs: new Set<string>() };
        had.pairs.add(pair);
        by.set(key, had);
      }
    }
  }
  const values: Settling[] = [];
  for (;;) {
    let best: { readonly value: Omit<Settling, 'pairs'>; readonly settles: readonly string[] } | null = null;
    for (const { value, pairs } of by.values()) {
      const settles = [...pairs].filter((p) => waiting.has(p));
      if (settles.length > (best?.settles.length ?? 0)) best = { value, settles };
    }
    if (!best) return { values, stations: stations.size, left: waiting.size };
    for (const p of best.settles) waiting.delete(p);
    values.push({ ...best.value, pairs: best.settles.length });
  }
}
