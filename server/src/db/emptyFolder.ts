import { cpSync, existsSync, readdirSync, renameSync, rmSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

/** What the build makes for first starts: a database with nothing in it, or one with the tables of this version. */
export type Empty = 'bare' | 'with tables';

const MADE: Readonly<Record<Empty, string>> = {
  bare: fileURLToPath(new URL('../../dist.database/folder/', import.meta.url)),
  'with tables': fileURLToPath(new URL('../../dist.tables/folder/', import.meta.url)),
};

const isUsed = (folder: string): boolean => existsSync(folder) && readdirSync(folder).length > 0;

/**
 * Puts an empty database where there is none yet: PGlite takes seconds to make one, and its tables seconds more. The copy stands under
 * another name until it is whole, so that a start that is broken off leaves none that cannot be opened.
 * @param empty whether it comes with tables; a backup of an earlier version is restored into a bare one.
 * @param made the folder to copy; where it is not there, nothing is done and PGlite makes its own.
 */
export function placeEmptyFolder(folder: string, empty: Empty = 'bare', made: string = MADE[empty]): void {
  if (isUsed(folder) || !existsSync(made)) return;
  const making = `${folder}.making`;
  rmSync(making, { recursive: true, force: true });
  cpSync(made, making, { recursive: true });
  renameSync(making, folder);
}
