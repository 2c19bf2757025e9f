// The browser tests, on the built application.
import { ROOT, run } from './run.mjs';
import { SCRATCH } from './scratch.mjs';

export async function browser({ env = process.env, quiet = false } = {}) {
  return run('npx', ['--no-install', 'playwright', 'test', '-c', 'e2e/playwright.config.ts'], {
    env: { ...env, TMPDIR: SCRATCH },
    quiet,
    mayFail: true,
    cwd: ROOT,
  });
}

if (import.meta.filename === process.argv[1]) {
  const { ready, readyForTests } = await import('./ready.mjs');
  await ready();
  await readyForTests();
  await (await import('./build.mjs')).build();
  process.exit((await browser()).code);
}
