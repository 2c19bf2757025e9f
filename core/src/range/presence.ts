import { geoContains } from 'd3-geo';
import { stateOf } from './regions.ts';
import { wound } from './wound.ts';
import type { Area } from './wound.ts';

/** What a species is in a region. */
export const PRESENCES = ['native', 'introduced', 'planted', 'rare'] as const;
export type Presence = (typeof PRESENCES)[number];

export interface RangeRecord {
  readonly region: string;
  readonly presence: Presence;
}

export interface RangeArea {
  readonly presence: Presence;
  /** Rings in either direction. */
  readonly geometry: Area;
}

/** A place on the ground: the county or other region it lies in, where that is known. */
export interface Spot {
  readonly region: string | null;
  readonly lat: number;
  readonly lon: number;
}

export interface Found {
  readonly presence: Presence;
  /** The region whose record says so, or the area drawn. */
  readonly by: { readonly region: string } | { readonly area: number };
}

/**
 * What the range says of a place. An area drawn around it says most, then its county, then its state.
 * @returns null where the range says nothing of it: outside, as far as anything is recorded.
 */
export function presenceAt(
  records: readonly RangeRecord[],
  areas: readonly RangeArea[],
  spot: Spot,
): Found | null {
  const area = areas.findIndex((a) => geoContains(wound(a.geometry), [spot.lon, spot.lat]));
  const drawn = areas[area];
  if (drawn) return { presence: drawn.presence, by: { area } };
  if (spot.region === null) return null;
  for (const region of [spot.region, stateOf(spot.region)]) {
    const record = records.find((r) => r.region === region);
    if (record) return { presence: record.presence, by: { region } };
  }
  return null;
}

/** A tree that stands where the range does not say it grows by itself. */
export interface Challenge {
  readonly kind: 'outside' | 'planted_only';
  /** The region a record would be made for. */
  readonly region: string;
  /** The presence that would answer it. */
  readonly offer: Presence;
}

/**
 * Holds a located tree against the recorded range: a tree outside it is either a slip (of the name, the place or the
 * planting) or news for the map.
 * @returns null where the two agree, or where nothing can be said: no range recorded, or the region unknown.
 */
export function challengeOf(
  records: readonly RangeRecord[],
  areas: readonly RangeArea[],
  spot: Spot,
  planted: boolean,
): Challenge | null {
  if ((records.length === 0 && areas.length === 0) || spot.region === null) return null;
  const found = presenceAt(records, areas, spot);
  if (planted) return found ? null : { kind: 'outside', region: spot.region, offer: 'planted' };
  if (!found) return { kind: 'outside', region: spot.region, offer: 'rare' };
  return found.presence === 'planted'
    ? { kind: 'planted_only', region: spot.region, offer: 'introduced' }
    : null;
}
