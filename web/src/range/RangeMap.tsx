import { geoAlbersUsa, geoPath } from 'd3-geo';
import type { RangeDetail } from '@hurrow/contract';
import { isCounty, stateOf, wound } from '@hurrow/core/range';
import type { Outline, Presence } from '@hurrow/core/range';
import { PRESENCES, presenceWord } from './presenceWords.ts';

export interface MapPoint {
  readonly key: string;
  readonly lat: number;
  readonly lon: number;
  readonly kind: 'tree' | 'accepted' | 'undecided' | 'rejected';
  readonly label: string;
}

const WIDTH = 975;
const HEIGHT = 610;
// The atlas is projected like this; points must be too.
const project = geoAlbersUsa()
  .scale(1300)
  .translate([WIDTH / 2, HEIGHT / 2]);

const drawnArea = geoPath(project).digits(1);

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

const fillOf = (p: Presence | undefined): string => (p === undefined ? 'var(--surface)' : `url(#range-${p})`);

/** Regions that are recorded have a heavier line around them than those that are not. */
const weightOf = (p: Presence | undefined, code: string): number => {
  if (isCounty(code)) return p === undefined ? 0.4 : 0.8;
  return p === undefined ? 0.6 : 1.7;
};

export function PresenceKey() {
  return (
    <ul className="range-key" aria-label="Key of the map">
      {PRESENCES.map((p) => (
        <li key={p.id}>
          <svg width="26" height="15" aria-hidden="true">
            <rect x="0.5" y="0.5" width="25" height="14" fill={fillOf(p.id)} stroke="var(--ink)" />
          </svg>
          {p.word}
        </li>
      ))}
      <li>
        <svg width="15" height="15" aria-hidden="true">
          <path d="M7.5 2L13 13H2Z" className="point tree" />
        </svg>
        tagged tree
      </li>
      <li>
        <svg width="15" height="15" aria-hidden="true">
          <circle cx="7.5" cy="7.5" r="4" className="point accepted" />
        </svg>
        record accepted
      </li>
      <li>
        <svg width="15" height="15" aria-hidden="true">
          <circle cx="7.5" cy="7.5" r="4" className="point undecided" />
        </svg>
        not decided
      </li>
    </ul>
  );
}

function Point({ point, scale }: { point: MapPoint; scale: number }) {
  const at = project([point.lon, point.lat]);
  if (!at) return null;
  const [x, y] = at;
  const r = 6 * scale;
  const title = <title>{point.label}</title>;
  if (point.kind === 'tree')
    return (
      <path d={`M${x} ${y - r}L${x + r} ${y + r}H${x - r}Z`} className="point tree">
        {title}
      </path>
    );
  if (point.kind === 'rejected')
    return (
      <path
        d={`M${x - r} ${y - r}L${x + r} ${y + r}M${x - r} ${y + r}L${x + r} ${y - r}`}
        className="point rejected"
      >
        {title}
      </path>
    );
  return (
    <circle cx={x} cy={y} r={r * 0.8} className={`point ${point.kind}`}>
      {title}
    </circle>
  );
}

/** The part of the map that is looked at: all of it, or one state with some ground around. */
function viewOf(states: readonly Outline[], focus: string | null): readonly [number, number, number, number] {
  const box = states.find((s) => s.code === focus)?.box;
  if (!box) return [0, 0, WIDTH, HEIGHT];
  const [left, top, right, bottom] = box;
  const width = Math.max(right - left, ((bottom - top) * WIDTH) / HEIGHT) * 1.3;
  const height = (width * HEIGHT) / WIDTH;
  return [(left + right - width) / 2, (top + bottom - height) / 2, width, height];
}

interface Props {
  readonly states: readonly Outline[];
  readonly counties: readonly Outline[];
  readonly records: ReadonlyMap<string, Presence>;
  /** Areas drawn in degrees; they lie over everything else. */
  readonly areas: RangeDetail['areas'];
  readonly points: readonly MapPoint[];
  readonly chosen: string | null;
  /** The state that is looked at closely, with its counties. */
  readonly focus: string | null;
  readonly label: string;
  readonly onChoose: (code: string) => void;
}

/** States and counties with what is recorded of each; a county lies over its state. */
export function RangeMap({
  states,
  counties,
  records,
  areas,
  points,
  chosen,
  focus,
  label,
  onChoose,
}: Props) {
  const view = viewOf(states, focus);
  const scale = view[2] / WIDTH;
  const shape = (o: Outline) => {
    const own = records.get(o.code);
    const presence = own ?? (isCounty(o.code) ? records.get(stateOf(o.code)) : undefined);
    return (
      <path
        key={o.code}
        d={o.path}
        fill={fillOf(presence)}
        className={presence === undefined ? 'region' : 'region recorded'}
        strokeWidth={(o.code === chosen ? 3 : weightOf(presence, o.code)) * scale}
        onClick={() => onChoose(o.code)}
      >
        <title>{`${o.name}: ${presenceWord(presence ?? null)}`}</title>
      </path>
    );
  };
  const last = [...states, ...counties].find((o) => o.code === chosen);
  return (
    <svg viewBox={view.join(' ')} className="range-map" role="img" aria-label={label}>
      {states.filter((o) => !records.has(o.code)).map(shape)}
      {states.filter((o) => records.has(o.code)).map(shape)}
      {counties.map(shape)}
      {last ? <path d={last.path} className="region outline" strokeWidth={3 * scale} /> : null}
      {areas.map((a, i) => (
        <path
          key={i}
          d={drawnArea(wound(a.geometry)) ?? ''}
          fill={fillOf(a.presence)}
          className="region area"
          strokeWidth={1.6 * scale}
        >
          <title>{`area drawn: ${presenceWord(a.presence)}`}</title>
        </path>
      ))}
      {points.map((p) => (
        <Point key={p.key} point={p} scale={scale} />
      ))}
    </svg>
  );
}
