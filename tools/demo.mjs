// The demo: installs what is missing, builds what has changed, starts on a fresh copy of the demo data.
import { ready } from './ready.mjs';

await ready();
const { build } = await import('./build.mjs');
await build();
const { spawn } = await import('node:child_process');
const { ROOT } = await import('./run.mjs');
const child = spawn(process.execPath, ['--enable-source-maps', 'server/dist/demo.js'], {
  cwd: ROOT,
  stdio: 'inherit',
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
child.on('close', (code) => process.exit(code ?? 1));
