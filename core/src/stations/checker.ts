import type { Vocabulary } from '../characters/index.ts';
import { describeTaxa } from '../tells/index.ts';
import type { DescribedTaxon, LibraryData, SitePlace } from '../tells/index.ts';
import { compareStation } from './comparisons.ts';
import { stationShown } from './shown.ts';
import type { Setting, Shown } from './shown.ts';

/** What a station's tree can be told from among a list, by id. */
export interface StationFinding {
  readonly twins: readonly string[];
  readonly unproven: readonly {
    readonly taxon: string;
    /** Characters that are not recorded and might settle it, the easiest first. */
    readonly open: readonly string[];
  }[];
  readonly told: readonly string[];
  /** Those of which almost nothing is recorded, so that nothing can be said; they are not among the unproven. */
  readonly bare: readonly string[];
}

/** A station somewhere, as it would be met. */
export interface StationAt {
  readonly shown: Shown;
  readonly setting: Setting;
  /** The site by an id of its own, with its seasons. */
  readonly site: string;
  readonly place: SitePlace;
}

const MOST_OPEN = 3;
/** A species with fewer characters than these has no data to speak of. */
const FEWEST = 4;

/**
 * Makes a checker of stations against one list. The list is described once for each site and each species that stands
 * at a station without being listed.
 * @param members ids of the list.
 */
export function stationChecker(
  members: readonly string[],
  data: LibraryData,
  vocabulary: Vocabulary,
): (at: StationAt) => StationFinding {
  const described = new Map<string, readonly DescribedTaxon[]>();
  const listed = new Set(members);
  const known = new Set(data.taxa.map((t) => t.id));
  const describedFor = ({ shown: { taxon }, site, place }: StationAt): readonly DescribedTaxon[] => {
    const key = `${site}/${listed.has(taxon) ? '' : taxon}`;
    const had = described.get(key);
    if (had) return had;
    const ids = [...new Set([...members, taxon])].filter((id) => known.has(id));
    const made = describeTaxa(ids, data, vocabulary, place);
    described.set(key, made);
    return made;
  };
  const atStage = new Map<string, DescribedTaxon | null>();
  /** The taxon of the individual, described for its stage of life; null where that is not recorded. */
  const ownFor = ({ shown: { taxon, stage }, site, place }: StationAt): DescribedTaxon | null => {
    if (!stage || !known.has(taxon)) return null;
    const key = `${site}/${taxon}/${stage}`;
    const had = atStage.get(key);
    if (had !== undefined) return had;
    const [made] = describeTaxa([taxon], data, vocabulary, place, stage);
    atStage.set(key, made ?? null);
    return made ?? null;
  };
  return (at) => {
    const all = describedFor(at);
    const own = ownFor(at) ?? all.find((d) => d.id === at.shown.taxon);
    if (!own) return { twins: [], told: [], unproven: [], bare: members };
    const reports = compareStation(
      stationShown(at.shown, at.setting, own),
      all.filter((d) => listed.has(d.id)),
      vocabulary,
    );
    const bare = new Set(all.filter((d) => d.values.size < FEWEST).map((d) => d.id));
    return {
      bare: reports.filter((r) => r.verdict === 'unproven' && bare.has(r.b)).map((r) => r.b),
      twins: reports.filter((r) => r.verdict === 'twins').map((r) => r.b),
      unproven: reports
        .filter((r) => r.verdict === 'unproven' && !bare.has(r.b))
        .map((r) => ({ taxon: r.b, open: r.open.slice(0, MOST_OPEN).map((o) => o.character) })),
      told: reports.filter((r) => r.verdict === 'told').map((r) => r.b),
    };
  };
}
