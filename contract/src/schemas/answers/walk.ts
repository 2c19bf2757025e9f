import type {
  OwnMixUp,
  BatchReceipt,
  Joining,
  KnownAnswer,
  RefusedAnswer,
  ResultAsk,
  ResultStation,
  ResultTell,
  WalkAsk,
  WalkOption,
  WalkQuestionShown,
  WalkResults,
  WalkSeat,
  WalkSitting,
  WalkState,
  WalkStation,
} from '../../index.ts';
import { ANSWER_BOXES } from '@hurrow/core/quizzes';
import { flag, listOf, nullOr, number, oneOf, optional, record, text } from '../typed.ts';
import { answerValue } from '../answerValue.ts';
import type { Of } from '../typed.ts';
import { askKindSchema } from './judged.ts';
import { sketchSchema } from './sketch.ts';

export const refusedAnswerSchema = record<RefusedAnswer>({
  id: text,
  at: number,
  why: text,
  remedy: text,
  kept: flag,
});

export const batchReceiptSchema = record<BatchReceipt>({
  accepted: listOf(text),
  refused: listOf(refusedAnswerSchema),
  otherDevices: number,
});

export const joiningSchema = record<Joining>({ state: oneOf(['none', 'asked', 'in', 'refused', 'ended']) });

export const resultAskSchema = record<ResultAsk>({
  kind: askKindSchema,
  character: nullOr(text),
  typed: text,
  points: nullOr(number),
  most: number,
  outcome: nullOr(text),
  key: nullOr(text),
  why: nullOr(text),
  reason: nullOr(text),
  before: nullOr(number),
});

export const resultTellSchema = record<ResultTell>({
  character: text,
  organ: text,
  truth: text,
  named: text,
  drawn: nullOr(record<NonNullable<ResultTell['drawn']>>({ truth: sketchSchema, named: sketchSchema })),
});

export const resultStationSchema = record<ResultStation>({
  number: number,
  later: nullOr(text),
  dropped: flag,
  truth: nullOr(record<NonNullable<ResultStation['truth']>>({ scientific: text, common: nullOr(text) })),
  asks: listOf(resultAskSchema),
  mixedWith: nullOr(
    record<NonNullable<ResultStation['mixedWith']>>({
      scientific: text,
      common: nullOr(text),
      tells: listOf(resultTellSchema),
      verdict: oneOf(['told', 'twins', 'unproven']),
    }),
  ),
});

export const walkResultsSchema = record<WalkResults>({
  quiz: text,
  on: text,
  student: text,
  points: number,
  most: number,
  scored: flag,
  stations: listOf(resultStationSchema),
  mixUps: listOf(
    record<OwnMixUp>({
      wrote: text,
      tree: text,
      k: number,
      n: number,
      again: record<OwnMixUp['again']>({ k: number, n: number }),
      clean: number,
      resolved: flag,
    }),
  ),
});

export const walkStateSchema: Of<WalkState> = oneOf(['open', 'closed', 'returned']);

const walkOptionSchema = record<WalkOption>({ id: text, label: text, drawn: nullOr(sketchSchema) });

const walkQuestionSchema = record<WalkQuestionShown>({
  prompt: text,
  options: listOf(walkOptionSchema),
  others: listOf(walkOptionSchema),
  drawing: nullOr(sketchSchema),
});

export const walkAskSchema = record<WalkAsk>({
  id: text,
  kind: askKindSchema,
  points: number,
  call: optional(
    record<NonNullable<WalkAsk['call']>>({
      organ: text,
      term: text,
      plain: text,
      definition: text,
      recorded: oneOf(['states', 'count', 'measure']),
      states: listOf(
        record<NonNullable<WalkAsk['call']>['states'][number]>({ id: text, term: text, plain: text }),
      ),
    }),
  ),
  question: optional(walkQuestionSchema),
});

export const walkStationSchema = record<WalkStation>({
  id: text,
  number: number,
  material: listOf(text),
  handling: listOf(text),
  distance: text,
  cautions: listOf(text),
  drawn: listOf(sketchSchema),
  clues: listOf(record<WalkStation['clues'][number]>({ part: text, cost: number })),
  asks: listOf(walkAskSchema),
});

export const knownAnswerSchema = record<KnownAnswer>({
  id: text,
  ask: text,
  seq: number,
  at: text,
  value: answerValue,
  waits: nullOr(text),
});

export const walkSittingSchema = record<WalkSitting>({
  sitting: text,
  otherDevices: listOf(text),
  quiz: text,
  on: text,
  student: text,
  state: walkStateSchema,
  submitted: flag,
  box: oneOf(ANSWER_BOXES),
  stations: listOf(walkStationSchema),
  answers: listOf(knownAnswerSchema),
});

export const walkSeatSchema = record<WalkSeat>({
  sitting: text,
  on: text,
  student: text,
  state: walkStateSchema,
  submitted: flag,
});
