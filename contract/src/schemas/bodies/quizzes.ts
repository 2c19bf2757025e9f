import Joi from 'joi';
import { DISTANCES, HANDLINGS, HAZARDS, MATERIALS, ORGANS } from '@hurrow/core/conditions';
import { OUTCOMES } from '@hurrow/core/names';
import { MAX_BATCH, MAX_TYPED, NAME_ASKS, SITTING_STEPS, STAGES } from '../../index.ts';
import type {
  AnswersBody,
  AskBody,
  DeviceDecision,
  DisputeDecision,
  HoldDays,
  KeyRevisionBody,
  OverrideBody,
  QuizBody,
  QuizChange,
  RulingBody,
  SettingBody,
  SheetAnswer,
  SheetBody,
  SittingBody,
  SittingChange,
  SittingStep,
  StationBody,
  StationRelease,
  StationsBody,
  TreeBody,
  TreeChange,
} from '../../index.ts';
import { date, id, moment, noteOrNull, points, whole, words } from '../parts.ts';
import {
  anything,
  flag,
  listFrom,
  listOf,
  made,
  nullOr,
  oneOf,
  optional,
  partOf,
  record,
  unique,
  withDefault,
} from '../typed.ts';

const MOST_STATIONS = 200;
const REACHES = [...DISTANCES, 'out'] as const;
const stations = unique(listFrom(id, 1, MOST_STATIONS));
const handling = unique(listOf(oneOf(HANDLINGS)));
const typed = made<string>(Joi.string().max(MAX_TYPED).allow(''));

export const treeBody = record<TreeBody>({
  site: id,
  tag: words(24),
  taxon: id,
  stage: optional(nullOr(oneOf(STAGES))),
  reach: withDefault(partOf(ORGANS, oneOf(REACHES)), {}),
});

export const treeChange = record<TreeChange>({
  site: id,
  tag: words(24),
  taxon: id,
  stage: nullOr(oneOf(STAGES)),
  condition: noteOrNull(400),
  hazards: unique(listOf(oneOf(HAZARDS))),
  access: noteOrNull(400),
  reach: partOf(ORGANS, oneOf(REACHES)),
  retired: flag,
});

export const quizBody = record<QuizBody>({ name: words(120), list: id });
export const quizChange = record<QuizChange>({ name: words(120), list: id, archived: flag });

const ask = record<AskBody>({
  kind: made<AskBody['kind']>(oneOf(['call', ...NAME_ASKS, 'sureness'])),
  // A call needs its character; nothing else has one.
  character: optional(
    made<string | null>(
      Joi.when('kind', {
        is: 'call',
        then: Joi.string().max(60).required(),
        otherwise: Joi.valid(null).optional(),
      }),
    ),
  ),
  points,
});

export const stationBody = record<StationBody>({
  individual: id,
  number: optional(whole(1, MOST_STATIONS)),
  asks: listFrom(ask, 1, 12),
});

export const stationsBody = record<StationsBody>({
  individuals: unique(listFrom(id, 1, MOST_STATIONS)),
  asks: listFrom(ask, 1, 12),
});

export const sittingBody = record<SittingBody>({
  section: id,
  on: date,
  handling: withDefault(handling, ['look', 'touch']),
  wet: withDefault(flag, false),
  makeUp: withDefault(flag, false),
});

export const sittingChange = record<SittingChange>({ on: date, handling, wet: flag });

export const settingBody = record<SettingBody>({
  distance: oneOf(DISTANCES),
  material: unique(listFrom(oneOf(MATERIALS), 1, MATERIALS.length)),
  individual: optional(nullOr(id)),
});

export const sittingStep = record<SittingStep>({ to: oneOf(SITTING_STEPS) });
export const deviceDecision = record<DeviceDecision>({ decision: oneOf(['let-in', 'refuse', 'end']) });
export const holdDays = record<HoldDays>({ days: whole(0, 60) });
export const stationRelease = record<StationRelease>({ stations });

export const sheetBody = record<SheetBody>({
  answers: listFrom(
    record<SheetAnswer>({
      id,
      sittingStation: id,
      ask: id,
      typed: nullOr(typed),
      correction: optional(flag),
    }),
    1,
    MAX_BATCH,
  ),
});

export const overrideBody = record<OverrideBody>({ points, reason: words(400, 3) });

const RULED: readonly RulingBody['outcome'][] = OUTCOMES.filter((o): o is RulingBody['outcome'] =>
  ['exact', 'misspelled', 'synonym', 'other_species', 'genus_only', 'unlisted'].includes(o),
);

export const rulingBody = record<RulingBody>({
  typed: words(MAX_TYPED),
  taxon: optional(nullOr(id)),
  outcome: oneOf(RULED),
  scope: optional(oneOf(['list', 'section', 'sitting'])),
});

export const disputeDecision = record<DisputeDecision>({
  disputes: unique(listFrom(id, 1, 1000)),
  decision: oneOf(['count', 'keep', 'drop']),
});

export const keyRevisionBody = record<KeyRevisionBody>({
  stations: nullOr(stations),
  why: words(400, 3),
  from: optional(nullOr(moment)),
});

/** The answers of a batch are checked one by one, so that a bad one refuses itself alone. */
export const answersBody = record<AnswersBody>({ answers: listFrom(anything, 1, MAX_BATCH) });
