import { expose } from 'comlink';
import type { Sketch } from '@hurrow/contract';
import type { Vocabulary } from '@hurrow/core/characters';
import type { FixResult, StationFairness } from '@hurrow/core/fairness';
import { stationJudge } from './fairness.ts';
import type { CheckAt, FairnessGround, StationJudge } from './fairness.ts';

let judge: StationJudge | null = null;

/** Judges stations beside the page, one at a time, so that the page shows each as it comes and never stands still. */
const checks = {
  load: (ground: FairnessGround, vocabulary: Vocabulary): void => {
    judge = stationJudge(ground, vocabulary);
  },
  check: (at: CheckAt): StationFairness | null => judge?.check(at) ?? null,
  fixes: (at: CheckAt): readonly FixResult[] => judge?.fixes(at) ?? [],
  drawings: (taxa: readonly string[]): ReadonlyMap<string, Sketch> => judge?.drawings(taxa) ?? new Map(),
};

export type Checks = typeof checks;

expose(checks);
