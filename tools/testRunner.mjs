import { Tinypool } from 'tinypool';

const MOST_MINUTES = 10;
/** A small space for new objects is cleared over and over, by threads that two processes at once have no room for. */
const FLAGS = ['--single-threaded-gc', '--min-semi-space-size=32', '--max-semi-space-size=64'];

/**
 * Runs test files in two processes of plain Node, one file after the other in each, whichever project they are of, so that the
 * application's modules are loaded once a process and not once a file. It never runs them inside Jest itself. Projects are set up alike.
 * Each file is sent with the settings it needs: the package's own runner sends them once and apart, and a process that is not yet
 * listening then waits for ever. A file that hangs is ended and has failed.
 */
export default class TestRunner {
  #globalConfig;

  constructor(globalConfig) {
    this.#globalConfig = globalConfig;
  }

  async runTests(tests, watcher, onStart, onResult, onFailure) {
    const lanes = Math.max(2, this.#globalConfig.maxWorkers);
    const pool = poolOf(lanes);
    const waiting = tests.values();
    const lane = async () => {
      for (const test of waiting) {
        await onStart(test);
        try {
          await onResult(test, await this.#run(test, pool));
        } catch (error) {
          await onFailure(test, error);
        }
      }
    };
    await Promise.all(Array.from({ length: lanes }, lane));
    await pool.destroy();
  }

  async #run(test, pool) {
    const task = { path: test.path, globalConfig: this.#globalConfig, projectConfig: test.context.config };
    const signal = AbortSignal.timeout(MOST_MINUTES * 60_000);
    try {
      return await pool.run(task, { signal });
    } catch (error) {
      throw signal.aborted ? new Error(`The file did not end within ${MOST_MINUTES} minutes.`) : error;
    }
  }
}

const poolOf = (lanes) =>
  new Tinypool({
    filename: new URL('./testProcess.mjs', import.meta.url).href,
    runtime: 'child_process',
    minThreads: lanes,
    maxThreads: lanes,
    env: process.env,
    execArgv: FLAGS,
    trackUnmanagedFds: false,
  });
