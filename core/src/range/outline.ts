import { geoBounds, geoContains, geoPath } from 'd3-geo';
import type { Feature, GeometryObject } from 'geojson';
import { feature } from 'topojson-client';
import type { GeometryCollection, Topology } from 'topojson-specification';
import { countyCode, stateByFips } from './regions.ts';

/** An atlas of counties and states as shared arcs (TopoJSON). */
export type Atlas = Topology<{
  counties?: GeometryCollection<{ name: string }>;
  states?: GeometryCollection<{ name: string }>;
}>;

/** A region as a path of a drawing. */
export interface Outline {
  readonly code: string;
  readonly name: string;
  readonly path: string;
  /** Left, top, right, bottom of it. */
  readonly box: readonly [number, number, number, number];
}

type Named = Feature<GeometryObject, { name: string }>;

function featuresOf(atlas: Atlas, layer: 'states' | 'counties'): readonly { code: string; shape: Named }[] {
  const collection = atlas.objects[layer];
  if (!collection) return [];
  return feature(atlas, collection).features.flatMap((f) => {
    const fips = String(f.id);
    const code = layer === 'states' ? (stateByFips(fips)?.code ?? null) : countyCode(fips);
    return code === null ? [] : [{ code, shape: f as Named }];
  });
}

const drawn = (found: readonly { code: string; shape: Named }[]): readonly Outline[] => {
  const path = geoPath().digits(1);
  return found.map(({ code, shape }) => {
    const [[left, top], [right, bottom]] = path.bounds(shape);
    return { code, name: shape.properties.name, path: path(shape) ?? '', box: [left, top, right, bottom] };
  });
};

/** The states of an atlas that is projected already, as paths in its own units (975 by 610). */
export const stateOutlines = (atlas: Atlas): readonly Outline[] => drawn(featuresOf(atlas, 'states'));

/** The counties of one state, or those with some codes. */
export const countyOutlines = (atlas: Atlas, wanted: (code: string) => boolean): readonly Outline[] =>
  drawn(featuresOf(atlas, 'counties').filter((f) => wanted(f.code)));

/** Names of counties by code. */
export const countyNames = (atlas: Atlas): ReadonlyMap<string, string> =>
  new Map(featuresOf(atlas, 'counties').map((f) => [f.code, f.shape.properties.name]));

/** Where a point lies. */
export interface Located {
  readonly code: string;
  readonly name: string;
}

/**
 * Finds the county a point lies in.
 * @param atlas in degrees, not projected.
 * @returns null outside the United States.
 */
export function countyFinder(atlas: Atlas): (lat: number, lon: number) => Located | null {
  const counties = featuresOf(atlas, 'counties').map((f) => ({ ...f, bounds: geoBounds(f.shape) }));
  return (lat, lon) => {
    const found = counties.find(({ bounds: [[west, south], [east, north]], shape }) => {
      // A county across the antimeridian has its west east of its east.
      const within = west <= east ? lon >= west && lon <= east : lon >= west || lon <= east;
      return lat >= south && lat <= north && within && geoContains(shape, [lon, lat]);
    });
    return found ? { code: found.code, name: found.shape.properties.name } : null;
  };
}
