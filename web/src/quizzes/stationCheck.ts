import { useMemo } from 'react';
import type { ListLibrary, Station, TaxonHeader } from '@hurrow/contract';
import type { Character, Vocabulary } from '@hurrow/core/characters';
import type { Conditions, Place } from '@hurrow/core/conditions';
import { asShown, checkStation, describeTaxa } from '@hurrow/core/tells';
import { useRead } from '../api/index.ts';
import { useVocabulary } from '../app/vocabulary.ts';

export interface Unsettled {
  readonly taxon: TaxonHeader;
  /** What is not recorded and might settle it, the easiest first. */
  readonly open: readonly Character[];
}

export interface StationFinding {
  readonly twins: readonly TaxonHeader[];
  readonly unproven: readonly Unsettled[];
  readonly told: number;
}

export interface CheckAt {
  readonly station: Station;
  readonly conditions: Conditions;
}

const MOST_OPEN = 3;

function findingOf(
  { station, conditions }: CheckAt,
  library: ListLibrary,
  vocabulary: Vocabulary,
  site: Place,
): StationFinding {
  const own = station.tree.taxon.id;
  const ids = [...new Set([...library.members.map((m) => m.id), own])];
  const described = describeTaxa(
    ids.filter((id) => library.data.taxa.some((t) => t.id === id)),
    library.data,
    vocabulary,
    site,
  );
  const truth = described.find((d) => d.id === own);
  const listed = described.filter((d) => library.members.some((m) => m.id === d.id));
  const header = (id: string): TaxonHeader[] => library.members.filter((m) => m.id === id);
  if (!truth) {
    return { twins: [], told: 0, unproven: library.members.map((taxon) => ({ taxon, open: [] })) };
  }
  const certified = new Map(Object.entries(station.tree.certified).map(([k, value]) => [k, { value }]));
  const tree = asShown(station.tree.id, truth, certified, { ...truth.subject, reach: station.tree.reach });
  const report = checkStation(tree, own, listed, vocabulary, conditions);
  return {
    twins: report.twins.flatMap((r) => header(r.b)),
    unproven: report.unproven.flatMap((r) =>
      header(r.b).map((taxon) => ({
        taxon,
        open: r.open.slice(0, MOST_OPEN).flatMap((o) => vocabulary.get(o.character) ?? []),
      })),
    ),
    told: report.told.length,
  };
}

/** What each station's tree can be told from among the list, by station id; null until everything is read. */
export function useStationChecks(
  list: string,
  stations: readonly CheckAt[],
): ReadonlyMap<string, StationFinding> | null {
  const library = useRead<ListLibrary>('listLibrary', { id: list });
  const vocabulary = useVocabulary();
  return useMemo(() => {
    const data = library.data;
    if (!data || !vocabulary) return null;
    return new Map(
      stations.map((s) => {
        const { lat, lon, elevM } = s.station.tree.site;
        return [s.station.id, findingOf(s, data, vocabulary, { lat, lon, elevM })];
      }),
    );
  }, [library.data, vocabulary, stations]);
}
