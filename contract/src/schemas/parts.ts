import Joi from 'joi';
import { isDate, isMoment } from '@hurrow/core/conditions';
import { made, optional } from './typed.ts';
import type { Maybe, Of } from './typed.ts';

/** One spelling of an id everywhere: lower case, hyphens, nothing around it. */
export const ID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;
export const id = made<string>(Joi.string().lowercase().pattern(ID, 'an id'));

/** A moment as a device writes it, in UTC, between 1900 and 2200. */
export const moment = made<string>(
  Joi.string().custom((value: string, helpers) =>
    isMoment(value)
      ? value
      : helpers.message({ custom: '{{#label}} must be a time such as 2026-10-01T18:00:00Z' }),
  ),
);

export const date = made<string>(
  Joi.string().custom((value: string, helpers) =>
    isDate(value)
      ? value
      : helpers.message({ custom: '{{#label}} must be a date from 1900 to 2199, written YYYY-MM-DD' }),
  ),
);

/** A name or a sentence of at most so many letters; spaces around it are taken off. */
export const words = (most: number, least = 1): Of<string> => made(Joi.string().trim().min(least).max(most));

/** A text exactly as it was typed, not empty. */
export const typedText = (most: number): Of<string> => made(Joi.string().max(most));

/** A text written in a pattern, told in words where it is not. */
export const pattern = (regex: RegExp, told: string): Of<string> => made(Joi.string().pattern(regex, told));

/** A text that may be empty, null or missing. */
export const note = (most: number): Maybe<string | null> => optional(noteOrNull(most));
/** A text that may be empty or null. */
export const noteOrNull = (most: number): Of<string | null> =>
  made(Joi.string().trim().max(most).allow(null, ''));

export const whole = (least: number, most: number): Of<number> =>
  made(Joi.number().integer().min(least).max(most));
export const within = (least: number, most: number): Of<number> => made(Joi.number().min(least).max(most));
/** Points of an ask, to the hundredth. */
export const points = made<number>(Joi.number().min(0).max(100).precision(2));

export const place = {
  lat: within(-90, 90),
  lon: within(-180, 180),
  elevM: within(-500, 9000),
};
