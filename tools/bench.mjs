// Speed against a baseline of the same run, and the sizes of what a browser fetches.
import { ready } from './ready.mjs';

await ready();
const { run } = await import('./run.mjs');
await (await import('./build.mjs')).build();
const { sizeLine, sizes } = await import('./sizes.mjs');
for (const s of sizes()) console.log(sizeLine(s));
await run(process.execPath, ['--import', 'tsx', 'bench/src/run.ts']);
/** Tests that run longer here than in `npm test`: more of the same, with what sets how much. */
const LONGER = [
  ['every single edit of a name', 'demo', 'names.test', { HURROW_LETTERS: '1', HURROW_NAMED: '1' }],
  ['damaged files', 'core', 'formats/fuzz', { HURROW_FUZZ: '20000' }],
  ['fuzzed requests', 'server', 'safety/fuzz', { HURROW_FUZZ_REQUESTS: '100000' }],
  ['rounds of SIGKILL', 'server', 'crash', { HURROW_KILLS: '60' }],
  ['histories of random acts', 'server', 'grading/history', { HURROW_HISTORIES: '8' }],
  ['lessons of made-up classes', 'bench', 'simulateLessons', { HURROW_LESSONS: '500' }],
  ['simulated walks', 'bench', 'simulatedWalks', { HURROW_WALKS: '1000' }],
];
const { jest } = await import('./jest.mjs');
let failed = 0;
for (const [name, project, pattern, more] of LONGER) {
  console.log(`${name}: ${Object.values(more).join()}`);
  const args = ['--selectProjects', project, '--testPathPatterns', pattern, '--testTimeout=7200000'];
  const { code } = await jest(args, { env: { ...process.env, ...more } });
  failed += code === 0 ? 0 : 1;
}
process.exit(failed === 0 ? 0 : 1);
