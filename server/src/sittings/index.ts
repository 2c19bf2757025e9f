import { idParam } from '../http/index.ts';
import type { Handlers } from '../http/index.ts';
import { decideDevice, readDevices, resetWord } from './devices.ts';
import { changeHoldDays, holds, releaseStations } from './holds.ts';
import { changeSitting, changeSittingStation, createSitting, removeSitting } from './drafts.ts';
import { changeSpecimen, readCuttingList } from './cutting.ts';
import { swapStation } from './swap.ts';
import { changeState, renewCode } from './states.ts';
import { followQuiz, needSitting, readSitting } from './store.ts';

export { readCode } from './codes.ts';
export { drawnStations, valuesNow } from './drawn.ts';
export { asSketch } from './sketch.ts';
export {
  changesSince,
  gatherKey,
  keyNames,
  lastRevision,
  lockEarlier,
  lockKey,
  readKey,
  readKeyListed,
  readKeyTaxa,
  readNames,
  readRivals,
  readValues,
  heldAt,
  truthOf,
  acceptedOf,
  writeAccepted,
  writeRevision,
} from './key/index.ts';
export type {
  FrozenNames,
  Gathered,
  GatheredStation,
  KeyTaxon,
  LockedKey,
  RevisionInput,
  StationKey,
} from './key/index.ts';
export { newestRun, returnResults, staleSince } from './returning.ts';
export { cuttingRows } from './cutting.ts';
export { readHolds } from './holds.ts';
export { needSitting, publicId, readSittingStations, sittingById } from './store.ts';
export type { SittingRow, SittingStationRow } from './store.ts';

export const sittingsHandlers = {
  sittingCreate: createSitting,
  devices: async (call) => ({ body: await readDevices(call) }),
  deviceDecide: decideDevice,
  wordReset: resetWord,
  holds,
  holdDays: changeHoldDays,
  stationRelease: releaseStations,
  sitting: async (call) => {
    const id = idParam(call, 'id');
    const row = await needSitting(call.app.db, call.who, id);
    if (row.state === 'draft') await call.app.db.transaction((tx) => followQuiz(tx, call.who.ws, row));
    const sitting = await readSitting(call.app.db, call.who, id);
    return { body: sitting, version: sitting.version };
  },
  sittingChange: changeSitting,
  sittingStation: changeSittingStation,
  stationSwap: swapStation,
  cuttingList: async (call) => ({ body: await readCuttingList(call) }),
  specimenChange: changeSpecimen,
  sittingState: changeState,
  sittingRemove: removeSitting,
  sittingCode: renewCode,
} satisfies Partial<Handlers>;
