import { materialClass } from '../quizzes/index.ts';
import type { Material } from '../conditions/index.ts';
import type { SectionSitting } from '../mixups/index.ts';
import type { Row } from './types.ts';

/** The rows of one section with its sittings, in the order they were held. */
export interface SectionRows {
  readonly section: string;
  readonly rows: readonly Row[];
  readonly sittings: readonly SectionSitting[];
}

/** Rows by day, each with whether the student met its tree before: the same station of the same quiz. */
export function inOrder(rows: readonly Row[]): readonly { readonly row: Row; readonly metBefore: boolean }[] {
  const met = new Set<string>();
  return [...rows]
    .sort((a, b) => a.line.on.localeCompare(b.line.on))
    .map((row) => {
      const tree = `${row.student}\u0000${row.station}`;
      const metBefore = met.has(tree);
      met.add(tree);
      return { row, metBefore };
    });
}

function grouped<T>(all: readonly T[], of: (item: T) => string): ReadonlyMap<string, readonly T[]> {
  const by = new Map<string, T[]>();
  for (const item of all) {
    const had = by.get(of(item));
    if (had) had.push(item);
    else by.set(of(item), [item]);
  }
  return by;
}

/** Distinct students by what each row counts for; a row may count for several. */
function distinct(rows: readonly Row[], of: (r: Row) => readonly string[]): ReadonlyMap<string, number> {
  const students = new Map<string, Set<string>>();
  for (const r of rows)
    for (const at of of(r)) {
      const had = students.get(at);
      if (had) had.add(r.student);
      else students.set(at, new Set([r.student]));
    }
  return new Map([...students].map(([at, who]) => [at, who.size]));
}

const mixUpOf = (r: Row): readonly string[] =>
  r.named === 'other' && r.answer !== null ? [`${r.line.species}/${r.answer}`] : [];

const materialOf = (r: Row): string => materialClass(r.line.material as readonly Material[]);

/** The sittings of one section, in the order they were held, as mix-ups are followed through them. */
function sittingsOf(rows: readonly Row[], fresh: ReadonlySet<Row>): readonly SectionSitting[] {
  return [...grouped(rows, (r) => r.sitting).values()]
    .sort(
      (a, b) =>
        (a[0]?.line.on ?? '').localeCompare(b[0]?.line.on ?? '') ||
        (a[0]?.sitting ?? '').localeCompare(b[0]?.sitting ?? ''),
    )
    .map((own, i) => ({
      seq: i + 1,
      on: own[0]?.line.on ?? '',
      returnedOn: own.map((r) => r.line.returned).find((d) => d !== null) ?? null,
      students: new Set(own.map((r) => r.student)).size,
      lookedAt: distinct(own, (r) => [r.line.species]),
      wrote: distinct(own, mixUpOf),
      fresh: new Map(
        [
          ...grouped(
            own.filter((r) => fresh.has(r)),
            materialOf,
          ),
        ].map(([material, at]) => [material, distinct(at, (r) => [r.line.species, ...mixUpOf(r)])]),
      ),
    }));
}

/** Every section with its sittings. */
export function sectionsOf(rows: readonly Row[]): readonly SectionRows[] {
  const fresh = new Set(inOrder(rows).flatMap((r) => (r.metBefore ? [] : [r.row])));
  return [...grouped(rows, (r) => r.line.section)].map(([section, own]) => ({
    section,
    rows: own,
    sittings: sittingsOf(own, fresh),
  }));
}
