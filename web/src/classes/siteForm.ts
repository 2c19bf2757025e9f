import type { Site, SiteBody } from '@hurrow/contract';

/** What the form of a site holds, as typed. */
export interface SiteEntered {
  readonly name: string;
  readonly lat: string;
  readonly lon: string;
  readonly elevM: string;
}

export const siteEntered = (site: Site | null): Partial<SiteEntered> =>
  site ? { name: site.name, lat: String(site.lat), lon: String(site.lon), elevM: String(site.elevM) } : {};

/** What is sent: a corrected site keeps its time zone and the rates at which seasons shift there. */
export const siteBodyOf = (e: SiteEntered, before: Site | null, here: string): SiteBody => ({
  name: e.name.trim(),
  lat: Number(e.lat),
  lon: Number(e.lon),
  elevM: Number(e.elevM),
  tz: before?.tz ?? here,
  ...(before?.rates ? { rates: before.rates } : {}),
});
