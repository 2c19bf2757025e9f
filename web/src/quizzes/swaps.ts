import type { ListMember, SittingDetail, SittingStation, TreeRow } from '@hurrow/contract';
import { FAIRNESS_ORDER } from '@hurrow/core/fairness';
import type { StationFairness } from '@hurrow/core/fairness';

/** More trees than these are not judged at once on a phone. */
const MOST = 12;

/** Trees that could stand at a station: alive, at the same site, on the list and not in the sitting; those of its species first. */
export function swapChoices(
  sitting: Pick<SittingDetail, 'stations'>,
  at: SittingStation,
  trees: readonly TreeRow[],
  members: readonly Pick<ListMember, 'id'>[],
): readonly TreeRow[] {
  const used = new Set(sitting.stations.map((s) => s.station.tree.id));
  const listed = new Set(members.map((m) => m.id));
  const { tree } = at.station;
  return trees
    .filter((t) => !t.retired && t.site.id === tree.site.id && listed.has(t.taxon.id) && !used.has(t.id))
    .sort(
      (a, b) =>
        Number(b.taxon.id === tree.taxon.id) - Number(a.taxon.id === tree.taxon.id) ||
        Number(b.trail === tree.trail) - Number(a.trail === tree.trail) ||
        a.tag.localeCompare(b.tag, 'en', { numeric: true }),
    )
    .slice(0, MOST);
}

export interface JudgedTree {
  readonly tree: TreeRow;
  /** Null until it is judged. */
  readonly found: StationFairness | null;
}

/** Those of the same species first, and of each the fairest first. */
export const byFairness = (trees: readonly JudgedTree[], species: string): readonly JudgedTree[] => {
  const rank = ({ found }: JudgedTree): number =>
    found ? FAIRNESS_ORDER.indexOf(found.verdict) : FAIRNESS_ORDER.length;
  return [...trees].sort(
    (a, b) => Number(b.tree.taxon.id === species) - Number(a.tree.taxon.id === species) || rank(a) - rank(b),
  );
};
