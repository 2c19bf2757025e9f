import { CATKIN_BEARERS } from './catkinBearers.ts';
import { CONIFERS } from './conifers.ts';
import { FLOWERING } from './flowering.ts';
import { MORE_TREES } from './moreTrees.ts';
import { readTaxa } from './notation.ts';
import { SHRUBS_AND_VINES } from './shrubsAndVines.ts';
import type { WrittenTaxon } from './notation.ts';

export { readTaxa } from './notation.ts';
export type { WrittenTaxon } from './notation.ts';

/** Raised whenever a shipped group changes. */
export const GROUPS_VERSION = 2;

/** Where the seasons of the shipped groups hold: the middle latitudes of eastern North America, low ground. */
export const SHIPPED_PLACE = { lat: 42, lon: -85, elevM: 250 } as const;

/** The place a shipped statement says it comes from. */
export const SHIPPED_CITATION = 'General botany, shipped with the application';

/**
 * Families, genera and groups common across North America with what holds for most of their species, so that a pasted
 * name has arrangement, complexity, kind of fruit and seasons before anything is recorded of it.
 */
export const SHIPPED_GROUPS: readonly WrittenTaxon[] = readTaxa(
  [CONIFERS, CATKIN_BEARERS, FLOWERING, MORE_TREES, SHRUBS_AND_VINES].join('\n'),
);
