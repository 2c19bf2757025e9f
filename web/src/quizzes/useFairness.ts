import { useCallback, useEffect, useRef, useState } from 'react';
import { wrap } from 'comlink';
import type { Remote } from 'comlink';
import type { ListDetail, Sketch } from '@hurrow/contract';
import type { FixResult, StationFairness } from '@hurrow/core/fairness';
import { comparedWith } from '@hurrow/core/quizzes';
import { useRead } from '../api/index.ts';
import { useVocabulary } from '../app/index.ts';
import type { CheckAt, Checks } from '../workers/index.ts';

/** When and against what stations of a list are judged. */
export interface JudgedFor {
  readonly list: string;
  /** ISO. */
  readonly on: string;
  /** The first day of the term; null where it is not known. */
  readonly startsOn: string | null;
  /** Against the whole list, taught or not. */
  readonly whole: boolean;
}

/** The species of a list that compete on a day. */
export const competingOn = (
  list: Pick<ListDetail, 'members'>,
  { startsOn, on, whole }: Omit<JudgedFor, 'list'>,
): readonly string[] =>
  comparedWith(
    list.members.map((m) => ({ taxon: m.id, week: m.week, hazardous: m.hazardous })),
    startsOn,
    on,
    whole,
  );

export interface Fairness {
  /** Verdicts by station id, as the worker comes to them; those of before stand until then. */
  readonly found: ReadonlyMap<string, StationFairness>;
  readonly drawings: ReadonlyMap<string, Sketch>;
  /** How many of the stations have been judged as they are now. */
  readonly done: number;
  readonly fixes: (at: CheckAt) => Promise<readonly FixResult[]>;
  readonly check: (at: CheckAt) => Promise<StationFairness | null>;
}

const NONE: ReadonlyMap<string, never> = new Map<string, never>();

/** Judges stations in a worker. A change of anything ends it and begins again; what was found before stays shown. */
export function useFairness(judged: JudgedFor, stations: readonly CheckAt[]): Fairness {
  const { list, on, startsOn, whole } = judged;
  const library = useRead('listLibrary', { id: list });
  const detail = useRead('list', { id: list });
  const vocabulary = useVocabulary();
  const [found, setFound] = useState<ReadonlyMap<string, StationFairness>>(NONE);
  const [drawings, setDrawings] = useState<ReadonlyMap<string, Sketch>>(NONE);
  const [done, setDone] = useState(0);
  const checks = useRef<Remote<Checks> | null>(null);
  useEffect(() => {
    const [data, members] = [library.data, detail.data];
    if (!data || !members || !vocabulary) return undefined;
    const worker = new Worker(new URL('../workers/checks.worker.ts', import.meta.url), { type: 'module' });
    const remote = wrap<Checks>(worker);
    let live = true;
    const run = async (): Promise<void> => {
      const compared = competingOn(members, { on, startsOn, whole });
      await remote.load({ library: data, compared }, vocabulary);
      checks.current = remote;
      setDone(0);
      for (const at of stations) {
        const fairness = await remote.check(at);
        if (!live) return;
        if (fairness) setFound((before) => new Map(before).set(at.station.id, fairness));
        setDone((n) => n + 1);
      }
      const drawn = await remote.drawings();
      if (live) setDrawings(drawn);
    };
    void run();
    return () => {
      live = false;
      checks.current = null;
      worker.terminate();
    };
  }, [library.data, detail.data, vocabulary, stations, on, startsOn, whole]);
  const fixes = useCallback(
    async (at: CheckAt): Promise<readonly FixResult[]> => (await checks.current?.fixes(at)) ?? [],
    [],
  );
  const check = useCallback(
    async (at: CheckAt): Promise<StationFairness | null> => (await checks.current?.check(at)) ?? null,
    [],
  );
  return { found, drawings, done, fixes, check };
}
