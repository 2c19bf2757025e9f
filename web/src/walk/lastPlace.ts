/** Where a student is in a walk: at a station, or at the list of all of them. */
export type At = { readonly kind: 'station'; readonly index: number } | { readonly kind: 'review' };

export const START: At = { kind: 'station', index: 0 };

type Kept = Pick<Storage, 'getItem' | 'setItem'>;
const KEY = 'hurrow-walk-at';

/** Keeps where the student is, so that a page that is loaded again opens there. Only the last sitting is kept. */
export function keepPlace(sitting: string, at: At, kept: Kept): void {
  try {
    kept.setItem(KEY, JSON.stringify({ sitting, at: at.kind === 'review' ? 'review' : at.index }));
  } catch {
    // A phone that keeps nothing opens at the first station.
  }
}

/** Where the student was in a sitting; the first station where nothing that fits is kept. */
export function placeIn(sitting: string, kept: Kept): At {
  try {
    const found: unknown = JSON.parse(kept.getItem(KEY) ?? 'null');
    if (typeof found !== 'object' || found === null || !('sitting' in found) || !('at' in found))
      return START;
    if (found.sitting !== sitting) return START;
    if (found.at === 'review') return { kind: 'review' };
    return Number.isInteger(found.at) && Number(found.at) >= 0
      ? { kind: 'station', index: Number(found.at) }
      : START;
  } catch {
    return START;
  }
}
