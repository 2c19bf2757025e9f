import Joi from 'joi';
import { id, name, optional, place } from './parts.ts';

const week = Joi.number().integer().min(1).max(60).allow(null);
const rate = Joi.number().min(-20).max(20);

export const site = Joi.object({
  name: name.max(120).required(),
  ...place,
  tz: Joi.string().max(60).default('UTC'),
  rates: Joi.object({
    perLat: rate,
    perLon: rate,
    perMetre: Joi.number().min(-0.2).max(0.2),
    autumnStrength: Joi.number().min(0).max(1),
  }),
});

/** Bodies of lists and sites. */
export const LIST_BODIES = {
  site,
  listText: Joi.object({ text: Joi.string().max(200_000).required() }),
  listCopy: Joi.object({ name: name.max(120).required() }),
  list: Joi.object({
    name: name.max(120).required(),
    members: Joi.array()
      .min(1)
      .max(2000)
      .items(
        Joi.object({
          taxon: id,
          newName: name.max(160),
          common: optional(160),
          under: id.allow(null),
          family: optional(80),
          synonyms: Joi.array().max(20).items(name.max(160)).default([]),
          olderFamilies: Joi.array().max(10).items(name.max(160)).default([]),
          week,
          label: optional(120),
        }).xor('taxon', 'newName'),
      )
      .required(),
  }),
} as const satisfies Record<string, Joi.Schema>;
