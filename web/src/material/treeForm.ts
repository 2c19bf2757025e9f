import type { TreeChange, TreeRow } from '@hurrow/contract';
import { HAZARDS, ORGANS } from '@hurrow/core/conditions';
import type { Hazard, Organ } from '@hurrow/core/conditions';

/** What the form of a tree holds; what is left empty is missing. */
export interface TreeEntered {
  readonly site: string;
  readonly tag: string;
  readonly taxon: string;
  readonly out?: readonly Organ[];
  readonly stage?: TreeRow['stage'];
  readonly hazards?: readonly Hazard[];
  readonly condition?: string | null;
  readonly access?: string | null;
  readonly retired?: boolean;
  /** Latitude and longitude as typed. */
  readonly place?: string;
}

/** Wood is reached on no standing tree, so nobody is asked about it. */
const ASKED = ORGANS.filter((o) => o !== 'wood');

/** A tree as the form starts from it. */
export const enteredOf = (tree: TreeRow): TreeEntered => ({
  site: tree.site.id,
  tag: tree.tag,
  taxon: tree.taxon.id,
  out: ASKED.filter((o) => tree.reach[o] === 'out'),
  stage: tree.stage,
  hazards: HAZARDS.filter((h) => tree.hazards.includes(h)),
  condition: tree.condition,
  access: tree.access,
  retired: tree.retired,
  place: tree.place ? `${tree.place.lat}, ${tree.place.lon}` : '',
});

/** Latitude and longitude as a map or a satellite receiver writes them, in degrees with a point; null where it is not so. */
export function readPlace(typed: string): { readonly lat: number; readonly lon: number } | null {
  const [lat, lon, more] = typed.trim().split(/\s*[,;\s]\s*/);
  if (!lat || !lon || more !== undefined) return null;
  const [y, x] = [Number(lat), Number(lon)];
  return Math.abs(y) <= 90 && Math.abs(x) <= 180 ? { lat: y, lon: x } : null;
}

/** Where a corrected tree stands: its elevation goes with a place that is no longer its own. */
function placeOf(typed: string | undefined, before: TreeRow['place']): TreeChange['place'] {
  const read = readPlace(typed ?? '');
  if (!read) return null;
  const isSame = before?.lat === read.lat && before.lon === read.lon;
  return { ...read, elevM: isSame ? before.elevM : null };
}

/**
 * How each organ is reached: what is out of reach is, the rest as it was, or by hand.
 * @param before the reach of the tree that is corrected; null for a new one.
 */
export const reachOf = (
  out: readonly Organ[] | undefined,
  before: TreeRow['reach'] | null,
): TreeRow['reach'] => {
  const gone = new Set(out ?? []);
  return Object.fromEntries(
    ORGANS.map((o) => {
      if (gone.has(o)) return [o, 'out'];
      const had = before?.[o];
      if (o === 'wood') return [o, had ?? 'out'];
      return [o, had === undefined || had === 'out' ? 'hand' : had];
    }),
  );
};

const text = (t: string | null | undefined): string | null => {
  const trimmed = (t ?? '').trim();
  return trimmed === '' ? null : trimmed;
};

/** What is sent to correct a tree. */
export const changeOf = (e: TreeEntered, tree: TreeRow): TreeChange => ({
  site: e.site,
  tag: e.tag.trim(),
  taxon: e.taxon,
  stage: e.stage ?? null,
  condition: text(e.condition),
  hazards: e.hazards ?? [],
  access: text(e.access),
  reach: reachOf(e.out, tree.reach),
  retired: e.retired ?? false,
  place: placeOf(e.place, tree.place),
});
