import { LEFT_OUT } from '@hurrow/core/misses';
import type { LeftOut } from '@hurrow/core/misses';
import type {
  AppliedRates,
  Between,
  CalledCharacter,
  CharacterRate,
  CharactersOfClass,
  CountOf,
  FitSpan,
  MissFitOfClass,
  PairOverClasses,
  SectionsAndYears,
  StateConfusion,
} from '../../index.ts';
import { flag, listOf, nullOr, number, oneOf, record, text } from '../typed.ts';
import { taxonHeaderSchema } from './library.ts';
import { countOf } from './mixups.ts';

const between = { value: number, low: number, high: number };
const betweenSchema = record<Between>(between);

const rate = record<CharacterRate>({
  character: text,
  verdict: oneOf(['estimated', 'undetermined', 'not enough looks']),
  m: betweenSchema,
  split: nullOr(record<{ u: number; e: number }>({ u: number, e: number })),
  direct: number,
  indirect: number,
  bundle: listOf(text),
  ask: listOf(text),
  avoided: number,
  pairs: listOf(
    record<CharacterRate['pairs'][number]>({
      truth: taxonHeaderSchema,
      answer: taxonHeaderSchema,
      avoided: number,
      wrong: number,
    }),
  ),
  before: nullOr(record<NonNullable<CharacterRate['before']>>({ ...between, from: text, to: text })),
});

const span = { from: text, to: text, sittings: number };
const leftOut = Object.fromEntries(LEFT_OUT.map((r) => [r, number])) as Record<LeftOut, typeof number>;

const fit = record<MissFitOfClass>({
  ...span,
  id: text,
  at: text,
  by: nullOr(text),
  looks: number,
  students: number,
  leftOut: record<MissFitOfClass['leftOut']>(leftOut),
  slips: betweenSchema,
  slope: nullOr(betweenSchema),
  readiness: listOf(record<MissFitOfClass['readiness'][number]>({ taxon: taxonHeaderSchema, w: number })),
  isCurrent: flag,
  settled: flag,
  rates: listOf(rate),
});

export const charactersOfClassSchema = record<CharactersOfClass>({
  students: number,
  small: flag,
  sittings: listOf(record<CharactersOfClass['sittings'][number]>({ id: text, on: text, quiz: text })),
  fit: nullOr(fit),
  applied: nullOr(
    record<FitSpan & { id: string; at: string; by: string | null }>({
      ...span,
      id: text,
      at: text,
      by: nullOr(text),
    }),
  ),
  called: listOf(
    record<CalledCharacter>({
      character: text,
      wrong: countOf,
      states: listOf(record<StateConfusion>({ shown: text, called: text, times: number })),
    }),
  ),
  retired: listOf(record<CharactersOfClass['retired'][number]>({ character: text, term: text, plain: text })),
  neverCalled: listOf(text),
});

export const appliedRatesSchema = record<AppliedRates>({
  fit: nullOr(text),
  rates: listOf(record<AppliedRates['rates'][number]>({ character: text, rate: number, weight: number })),
});

export const sectionsAndYearsSchema = record<SectionsAndYears>({
  sections: listOf(
    record<SectionsAndYears['sections'][number]>({
      id: text,
      name: text,
      term: text,
      students: number,
      first: nullOr(text),
    }),
  ),
  pairs: listOf(
    record<PairOverClasses>({
      truth: taxonHeaderSchema,
      answer: taxonHeaderSchema,
      material: text,
      form: text,
      at: listOf(record<CountOf & { section: string }>({ k: number, n: number, section: text })),
      pooled: record<PairOverClasses['pooled']>({
        rate: number,
        low: number,
        high: number,
        weight: number,
        weightFrom: oneOf(['fixed', 'fitted']),
        next: record<PairOverClasses['pooled']['next']>({ of: number, low: number, high: number }),
      }),
    }),
  ),
  onlyHere: number,
});
