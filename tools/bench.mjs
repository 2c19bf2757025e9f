// Speed against a baseline of the same run, and the sizes of what a browser fetches.
import { ready } from './ready.mjs';

await ready();
const { run } = await import('./run.mjs');
await (await import('./build.mjs')).build();
const { sizeLine, sizes } = await import('./sizes.mjs');
for (const s of sizes()) console.log(sizeLine(s));
await run(process.execPath, ['--import', 'tsx', 'bench/src/run.ts']);
// Ten times as many damaged files as the tests read.
await run('npx', ['--no-install', 'jest', '--selectProjects', 'core', '--testPathPatterns', 'formats/fuzz'], {
  env: { ...process.env, HURROW_FUZZ: '20000', NODE_OPTIONS: '--experimental-vm-modules --no-warnings' },
});
