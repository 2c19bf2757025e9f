// Everything the project checks, from a clean clone. The last line is `N passed, N failed`.
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ready, readyForTests } from './ready.mjs';

// Debian's packages come while npm's do, and only what needs them waits for them.
const debian = readyForTests();
// What fails is told where it is waited for.
debian.catch(() => undefined);
await ready();
const { run } = await import('./run.mjs');
const { jest } = await import('./jest.mjs');
const { lint } = await import('./lint.mjs');
const { build } = await import('./build.mjs');
const { browser } = await import('./browser.mjs');
const { withPostgres } = await import('./postgres.mjs');
const { sizeLine, sizes } = await import('./sizes.mjs');

const reports = mkdtempSync(join(tmpdir(), 'hurrow-reports-'));
let passed = 0;
let failed = 0;

function tell(name, good, bad, seconds) {
  passed += good;
  failed += bad;
  console.log(
    `${bad > 0 ? 'FAILED' : 'passed'}  ${name}: ${good} passed, ${bad} failed (${seconds.toFixed(0)} s)`,
  );
}

async function step(name, fn) {
  const start = process.hrtime.bigint();
  const { good, bad, output } = await fn();
  if (bad > 0) console.log(output);
  tell(name, good, bad, Number(process.hrtime.bigint() - start) / 1e9);
}

/** A check that counts as one. */
const check = (name, fn) =>
  step(name, async () => {
    const { code, output } = await fn();
    return { good: code === 0 ? 1 : 0, bad: code === 0 ? 0 : 1, output };
  });

/** Counts by a runner's own report; a runner that dies without one has failed once. */
function counted(file, result, read) {
  try {
    const { good, bad } = read(JSON.parse(readFileSync(file, 'utf8')));
    return { good, bad: bad === 0 && result.code !== 0 ? 1 : bad, output: result.output };
  } catch {
    return { good: 0, bad: 1, output: result.output };
  }
}

const jestStep = (name, args, env = process.env) =>
  step(name, async () => {
    const file = join(reports, `${name.replace(/\W+/g, '-')}.json`);
    const result = await jest([...args, '--json', `--outputFile=${file}`], { env, quiet: true });
    return counted(file, result, (r) => ({
      good: r.numPassedTests,
      bad: r.numFailedTests + r.numRuntimeErrorTestSuites,
    }));
  });

const quiet = { quiet: true, mayFail: true };

/** Tests that start processes on a folder of their own, or ask no database of the two: on a server they would only run again. */
const NOT_ON_POSTGRES =
  'crash|cli|start.test|folderLock|upgrade|fuzz|backup/damaged|db/prepared|db/pgliteThread|threads/|docs.test|openapi.test';

/**
 * Tests of what PGlite does otherwise than a server: how it is opened, plans that are kept, sums whose keys are not checked, answers
 * that are replayed, restores, and a history of random acts, which grades, decides and recounts. The others run on the server alone,
 * which is the stricter of the two, since it has several connections and gives rows in any order; the browser tasks and all started
 * processes are on PGlite. `npm run server` runs all on it.
 */
const ON_BOTH = 'db/|grading/history|sums/|backup/|answers/intake';

async function onPostgres() {
  await step('server on PostgreSQL', async () => {
    const file = join(reports, 'postgres.json');
    const result = await withPostgres((url) =>
      jest(
        [
          '--selectProjects',
          'server',
          '--testPathIgnorePatterns',
          NOT_ON_POSTGRES,
          '--json',
          `--outputFile=${file}`,
        ],
        { env: { ...process.env, HURROW_TEST_POSTGRES: url }, quiet: true },
      ),
    );
    return counted(file, result, (r) => ({
      good: r.numPassedTests,
      bad: r.numFailedTests + r.numRuntimeErrorTestSuites,
    }));
  });
}

/**
 * What reads the code and what runs it without a browser, one after the other. Tests on PostgreSQL wait for their server now and then,
 * which the browser tasks fill; those on PGlite come last, since they keep two processors busy by themselves.
 */
async function code() {
  await check('format', () => run('npx', ['--no-install', 'oxfmt', '--check'], quiet));
  await check('lint and types', () => lint({ quiet: true }));
  await check('words', () => run(process.execPath, ['tools/words.mjs'], quiet));
  await debian;
  await jestStep('unit tests', ['--selectProjects', 'core', 'contract', 'demo', 'web']);
  await onPostgres();
  const onPglite = `/bench/|/server/src/.*(${NOT_ON_POSTGRES}|${ON_BOTH})`;
  await jestStep('server on PGlite', ['--selectProjects', 'server', 'bench', '--testPathPatterns', onPglite]);
}

/** The built application, its sizes and the tasks in the browser. */
async function application() {
  await check('build', async () => {
    await build();
    return { code: 0, output: '' };
  });
  for (const s of sizes()) {
    await check(sizeLine(s), () => Promise.resolve({ code: s.bytes <= s.most ? 0 : 1, output: 'too large' }));
  }
  await step('browser tests', async () => {
    await debian;
    const file = join(reports, 'browser.json');
    const env = { ...process.env, HURROW_REPORT: file, HURROW_BROWSERS: process.env.HURROW_BROWSERS ?? '2' };
    const result = await browser({ env, quiet: true });
    return counted(file, result, (r) => ({
      good: r.stats.expected,
      bad: r.stats.unexpected + r.stats.flaky,
    }));
  });
}

// A browser waits for its server half of the time, so two files of tasks run at once.
await Promise.all([code(), application()]);

rmSync(reports, { recursive: true, force: true });
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
