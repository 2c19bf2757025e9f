import { useMemo } from 'react';
import type { SpeciesProfile } from '@hurrow/contract';
import { isCounty, mapView, stateOf } from '@hurrow/core/range';
import type { Outline, Presence } from '@hurrow/core/range';
import { fillOf, pointOn } from './presenceInk.tsx';
import { useCounties, useStates } from './useAtlas.ts';
import './range.css';

const SHAPE = 1.6;
const MARGIN = 0.12;

/** A small map of where a species grows, for paper: ink alone, as much of the country as it needs, and where the reader is. */
export function RangeThumb({
  range,
  name,
  here = null,
}: {
  range: SpeciesProfile['range'];
  name: string;
  here?: { readonly lat: number; readonly lon: number } | null;
}) {
  const states = useStates();
  const records = useMemo(
    () => new Map(range.map((r) => [r.region, r.presence as Presence] as const)),
    [range],
  );
  const counties = useCounties(null, [...records.keys()].filter(isCounty));
  if (!states || records.size === 0) return null;
  const spoken = new Set([...records.keys()].map((code) => (isCounty(code) ? stateOf(code) : code)));
  const shown = states.filter((s) => spoken.has(s.code));
  const view = mapView(shown, SHAPE, MARGIN);
  if (!view) return null;
  const scale = view[2] / 300;
  const at = here ? pointOn(here) : null;
  const shape = (o: Outline) => (
    <path
      key={o.code}
      d={o.path}
      fill={fillOf(records.get(o.code))}
      className={records.has(o.code) ? 'region recorded' : 'region'}
      strokeWidth={(records.has(o.code) ? 1.3 : 0.5) * scale}
    />
  );
  return (
    <svg
      viewBox={view.join(' ')}
      className="range-thumb"
      role="img"
      aria-label={`Map of where ${name} grows`}
    >
      {states.filter((s) => !records.has(s.code)).map(shape)}
      {states.filter((s) => records.has(s.code)).map(shape)}
      {counties.map(shape)}
      {at ? (
        <g>
          <circle cx={at[0]} cy={at[1]} r={7 * scale} fill="#fff" stroke="#000" strokeWidth={2 * scale} />
          <circle cx={at[0]} cy={at[1]} r={2.6 * scale} fill="#000" />
        </g>
      ) : null}
    </svg>
  );
}
