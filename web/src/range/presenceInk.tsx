import { geoAlbersUsa } from 'd3-geo';
import type { Presence } from '@hurrow/core/range';

export const WIDTH = 975;
export const HEIGHT = 610;
/** The atlas is projected like this; points must be too. */
export const project = geoAlbersUsa()
  .scale(1300)
  .translate([WIDTH / 2, HEIGHT / 2]);

/** A place on the map; null outside the country. */
export const pointOn = (p: { readonly lat: number; readonly lon: number }) => project([p.lon, p.lat]);

/**
 * Patterns of presence, for this map and its key. Ink carries the meaning, by how it is laid: close lines where a species is
 * native, dots where it is rare, open slanted lines where it is only planted, a grid where it spreads. Color only supports it.
 */
export function PresencePatterns() {
  return (
    <svg width="0" height="0" className="pattern-store" aria-hidden="true">
      <defs>
        <pattern id="range-native" width="4" height="4" patternUnits="userSpaceOnUse">
          <rect width="4" height="4" fill="#EDEBE3" />
          <path d="M0 1H4M0 3H4" stroke="var(--ink)" strokeWidth="0.9" />
        </pattern>
        <pattern id="range-rare" width="7" height="7" patternUnits="userSpaceOnUse">
          <rect width="7" height="7" fill="#F6F4EE" />
          <circle cx="2" cy="2" r="1" fill="var(--ink)" />
          <circle cx="5.5" cy="5.5" r="1" fill="var(--ink)" />
        </pattern>
        <pattern id="range-planted" width="9" height="9" patternUnits="userSpaceOnUse">
          <rect width="9" height="9" fill="var(--surface)" />
          <path d="M-1 10L10 -1M-1 1L1 -1M8 10L10 8" stroke="var(--larch)" strokeWidth="1.1" />
        </pattern>
        <pattern id="range-introduced" width="8" height="8" patternUnits="userSpaceOnUse">
          <rect width="8" height="8" fill="var(--aster-wash)" />
          <path d="M0 4H8M4 0V8" stroke="var(--aster)" strokeWidth="1.1" />
        </pattern>
      </defs>
    </svg>
  );
}

/** How a region with a presence is laid with ink. */
export const fillOf = (p: Presence | undefined): string =>
  p === undefined ? 'var(--surface)' : `url(#range-${p})`;
