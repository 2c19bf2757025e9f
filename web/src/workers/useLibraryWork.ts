import { useCallback, useEffect, useRef, useState } from 'react';
import { proxy, wrap } from 'comlink';
import type { Remote } from 'comlink';
import type { LibraryWork } from './library.worker.ts';

export interface Work<T> {
  /** What was found last; it stands, marked as old, while the next is being worked out. */
  readonly result: T | null;
  readonly running: boolean;
  readonly cancelled: boolean;
  /** It broke on the way. */
  readonly failed: boolean;
  readonly done: number;
  readonly total: number;
  readonly cancel: () => void;
  readonly again: () => void;
}

/** One task for the worker; it is told how far it is. */
export type Start<T> = (
  work: Remote<LibraryWork>,
  onProgress: ((done: number, total: number) => void) & object,
) => Promise<T>;

const IDLE = { running: false, cancelled: false, failed: false, done: 0, total: 0 };

/**
 * Runs one task in a worker of its own, with progress, and ends the worker on cancel or when the task changes.
 * @param start null while there is nothing to work on yet; must be kept with `useCallback`.
 */
export function useLibraryWork<T>(start: Start<T> | null): Work<T> {
  const [result, setResult] = useState<T | null>(null);
  const [state, setState] = useState(IDLE);
  const [turn, setTurn] = useState(0);
  const running = useRef<Worker | null>(null);
  useEffect(() => {
    if (!start) return undefined;
    const worker = new Worker(new URL('./library.worker.ts', import.meta.url), { type: 'module' });
    running.current = worker;
    let live = true;
    // Progress comes by a way of its own and may arrive after the result.
    let done = false;
    const go = async (): Promise<void> => {
      setState({ ...IDLE, running: true });
      const found = await start(
        wrap<LibraryWork>(worker),
        proxy((at: number, total: number) => {
          if (live && !done) setState({ ...IDLE, running: true, done: at, total });
        }),
      );
      if (!live) return;
      done = true;
      setResult(() => found);
      setState(IDLE);
    };
    go().catch(() => {
      if (live) setState({ ...IDLE, failed: true });
    });
    return () => {
      live = false;
      worker.terminate();
    };
  }, [start, turn]);
  const cancel = useCallback(() => {
    running.current?.terminate();
    setState({ ...IDLE, cancelled: true });
  }, []);
  return { result, ...state, cancel, again: () => setTurn((t) => t + 1) };
}
