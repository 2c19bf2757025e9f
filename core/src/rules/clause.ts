import { lineage } from '../characters/index.ts';
import type { TaxonNode, Vocabulary, Wording } from '../characters/index.ts';
import type { Described } from '../tells/index.ts';
import { featureClause, has, hasOneOf } from './feature.ts';
import type { Feature, Has } from './feature.ts';

/** One thing a rule says of its subjects: a feature, none of it, one of several, or what taxon they are. */
export type Clause =
  | Feature
  | { readonly none: Feature }
  | { readonly any: readonly Feature[] }
  | { readonly taxon: string };

/** The features a clause speaks of. */
export function featuresOf(clause: Clause): readonly Feature[] {
  if ('none' in clause) return [clause.none];
  if ('any' in clause) return clause.any;
  return 'taxon' in clause ? [] : [clause];
}

const NOT: Readonly<Record<Has, Has>> = { yes: 'no', no: 'yes', sometimes: 'sometimes', unknown: 'unknown' };

/** How a described taxon stands to a clause. */
export function holds(
  d: Described,
  clause: Clause,
  taxa: ReadonlyMap<string, TaxonNode>,
  vocabulary: Vocabulary,
): Has {
  if ('taxon' in clause)
    return lineage(taxa, d.id).some((level) => level.includes(clause.taxon)) ? 'yes' : 'no';
  if ('none' in clause) return NOT[has(d, clause.none, vocabulary)];
  return 'any' in clause ? hasOneOf(d, clause.any, vocabulary) : has(d, clause, vocabulary);
}

/** Several at once: had where each is, lacked where one is. */
export function allOf(each: readonly Has[]): Has {
  if (each.includes('no')) return 'no';
  if (each.includes('unknown')) return 'unknown';
  return each.includes('sometimes') ? 'sometimes' : 'yes';
}

/** A clause in words, in which `*` is whoever it speaks of: *leaves are needles*, *`*` is a member of Fraxinus*. */
export function clauseWords(
  clause: Clause,
  vocabulary: Vocabulary,
  wording: Wording,
  taxonWords: (taxon: string) => string,
): string {
  if ('taxon' in clause) return `* is ${taxonWords(clause.taxon)}`;
  if ('none' in clause) return featureClause(clause.none, vocabulary, wording, 'never');
  return featuresOf(clause)
    .map((f) => featureClause(f, vocabulary, wording))
    .join(' or ');
}
