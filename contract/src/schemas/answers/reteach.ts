import { MATERIALS } from '@hurrow/core/conditions';
import type {
  CountOf,
  LessonFollowed,
  LessonItem,
  LessonRow,
  ReviewAnswer,
  SpecimenAtHand,
} from '../../index.ts';
import { listOf, nullOr, oneOf, record, text } from '../typed.ts';
import { taxonHeaderSchema } from './library.ts';
import { countOf } from './mixups.ts';

export const specimenSchema = record<SpecimenAtHand>({
  id: text,
  tree: nullOr(text),
  tag: nullOr(text),
  taxon: text,
  material: listOf(oneOf(MATERIALS)),
  takenOn: nullOr(text),
  goodUntil: nullOr(text),
  hides: listOf(text),
});

export const reviewAnswerSchema = record<ReviewAnswer>({
  truth: text,
  answer: text,
  typed: text,
  tree: nullOr(text),
  seen: listOf(text),
});

export const lessonRowSchema = record<LessonRow>({
  id: text,
  on: text,
  kind: oneOf(['taught', 'retaught']),
  items: listOf(record<LessonItem>({ taxon: taxonHeaderSchema, other: nullOr(taxonHeaderSchema) })),
  followed: listOf(
    record<LessonFollowed>({
      truth: taxonHeaderSchema,
      answer: taxonHeaderSchema,
      verdict: oneOf(['helped', 'fell', 'no sign', 'too few']),
      before: countOf,
      after: countOf,
      others: record<{ before: CountOf; after: CountOf }>({ before: countOf, after: countOf }),
    }),
  ),
});
