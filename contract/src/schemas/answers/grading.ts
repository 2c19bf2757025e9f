import type {
  ChangedTotal,
  DecisionDue,
  Dispute,
  GradeEffect,
  GradeRow,
  Grades,
  GradingDone,
  KeyChange,
  KeyEffect,
  KeyRevision,
  NameRuling,
  RulingWithdrawn,
  SittingEffect,
  SittingKey,
  StaleReason,
  StaleSitting,
  StudentTotal,
} from '../../index.ts';
import { flag, listOf, nullOr, number, oneOf, record, text } from '../typed.ts';
import { answerValue } from '../answerValue.ts';
import type { Keys, Of } from '../typed.ts';
import { askKindSchema, disputeKindSchema, gradeOutcomeSchema } from './judged.ts';
import { taxonHeaderSchema } from './library.ts';

export const disputeSchema = record<Dispute>({
  id: text,
  student: text,
  code: text,
  firstName: nullOr(text),
  station: number,
  kind: askKindSchema,
  character: nullOr(text),
  why: disputeKindSchema,
  value: answerValue,
  counts: nullOr(answerValue),
  origin: oneOf(['phone', 'paper', 'import']),
  at: text,
  state: oneOf(['open', 'counted', 'kept', 'dropped']),
  decidedBy: nullOr(text),
});

export const staleReasonSchema: Of<StaleReason> = oneOf(['answers', 'decisions', 'key']);

export const changedTotalSchema = record<ChangedTotal>({
  student: text,
  code: text,
  returned: number,
  now: number,
});

export const gradeRowSchema = record<GradeRow>({
  response: text,
  student: text,
  code: text,
  firstName: nullOr(text),
  station: number,
  truth: number,
  kind: askKindSchema,
  character: nullOr(text),
  typed: text,
  origin: oneOf(['phone', 'paper', 'import']),
  outcome: gradeOutcomeSchema,
  points: number,
  most: number,
  taxon: nullOr(number),
  why: text,
  late: flag,
  override: nullOr(
    record<NonNullable<GradeRow['override']>>({ points: number, outcome: text, reason: text, by: text }),
  ),
  ruled: flag,
});

export const studentTotalSchema = record<StudentTotal>({
  student: text,
  code: text,
  firstName: nullOr(text),
  points: number,
  most: number,
  unanswered: number,
});

export const gradesSchema = record<Grades>({
  run: nullOr(text),
  at: nullOr(text),
  keyRev: nullOr(number),
  stale: listOf(staleReasonSchema),
  changedSince: listOf(changedTotalSchema),
  answers: number,
  toLookAt: number,
  species: listOf(taxonHeaderSchema),
  rows: listOf(gradeRowSchema),
  totals: listOf(studentTotalSchema),
});

export const staleSittingSchema = record<StaleSitting>({
  sitting: text,
  quiz: text,
  section: text,
  on: text,
});

export const gradingDoneSchema = record<GradingDone>({
  run: text,
  changed: number,
  alsoStale: listOf(staleSittingSchema),
});

export const keyRevisionSchema = record<KeyRevision>({
  rev: number,
  why: text,
  by: nullOr(text),
  at: text,
  stations: number,
  from: nullOr(text),
});

export const keyChangeSchema = record<KeyChange>({
  sittingStation: nullOr(text),
  number: nullOr(number),
  kind: oneOf(['tree', 'identification', 'names', 'character', 'conditions', 'tells', 'list']),
  character: nullOr(text),
  was: text,
  is: text,
});

const keyEffectKeys: Keys<KeyEffect> = {
  answers: number,
  students: number,
  gained: number,
  lost: number,
  byStudent: listOf(
    record<KeyEffect['byStudent'][number]>({ code: text, firstName: nullOr(text), by: number }),
  ),
};

export const keyEffectSchema = record<KeyEffect>(keyEffectKeys);

export const sittingEffectSchema = record<SittingEffect>({
  ...keyEffectKeys,
  sitting: text,
  quiz: text,
  section: text,
  on: text,
  returned: flag,
});

export const gradeEffectSchema = record<GradeEffect>({ sittings: listOf(sittingEffectSchema) });

export const decisionDueSchema = record<DecisionDue>({
  text,
  folded: text,
  kind: askKindSchema,
  answers: number,
  students: number,
  stations: listOf(
    record<DecisionDue['stations'][number]>({ number, truth: taxonHeaderSchema, students: number }),
  ),
  atStake: number,
  outcome: gradeOutcomeSchema,
  why: text,
  candidates: listOf(record<DecisionDue['candidates'][number]>({ taxon: taxonHeaderSchema, edits: number })),
});

export const nameRulingSchema = record<NameRuling>({
  id: text,
  text,
  outcome: oneOf(['exact', 'misspelled', 'synonym', 'other_species', 'genus_only', 'unlisted']),
  taxon: nullOr(taxonHeaderSchema),
  scope: oneOf(['list', 'section', 'sitting']),
  list: text,
  listName: text,
  sectionName: nullOr(text),
  quizName: nullOr(text),
  by: text,
  at: text,
  students: number,
});

export const rulingWithdrawnSchema = record<RulingWithdrawn>({ alsoStale: listOf(staleSittingSchema) });

export const sittingKeySchema = record<SittingKey>({
  dropped: listOf(record<SittingKey['dropped'][number]>({ sittingStation: text, number })),
  rev: nullOr(number),
  revisions: listOf(keyRevisionSchema),
  changes: listOf(keyChangeSchema),
  effect: nullOr(keyEffectSchema),
});
