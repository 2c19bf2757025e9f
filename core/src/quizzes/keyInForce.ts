/** A revision of a station's key, as far as it decides for whom it holds. */
export interface TimedKey {
  /** The moment from which it holds, ISO; null for everybody. */
  readonly validFrom: string | null;
}

/**
 * Keeps the revisions of a station that still hold for somebody.
 * @param revisions newest first. @returns newest first, up to the first that holds for everybody.
 */
export function stillHolding<K extends TimedKey>(revisions: readonly K[]): readonly K[] {
  const last = revisions.findIndex((r) => r.validFrom === null);
  return last < 0 ? revisions : revisions.slice(0, last + 1);
}

/**
 * Chooses the revision that holds for a student at a station: the newest that held when they first answered there, so that
 * all their answers at one station go by one tree. Source: docs/domain.md, The key.
 * @param revisions those that still hold for somebody, newest first; at least one.
 * @param firstAnswer ISO; null for somebody who answered nothing there, for whom the newest holds.
 */
export function keyFor<K extends TimedKey>(revisions: readonly [K, ...K[]], firstAnswer: string | null): K {
  const [newest] = revisions;
  if (firstAnswer === null) return newest;
  const held = revisions.find((r) => r.validFrom === null || r.validFrom <= firstAnswer);
  return held ?? revisions[revisions.length - 1] ?? newest;
}
