export const OUTCOMES = [
  'exact',
  'abbreviated',
  'misspelled',
  'synonym',
  'older_family',
  'shared_common',
  'subspecies_left_out',
  'variety_unlisted',
  'genus_only',
  'right_genus',
  'right_epithet',
  'other_species',
  'hazardous_relative',
  'hybrid',
  'family',
  'cannot_tell',
  'unlisted',
  'doubtful',
  'blank',
] as const;
export type Outcome = (typeof OUTCOMES)[number];

export interface Judgement {
  readonly outcome: Outcome;
  /** The taxon of the library that the answer names, where it names one. */
  readonly taxon: string | null;
  /** Whether the name that was met is a scientific one; null where none was. */
  readonly latin: boolean | null;
  readonly edits: number;
  readonly why: string;
  /** What it is beside the right name in the same answer: its own genus, or as near to it as to another. */
  readonly beside?: 'own_genus' | 'tie';
}

/** Which name of a tree is asked for. */
export type NameAsked = 'common' | 'scientific' | 'either' | 'genus';

export interface Truth {
  readonly taxon: string;
  /** The genus the taxon stands in. */
  readonly genus: string | null;
  /** Taxa the class is answerable for. */
  readonly listed: ReadonlySet<string>;
  /** Either, where it is left out. */
  readonly asked?: NameAsked;
}

export const say = (
  outcome: Outcome,
  taxon: string | null,
  latin: boolean | null,
  edits: number,
  why: string,
): Judgement => ({ outcome, taxon, latin, edits, why });

/** Outcomes that name the tree itself, best first. */
export const NAMES_IT: readonly Outcome[] = [
  'exact',
  'abbreviated',
  'synonym',
  'variety_unlisted',
  'subspecies_left_out',
  'misspelled',
  'shared_common',
];
