/** Where something stands. */
export interface Place {
  /** Degrees; north and east are positive. */
  readonly lat: number;
  readonly lon: number;
  /** Meters above the sea; null where it is not known. */
  readonly elevM: number | null;
}

const EARTH_M = 6_371_000;
/** How much longer a path is than the straight line. */
const DETOUR = 1.3;
/** A class on a path, in meters a minute: 4.8 km an hour. */
const PACE = 80;
/** Meters of climb that take one minute more (Naismith's rule). */
const CLIMB = 10;

const rad = (degrees: number): number => (degrees * Math.PI) / 180;

/** The straight distance of two places over the ground, in meters (haversine). Source: docs/formulas.md, Minutes on foot. */
export function metersBetween(a: Place, b: Place): number {
  const h =
    Math.sin(rad(b.lat - a.lat) / 2) ** 2 +
    Math.cos(rad(a.lat)) * Math.cos(rad(b.lat)) * Math.sin(rad(b.lon - a.lon) / 2) ** 2;
  return 2 * EARTH_M * Math.asin(Math.min(1, Math.sqrt(h)));
}

/** Minutes that a class walks from one place to another, whole and at least 1. Source: docs/formulas.md, Minutes on foot. */
export function minutesOnFoot(a: Place, b: Place): number {
  const climb = a.elevM === null || b.elevM === null ? 0 : Math.abs(b.elevM - a.elevM);
  return Math.max(1, Math.ceil((metersBetween(a, b) * DETOUR) / PACE + climb / CLIMB));
}
