import { useMemo } from 'react';
import type { Site } from '@hurrow/contract';
import type { SitePlace } from '@hurrow/core/tells';
import { useRead } from '../api/index.ts';
import { sitePlace } from './sitePlace.ts';
import { useView } from './view.ts';

export interface Here {
  readonly site: Site | null;
  readonly place: SitePlace | null;
  readonly sites: readonly Site[];
  /** Whether sites and sightings have been read. */
  readonly ready: boolean;
}

/** The site the screens stand at: the one in the address, else that of the first section, else the first. */
export function useHere(): Here {
  const { at } = useView();
  const sites = useRead('sites').data;
  const sections = useRead('sections').data;
  const sightings = useRead('sightings').data;
  return useMemo(() => {
    const wanted = at ?? sections?.[0]?.site.id;
    const site = sites?.find((s) => s.id === wanted) ?? sites?.[0] ?? null;
    return {
      site,
      place: site ? sitePlace(site, sightings ?? []) : null,
      sites: sites ?? [],
      ready: sites !== undefined && sections !== undefined && sightings !== undefined,
    };
  }, [at, sites, sections, sightings]);
}
