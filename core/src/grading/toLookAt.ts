import type { GradeOutcome } from './types.ts';

/** Outcomes that a person should see; plain right and plain wrong need nobody. */
export const TO_LOOK_AT: readonly GradeOutcome[] = [
  'misspelled',
  'shared_common',
  'subspecies_left_out',
  'variety_unlisted',
  'hazardous_relative',
  'hybrid',
  'family',
  'right_genus',
  'right_epithet',
  'unlisted',
  'doubtful',
  'coarse',
  'not_recorded',
  'to_read',
];
