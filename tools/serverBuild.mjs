// Puts the server's sources together as plain JavaScript: read from TypeScript file by file, a start takes twice as long.
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join, relative, sep } from 'node:path';
import { build as bundle } from 'esbuild';
import { globSync } from 'tinyglobby';
import { bareDatabase, databaseWithTables } from './emptyDatabase.mjs';
import { sourcesHash } from './hashed.mjs';
import { place } from './place.mjs';
import { ROOT } from './run.mjs';

const DIST = join(ROOT, 'server/dist');
const STAMP = join(DIST, 'built-from');
const SOURCES = ['server/src', 'core/src', 'contract/src', 'demo/src', 'tools', 'package-lock.json'];

/** What the module of a thread is called among what is built, by its file. */
const threadName = (file) =>
  relative(join(ROOT, 'server/src'), file).replace(/\.ts$/, '').replaceAll(sep, '.');

const entries = () => ({
  main: 'server/src/main.ts',
  cli: 'server/src/cli/main.ts',
  demo: 'tools/demo.ts',
  serveFixture: 'server/src/testing/serveFixture.ts',
  makeTables: 'server/src/db/makeTables.ts',
  ...Object.fromEntries(
    globSync('server/src/**/*.worker.ts', { cwd: ROOT, absolute: true }).map((f) => [threadName(f), f]),
  ),
});

/** The module of a thread is an entry of its own; every other address is that of the source, whose neighbors are read. */
const addresses = {
  name: 'addresses',
  setup(b) {
    b.onLoad({ filter: /[\\/]src[\\/].*\.ts$/ }, ({ path }) => {
      const text = readFileSync(path, 'utf8');
      if (!text.includes('import.meta.url')) return undefined;
      const source = relative(DIST, path).split(sep).join('/');
      const contents = text
        .replace(
          /new URL\('\.\/([\w.]+\.worker\.ts)', import\.meta\.url\)/g,
          (_, file) => `new URL('./${threadName(join(dirname(path), file))}.js', THIS_FILE)`,
        )
        .replaceAll('import.meta.url', `new URL('${source}', import.meta.url).href`)
        .replaceAll('THIS_FILE', 'import.meta.url');
      return { contents, loader: 'ts' };
    });
  },
};

const nameOf = (path) =>
  path
    .split('/')
    .slice(0, path.startsWith('@') ? 2 : 1)
    .join('/');

/** Packages stay where they are installed; one that a workspace has in a version of its own comes along. */
const packages = {
  name: 'packages',
  setup(b) {
    b.onResolve({ filter: /^[^./]/ }, ({ path, importer, kind }) => {
      if (kind === 'entry-point' || path.startsWith('@hurrow/') || importer.includes('node_modules'))
        return undefined;
      const workspace = relative(ROOT, dirname(importer)).split(sep)[0] ?? '';
      return existsSync(join(ROOT, workspace, 'node_modules', nameOf(path)))
        ? undefined
        : { path, external: true };
    });
  },
};

/** Builds where a source changed since the last build, beside what is there, so that two commands at once are not in each other's way. */
export async function buildServer() {
  await Promise.all([bareDatabase(), bundleServer()]);
  await databaseWithTables();
}

async function bundleServer() {
  const hash = sourcesHash(SOURCES);
  const isBuilt = () => existsSync(STAMP) && readFileSync(STAMP, 'utf8') === hash;
  if (isBuilt()) return;
  const made = `${DIST}.${process.pid}`;
  await bundle({
    absWorkingDir: ROOT,
    entryPoints: entries(),
    outdir: made,
    bundle: true,
    splitting: true,
    format: 'esm',
    platform: 'node',
    target: 'node20.19',
    sourcemap: 'linked',
    sourcesContent: false,
    logLevel: 'error',
    // Parts that are CommonJS ask for parts of Node.
    banner: {
      js: "import { createRequire as createRequire_ } from 'node:module'; const require = createRequire_(import.meta.url);",
    },
    plugins: [addresses, packages],
  });
  writeFileSync(join(made, 'built-from'), hash);
  place(made, DIST, isBuilt);
}
