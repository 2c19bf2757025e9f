import { useMemo } from 'react';
import type { Site } from '@hurrow/contract';
import type { SitePlace } from '@hurrow/core/tells';
import { useRead } from '../api/index.ts';
import { useClassAtHand } from './classAtHand.ts';
import { sitePlace } from './sitePlace.ts';
import { useView } from './view.ts';

export interface Here {
  readonly site: Site | null;
  readonly place: SitePlace | null;
  readonly sites: readonly Site[];
  /** Whether sites and sightings have been read. */
  readonly ready: boolean;
}

/** The site of the screens: the one in the address, else that of the class at hand, else the first. */
export function useHere(): Here {
  const { at } = useView();
  const sites = useRead('sites').data;
  const { section, ready } = useClassAtHand();
  const sightings = useRead('sightings').data;
  return useMemo(() => {
    const wanted = at ?? section?.site.id;
    const site = sites?.find((s) => s.id === wanted) ?? sites?.[0] ?? null;
    return {
      site,
      place: site ? sitePlace(site, sightings ?? []) : null,
      sites: sites ?? [],
      ready: sites !== undefined && ready && sightings !== undefined,
    };
  }, [at, sites, section, ready, sightings]);
}
