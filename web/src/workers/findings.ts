import type { ListLibrary, Station, TaxonHeader } from '@hurrow/contract';
import type { Character, Vocabulary } from '@hurrow/core/characters';
import { stationChecker } from '@hurrow/core/stations';
import type { Setting } from '@hurrow/core/stations';
import { sitePlace } from '../app/index.ts';

export interface Unsettled {
  readonly taxon: TaxonHeader;
  /** What is not recorded and might settle it, the easiest first. */
  readonly open: readonly Character[];
}

/** What a station's tree can be told from, with the names to say it. */
export interface StationFinding {
  readonly twins: readonly TaxonHeader[];
  readonly unproven: readonly Unsettled[];
  readonly told: number;
  /** How many have almost nothing recorded. */
  readonly bare: number;
}

export interface CheckAt {
  readonly station: Station;
  readonly setting: Setting;
}

/** A checker of stations against one list, as its page names what it finds. */
export function checkerOf(library: ListLibrary, vocabulary: Vocabulary): (at: CheckAt) => StationFinding {
  const headers = new Map(library.members.map((m) => [m.id, m]));
  const check = stationChecker([...headers.keys()], library.data, vocabulary);
  const named = (id: string): readonly TaxonHeader[] => {
    const header = headers.get(id);
    return header ? [header] : [];
  };
  return ({ station: { tree }, setting }) => {
    const found = check({
      shown: {
        individual: tree.id,
        taxon: tree.taxon.id,
        certified: tree.certified,
        cautions: tree.cautions,
        reach: tree.reach,
        ...(tree.stage ? { stage: tree.stage } : {}),
      },
      setting,
      site: tree.site.id,
      place: sitePlace(tree.site, library.sightings),
    });
    return {
      twins: found.twins.flatMap(named),
      unproven: found.unproven.flatMap(({ taxon, open }) =>
        named(taxon).map((t) => ({ taxon: t, open: open.flatMap((c) => vocabulary.get(c) ?? []) })),
      ),
      told: found.told.length,
      bare: found.bare.length,
    };
  };
}
