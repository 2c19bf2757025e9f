// The command line: installs what is missing, then runs one verb.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ready } from './ready.mjs';
import { ROOT } from './run.mjs';

await ready();
await (await import('./serverBuild.mjs')).buildServer();
const child = spawn(
  process.execPath,
  ['--enable-source-maps', join(ROOT, 'server/dist/cli.js'), ...process.argv.slice(2)],
  { stdio: 'inherit', env: { ...process.env, HURROW_FROM: process.env['INIT_CWD'] ?? process.cwd() } },
);
child.on('close', (code) => process.exit(code ?? 1));
