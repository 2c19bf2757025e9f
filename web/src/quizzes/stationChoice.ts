import type { ListMember, QuizDetail, TreeRow } from '@hurrow/contract';

/** A tree that may become a station, with the week its species is taught. */
export interface Offered {
  readonly tree: TreeRow;
  readonly week: number | null;
  /** Whether the quiz has it already. */
  readonly used: boolean;
}

/** The trees of a list that are not retired, by week and tag, those at the site of the class first. */
export function offeredTrees(
  trees: readonly TreeRow[],
  members: readonly ListMember[],
  quiz: Pick<QuizDetail, 'stations'>,
  site: string | null,
): readonly Offered[] {
  const weeks = new Map(members.map((m) => [m.id, m.week]));
  const used = new Set(quiz.stations.map((s) => s.tree.id));
  return trees
    .filter((t) => !t.retired && weeks.has(t.taxon.id))
    .map((tree) => ({ tree, week: weeks.get(tree.taxon.id) ?? null, used: used.has(tree.id) }))
    .sort(
      (a, b) =>
        Number(b.tree.site.id === site) - Number(a.tree.site.id === site) ||
        (a.week ?? 99) - (b.week ?? 99) ||
        a.tree.tag.localeCompare(b.tree.tag, 'en', { numeric: true }),
    );
}

/** The weeks that have trees. */
export const weeksOf = (offered: readonly Offered[]): readonly number[] =>
  [...new Set(offered.flatMap((o) => o.week ?? []))].sort((a, b) => a - b);

/** Those of the weeks; all where none is chosen. */
export const ofWeeks = (offered: readonly Offered[], weeks: readonly number[]): readonly Offered[] =>
  weeks.length === 0 ? offered : offered.filter((o) => o.week !== null && weeks.includes(o.week));

/** One tree of each species that the quiz does not have yet. */
export function oneOfEach(
  offered: readonly Offered[],
  quiz: Pick<QuizDetail, 'stations'>,
): readonly string[] {
  const taken = new Set(quiz.stations.map((s) => s.tree.taxon.id));
  const chosen: string[] = [];
  for (const { tree, used } of offered) {
    if (used || taken.has(tree.taxon.id)) continue;
    taken.add(tree.taxon.id);
    chosen.push(tree.id);
  }
  return chosen;
}
