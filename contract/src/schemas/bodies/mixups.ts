import Joi from 'joi';
import { READINGS, SETTING_LIMITS } from '@hurrow/core/mixups';
import type { MixUpSettings, ReadingKind } from '@hurrow/core/mixups';
import type { ApplyBody, FitBody, LessonBody, ReadingCorrection, RetestBody } from '../../index.ts';
import { date, id } from '../parts.ts';
import { listFrom, made, nullOr, oneOf, optional, record } from '../typed.ts';

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

export const fitBody = record<FitBody>({ from: nullOr(date) });
export const applyBody = record<ApplyBody>({ fit: nullOr(id) });
export const readingCorrection = record<ReadingCorrection>({
  station: id,
  student: id,
  reading: nullOr(oneOf<ReadingKind>([...READINGS])),
});

export const lessonBody = record<LessonBody>({
  on: date,
  kind: oneOf(['taught', 'retaught']),
  items: listFrom(record<LessonBody['items'][number]>({ taxon: id, other: nullOr(id) }), 1, 20),
});
