// Checks the types of every workspace.
import { join } from 'node:path';
import { ROOT, run } from './run.mjs';

export const WORKSPACES = ['core', 'contract', 'demo', 'server', 'web', 'e2e', 'bench'];

export async function types({ quiet = false } = {}) {
  let output = '';
  for (const w of WORKSPACES) {
    const tsc = join(ROOT, 'node_modules/typescript7/bin/tsc');
    output += (await run(process.execPath, [tsc, '-p', w], { quiet: true, mayFail: true })).output;
  }
  if (output !== '' && !quiet) console.log(output);
  return { code: output === '' ? 0 : 1, output };
}

if (import.meta.filename === process.argv[1]) process.exit((await types()).code);
