import type { Fit } from '../range/index.ts';

/** How likely a species is at a place by how well it fits there, against one of which nothing is known. */
const WEIGHT: Readonly<Record<Fit, number>> = { fits: 1, unknown: 0.5, limit: 0.25, no: 0.02 };

/**
 * A prior from place and site: a species that does not grow there is made unlikely and never ruled out, since trees
 * are planted. Source: docs/formulas.md, Naming a tree.
 * @param fits how each member fits the place, as `couldGrow` says.
 */
export const priorAt = (fits: readonly Fit[]): readonly number[] => fits.map((f) => WEIGHT[f]);
