// Reads the whole code once: its rules, its walls and its types.
import { run } from './run.mjs';

const ARGS = [
  '--no-install',
  'oxlint',
  '-c',
  'oxlint.config.mjs',
  '--type-aware',
  '--type-check',
  '--deny-warnings',
];

/** @param options `quiet` to keep its output. */
export const lint = ({ quiet = false } = {}) => run('npx', ARGS, { quiet, mayFail: true });

if (import.meta.filename === process.argv[1]) process.exit((await lint()).code);
