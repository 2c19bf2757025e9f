import type { Sighting, Site } from '@hurrow/contract';
import { dayOfYear } from '@hurrow/core/conditions';
import type { SitePlace } from '@hurrow/core/tells';

/** A site with its rates and what was seen there, as seasons are shifted to it. */
export function sitePlace(site: Site, sightings: readonly Sighting[]): SitePlace {
  return {
    lat: site.lat,
    lon: site.lon,
    elevM: site.elevM,
    ...(site.rates ? { rates: site.rates } : {}),
    sightings: sightings
      .filter((s) => s.site === site.id)
      .map((s) => ({ taxon: s.taxon, kind: s.kind, day: dayOfYear(s.on), present: s.present })),
  };
}
