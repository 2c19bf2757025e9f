import Joi from 'joi';
import { DISTANCES, HANDLINGS, MATERIALS, ORGANS, SEASONS, WINDOW_KINDS } from '@hurrow/core/conditions';
import { FREQUENCIES, KINDS, MERGE_POLICIES } from '@hurrow/core/characters';
import { PRESENCES } from '@hurrow/core/range';
import { QUANTIFIERS } from '@hurrow/core/rules';
import { AUDIENCES, PROSE_TOPICS, SOURCE_KINDS } from '../index.ts';
import { date, id, name, optional, place } from './parts.ts';

const one = (values: readonly string[]): Joi.StringSchema => Joi.string().valid(...values);
const some = (values: readonly string[]): Joi.ArraySchema => Joi.array().items(one(values)).unique();
const characterId = Joi.string().max(60);

const value = Joi.alternatives().conditional('.kind', {
  switch: [
    {
      is: 'states',
      then: Joi.object({
        kind: Joi.string().required(),
        states: Joi.array()
          .max(30)
          .items(Joi.object({ state: Joi.string().max(80).required(), freq: one(FREQUENCIES).required() }))
          .required(),
      }),
    },
    {
      is: 'range',
      then: Joi.object({
        kind: Joi.string().required(),
        entered: Joi.string().max(120).allow('').required(),
      }),
    },
    { is: 'inapplicable', then: Joi.object({ kind: Joi.string().required() }) },
  ],
  otherwise: Joi.object({ kind: one(['states', 'range', 'inapplicable']).required() }).required(),
});

const note = optional(400);

/** A state of a character, or a range of its numbers. */
const feature = Joi.alternatives().conditional('.state', {
  is: Joi.exist(),
  then: Joi.object({ character: characterId.required(), state: Joi.string().max(80).required() }),
  otherwise: Joi.object({
    character: characterId.required(),
    low: Joi.number().min(0).max(1e6).required(),
    high: Joi.number().min(Joi.ref('low')).max(1e6).required(),
  }).required(),
});

const HAZARDS = [
  'toxic',
  'irritant',
  'thorns',
  'allergy',
  'climbing',
  'road',
  'water',
  'tools',
  'protected',
  'pest',
  'other',
];

