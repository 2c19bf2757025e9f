import { spawn } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { createServer } from 'node:net';
import type { AddressInfo } from 'node:net';
import { join } from 'node:path';
import { performance } from 'node:perf_hooks';
import { fileURLToPath } from 'node:url';

export interface ServerProcess {
  readonly base: string;
  /** Milliseconds from the start of the process until it was ready. */
  readonly readyMs: number;
  readonly output: string;
  /** The most memory it has held so far, in megabytes. */
  readonly peakMb: () => number;
  /** How long its event loop was held up, at most and by the 99th percentile, since this was last asked. */
  readonly delay: () => Promise<{ readonly maxMs: number; readonly p99Ms: number }>;
  readonly stop: () => Promise<void>;
}

const MONITOR = fileURLToPath(new URL('./delayMonitor.mjs', import.meta.url));
const BUILT = 'server/dist/serveFixture.js';

/** How Node starts the fixture's server of a tree: as it was built, or from TypeScript in trees of before it was built. */
const serverOf = (root: string): readonly string[] =>
  existsSync(join(root, BUILT))
    ? ['--import', MONITOR, BUILT]
    : ['--import', 'tsx', '--import', MONITOR, 'server/src/testing/serveFixture.ts'];

const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const s = createServer().listen(0, '127.0.0.1', () => {
      const { port } = s.address() as AddressInfo;
      s.close(() => resolve(port));
    });
  });

/** Starts the fixture's server of a tree on a data folder, in a process of its own. @throws where it ends instead. */
export async function startServer(root: string, data: string): Promise<ServerProcess> {
  const port = await freePort();
  const start = performance.now();
  const child = spawn(process.execPath, [...serverOf(root), data, String(port)], {
    cwd: root,
    stdio: ['ignore', 'pipe', 'pipe', 'ipc'],
  });
  let output = '';
  child.stderr?.on('data', (d) => (output += String(d)));
  await new Promise<void>((resolve, reject) => {
    child.stdout?.on('data', (d) => {
      output += String(d);
      if (output.includes('ready at')) resolve();
    });
    child.on('exit', (code) => reject(new Error(`The server ended with ${code}: ${output.slice(0, 500)}`)));
  });
  return {
    base: `http://127.0.0.1:${port}`,
    readyMs: performance.now() - start,
    output,
    peakMb: () =>
      Number(/VmHWM:\s+(\d+)/.exec(readFileSync(`/proc/${child.pid ?? 0}/status`, 'utf8'))?.[1] ?? 0) / 1024,
    delay: () =>
      new Promise((told) => {
        child.once('message', (m) => told(m as { maxMs: number; p99Ms: number }));
        child.send('delay');
      }),
    stop: () =>
      new Promise((done) => {
        child.removeAllListeners('exit');
        child.on('exit', () => done());
        child.kill('SIGKILL');
      }),
  };
}
