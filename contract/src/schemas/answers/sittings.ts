import { MATERIALS } from '@hurrow/core/conditions';
import { GATHERED, SPECIMEN_STATES } from '@hurrow/core/cutting';
import { UNFAIR_REASONS } from '@hurrow/core/quizzes';
import { DEVICE_STATES, RETURNED_BY } from '../../index.ts';
import type {
  CuttingRow,
  Device,
  DeviceState,
  Devices,
  Hold,
  HoldDays,
  Holds,
  JoinCode,
  SheetProgress,
  SittingDetail,
  SittingMoved,
  SittingStation,
} from '../../index.ts';
import { flag, listOf, nullOr, number, oneOf, partOf, record, text } from '../typed.ts';
import type { Keys, Of } from '../typed.ts';
import { quizPlanSchema } from './judged.ts';
import { taxonHeaderSchema } from './library.ts';
import { siteSchema } from './people.ts';
import { stationSchema, sittingSummaryKeys } from './quizzes.ts';
import { distanceSchema, handlingSchema, materialSchema } from './recorded.ts';
import { sketchSchema } from './sketch.ts';

export const deviceStateSchema: Of<DeviceState> = oneOf(DEVICE_STATES);

export const deviceSchema = record<Device>({
  id: text,
  student: text,
  code: text,
  firstName: nullOr(text),
  state: deviceStateSchema,
  askedAt: text,
  decidedBy: nullOr(text),
  lastAnswerAt: nullOr(text),
  answers: number,
});

export const devicesSchema = record<Devices>({
  devices: listOf(deviceSchema),
  resets: listOf(record<Devices['resets'][number]>({ student: text, by: text, at: text })),
});

export const holdDaysSchema = record<HoldDays>({ days: number });

export const holdSchema = record<Hold>({
  station: text,
  number: number,
  until: nullOr(text),
  because: record<Hold['because']>({
    sitting: text,
    quiz: text,
    section: text,
    on: text,
    reason: oneOf(['same_quiz', 'same_tree']),
  }),
  released: nullOr(record<NonNullable<Hold['released']>>({ by: text, at: text })),
});

export const holdsSchema = record<Holds>({ days: number, holds: listOf(holdSchema) });

export const joinCodeSchema = record<JoinCode>({ code: text });

export const sittingStationSchema = record<SittingStation>({
  id: text,
  station: stationSchema,
  insteadOf: nullOr(text),
  distance: distanceSchema,
  material: listOf(materialSchema),
  version: number,
  drawn: listOf(sketchSchema),
  reason: nullOr(oneOf(UNFAIR_REASONS)),
  reasonNote: nullOr(text),
  takenOn: partOf(MATERIALS, text),
  hides: listOf(text),
});

export const cuttingRowSchema = record<CuttingRow>({
  sittingStation: text,
  number,
  label: text,
  material: oneOf(GATHERED),
  tree: record<CuttingRow['tree']>({
    id: text,
    tag: text,
    trail: nullOr(text),
    access: nullOr(text),
    hazards: listOf(text),
    site: text,
  }),
  taxon: taxonHeaderSchema,
  nodes: number,
  bagged: flag,
  hides: listOf(text),
  permission: oneOf(['ask_the_owner', 'forbidden']),
  from: text,
  keeps: number,
  state: oneOf(SPECIMEN_STATES),
  takenOn: nullOr(text),
  goodUntil: nullOr(text),
  spoiled: number,
  version: number,
});

export const sheetProgressSchema = record<SheetProgress>({
  student: text,
  code: text,
  firstName: nullOr(text),
  answered: number,
  joined: flag,
  submitted: flag,
  devices: number,
  asking: number,
});

const sittingDetailKeys: Keys<SittingDetail> = {
  ...sittingSummaryKeys,
  quiz: text,
  quizName: text,
  list: text,
  site: siteSchema,
  handling: listOf(handlingSchema),
  wet: flag,
  makeUp: flag,
  startsOn: nullOr(text),
  plan: quizPlanSchema,
  code: nullOr(text),
  codeExpires: nullOr(text),
  stations: listOf(sittingStationSchema),
  people: listOf(sheetProgressSchema),
  asks: number,
  disputes: number,
  returnedBy: nullOr(oneOf(RETURNED_BY)),
  shifts: number,
  version: number,
};
export const sittingDetailSchema = record<SittingDetail>(sittingDetailKeys);

export const sittingMovedSchema = record<SittingMoved>({ ...sittingDetailKeys, code: nullOr(text) });
