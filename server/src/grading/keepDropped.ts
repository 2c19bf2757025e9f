import type { GatheredStation, LockedKey, StationKey } from '../sittings/index.ts';

/** The station as it counts for nobody: its questions earn nothing, and nobody looked at its tree. */
export const dropped = (station: StationKey): StationKey => ({
  ...station,
  accept: {
    ...station.accept,
    dropped: true,
    mostBefore: station.accept.asks.map((a) => a.most),
    asks: station.accept.asks.map((a) => ({ ...a, most: 0 })),
  },
});

/** The station as it counted before it was dropped. */
export function restored(station: StationKey): StationKey {
  const { dropped: _dropped, mostBefore = [], ...accept } = station.accept;
  const asks = accept.asks.map((a, i) => ({ ...a, most: mostBefore[i] ?? a.most }));
  return { ...station, accept: { ...accept, asks } };
}

/** Keeps dropped what was dropped, whatever else a revision takes over. */
export const keepDropped = (
  key: LockedKey,
  stations: readonly GatheredStation[],
): readonly GatheredStation[] =>
  stations.map((s) => {
    const was = key.stations.get(s.sittingStation);
    if (!was?.accept.dropped) return s;
    const { accept } = dropped({ ...was, ...s });
    return { ...s, accept };
  });
