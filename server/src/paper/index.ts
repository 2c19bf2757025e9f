import type { Handlers } from '../http/index.ts';
import { moveSheet } from './moving.ts';
import { addSheetPhoto, readSheetPhoto, removeSheetPhoto } from './photos.ts';
import { enterSecond, secondEntries, secondShare } from './second.ts';
import { enterSheet, readSheet } from './sheets.ts';
import { decideShift } from './shifts.ts';

export const paperHandlers = {
  sheet: async (call) => ({ body: await readSheet(call) }),
  sheetEnter: enterSheet,
  sheetShift: decideShift,
  sheetMove: moveSheet,
  sheetPhotoAdd: addSheetPhoto,
  sheetPhoto: readSheetPhoto,
  sheetPhotoRemove: removeSheetPhoto,
  secondEntries,
  secondShare,
  secondEnter: enterSecond,
} satisfies Partial<Handlers>;
