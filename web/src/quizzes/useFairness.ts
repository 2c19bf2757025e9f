import { useCallback, useEffect, useState } from 'react';
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

/** A worker that knows what stations are judged against. */
interface Judge {
  readonly remote: Remote<Checks>;
}

/** Makes a worker for the species that compete; another when they change. Null until it has read them. */
function useJudge({ list, on, startsOn, whole }: JudgedFor): Judge | null {
  const library = useRead('listLibrary', { id: list });
  const detail = useRead('list', { id: list });
  const vocabulary = useVocabulary();
  const [judge, setJudge] = useState<Judge | null>(null);
  useEffect(() => {
    const [data, members] = [library.data, detail.data];
    if (!data || !members || !vocabulary) return undefined;
    const worker = new Worker(new URL('../workers/checks.worker.ts', import.meta.url), { type: 'module' });
    const remote = wrap<Checks>(worker);
    let live = true;
    const load = async (): Promise<void> => {
      await remote.load(
        { library: data, compared: competingOn(members, { on, startsOn, whole }) },
        vocabulary,
      );
      if (live) setJudge({ remote });
    };
    void load();
    return () => {
      live = false;
      setJudge(null);
      worker.terminate();
    };
  }, [library.data, detail.data, vocabulary, on, startsOn, whole]);
  return judge;
}

/**
 * Judges stations in a worker. When stations change they are judged again, those that are met as before by what the worker
 * remembers; what was found before stays shown.
 */
export function useFairness(judged: JudgedFor, stations: readonly CheckAt[]): Fairness {
  const judge = useJudge(judged);
  const [found, setFound] = useState<ReadonlyMap<string, StationFairness>>(NONE);
  const [drawings, setDrawings] = useState<ReadonlyMap<string, Sketch>>(NONE);
  const [done, setDone] = useState(0);
  useEffect(() => {
    if (!judge) return undefined;
    let live = true;
    const run = async (): Promise<void> => {
      setDone(0);
      for (const at of stations) {
        const fairness = await judge.remote.check(at);
        if (!live) return;
        if (fairness) setFound((before) => new Map(before).set(at.station.id, fairness));
        setDone((n) => n + 1);
      }
      const drawn = await judge.remote.drawings(stations.map((at) => at.station.tree.taxon.id));
      if (live) setDrawings(drawn);
    };
    void run();
    return () => {
      live = false;
    };
  }, [judge, stations]);
  const fixes = useCallback(
    async (at: CheckAt): Promise<readonly FixResult[]> => (await judge?.remote.fixes(at)) ?? [],
    [judge],
  );
  const check = useCallback(
    async (at: CheckAt): Promise<StationFairness | null> => (await judge?.remote.check(at)) ?? null,
    [judge],
  );
  return { found, drawings, done, fixes, check };
}
