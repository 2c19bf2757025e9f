import Joi from 'joi';
import {
  ANSWER_BOXES,
  CLUE_ORGANS,
  DRAWN_PARTS,
  PRESETS,
  QUESTION_KINDS,
  UNFAIR_REASONS,
} from '@hurrow/core/quizzes';
import type { AskOption, AskParams, Drawing, GradePolicy, QuizPlan } from '@hurrow/core/quizzes';
import { SPECIMEN_STATES } from '@hurrow/core/cutting';
import { DISTANCES, HANDLINGS, HAZARDS, MATERIALS, ORGANS } from '@hurrow/core/conditions';
import { OUTCOMES } from '@hurrow/core/names';
import { MAX_BATCH, MAX_TYPED, NAME_ASKS, RETURNED_BY, SITTING_STEPS, STAGES } from '../../index.ts';
import type {
  AnswersBody,
  AskBody,
  Clue,
  DeviceDecision,
  DisputeDecision,
  HoldDays,
  KeyRevisionBody,
  OverrideBody,
  QuizBody,
  QuizChange,
  QuizPlanBody,
  RulingBody,
  SettingBody,
  SittingBody,
  SittingChange,
  SittingStep,
  SpecimenBody,
  StationBody,
  StationDrop,
  TagDecision,
  StationOrder,
  StationRelease,
  StationsBody,
  SwapBody,
  TreeBody,
  TreeChange,
  TreePlace,
  TreeChecks,
} from '../../index.ts';
import { date, id, moment, noteOrNull, points, whole, within, words } from '../parts.ts';
import {
  anything,
  either,
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
import type { Of } from '../typed.ts';

const MOST_STATIONS = 200;
const REACHES = [...DISTANCES, 'out'] as const;
const stations = unique(listFrom(id, 1, MOST_STATIONS));
const handling = unique(listOf(oneOf(HANDLINGS)));

export const treeBody = record<TreeBody>({
  site: id,
  tag: words(24),
  taxon: id,
  stage: optional(nullOr(oneOf(STAGES))),
  reach: withDefault(partOf(ORGANS, oneOf(REACHES)), {}),
});

export const treeChange = record<TreeChange>({
  site: id,
  place: nullOr(
    record<TreePlace>({ lat: within(-90, 90), lon: within(-180, 180), elevM: nullOr(within(-500, 9000)) }),
  ),
  tag: words(24),
  taxon: id,
  stage: nullOr(oneOf(STAGES)),
  condition: noteOrNull(400),
  hazards: unique(listOf(oneOf(HAZARDS))),
  access: noteOrNull(400),
  reach: partOf(ORGANS, oneOf(REACHES)),
  retired: flag,
});

export const treeChecks = record<TreeChecks>({
  checks: listFrom(
    record<TreeChecks['checks'][number]>({ character: words(60), entered: nullOr(words(400)) }),
    1,
    60,
  ),
});

export const quizBody = record<QuizBody>({ name: words(120), list: id });
export const quizChange = record<QuizChange>({ name: words(120), list: id, archived: flag });

const share = made<number>(Joi.number().min(0).max(1));
const drawing: Of<Drawing> = either(
  record<Extract<Drawing, { taxon: string }>>({ taxon: id, part: oneOf(DRAWN_PARTS) }),
  record<Extract<Drawing, { state: string }>>({ character: words(60), state: words(80) }),
);
const option = record<AskOption>({
  id: words(80),
  label: made<string>(Joi.string().max(200).allow('')),
  taxon: optional(id),
  character: optional(words(60)),
  draw: optional(drawing),
});
const MOST_OPTIONS = 12;
const askParams = record<AskParams>({
  question: oneOf(QUESTION_KINDS),
  prompt: words(300),
  options: listFrom(option, 0, MOST_OPTIONS),
  others: listFrom(option, 0, MOST_OPTIONS),
  right: listFrom(words(80), 0, MOST_OPTIONS),
  pairs: listFrom(
    made<readonly [string, string]>(Joi.array().ordered(Joi.string(), Joi.string()).length(2)),
    0,
    MOST_OPTIONS,
  ),
  drawing: nullOr(drawing),
  place: nullOr(record<NonNullable<AskParams['place']>>({ x: share, y: share, within: share })),
  text: nullOr(words(200)),
});

const ask = record<AskBody>({
  kind: made<AskBody['kind']>(oneOf(['call', ...NAME_ASKS, 'sureness', 'choice', 'match', 'point', 'text'])),
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
  params: optional(nullOr(askParams)),
});

const MOST_ASKS = 14;
const clue = record<Clue>({ organ: oneOf(CLUE_ORGANS), cost: points });

export const stationBody = record<StationBody>({
  individual: id,
  number: optional(whole(1, MOST_STATIONS)),
  asks: listFrom(ask, 1, MOST_ASKS),
  material: optional(unique(listFrom(oneOf(MATERIALS), 1, MATERIALS.length))),
  distance: optional(oneOf(DISTANCES)),
  accepts: optional(unique(listFrom(id, 0, 6))),
  notTellable: optional(flag),
  clues: optional(listFrom(clue, 0, CLUE_ORGANS.length)),
});

export const stationOrder = record<StationOrder>({ stations });

const quizPlan = record<QuizPlan>({
  preset: nullOr(oneOf(PRESETS)),
  handling,
  walk: oneOf(['timed', 'free']),
  seconds: whole(10, 1200),
  moveSeconds: whole(0, 600),
  freeMinutes: whole(0, 120),
  against: oneOf(['taught', 'list']),
  box: oneOf(ANSWER_BOXES),
  sureness: flag,
  mostCalls: whole(0, 12),
  showScore: flag,
});

const gradePolicy = record<GradePolicy>({
  spelling: oneOf(['exact', 'tolerant']),
  misspelled: share,
  synonym: share,
  sharedCommon: share,
  genusOnly: share,
  otherLanguage: share,
});

export const quizPlanBody = record<QuizPlanBody>({ plan: quizPlan, policy: gradePolicy });

export const stationsBody = record<StationsBody>({
  individuals: unique(listFrom(id, 1, MOST_STATIONS)),
  asks: listFrom(ask, 0, MOST_ASKS),
  askEach: optional(listFrom(listFrom(ask, 0, MOST_ASKS), 0, MOST_STATIONS)),
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
  reason: optional(nullOr(oneOf(UNFAIR_REASONS))),
  reasonNote: optional(noteOrNull(400)),
});

export const specimenBody = record<SpecimenBody>({
  state: oneOf(SPECIMEN_STATES),
  takenOn: optional(date),
  bagged: optional(flag),
  hides: optional(unique(listFrom(words(60), 0, 60))),
});

export const swapBody = record<SwapBody>({
  individual: id,
  why: words(400, 3),
  reason: optional(nullOr(oneOf(UNFAIR_REASONS))),
});

export const sittingStep = record<SittingStep>({
  to: oneOf(SITTING_STEPS),
  by: optional(oneOf(RETURNED_BY)),
});
export const deviceDecision = record<DeviceDecision>({ decision: oneOf(['let-in', 'refuse', 'end']) });
export const holdDays = record<HoldDays>({ days: whole(0, 60) });
export const stationRelease = record<StationRelease>({ stations });

export const tagDecision = record<TagDecision>({ station: id, taxon: nullOr(id), why: words(400, 3) });
export const stationDrop = record<StationDrop>({ station: id, drop: flag, why: words(400, 3) });

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
