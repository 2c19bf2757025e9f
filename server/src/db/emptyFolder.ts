import { cpSync, existsSync, readdirSync, renameSync, rmSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

/** A folder of PGlite with nothing in it, which the build makes. */
const MADE = fileURLToPath(new URL('../../dist.database/folder/', import.meta.url));

const isUsed = (folder: string): boolean => existsSync(folder) && readdirSync(folder).length > 0;

/**
 * Puts an empty database where there is none yet: PGlite takes seconds to make one, and a first start should not. The copy stands
 * under another name until it is whole, so that a start that is broken off leaves none that cannot be opened.
 * @param made the folder to copy; where it is not there, nothing is done and PGlite makes its own.
 */
export function placeEmptyFolder(folder: string, made: string = MADE): void {
  if (isUsed(folder) || !existsSync(made)) return;
  const making = `${folder}.making`;
  rmSync(making, { recursive: true, force: true });
  cpSync(made, making, { recursive: true });
  renameSync(making, folder);
}
