import type { ListLibrary, Station, TaxonHeader } from '@hurrow/contract';
import type { Character, Vocabulary } from '@hurrow/core/characters';
import { allowedHandling } from '@hurrow/core/conditions';
import type { Conditions } from '@hurrow/core/conditions';
import { sitePlace } from '../app/sitePlace.ts';
import { asShown, checkStation, describeTaxa } from '@hurrow/core/tells';
import type { DescribedTaxon } from '@hurrow/core/tells';

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

/**
 * A checker of stations against one list. The list is described once for each site and each species that stands at a
 * station without being listed.
 */
export function stationChecker(
  library: ListLibrary,
  vocabulary: Vocabulary,
): (at: CheckAt) => StationFinding {
  const described = new Map<string, readonly DescribedTaxon[]>();
  const headers = new Map(library.members.map((m) => [m.id, m]));
  const known = new Set(library.data.taxa.map((t) => t.id));

  const describedFor = (station: Station): readonly DescribedTaxon[] => {
    const { site, taxon } = station.tree;
    const key = `${site.id}/${headers.has(taxon.id) ? '' : taxon.id}`;
    const had = described.get(key);
    if (had) return had;
    const ids = [...new Set([...headers.keys(), taxon.id])].filter((id) => known.has(id));
    const made = describeTaxa(ids, library.data, vocabulary, sitePlace(site, library.sightings));
    described.set(key, made);
    return made;
  };

  return ({ station, conditions }) => {
    const own = station.tree.taxon.id;
    const all = describedFor(station);
    const truth = all.find((d) => d.id === own);
    if (!truth)
      return { twins: [], told: 0, unproven: library.members.map((taxon) => ({ taxon, open: [] })) };
    const certified = new Map(Object.entries(station.tree.certified).map(([k, value]) => [k, { value }]));
    const tree = asShown(station.tree.id, truth, certified, { ...truth.subject, reach: station.tree.reach });
    const report = checkStation(
      tree,
      own,
      all.filter((d) => headers.has(d.id)),
      vocabulary,
      // What a caution forbids there cannot tell anything apart.
      { ...conditions, handling: allowedHandling(conditions.handling, station.tree.cautions) },
    );
    return {
      twins: report.twins.flatMap((r) => headers.get(r.b) ?? []),
      unproven: report.unproven.flatMap((r): Unsettled[] => {
        const taxon = headers.get(r.b);
        return taxon
          ? [{ taxon, open: r.open.slice(0, MOST_OPEN).flatMap((o) => vocabulary.get(o.character) ?? []) }]
          : [];
      }),
      told: report.told.length,
    };
  };
}
