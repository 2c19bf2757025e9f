import type { GradeRow, Grades } from './grading.ts';
import type { TaxonHeader } from './library.ts';

/** A graded answer with the species it names and should name. */
export interface GradedAnswer extends Omit<GradeRow, 'truth' | 'taxon'> {
  readonly truth: TaxonHeader;
  readonly taxon: TaxonHeader | null;
}

type SentGrades = Pick<Grades, 'species' | 'rows'>;

/** Tells each species once, since a class names the same few hundreds of times. */
export function sentGrades(answers: readonly GradedAnswer[]): SentGrades {
  const species: TaxonHeader[] = [];
  const places = new Map<string, number>();
  const place = (t: TaxonHeader): number => {
    // One species stands here twice where its names changed after the key was locked.
    const key = JSON.stringify([t.id, t.scientific, t.common]);
    const had = places.get(key);
    if (had !== undefined) return had;
    places.set(key, species.length);
    return species.push(t) - 1;
  };
  const rows = answers.map((a) => ({
    ...a,
    truth: place(a.truth),
    taxon: a.taxon && place(a.taxon),
  }));
  return { species, rows };
}

/** Graded answers as they are shown. @throws where a species is not among those sent. */
export function gradedAnswers({ species, rows }: SentGrades): readonly GradedAnswer[] {
  const at = (place: number): TaxonHeader => {
    const found = species[place];
    if (!found) throw new Error(`No species ${place} of ${species.length}`);
    return found;
  };
  return rows.map((r) => ({ ...r, truth: at(r.truth), taxon: r.taxon === null ? null : at(r.taxon) }));
}
