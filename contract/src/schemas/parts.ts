import Joi from 'joi';
import { isDate, isMoment } from '@hurrow/core/conditions';

/** One spelling of an id everywhere: lower case, hyphens, nothing around it. */
export const ID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;
export const id = Joi.string().lowercase().pattern(ID, 'an id');
/** A moment as a device writes it, in UTC, between 1900 and 2200. */
export const moment = Joi.string().custom((value: string, helpers) =>
  isMoment(value)
    ? value
    : helpers.message({ custom: '{{#label}} must be a time such as 2026-10-01T18:00:00Z' }),
);
export const date = Joi.string().custom((value: string, helpers) =>
  isDate(value)
    ? value
    : helpers.message({ custom: '{{#label}} must be a date from 1900 to 2199, written YYYY-MM-DD' }),
);
export const name = Joi.string().trim().min(1);
/** A text that may be missing or empty. */
export const optional = (most: number): Joi.StringSchema => Joi.string().trim().max(most).allow(null, '');
export const place = {
  lat: Joi.number().min(-90).max(90).required(),
  lon: Joi.number().min(-180).max(180).required(),
  elevM: Joi.number().min(-500).max(9000).required(),
};
