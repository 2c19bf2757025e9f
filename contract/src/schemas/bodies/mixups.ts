import Joi from 'joi';
import { SETTING_LIMITS } from '@hurrow/core/mixups';
import type { MixUpSettings } from '@hurrow/core/mixups';
import type { RetestBody } from '../../index.ts';
import { id } from '../parts.ts';
import { made, optional, record } from '../typed.ts';

const within = (name: keyof MixUpSettings): ReturnType<typeof made<number>> => {
  const [least, most] = SETTING_LIMITS[name];
  return made<number>(Joi.number().min(least).max(most));
};
const whole = (name: 'fewestStudents' | 'looks'): ReturnType<typeof made<number>> => {
  const [least, most] = SETTING_LIMITS[name];
  return made<number>(Joi.number().integer().min(least).max(most));
};

export const mixUpSettingsBody = record<MixUpSettings>({
  level: within('level'),
  fewestStudents: whole('fewestStudents'),
  share: within('share'),
  looks: whole('looks'),
});

export const retestBody = record<RetestBody>({
  truth: optional(id),
  answer: optional(id),
  character: optional(made<string>(Joi.string().min(1).max(80))),
});
