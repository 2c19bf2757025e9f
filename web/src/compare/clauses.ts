import type { Vocabulary } from '@hurrow/core/characters';
import type { Clause } from '@hurrow/core/rules';
import { EMPTY_FEATURE, draftOf, featureOf } from './features.ts';
import type { FeatureDraft } from './features.ts';

export const CLAUSE_KINDS = ['has', 'none', 'any', 'taxon'] as const;
export type ClauseKind = (typeof CLAUSE_KINDS)[number];

export const CLAUSE_WORDS: Readonly<Record<ClauseKind, string>> = {
  has: 'has',
  none: 'does not have',
  any: 'has one of',
  taxon: 'is',
};

/** A clause being chosen: its kind, its features while they are typed, its taxon. */
export interface ClauseDraft {
  readonly kind: ClauseKind;
  readonly features: readonly FeatureDraft[];
  readonly taxon: string | null;
}

export const EMPTY_CLAUSE: ClauseDraft = { kind: 'has', features: [EMPTY_FEATURE], taxon: null };
export const MOST_CLAUSES = 4;
export const MOST_FEATURES = 6;

/** A clause as it is taken up to be changed. */
export function draftOfClause(clause: Clause): ClauseDraft {
  if ('taxon' in clause) return { ...EMPTY_CLAUSE, kind: 'taxon', taxon: clause.taxon };
  if ('none' in clause) return { kind: 'none', features: [draftOf(clause.none)], taxon: null };
  if ('any' in clause) return { kind: 'any', features: clause.any.map(draftOf), taxon: null };
  return { kind: 'has', features: [draftOf(clause)], taxon: null };
}

/** The draft as another kind: what fits both is kept. */
export const asKind = (d: ClauseDraft, kind: ClauseKind): ClauseDraft => ({
  ...d,
  kind,
  features:
    kind === 'any'
      ? [...d.features, EMPTY_FEATURE].slice(0, Math.max(2, d.features.length))
      : d.features.slice(0, 1),
});

/** The clause a draft stands for; null while something is missing. */
export function clauseOf(d: ClauseDraft, vocabulary: Vocabulary): Clause | null {
  if (d.kind === 'taxon') return d.taxon === null ? null : { taxon: d.taxon };
  const features = d.features.map((f) => featureOf(f, vocabulary));
  const whole = features.filter((f) => f !== null);
  const [first] = whole;
  if (!first || whole.length < features.length) return null;
  if (d.kind === 'any') return { any: whole };
  return d.kind === 'none' ? { none: first } : first;
}