const state = Joi.object({
  id: Joi.string().max(80),
  term: name.max(80).required(),
  plain: name.max(120).required(),
  definition: name.max(240).required(),
  parent: Joi.string().max(80).allow(null),
  swatch: Joi.string()
    .pattern(/^#[0-9a-f]{6}$/, 'a colour such as #8d4a30')
    .allow(null),
  retired: Joi.boolean().default(false),
});

const characterWords = {
  term: name.max(80).required(),
  plain: name.max(120).required(),
  definition: name.max(240).required(),
  counting: optional(240),
  states: Joi.array().max(60).items(state).required(),
};

const dayInYear = Joi.string().pattern(/^\d\d-\d\d$/, 'a day written MM-DD');
const mm = Joi.number().positive().max(1_000_000);
const root = Joi.object({
  name: name.max(160).required(),
  element: name.max(60).required(),
  language: name.max(40).required(),
  meaning: name.max(120).required(),
  character: characterId.allow(null).default(null),
  state: Joi.string().max(80).allow(null).default(null),
  contested: Joi.boolean().default(false),
});

/** Bodies of what is written of species and of the vocabulary. */
export const LIBRARY_BODIES = {
  range: Joi.object({
    records: Joi.array()
      .max(4000)
      .items(
        Joi.object({
          region: Joi.string()
            .pattern(/^[A-Z]{2}(-[A-Z0-9]{1,6})?(-[0-9]{3})?$/, 'a region code')
            .required(),
          presence: one(PRESENCES).required(),
          source: id.allow(null).required(),
        }),
      )
      .required(),
  }),
  occurrence: Joi.object({
    record: Joi.object({
      occurrenceID: Joi.string().max(200).required(),
      scientificName: name.max(160).required(),
      decimalLatitude: Joi.number().min(-90).max(90).required(),
      decimalLongitude: Joi.number().min(-180).max(180).required(),
      eventDate: date.allow(null).required(),
      basisOfRecord: Joi.string().max(60).required(),
      locality: Joi.string().max(200).allow('').required(),
    }).required(),
    verdict: one(['accepted', 'rejected', 'unsure']).required(),
  }),
  statement: Joi.object({
    taxon: id.required(),
    character: characterId.required(),
    source: id.required(),
    value: value.required(),
    note,
  }),
  statementValue: Joi.object({ value: value.required(), note }),
  batch: Joi.object({
    entries: Joi.array()
      .min(1)
      .max(4000)
      .items(
        Joi.object({
          taxon: id.required(),
          character: characterId.required(),
          source: id.required(),
          value: Joi.alternatives().try(value, Joi.valid(null)).required(),
          version: Joi.number().integer().min(1).allow(null).required(),
        }),
      )
      .required(),
  }),
  character: Joi.object({
    ...characterWords,
    organ: one(ORGANS).required(),
    kind: one(KINDS).required(),
    unit: Joi.string().trim().max(20).allow('').default(''),
    material: some(MATERIALS).required(),
    needs: some(HANDLINGS).required(),
    distance: one(DISTANCES).required(),
    season: some(SEASONS).min(1).required(),
    effort: Joi.number().integer().min(1).max(5).required(),
  }),
  characterChange: Joi.object({ ...characterWords, retired: Joi.boolean().required() }),
  word: Joi.object({
    text: name.max(60).required(),
    character: characterId.required(),
    state: Joi.string().max(80).allow(null).required(),
  }),
  taxon: Joi.object({
    rank: one([
      'family',
      'genus',
      'section',
      'group',
      'species',
      'infraspecies',
      'cultivar',
      'hybrid',
    ]).required(),
    scientific: name.max(160).required(),
    authority: optional(120),
    common: Joi.array().max(20).items(name.max(160)).default([]),
    parents: Joi.array().max(12).items(id).unique().required(),
  }),
  species: Joi.object({
    scientific: name.max(160).required(),
    pronunciation: optional(120),
    authority: optional(120),
    status: one(['draft', 'checked']).required(),
    parents: Joi.array().max(12).items(id).unique().required(),
    names: Joi.array()
      .max(60)
      .items(
        Joi.object({
          kind: one(['synonym', 'older_family', 'common']).required(),
          text: name.max(160).required(),
          preferred: Joi.boolean().default(false),
          pronunciation: optional(120),
        }),
      )
      .required(),
    prose: Joi.array()
      .max(40)
      .items(
        Joi.object({
          topic: one(PROSE_TOPICS).required(),
          text: name.max(4000).required(),
          audience: one(AUDIENCES).default('general'),
          disputed: Joi.boolean().default(false),
        }),
      )
      .required(),
    cautions: Joi.array()
      .max(12)
      .items(
        Joi.object({
          hazard: one(HAZARDS).required(),
          forbids: some([...HANDLINGS, 'collect', 'climbing']).required(),
          text: name.max(600).required(),
        }),
      )
      .required(),
    roots: Joi.array().max(20).items(root).required(),
    record: Joi.object({
      girth: mm.required(),
      height: mm.required(),
      spread: mm.required(),
      place: optional(160),
      year: Joi.number().integer().min(1500).max(2500).allow(null),
    })
      .allow(null)
      .required(),
  }),
  season: Joi.object({
    kind: one(WINDOW_KINDS).required(),
    from: dayInYear.required(),
    to: dayInYear.required(),
    crossesNewYear: Joi.boolean().default(false),
    ref: Joi.object(place).required(),
    source: id.required(),
  }),
  sighting: Joi.object({
    site: id.required(),
    taxon: id.required(),
    kind: one(WINDOW_KINDS).required(),
    on: date.required(),
    present: Joi.boolean().required(),
  }),
  question: Joi.object({ question: name.max(400).required() }),
  pair: Joi.object({
    a: id.required(),
    b: id.invalid(Joi.ref('a')).required(),
    character: characterId.allow(null).required(),
    text: optional(600).required(),
    mnemonic: optional(300).required(),
  }),
  rule: Joi.object({
    quantifier: one(QUANTIFIERS).required(),
    who: id.allow(null).required(),
    when: Joi.array().max(3).items(feature).required(),
    then: feature.required(),
    note: optional(600).required(),
  }),
  photo: Joi.object({
    organ: one(ORGANS).allow(null).required(),
    takenOn: date.allow(null).required(),
    credit: optional(160).required(),
  }),
  source: Joi.object({
    kind: one(SOURCE_KINDS).required(),
    citation: name.max(400).required(),
    n: Joi.number().integer().min(1).allow(null).default(null),
    rank: Joi.number().integer().min(1).max(1000).required(),
  }),
  policies: Joi.object({
    policy: one(MERGE_POLICIES).required(),
    policies: Joi.array()
      .max(400)
      .items(
        Joi.object({
          character: characterId.required(),
          policy: one(MERGE_POLICIES).required(),
          source: id.allow(null).default(null),
        }),
      )
      .required(),
  }),
} as const satisfies Record<string, Joi.Schema>;
