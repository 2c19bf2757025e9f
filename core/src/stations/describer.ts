import type { Vocabulary } from '../characters/index.ts';
import { describeTaxa } from '../tells/index.ts';
import type { DescribedTaxon, LibraryData, SitePlace } from '../tells/index.ts';
import type { Setting, Shown } from './shown.ts';

/** A station somewhere, as it would be met. */
export interface StationAt {
  readonly shown: Shown;
  readonly setting: Setting;
  /** The site by an id of its own, with its seasons. */
  readonly site: string;
  readonly place: SitePlace;
}

/** A list as it is described at the site of a station, and the station's own species for the stage of its tree. */
export interface DescribedAt {
  readonly list: readonly DescribedTaxon[];
  /** Null where nothing of the species is described. */
  readonly own: DescribedTaxon | null;
}

/**
 * Makes a describer of stations for one list. The list is described once for each site, a species once for each stage.
 * @param members ids of the list.
 */
export function stationDescriber(
  members: readonly string[],
  data: LibraryData,
  vocabulary: Vocabulary,
): (at: StationAt) => DescribedAt {
  const known = new Set(data.taxa.map((t) => t.id));
  const lists = new Map<string, readonly DescribedTaxon[]>();
  const owns = new Map<string, DescribedTaxon | null>();
  const listAt = (site: string, place: SitePlace): readonly DescribedTaxon[] => {
    const had = lists.get(site);
    if (had) return had;
    const ids = members.filter((id) => known.has(id));
    const made = describeTaxa(ids, data, vocabulary, place);
    lists.set(site, made);
    return made;
  };
  return ({ shown: { taxon, stage }, site, place }) => {
    const list = listAt(site, place);
    const key = `${site}/${taxon}/${stage ?? ''}`;
    const had = owns.get(key);
    if (had !== undefined) return { list, own: had };
    const listed = stage ? undefined : list.find((d) => d.id === taxon);
    const own =
      listed ??
      (known.has(taxon) ? (describeTaxa([taxon], data, vocabulary, place, stage)[0] ?? null) : null);
    owns.set(key, own);
    return { list, own };
  };
}
