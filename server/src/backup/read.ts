import { strFromU8, unzipSync } from 'fflate';
import { migrationNames } from '../db/index.ts';
import { invalid } from '../http/index.ts';
import { digest } from './write.ts';
import type { Manifest } from './write.ts';

const NAME = /^(manifest\.json|answers\.jsonl|tables\/[a-z_]{1,60}\.jsonl)$/;
const MOST_BYTES = 2_000_000_000;
/** Text packs about ten times; far more than that is made to fill a memory. */
const MOST_RATIO = 200;
const MOST_FILES = 200;

export interface Unpacked {
  readonly manifest: Manifest;
  readonly lines: (file: string) => readonly string[];
}

const refuse = (message: string, remedy = 'Choose a backup that this application wrote.') =>
  invalid(message, { field: 'file', remedy });

/**
 * Opens a backup and holds it against its manifest. Names are checked before anything is unpacked, so that no path and
 * no size of a hostile file has an effect. @throws a refusal; nothing is written.
 */
export function readBackup(bytes: Uint8Array): Unpacked {
  let total = 0;
  let count = 0;
  let files: Readonly<Record<string, Uint8Array>>;
  try {
    files = unzipSync(bytes, {
      filter: ({ name, size, originalSize }) => {
        count += 1;
        total += originalSize;
        if (!NAME.test(name)) throw refuse(`The file holds “${name.slice(0, 80)}”, which no backup does.`);
        if (count > MOST_FILES) throw refuse('The file holds too many files.');
        if (originalSize > 10_000 && originalSize > size * MOST_RATIO)
          throw refuse(`“${name}” unpacks to ${Math.round(originalSize / size)} times its size.`);
        if (total > MOST_BYTES) throw refuse('The file unpacks to more than two gigabytes.');
        return true;
      },
    });
  } catch (error) {
    if ((error as { code?: unknown }).code === 'HTTP_PROBLEM') throw error;
    throw refuse('This is no zip file, or it is cut short.');
  }
  const text = (name: string): string => strFromU8(files[name] ?? new Uint8Array());
  let manifest: Manifest;
  try {
    manifest = JSON.parse(text('manifest.json')) as Manifest;
  } catch {
    throw refuse('The file has no manifest.');
  }
  if (
    manifest.format !== 'hurrow-backup' ||
    !Array.isArray(manifest.schema) ||
    typeof manifest.files !== 'object'
  )
    throw refuse('The file is no backup.');
  if (manifest.version !== 1)
    throw refuse(
      `The backup is of version ${String(manifest.version)}.`,
      'Bring this application up to date first.',
    );
  const known = migrationNames();
  if (manifest.schema.length > known.length || manifest.schema.some((m, i) => m !== known[i]))
    throw refuse(
      `The backup was written by a newer version (${manifest.writtenBy}).`,
      'Bring this application up to date first.',
    );
  for (const [name, told] of Object.entries(manifest.files)) {
    const found = files[name];
    if (!found || digest(found) !== told.sha256)
      throw refuse(`“${name}” is missing or not as it was written.`, 'Take another copy of the backup.');
  }
  return {
    manifest,
    lines: (file) =>
      text(file)
        .split('\n')
        .filter((l) => l !== ''),
  };
}
