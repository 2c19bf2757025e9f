import { cpSync, rmSync } from 'node:fs';
import { openPglite } from '../db/index.ts';
import type { Database } from '../db/index.ts';
import { emptyFolder, filledFolder } from './prepare.ts';
import { scratch } from './scratch.ts';

/** A database of its own on PGlite, copied from a prepared folder; its folder goes when it is closed. */
async function openCopy(of: string): Promise<Database> {
  const folder = scratch('db');
  cpSync(of, folder, { recursive: true });
  const db = await openPglite(folder);
  return {
    ...db,
    close: async () => {
      await db.close();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** A database with nothing in it, not even tables. */
export const openEmpty = (): Promise<Database> => openCopy(emptyFolder());
/** A database with the fixture in it. */
export const openFilled = (): Promise<Database> => openCopy(filledFolder());
const place = (of: string, folder: string): void => cpSync(of, folder, { recursive: true });
/** Puts an empty database where a new one would else be made, for tests that are about something else. */
export const placeEmpty = (folder: string): void => place(emptyFolder(), folder);
/** Puts a database with the fixture where one would else be made and filled. */
export const placeFilled = (folder: string): void => place(filledFolder(), folder);
