import type { Handling } from './types.ts';

/** Hazards of a plant that hurt whoever takes it for another. */
const HURTS: readonly string[] = ['toxic', 'irritant'];

/** Whether a plant hurts whoever takes it for another. Source: docs/domain.md, Cautions. */
export const isHazardous = (cautions: readonly { readonly hazard: string }[]): boolean =>
  cautions.some((c) => HURTS.includes(c.hazard));

/**
 * What may be done at a station: what the sitting allows, less what a caution there forbids. Looking is always allowed.
 * Source: docs/domain.md, Cautions.
 */
export function allowedHandling(
  handling: readonly Handling[],
  cautions: readonly { readonly forbids: readonly string[] }[],
): Handling[] {
  const forbidden = new Set(cautions.flatMap((c) => c.forbids));
  return handling.filter((h) => h === 'look' || !forbidden.has(h));
}
