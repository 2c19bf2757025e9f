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

/** Species as a leaf or needle of each is drawn, by id; those of which nothing to draw is recorded have none. */
export function leafDrawings(
  described: readonly DescribedTaxon[],
  vocabulary: Vocabulary,
): ReadonlyMap<string, Sketch> {
  return new Map(
    described.flatMap((d) => {
      const piece = drawPiece('leaf', typical(d.values, vocabulary), chance(hash(d.id)));
      if (!piece) return [];
      const box = boxOfFigure(piece.figure);
      return [
        [d.id, { box, bar: null, lines: smallLines(marksOf(piece.figure, digitsFor(box)), box) }] as const,
      ];
    }),
  );
}

export interface StationJudge {
  readonly check: (at: CheckAt) => StationFairness;
  readonly fixes: (at: CheckAt) => readonly FixResult[];
  /** A small drawing of each species of the list. */
  readonly drawings: () => ReadonlyMap<string, Sketch>;
}

/** A judge of stations against the species of a list that compete. */
export function stationJudge({ library, compared }: FairnessGround, vocabulary: Vocabulary): StationJudge {
  const wanted = new Set(compared);
  const competitors = library.members.map(competitorOf);
  const checker = fairnessChecker(
    competitors.filter((c) => wanted.has(c.taxon)),
    competitors,
    library.data,
    vocabulary,
  );
  return {
    check: (at) => checker.check(asAsked(at, library)),
    fixes: (at) => checker.fixes(asAsked(at, library)),
    drawings: () =>
      leafDrawings(
        describeTaxa(
          library.members.map((m) => m.id),
          library.data,
          vocabulary,
          null,
        ),
        vocabulary,
      ),
  };
}
