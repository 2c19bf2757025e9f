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
});

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
});
