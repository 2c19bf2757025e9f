import Joi from 'joi';
import { FREQUENCIES, KINDS, MERGE_POLICIES } from '@hurrow/core/characters';
import { DISTANCES, HANDLINGS, LIVES, MATERIALS, ORGANS, SEASONS } from '@hurrow/core/conditions';
import { PRESENCES } from '@hurrow/core/range';
import { QUANTIFIERS } from '@hurrow/core/rules';
import type { Clause, Feature } from '@hurrow/core/rules';
import { SOURCE_KINDS } from '../../index.ts';
import type {
  BatchBody,
  BatchEntry,
  CharacterBody,
  CharacterChange,
  EnteredStatement,
  OccurrenceBody,
  PoliciesBody,
  RangeBody,
  RangeRow,
  RuleBody,
  SourceBody,
  StateBody,
  StatementBody,
  StatementChange,
  WordBody,
} from '../../index.ts';
import { date, id, note, noteOrNull, pattern, typedText, whole, within, words } from '../parts.ts';
import {
  byKind,
  flag,
  listFrom,
  listOf,
  made,
  nullOr,
  oneOf,
  optional,
  record,
  unique,
  withDefault,
} from '../typed.ts';

const MOST_ROWS = 4000;
const characterId = typedText(60);
const stateId = typedText(80);
type Kind<K extends EnteredStatement['kind']> = Extract<EnteredStatement, { readonly kind: K }>;

const entered = byKind<EnteredStatement>({
  states: record<Kind<'states'>>({
    kind: oneOf(['states']),
    states: listFrom(
      record<Kind<'states'>['states'][number]>({ state: stateId, freq: oneOf(FREQUENCIES) }),
      0,
      30,
    ),
  }),
  range: record<Kind<'range'>>({ kind: oneOf(['range']), entered: made(Joi.string().max(120).allow('')) }),
  inapplicable: record<Kind<'inapplicable'>>({ kind: oneOf(['inapplicable']) }),
});

export const statementBody = record<StatementBody>({
  taxon: id,
  character: characterId,
  source: id,
  value: entered,
  life: optional(nullOr(oneOf(LIVES))),
  note: note(400),
});

export const statementChange = record<StatementChange>({ value: entered, note: note(400) });

export const batchBody = record<BatchBody>({
  entries: listFrom(
    record<BatchEntry>({
      taxon: id,
      character: characterId,
      source: id,
      value: made(Joi.alternatives().try(entered, Joi.valid(null))),
      life: optional(nullOr(oneOf(LIVES))),
      version: nullOr(made<number>(Joi.number().integer().min(1))),
    }),
    1,
    MOST_ROWS,
  ),
});

const state = record<StateBody>({
  id: optional(stateId),
  term: words(80),
  plain: words(120),
  definition: words(240),
  parent: optional(nullOr(stateId)),
  swatch: optional(nullOr(pattern(/^#[0-9a-f]{6}$/, 'a color such as #8d4a30'))),
  retired: optional(withDefault(flag, false)),
});

const characterWords = {
  term: words(80),
  plain: words(120),
  definition: words(240),
  counting: note(240),
  states: listFrom(state, 0, 60),
};

export const characterBody = record<CharacterBody>({
  ...characterWords,
  organ: oneOf(ORGANS),
  kind: oneOf(KINDS),
  unit: optional(withDefault(made<string>(Joi.string().trim().max(20).allow('')), '')),
  material: unique(listOf(oneOf(MATERIALS))),
  needs: unique(listOf(oneOf(HANDLINGS))),
  distance: oneOf(DISTANCES),
  season: unique(listFrom(oneOf(SEASONS), 1, SEASONS.length)),
  effort: whole(1, 5),
});

export const characterChange = record<CharacterChange>({ ...characterWords, retired: flag });

export const wordBody = record<WordBody>({ text: words(60), character: characterId, state: nullOr(stateId) });

export const sourceBody = record<SourceBody>({
  kind: oneOf(SOURCE_KINDS),
  citation: words(400),
  n: withDefault(nullOr(made<number>(Joi.number().integer().min(1))), null),
  rank: whole(1, 1000),
});

const policy = oneOf(MERGE_POLICIES);

export const policiesBody = record<PoliciesBody>({
  policy,
  policies: listFrom(
    record<PoliciesBody['policies'][number]>({
      character: characterId,
      policy,
      source: withDefault(nullOr(id), null),
    }),
    0,
    400,
  ),
});

const number = within(0, 1e6);
type Numbers = Extract<Feature, { readonly low: unknown }>;

/** A state of a character, or a range of its numbers. */
const feature = made<Feature>(
  Joi.alternatives().conditional('.state', {
    is: Joi.exist(),
    then: record<Exclude<Feature, Numbers>>({ character: characterId, state: stateId }),
    otherwise: record<Numbers>({
      character: characterId,
      low: number,
      high: made(Joi.number().min(Joi.ref('low')).max(1e6)),
    }),
  }),
);

/** A feature, none of it, one of several, or what taxon it is. */
const clause = made<Clause>(
  Joi.alternatives()
    .conditional('.none', {
      is: Joi.exist(),
      then: record<Extract<Clause, { readonly none: unknown }>>({ none: feature }),
    })
    .conditional('.any', {
      is: Joi.exist(),
      then: record<Extract<Clause, { readonly any: unknown }>>({ any: listFrom(feature, 1, 6) }),
    })
    .conditional('.taxon', {
      is: Joi.exist(),
      then: record<Extract<Clause, { readonly taxon: unknown }>>({ taxon: id }),
      otherwise: feature,
    }),
);

export const ruleBody = record<RuleBody>({
  quantifier: oneOf(QUANTIFIERS),
  who: nullOr(id),
  when: listFrom(feature, 0, 3),
  then: listFrom(clause, 1, 4),
  note: noteOrNull(600),
});

export const rangeBody = record<RangeBody>({
  records: listFrom(
    record<RangeRow>({
      region: pattern(/^[A-Z]{2}(-[A-Z0-9]{1,6})?(-[0-9]{3})?$/, 'a region code'),
      presence: oneOf(PRESENCES),
      source: nullOr(id),
    }),
    0,
    MOST_ROWS,
  ),
});

export const occurrenceBody = record<OccurrenceBody>({
  record: record<OccurrenceBody['record']>({
    occurrenceID: typedText(200),
    scientificName: words(160),
    decimalLatitude: within(-90, 90),
    decimalLongitude: within(-180, 180),
    eventDate: nullOr(date),
    basisOfRecord: typedText(60),
    locality: made(Joi.string().max(200).allow('')),
  }),
  verdict: oneOf(['accepted', 'rejected', 'unsure']),
});
