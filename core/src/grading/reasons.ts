import type { GradeOutcome } from './types.ts';

/**
 * Why an answer earned part of its points or none, for the student who gave it; empty where what is right beside it says
 * enough.
 */
const REASONS: Readonly<Record<GradeOutcome, string>> = {
  exact: '',
  abbreviated: 'The genus was shortened.',
  misspelled: 'The name was misspelled.',
  synonym: 'This is an older scientific name.',
  older_family: 'This is an older name of the family.',
  shared_common: 'Several trees share this common name.',
  subspecies_left_out: 'The subspecies was left out.',
  variety_unlisted: 'This variety is not on the list.',
  hazardous_relative: 'This is a relative that can hurt.',
  hybrid: 'This names a hybrid.',
  family: 'This names a family only.',
  genus_only: 'Only the genus was given.',
  right_genus: 'The genus is right, the species is not.',
  right_epithet: 'The second word is right, the genus is not.',
  other_species: 'This is another species.',
  cannot_tell: 'It can be told from what was there.',
  unlisted: 'No tree is known by this name.',
  doubtful: 'The answer can be read in more than one way.',
  blank: 'Nothing was written.',
  right: '',
  wrong: '',
  coarse: 'This is right but too broad.',
  not_recorded: 'Nothing is recorded of this tree.',
  to_read: 'Your instructor has not read this yet.',
};

/** Why an answer earned less than all, in one sentence for the student; null where there is nothing to say. */
export const reasonFor = (outcome: GradeOutcome, points: number, most: number): string | null =>
  points >= most || REASONS[outcome] === '' ? null : REASONS[outcome];
