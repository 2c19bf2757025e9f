import { useEffect, useState } from 'react';
import { wrap } from 'comlink';
import { useRead } from '../api/index.ts';
import { useVocabulary } from '../app/index.ts';
import type { CheckAt, Checks, StationFinding } from '../workers/index.ts';

/**
 * What each station's tree can be told from among the list, by station id, as the worker comes to it. A change of
 * anything ends the worker and begins anew; what was found before stands until then.
 */
export function useStationChecks(
  list: string,
  stations: readonly CheckAt[],
): ReadonlyMap<string, StationFinding> {
  const library = useRead('listLibrary', { id: list });
  const vocabulary = useVocabulary();
  const [found, setFound] = useState<ReadonlyMap<string, StationFinding>>(new Map());
  useEffect(() => {
    const data = library.data;
    if (!data || !vocabulary || stations.length === 0) return undefined;
    const worker = new Worker(new URL('../workers/checks.worker.ts', import.meta.url), { type: 'module' });
    const checks = wrap<Checks>(worker);
    let live = true;
    const run = async (): Promise<void> => {
      await checks.load(data, vocabulary);
      for (const at of stations) {
        const finding = await checks.check(at);
        if (!live) return;
        if (finding) setFound((before) => new Map(before).set(at.station.id, finding));
      }
    };
    void run();
    return () => {
      live = false;
      worker.terminate();
    };
  }, [library.data, vocabulary, stations]);
  return found;
}
