// Builds the server and both entries of the interface, and compresses every file once, so that the server only hands them out.
import { existsSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';
import { sourcesHash } from './hashed.mjs';
import { ROOT, run } from './run.mjs';
import { buildServer } from './serverBuild.mjs';

const DIST = join(ROOT, 'web/dist');
const STAMP = join(DIST, 'built-from');
const SOURCES = ['web', 'core/src', 'contract/src', 'package-lock.json'];

function compress(file) {
  if (!/\.(js|css|svg|html|json|webmanifest)$/.test(file) || file.endsWith('index.html')) return;
  const content = readFileSync(file);
  writeFileSync(`${file}.gz`, gzipSync(content, { level: 9 }));
  writeFileSync(
    `${file}.br`,
    brotliCompressSync(content, { params: { [constants.BROTLI_PARAM_QUALITY]: 9 } }),
  );
}

/** Builds where a source changed since the last build. */
export async function build({ quiet = true } = {}) {
  await buildServer();
  const hash = sourcesHash(SOURCES);
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === hash) return;
  console.log('Building the interface…');
  const vite = join(ROOT, 'node_modules/vite/bin/vite.js');
  for (const mode of ['app', 'walk']) {
    const args = [
      vite,
      'build',
      '--config',
      'web/vite.config.ts',
      '--mode',
      mode,
      '--configLoader',
      'runner',
    ];
    await run(process.execPath, [...args, ...(quiet ? ['--logLevel', 'warn'] : [])], {
      env: { ...process.env, NODE_ENV: 'production' },
    });
  }
  for (const mode of ['app', 'walk']) for (const f of allUnder(join(DIST, mode))) compress(f);
  writeFileSync(STAMP, hash);
}

function allUnder(path) {
  if (!statSync(path).isDirectory()) return [path];
  return readdirSync(path).flatMap((f) => allUnder(join(path, f)));
}

if (import.meta.filename === process.argv[1]) {
  const { ready } = await import('./ready.mjs');
  await ready();
  await build();
}
