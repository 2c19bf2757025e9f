import type { GradeOutcome } from '@hurrow/contract';

export const OUTCOME_WORDS: Readonly<Record<GradeOutcome, string>> = {
  exact: 'as named',
  abbreviated: 'genus shortened',
  misspelled: 'misspelled',
  synonym: 'synonym',
  older_family: 'older family name',
  shared_common: 'shared name',
  subspecies_left_out: 'subspecies left out',
  variety_unlisted: 'variety not listed',
  hazardous_relative: 'hazardous relative',
  hybrid: 'a hybrid',
  family: 'a family',
  genus_only: 'genus only',
  right_genus: 'right genus',
  right_epithet: 'right epithet',
  other_species: 'other species',
  cannot_tell: 'cannot be told',
  unlisted: 'no name known',
  doubtful: 'doubtful',
  blank: 'blank',
  right: 'right',
  wrong: 'wrong',
  coarse: 'too broad',
  not_recorded: 'not recorded',
  to_read: 'to read',
};

/** Which answers the grades page shows: those a person should see, those to names, or all. */
export type Show = 'look' | 'names' | 'all';
