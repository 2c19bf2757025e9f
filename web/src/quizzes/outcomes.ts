import type { MarkOutcome, MarkRow } from '@hurrow/contract';

export const OUTCOME_WORDS: Readonly<Record<MarkOutcome, string>> = {
  exact: 'as named',
  abbreviated: 'genus shortened',
  misspelt: 'misspelt',
  synonym: 'synonym',
  older_family: 'older family name',
  shared_common: 'shared name',
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
};

const TO_LOOK_AT: readonly MarkOutcome[] = [
  'misspelt',
  'shared_common',
  'right_genus',
  'right_epithet',
  'unlisted',
  'doubtful',
  'coarse',
  'not_recorded',
];

/** Whether a person should see how an answer was judged; plain right and plain wrong need nobody. */
export const needsLook = (r: Pick<MarkRow, 'outcome' | 'ruled' | 'override' | 'late'>): boolean =>
  (TO_LOOK_AT.includes(r.outcome) || r.late) && !r.ruled && r.override === null;
