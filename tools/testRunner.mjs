import { createRunner } from 'jest-light-runner';

const Runner = createRunner({ runtime: 'child_process' });

/**
 * Runs test files in two processes of plain Node, one file after the other in each, so that the application's modules are loaded
 * once a process and not once a file. It never runs them inside Jest itself, where two projects would share what they set up.
 */
export default class TestRunner extends Runner {
  constructor(globalConfig, ...more) {
    super({ ...globalConfig, maxWorkers: Math.max(2, globalConfig.maxWorkers) }, ...more);
  }
}
