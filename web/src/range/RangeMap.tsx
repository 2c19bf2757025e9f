import { geoPath } from 'd3-geo';
import type { RangeDetail } from '@hurrow/contract';
import { isCounty, stateOf, wound } from '@hurrow/core/range';
import type { Outline, Presence } from '@hurrow/core/range';
import { HEIGHT, WIDTH, fillOf, pointOn, project } from './presenceInk.tsx';
import { PRESENCES, presenceWord } from './presenceWords.ts';

export interface MapPoint {
  readonly key: string;
  readonly lat: number;
  readonly lon: number;
  readonly kind: 'tree' | 'accepted' | 'undecided' | 'rejected';
  readonly label: string;
}

const drawnArea = geoPath(project).digits(1);

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
  const at = pointOn(point);
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
