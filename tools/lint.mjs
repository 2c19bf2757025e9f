// Lints the code: what a file says alone, by ESLint, and what only its types tell, by oxlint, which reads them faster.
import { run } from './run.mjs';

/** @param options `quiet` to keep its output. */
export async function lint({ quiet = false } = {}) {
  let output = '';
  let code = 0;
  for (const args of [
    ['eslint', '.', '--max-warnings=0'],
    ['oxlint', '--type-aware', '--deny-warnings'],
  ]) {
    const done = await run('npx', ['--no-install', ...args], { quiet, mayFail: true });
    output += done.output;
    code ||= done.code;
  }
  return { code, output };
}

if (import.meta.filename === process.argv[1]) process.exit((await lint()).code);
