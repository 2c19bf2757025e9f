// Runs Jest; the server's tests get the database they start from, and a built server for those that start processes.
import { join } from 'node:path';
import { ROOT, run } from './run.mjs';
import { SCRATCH } from './scratch.mjs';

const args = process.argv.slice(2);

/** @param options `env` for the run, `quiet` to keep its output. */
export async function jest(more, { env: given = process.env, quiet = false } = {}) {
  const env = { ...given, HURROW_SCRATCH: SCRATCH };
  if (more.includes('server') || more.includes('bench')) {
    await (await import('./serverBuild.mjs')).buildServer();
    await run(process.execPath, ['--import', 'tsx', 'server/src/testing/prepare.ts'], { env });
  }
  return run(process.execPath, ['--no-warnings', join(ROOT, 'node_modules/jest/bin/jest.js'), ...more], {
    env,
    quiet,
    mayFail: true,
    minutes: 30,
  });
}

if (import.meta.filename === process.argv[1]) {
  const { ready } = await import('./ready.mjs');
  await ready();
  process.exit((await jest(args)).code);
}
