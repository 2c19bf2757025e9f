import Joi from 'joi';
import { isDate } from '@hurrow/core/conditions';

export const id = Joi.string().uuid();
export const date = Joi.string().custom((value: string, helpers) =>
  isDate(value) ? value : helpers.message({ custom: '{{#label}} must be a date written YYYY-MM-DD' }),
);
export const name = Joi.string().trim().min(1);
/** A text that may be missing or empty. */
export const optional = (most: number): Joi.StringSchema => Joi.string().trim().max(most).allow(null, '');
export const place = {
  lat: Joi.number().min(-90).max(90).required(),
  lon: Joi.number().min(-180).max(180).required(),
  elevM: Joi.number().min(-500).max(9000).required(),
};
