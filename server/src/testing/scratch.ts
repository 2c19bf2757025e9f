import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** Makes a folder for one test, in the place the run of the tests chose. Whoever makes it removes it. */
export const scratch = (name: string): string =>
  mkdtempSync(join(process.env['HURROW_SCRATCH'] ?? tmpdir(), `hurrow-${name}-`));
