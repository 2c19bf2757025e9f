import Joi from 'joi';
import { MAX_BATCH, MAX_TYPED, SHEET_ENTRIES } from '../../index.ts';
import type {
  SecondEntry,
  SecondShare,
  SheetAnswer,
  SheetBody,
  SheetMove,
  ShiftDecision,
} from '../../index.ts';
import { id } from '../parts.ts';
import { flag, listFrom, made, nullOr, oneOf, optional, record } from '../typed.ts';

const typed = made<string>(Joi.string().max(MAX_TYPED).allow(''));

const sheetAnswer = record<SheetAnswer>({
  id,
  sittingStation: id,
  ask: id,
  typed: nullOr(typed),
  as: optional(oneOf(SHEET_ENTRIES)),
  correction: optional(flag),
});

/** A sheet of forty stations with three questions each is entered at once. */
const MOST = Math.max(MAX_BATCH, 400);

export const sheetBody = record<SheetBody>({ answers: listFrom(sheetAnswer, 1, MOST) });
export const secondEntry = record<SecondEntry>({ answers: listFrom(sheetAnswer, 1, MOST) });
export const shiftDecision = record<ShiftDecision>({ decision: oneOf(['shift', 'leave']) });
export const sheetMove = record<SheetMove>({ to: id });
export const secondShare = record<SecondShare>({ share: made<number>(Joi.number().min(0).max(1)) });
