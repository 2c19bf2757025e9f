import type { EntryDifference, SecondEntries, Sheet, SheetAsk, SheetShift } from '../../index.ts';
import { SHEET_ENTRIES } from '../../index.ts';
import { flag, listOf, nullOr, number, oneOf, record, text } from '../typed.ts';
import { askKindSchema } from './judged.ts';
import { taxonHeaderSchema } from './library.ts';

export const sheetAskSchema = record<SheetAsk>({
  sittingStation: text,
  number: number,
  ask: text,
  kind: askKindSchema,
  character: nullOr(text),
  key: text,
  typed: nullOr(text),
  as: nullOr(oneOf(SHEET_ENTRIES)),
  origin: nullOr(oneOf(['phone', 'paper', 'import'])),
  disputed: flag,
  gave: nullOr(text),
  points: nullOr(number),
  most: number,
});

const sheetShiftSchema = record<SheetShift>({
  id: text,
  first: number,
  last: number,
  by: oneOf([-1, 1]),
  state: oneOf(['open', 'shifted', 'left']),
  decidedBy: nullOr(text),
});

export const sheetSchema = record<Sheet>({
  student: text,
  code: text,
  asks: listOf(sheetAskSchema),
  species: listOf(taxonHeaderSchema),
  shift: nullOr(sheetShiftSchema),
  second: nullOr(oneOf(['wanted', 'done'])),
  photo: flag,
});

const entryDifferenceSchema = record<EntryDifference>({
  sittingStation: text,
  number: number,
  ask: text,
  first: text,
  second: text,
});

export const secondEntriesSchema = record<SecondEntries>({
  share: number,
  sheets: listOf(
    record<SecondEntries['sheets'][number]>({
      student: text,
      code: text,
      by: nullOr(text),
      differences: listOf(entryDifferenceSchema),
    }),
  ),
});
