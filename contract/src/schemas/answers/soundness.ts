import { ADVICE } from '@hurrow/core/soundness';
import type { ClassAbility, Correlation, Reliability } from '@hurrow/core/soundness';
import type {
  Soundness,
  SoundStation,
  SoundStudent,
  SoundThrough,
  TagCheck,
  TagLookedAt,
} from '../../index.ts';
import { either, flag, listOf, nullOr, number, oneOf, record, text } from '../typed.ts';
import type { Of } from '../typed.ts';
import { taxonHeaderSchema } from './library.ts';

const correlation: Of<Correlation> = either(
  record<Extract<Correlation, { is: 'known' }>>({
    is: oneOf(['known']),
    r: number,
    p: number,
    flagged: flag,
  }),
  record<Extract<Correlation, { is: 'undefined' }>>({
    is: oneOf(['undefined']),
    why: oneOf(['all_the_same', 'rest_the_same', 'too_few']),
  }),
);

const reliability: Of<Reliability> = either(
  record<Extract<Reliability, { is: 'known' }>>({
    is: oneOf(['known']),
    name: oneOf(['KR-20', 'alpha']),
    value: number,
    low: number,
    high: number,
    students: number,
    stations: number,
  }),
  record<Extract<Reliability, { is: 'undefined' }>>({
    is: oneOf(['undefined']),
    why: oneOf(['too_few', 'all_the_same']),
    students: number,
  }),
);

const tagCheck = record<TagCheck>({
  verdict: oneOf(['check', 'hint', 'none']),
  instead: taxonHeaderSchema,
  namedAsTag: number,
  namedAsInstead: number,
  answers: number,
  logRatio: number,
  posterior: number,
  otherStations: number,
  otherAnswers: number,
  foundRight: nullOr(record<TagLookedAt>({ by: nullOr(text), at: text })),
});

const station = record<SoundStation>({
  sittingStation: text,
  number: number,
  tag: nullOr(text),
  truth: taxonHeaderSchema,
  n: number,
  right: number,
  correlation,
  difficulty: nullOr(record<NonNullable<SoundStation['difficulty']>>({ value: number, se: number })),
  others: listOf(record<SoundStation['others'][number]>({ taxon: taxonHeaderSchema, n: number })),
  check: nullOr(tagCheck),
  advice: oneOf(ADVICE),
});

export const soundnessSchema = record<Soundness>({
  sitting: text,
  tooFew: listOf(oneOf(['students', 'stations'])),
  students: number,
  classes: listOf(
    record<Soundness['classes'][number]>({
      sitting: text,
      section: text,
      on: text,
      students: number,
      counted: flag,
    }),
  ),
  reliability,
  missing: nullOr(number),
  sigma: nullOr(number),
  stations: listOf(station),
  scale: listOf(
    record<SoundStudent>({
      student: text,
      code: text,
      firstName: nullOr(text),
      right: number,
      of: number,
      ability: number,
      se: number,
    }),
  ),
  through: listOf(
    record<SoundThrough>({
      sitting: text,
      quiz: text,
      on: text,
      common: number,
      ability: nullOr(
        record<ClassAbility>({ mean: number, se: number, share: number, low: number, high: number }),
      ),
      right: number,
      of: number,
    }),
  ),
});
