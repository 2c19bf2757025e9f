import type { Material } from '../conditions/index.ts';
import { gatherFrom, isGathered, keepsDays } from './keeping.ts';
import type { Gathered, KeepsBy } from './keeping.ts';

/** A station as far as something has to be brought for it. */
export interface StationToSupply {
  readonly id: string;
  readonly number: number;
  readonly material: readonly Material[];
  readonly cautions: readonly { readonly hazard: string; readonly forbids: readonly string[] }[];
  readonly keeps: KeepsBy;
}

/** Why something is not to be gathered: a caution of the plant forbids it. */
export type Permission = 'ask_the_owner' | 'forbidden';

/** One thing to cut or gather for a station. */
export interface CuttingItem {
  readonly station: string;
  /** What stands on its label: the number of the station with a letter, nothing of the species. */
  readonly label: string;
  readonly material: Gathered;
  /** At least so many nodes, so that it can be seen how leaves and buds are arranged; 0 where that does not matter. */
  readonly nodes: number;
  /** In a bag, so that nobody is hurt by it. */
  readonly bagged: boolean;
  readonly permission: Permission;
  /** The first day on which it may be taken, ISO. */
  readonly from: string;
  /** Days it keeps. */
  readonly keeps: number;
}

const NODES = 2;
const LETTERS = 'ABCDEFGH';
/** Hazards of which a hand is kept away by a bag. */
const BAGGED: readonly string[] = ['thorns', 'irritant', 'toxic'];
/** What lies on the ground is taken from no plant. */
const OFF_THE_GROUND: readonly Gathered[] = ['litter'];

/**
 * What has to be cut or gathered for the stations of a sitting, in their order. What the cautions of a plant forbid to
 * collect is listed as forbidden, so that nobody looks for it. Source: docs/domain.md, Collecting.
 * @param on the day of the sitting, ISO.
 */
export const cuttingList = (stations: readonly StationToSupply[], on: string): readonly CuttingItem[] =>
  [...stations]
    .sort((a, b) => a.number - b.number)
    .flatMap((s) =>
      s.material.filter(isGathered).map((material, i): CuttingItem => {
        const keeps = keepsDays(material, s.keeps);
        const forbidden =
          !OFF_THE_GROUND.includes(material) &&
          s.cautions.some((c) => c.forbids.includes('collect') || c.forbids.includes('cut'));
        return {
          station: s.id,
          label: `${s.number}${LETTERS[i] ?? ''}`,
          material,
          nodes: material === 'twig' ? NODES : 0,
          bagged: s.cautions.some((c) => BAGGED.includes(c.hazard)),
          permission: forbidden ? 'forbidden' : 'ask_the_owner',
          from: gatherFrom(on, keeps),
          keeps,
        };
      }),
    );

export const SPECIMEN_STATES = ['to_gather', 'gathered', 'on_table', 'spoiled', 'returned'] as const;
export type SpecimenState = (typeof SPECIMEN_STATES)[number];

/** Which states may follow which; what was spoiled is gathered anew as another specimen. */
export const SPECIMEN_STEPS: Readonly<Record<SpecimenState, readonly SpecimenState[]>> = {
  to_gather: ['gathered'],
  gathered: ['on_table', 'spoiled', 'to_gather'],
  on_table: ['returned', 'spoiled', 'gathered'],
  spoiled: [],
  returned: ['on_table'],
};
