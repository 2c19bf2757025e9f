// Runs one test file in a process of its pool; what Jest set up comes with each file.
const { default: run, setWorkerData } = await import(
  new URL('./worker-runner.js', import.meta.resolve('jest-light-runner')).href
);

/** @param task `path` of the file, and Jest's `globalConfig` and `projectConfig`. */
export default function testProcess({ path, globalConfig, projectConfig }) {
  setWorkerData({ globalConfig, projectConfig, runtime: 'child_process' });
  return run(path);
}
