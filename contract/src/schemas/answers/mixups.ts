import type { Direction } from '@hurrow/core/mixups';
import type {
  CountOf,
  Evidence,
  EvidenceCall,
  EvidenceRow,
  LevelRow,
  MixUpRow,
  MixUps,
  MoreThanSlips,
  PairAtSitting,
  PairState,
  TellSeen,
  TruthRow,
} from '../../index.ts';
import { flag, listOf, nullOr, number, oneOf, record, text } from '../typed.ts';
import type { Of } from '../typed.ts';
import { gradeOutcomeSchema } from './judged.ts';
import { taxonHeaderSchema } from './library.ts';

export const pairStateSchema: Of<PairState> = oneOf(['new', 'repeat', 'stubborn', 'fading']);

const countOf = record<CountOf>({ k: number, n: number });

export const mixUpRowSchema = record<MixUpRow>({
  truth: taxonHeaderSchema,
  answer: taxonHeaderSchema,
  k: number,
  n: number,
  named: number,
  low: number,
  high: number,
  guesses: number,
  students: listOf(record<MixUpRow['students'][number]>({ id: text, code: text, firstName: nullOr(text) })),
  withCalls: number,
  misread: number,
  linkMissing: number,
  responses: listOf(text),
  state: nullOr(pairStateSchema),
  since: nullOr(text),
  looked: number,
  slips: nullOr(
    record<MoreThanSlips>({ expected: number, times: number, p: number, q: number, flagged: flag }),
  ),
  fresh: countOf,
  met: countOf,
  again: countOf,
  at: nullOr(
    record<NonNullable<MixUpRow['at']>>({ k: number, n: number, quiz: text, on: text, station: number }),
  ),
  next: nullOr(record<NonNullable<MixUpRow['next']>>({ sitting: text, quiz: text, on: text })),
  character: nullOr(text),
  direction: nullOr(record<Direction>({ share: number, low: number, high: number, more: number })),
});

const levelRows = listOf(
  record<LevelRow>({
    truth: taxonHeaderSchema,
    answer: taxonHeaderSchema,
    students: number,
    of: number,
    answers: listOf(record<LevelRow['answers'][number]>({ taxon: taxonHeaderSchema, students: number })),
  }),
);

export const evidenceCallSchema = record<EvidenceCall>({
  character: text,
  state: text,
  outcome: gradeOutcomeSchema,
  shown: text,
});

export const evidenceRowSchema = record<EvidenceRow>({
  response: text,
  code: text,
  firstName: nullOr(text),
  on: text,
  sitting: text,
  quiz: text,
  station: number,
  tag: text,
  typed: text,
  sure: nullOr(text),
  origin: text,
  material: listOf(text),
  handling: listOf(text),
  distance: text,
  calls: listOf(evidenceCallSchema),
  readings: listOf(record<EvidenceRow['readings'][number]>({ kind: text, characters: listOf(text) })),
});

export const evidenceSchema = record<Evidence>({
  pair: mixUpRowSchema,
  rows: listOf(evidenceRowSchema),
  turned: nullOr(mixUpRowSchema),
  through: listOf(
    record<PairAtSitting>({
      sitting: text,
      quiz: text,
      on: text,
      returnedOn: nullOr(text),
      there: countOf,
      back: countOf,
    }),
  ),
  lessons: listOf(record<Evidence['lessons'][number]>({ on: text, kind: oneOf(['taught', 'retaught']) })),
  tells: listOf(record<TellSeen>({ character: text, visible: number, right: number, wrong: number })),
});

export const truthRowSchema = record<TruthRow>({
  truth: taxonHeaderSchema,
  n: number,
  right: number,
  other: number,
  unlisted: number,
  blank: number,
  genusOnly: number,
  family: number,
  cannotTell: number,
});

export const mixUpsSchema = record<MixUps>({
  section: text,
  looks: number,
  students: number,
  sittings: listOf(record<MixUps['sittings'][number]>({ id: text, on: text, quiz: text })),
  pairs: listOf(mixUpRowSchema),
  truths: listOf(truthRowSchema),
  small: flag,
  materials: listOf(record<MixUps['materials'][number]>({ material: text, looks: number })),
  forms: listOf(record<MixUps['forms'][number]>({ form: text, looks: number })),
  levels: record<MixUps['levels']>({ genus: levelRows, family: levelRows, group: levelRows }),
  missed: listOf(record<MixUps['missed'][number]>({ truth: taxonHeaderSchema, missed: number, of: number })),
  inDoubt: listOf(
    record<MixUps['inDoubt'][number]>({ answer: taxonHeaderSchema, wrong: number, truths: number }),
  ),
  order: listOf(text),
  clusters: listOf(listOf(text)),
});
