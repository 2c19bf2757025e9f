import type {
  Evidence,
  EvidenceCall,
  EvidenceRow,
  MixUpRow,
  MixUps,
  PairState,
  TruthRow,
} from '../../index.ts';
import { listOf, nullOr, number, oneOf, record, text } from '../typed.ts';
import type { Of } from '../typed.ts';
import { gradeOutcomeSchema } from './judged.ts';
import { taxonHeaderSchema } from './library.ts';

export const pairStateSchema: Of<PairState> = oneOf(['new', 'repeat', 'stubborn', 'fading']);

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
});

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

export const evidenceSchema = record<Evidence>({ pair: mixUpRowSchema, rows: listOf(evidenceRowSchema) });

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
});
