import { strFromU8, unzipSync } from 'fflate';
import { readLine } from '../answers/index.ts';
import type { LoggedAnswer } from '../answers/index.ts';
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
  /** The answers log; lines that are no answer stand apart. */
  readonly answers: readonly LoggedAnswer[];
  readonly badAnswers: readonly string[];
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
  let manifest: Manifest;
  try {
    manifest = JSON.parse(strFromU8(files['manifest.json'] ?? new Uint8Array())) as Manifest;
  } catch {
    throw refuse('The file has no manifest.');
  }
  if (
    typeof manifest !== 'object' ||
    manifest === null ||
    manifest.format !== 'hurrow-backup' ||
    !Array.isArray(manifest.schema) ||
    manifest.schema.length === 0 ||
    typeof manifest.files !== 'object' ||
    manifest.files === null
  )
    throw refuse('The file is not a backup.');
  if (!('answers.jsonl' in manifest.files)) throw refuse('The manifest does not list the answers log.');
  const unlisted = Object.keys(files).find((f) => f !== 'manifest.json' && !(f in manifest.files));
  if (unlisted !== undefined) throw refuse(`The file holds “${unlisted}”, which its manifest does not list.`);
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
    if (!found || digest(found) !== (told as { sha256?: unknown } | null)?.sha256)
      throw refuse(`“${name}” is missing or not as it was written.`, 'Take another copy of the backup.');
  }
  const lines = (file: string): readonly string[] => linesOf(files[file] ?? new Uint8Array());
  for (const name of Object.keys(manifest.files))
    if (name.startsWith('tables/')) checkRows(name, lines(name));
  const logged = lines('answers.jsonl').map((raw) => ({ raw, answer: readLine(raw) }));
  return {
    manifest,
    lines,
    answers: logged.flatMap((l) => l.answer ?? []),
    badAnswers: logged.flatMap((l) => (l.answer === null ? [l.raw] : [])),
  };
}

/** The lines of a file, cut as bytes: a text of more than half a gigabyte is longer than a string may be. */
function linesOf(bytes: Uint8Array): readonly string[] {
  const found: string[] = [];
  for (let from = 0; from < bytes.length;) {
    const end = bytes.indexOf(0x0a, from);
    const to = end < 0 ? bytes.length : end;
    if (to > from) found.push(strFromU8(bytes.subarray(from, to)));
    from = to + 1;
  }
  return found;
}

/** @throws a refusal at the first line of a table that is not a row. */
function checkRows(name: string, lines: readonly string[]): void {
  for (const [i, line] of lines.entries()) {
    let row: unknown = null;
    try {
      row = JSON.parse(line);
    } catch {
      row = null;
    }
    if (typeof row !== 'object' || row === null || Array.isArray(row))
      throw refuse(`Line ${i + 1} of “${name}” is not a row.`, 'Take another copy of the backup.');
  }
}
