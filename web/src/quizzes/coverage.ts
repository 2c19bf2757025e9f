import type { ListMember, QuizDetail } from '@hurrow/contract';
import { familiesOfGenus } from '@hurrow/core/names';

export interface CoverageCell {
  /** Null where no week is planned. */
  readonly week: number | null;
  /** Species of the family that are taught in that week. */
  readonly taught: number;
  /** Those of them that have a station. */
  readonly covered: number;
}

export interface CoverageRow {
  readonly family: string;
  readonly cells: readonly CoverageCell[];
}

export interface Coverage {
  readonly weeks: readonly (number | null)[];
  readonly rows: readonly CoverageRow[];
  readonly species: number;
  readonly covered: number;
}

const OTHER = 'No family';

const familyOf = (scientific: string): string => familiesOfGenus(scientific)?.family ?? OTHER;

/** What of a list the stations of a quiz cover, by family and week. */
export function coverageOf(
  members: readonly Pick<ListMember, 'id' | 'scientific' | 'week'>[],
  stations: readonly {
    readonly tree: { readonly taxon: Pick<QuizDetail['stations'][number]['tree']['taxon'], 'id'> };
  }[],
): Coverage {
  const has = new Set(stations.map((s) => s.tree.taxon.id));
  const weeks = [...new Set(members.map((m) => m.week))].sort((a, b) => (a ?? 99) - (b ?? 99));
  const families = [...new Set(members.map((m) => familyOf(m.scientific)))].sort((a, b) =>
    a.localeCompare(b, 'en'),
  );
  const rows = families.map((family): CoverageRow => ({
    family,
    cells: weeks.map((week): CoverageCell => {
      const here = members.filter((m) => m.week === week && familyOf(m.scientific) === family);
      return { week, taught: here.length, covered: here.filter((m) => has.has(m.id)).length };
    }),
  }));
  const covered = members.filter((m) => has.has(m.id)).length;
  return { weeks, rows, species: members.length, covered };
}

/** Two species, whichever is named first. */
export interface Pair {
  readonly a: string;
  readonly b: string;
}

/** Which of some pairs have a station of each of the two, of one, or of none. */
export const retested = (pair: Pair, stations: Parameters<typeof coverageOf>[1]): 0 | 1 | 2 => {
  const has = new Set(stations.map((s) => s.tree.taxon.id));
  return ((has.has(pair.a) ? 1 : 0) + (has.has(pair.b) ? 1 : 0)) as 0 | 1 | 2;
};
