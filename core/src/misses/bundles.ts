import type { LookGroup } from './groups.ts';
import type { Uncertainty } from './information.ts';
import type { Layout } from './layout.ts';

/** Two rates that pull against each other more than this cannot be told apart. */
const AGAINST = -0.7;

/** Evidence groups that separate the very same names at the very same stations. */
function alwaysTogether(groups: readonly LookGroup[], l: Layout): readonly string[] {
  const at = l.groups.map((): string[] => []);
  const seen = new Set<number>();
  for (const g of groups) {
    if (seen.has(g.station)) continue;
    seen.add(g.station);
    const d = g.dims.length;
    g.dims.forEach((group, j) =>
      g.rivals.forEach((r, i) => {
        const o = g.overlap[(g.profile[i] ?? 0) * d + j] ?? 1;
        if (o < 1) at[group]?.push(`${g.station}/${r}/${o}`);
      }),
    );
  }
  return at.map((a) => a.join(' '));
}

/**
 * Finds which evidence groups cannot be told apart: those that always separate the same, and those whose rates pull against
 * each other. One that was called often enough to be known by itself is in no bundle.
 * @returns for each evidence group those it is bundled with, itself among them; empty where it stands alone.
 */
export function bundlesOf(
  groups: readonly LookGroup[],
  l: Layout,
  u: Uncertainty,
): readonly (readonly number[])[] {
  const used = alwaysTogether(groups, l);
  const called = new Set(groups.flatMap((g) => g.calls.map((c) => c.group)));
  const root = l.groups.map((_, i) => i);
  const find = (i: number): number => {
    let at = i;
    while (root[at] !== at) at = root[at] ?? at;
    return at;
  };
  for (let i = 0; i < root.length; i += 1)
    for (let j = 0; j < i; j += 1) {
      if (!used[i] || !used[j]) continue;
      const same = used[i] === used[j] && !called.has(i) && !called.has(j);
      if (same || u.correlation(i, j) < AGAINST) root[find(i)] = find(j);
    }
  return root.map((_, i) => {
    const own = root.flatMap((__, k) => (find(k) === find(i) ? [k] : []));
    return own.length > 1 ? own : [];
  });
}
