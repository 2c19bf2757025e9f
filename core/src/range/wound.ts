import { geoArea } from 'd3-geo';

export type Ring = readonly (readonly number[])[];
export type Area =
  | { readonly type: 'Polygon'; readonly coordinates: readonly Ring[] }
  | { readonly type: 'MultiPolygon'; readonly coordinates: readonly (readonly Ring[])[] };

/** A geometry as the drawing package takes it, whose types allow writing. */
export type Drawn =
  | { type: 'Polygon'; coordinates: number[][][] }
  | { type: 'MultiPolygon'; coordinates: number[][][][] };

const areaOf = (ring: Ring): number => geoArea({ type: 'Polygon', coordinates: [ring.map((p) => [...p])] });

/** A ring around less than half of the world where it is an outline, around more where it is a hole. */
function turned(ring: Ring, isHole: boolean): number[][] {
  const points = ring.map((p) => [...p]);
  return areaOf(ring) > 2 * Math.PI === isHole ? points : points.reverse();
}

const polygon = (rings: readonly Ring[]): number[][][] => rings.map((r, i) => turned(r, i > 0));

/**
 * Winds the rings of an area as spherical geometry needs them. RFC 7946 winds outlines against the clock and asks
 * readers to take either way; on a sphere the other way round means everything else.
 */
export const wound = (area: Area): Drawn =>
  area.type === 'Polygon'
    ? { type: 'Polygon', coordinates: polygon(area.coordinates) }
    : { type: 'MultiPolygon', coordinates: area.coordinates.map(polygon) };
