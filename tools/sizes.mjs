// How much compressed script a browser fetches before the first screen of each entry stands.
import { readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './run.mjs';

const DIST = join(ROOT, 'web/dist');

/** An entry with everything it imports at once, and the lazy parts named. */
function scripts(entry, lazy) {
  const manifest = JSON.parse(readFileSync(join(DIST, entry, '.vite/manifest.json'), 'utf8'));
  const found = new Set();
  const take = (key) => {
    const chunk = manifest[key];
    if (!chunk || found.has(chunk.file)) return;
    found.add(chunk.file);
    for (const i of chunk.imports ?? []) take(i);
  };
  for (const [key, chunk] of Object.entries(manifest)) {
    if (chunk.isEntry || lazy.some((l) => key.endsWith(l))) take(key);
  }
  return [...found].filter((f) => f.endsWith('.js'));
}

const sum = (entry, files) => files.reduce((n, f) => n + statSync(join(DIST, entry, `${f}.gz`)).size, 0);

/** Sizes against their limits, in bytes of gzip. */
export function sizes() {
  return [
    { name: 'the student’s entry', bytes: sum('walk', scripts('walk', [])), most: 280_000 },
    // Somebody who comes for the first time sees the door, then the work that is due.
    { name: 'the first instructor screen', bytes: sum('app', scripts('app', ['SignIn.tsx'])), most: 500_000 },
  ];
}

export const sizeLine = (s) =>
  `${s.name}: ${(s.bytes / 1000).toFixed(0)} kB of ${s.most / 1000} kB of compressed script`;
