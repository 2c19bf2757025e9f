// Sources under one hash, so that what was made from them is made again only where they changed.
import { createHash } from 'node:crypto';
import { readFileSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './run.mjs';

const PASSED = new Set(['node_modules', 'dist', '.cache']);

function files(path) {
  if (!statSync(path).isDirectory()) return [path];
  return readdirSync(path)
    .filter((f) => !PASSED.has(f))
    .sort()
    .flatMap((f) => files(join(path, f)));
}

/** The hash of some files and folders of the project, by their names and contents. */
export function sourcesHash(sources) {
  const hash = createHash('sha256');
  for (const f of sources.flatMap((s) => files(join(ROOT, s)))) hash.update(f).update(readFileSync(f));
  return hash.digest('hex');
}
