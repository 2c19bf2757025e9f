import type { ListLibrary, Sketch, Station } from '@hurrow/contract';
import type { Vocabulary } from '@hurrow/core/characters';
import { askedBy, competitorOf, fairnessChecker } from '@hurrow/core/fairness';
import type { FixResult, StationAsked, StationFairness } from '@hurrow/core/fairness';
import {
  drawPiece,
  boxOfFigure,
  chance,
  digitsFor,
  hash,
  marksOf,
  smallLines,
  typical,
} from '@hurrow/core/plates';
import { remembered } from '@hurrow/core/remembered';
import type { Setting } from '@hurrow/core/stations';
import { describeTaxa } from '@hurrow/core/tells';
import type { DescribedTaxon } from '@hurrow/core/tells';
import { sitePlace } from '../app/index.ts';

/** A station as it is met at a sitting, or as it would be. */
export interface CheckAt {
  readonly station: Station;
  readonly setting: Setting;
  /** Characters that the bag of what lies there hides. */
  readonly hides?: readonly string[];
}

/** What a list is compared by: its library, and which of its species compete. */
export interface FairnessGround {
  readonly library: ListLibrary;
  readonly compared: readonly string[];
}

function asAsked({ station, setting, hides }: CheckAt, library: ListLibrary): StationAsked {
  const { tree } = station;
  return {
    id: station.id,
    shown: {
      individual: tree.id,
      taxon: tree.taxon.id,
      certified: tree.certified,
      cautions: tree.cautions,
      reach: tree.reach,
      ...(tree.stage ? { stage: tree.stage } : {}),
      ...(hides && hides.length > 0 ? { hides } : {}),
    },
    setting,
    site: tree.site.id,
    place: sitePlace(tree.site, library.sightings),
    asked: askedBy(station.asks, station.accepts, station.notTellable),
  };
}

/** A leaf or needle of a species as it is drawn; null where nothing to draw is recorded of it. */
function leafDrawing(d: DescribedTaxon, vocabulary: Vocabulary): Sketch | null {
  const piece = drawPiece('leaf', typical(d.values, vocabulary), chance(hash(d.id)));
  if (!piece) return null;
  const box = boxOfFigure(piece.figure);
  return { box, bar: null, lines: smallLines(marksOf(piece.figure, digitsFor(box)), box) };
}

/** So much is remembered before it is begun anew, in a page that stays open all day. */
const MOST_REMEMBERED = 256;

export interface StationJudge {
  readonly check: (at: CheckAt) => StationFairness;
  readonly fixes: (at: CheckAt) => readonly FixResult[];
  /** Small drawings of some species, by id; those of which nothing to draw is recorded have none. */
  readonly drawings: (taxa: readonly string[]) => ReadonlyMap<string, Sketch>;
}

/**
 * A judge of stations against the species of a list that compete. A station that is met as before is not judged again, and a
 * species is drawn once.
 */
export function stationJudge({ library, compared }: FairnessGround, vocabulary: Vocabulary): StationJudge {
  const wanted = new Set(compared);
  const competitors = library.members.map(competitorOf);
  const checker = fairnessChecker(
    competitors.filter((c) => wanted.has(c.taxon)),
    competitors,
    library.data,
    vocabulary,
  );
  const drawn = remembered(MOST_REMEMBERED, (taxon: string) => {
    const [described] = describeTaxa([taxon], library.data, vocabulary, null);
    return described ? leafDrawing(described, vocabulary) : null;
  });
  return {
    check: remembered(MOST_REMEMBERED, (at: CheckAt) => checker.check(asAsked(at, library)), JSON.stringify),
    fixes: (at) => checker.fixes(asAsked(at, library)),
    drawings: (taxa) =>
      new Map(
        [...new Set(taxa)].flatMap((taxon) => {
          const drawing = drawn(taxon);
          return drawing ? [[taxon, drawing] as const] : [];
        }),
      ),
  };
}
