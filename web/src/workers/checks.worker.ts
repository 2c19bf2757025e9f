import { expose } from 'comlink';
import type { ListLibrary } from '@hurrow/contract';
import type { Vocabulary } from '@hurrow/core/characters';
import { checkerOf } from './findings.ts';
import type { CheckAt, StationFinding } from './findings.ts';

let checker: ((at: CheckAt) => StationFinding) | null = null;

/** Checks stations beside the page, one at a time, so that the page shows each as it comes and never stands still. */
const checks = {
  load: (library: ListLibrary, vocabulary: Vocabulary): void => {
    checker = checkerOf(library, vocabulary);
  },
  check: (at: CheckAt): StationFinding | null => checker?.(at) ?? null,
};

export type Checks = typeof checks;

expose(checks);
