import { Worker } from 'node:worker_threads';

/** A thread that waits longer than this for more work is ended; it holds code and data in memory. */
const IDLE = 5 * 60_000;

/**
 * Threads of one kind, of which one is kept for the next work. A thread starts when it is first taken, waits for at most
 * five minutes after it was given back, and never keeps the process alive while it waits.
 */
export interface KeptThread {
  /** Takes the waiting thread, or starts one. */
  readonly take: () => Worker;
  /** Gives a thread back that has nothing to do. One that breaks or ends while it waits is not waited for. */
  readonly keep: (worker: Worker) => void;
  /** Starts a thread where none waits, so that it is there once it is taken. */
  readonly makeReady: () => void;
}

/** @param module the module that the threads run. */
export function keptThread(module: URL): KeptThread {
  let waiting: { readonly worker: Worker; readonly end: NodeJS.Timeout } | null = null;

  const start = (): Worker => {
    const worker = new Worker(new URL('./thread.mjs', import.meta.url), {
      execArgv: [],
      workerData: { module: module.href },
      resourceLimits: { maxOldGenerationSizeMb: 1500 },
    });
    worker.unref();
    return worker;
  };

  const keep = (worker: Worker): void => {
    worker.removeAllListeners();
    worker.unref();
    if (waiting) return void worker.terminate();
    const end = setTimeout(() => {
      waiting = null;
      void worker.terminate();
    }, IDLE).unref();
    waiting = { worker, end };
    const forget = (): void => {
      clearTimeout(end);
      if (waiting?.worker === worker) waiting = null;
    };
    worker.once('error', forget);
    worker.once('exit', forget);
  };

  return {
    keep,
    take: () => {
      const worker = waiting?.worker ?? start();
      if (waiting) clearTimeout(waiting.end);
      waiting = null;
      worker.removeAllListeners();
      worker.ref();
      return worker;
    },
    makeReady: () => {
      if (!waiting) keep(start());
    },
  };
}
