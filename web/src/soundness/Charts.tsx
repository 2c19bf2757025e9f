import {
  CartesianGrid,
  ErrorBar,
  Line,
  LineChart,
  ReferenceLine,
  ResponsiveContainer,
  Scatter,
  ScatterChart,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import type { SoundStation, SoundStudent, SoundThrough } from '@hurrow/contract';
import { showDate } from '@hurrow/core/conditions';
import { plainName, rightWords, stationName } from './words.ts';
import { stacked } from './stack.ts';

const INK = '#12211C';
const QUIET = '#47584F';
const LINE = '#D5DEDA';
const SPRUCE = '#0F5C4C';
const CHERRY = '#A5173F';
/** Taller than this, dots of a large class stand closer. */
const MOST_HEIGHT = 420;
/** Columns of dots, in logits. */
const COLUMN = 0.28;

interface Dot {
  readonly x: number;
  readonly y: number;
  readonly said: string;
  /** A station's number; empty for a student. */
  readonly label: string;
  readonly isOdd: boolean;
}

/** Stations above the line, students below it. */
function dotsOf(stations: readonly SoundStation[], students: readonly SoundStudent[]): readonly Dot[] {
  const placed = stations.filter((s) => s.difficulty !== null);
  return [
    ...stacked(placed, (s) => s.difficulty?.value ?? 0, COLUMN).map(({ item, x, level }) => ({
      x,
      y: level,
      said: `${stationName(item)}, ${plainName(item.truth)}: ${rightWords(item)} named it`,
      label: String(item.number),
      isOdd: item.advice === 'check_tag' || item.advice === 'misleads',
    })),
    ...stacked(students, (s) => s.ability, COLUMN).map(({ item, x, level }) => ({
      x,
      y: -level,
      said: `Student ${item.code}: ${item.right} of ${item.of}`,
      label: '',
      isOdd: false,
    })),
  ];
}

function DotShape({ cx = 0, cy = 0, payload }: { cx?: number; cy?: number; payload?: Dot }) {
  if (!payload) return null;
  if (payload.label === '') return <circle cx={cx} cy={cy} r={5} fill={SPRUCE} fillOpacity={0.75} />;
  return (
    <g>
      <rect
        x={cx - 10}
        y={cy - 9}
        width={20}
        height={18}
        fill={payload.isOdd ? '#F8E6EB' : '#FFFFFF'}
        stroke={payload.isOdd ? CHERRY : QUIET}
        strokeWidth={payload.isOdd ? 2 : 1}
        strokeDasharray={payload.isOdd ? '3 2' : undefined}
      />
      <text x={cx} y={cy + 4} textAnchor="middle" fontSize={11} fill={INK}>
        {payload.label}
      </text>
    </g>
  );
}

function Said({
  active,
  payload,
}: {
  active?: boolean;
  payload?: readonly { readonly payload?: { readonly said?: string } }[];
}) {
  const said = payload?.[0]?.payload?.said;
  return active && said ? <div className="chart-tip">{said}</div> : null;
}

/** Stations and students on one scale: the farther right, the harder the station and the more a student knows. */
export function OnOneScale({
  stations,
  students,
}: {
  stations: readonly SoundStation[];
  students: readonly SoundStudent[];
}) {
  const dots = dotsOf(stations, students);
  const xs = dots.map((d) => d.x);
  const [low, high] = [Math.min(...xs, -1) - 0.4, Math.max(...xs, 1) + 0.4];
  const top = Math.max(...dots.map((d) => d.y), 1);
  const foot = Math.min(...dots.map((d) => d.y), 0);
  const height = Math.min((top - foot + 1) * 20, MOST_HEIGHT) + 30;
  return (
    <figure className="chart">
      <ResponsiveContainer width="100%" height={height}>
        <ScatterChart margin={{ top: 8, right: 12, bottom: 4, left: 12 }} accessibilityLayer={false}>
          <XAxis type="number" dataKey="x" domain={[low, high]} hide />
          <YAxis type="number" dataKey="y" domain={[foot - 0.6, top + 0.6]} hide />
          <ReferenceLine y={0} stroke={QUIET} />
          <Tooltip content={<Said />} cursor={false} isAnimationActive={false} />
          <Scatter data={[...dots]} shape={<DotShape />} isAnimationActive={false} />
        </ScatterChart>
      </ResponsiveContainer>
      <figcaption>
        <span>easier{students.length > 0 ? ', less known' : ''}</span>
        <span>harder{students.length > 0 ? ', more known' : ''}</span>
      </figcaption>
    </figure>
  );
}

interface Point {
  readonly on: string;
  readonly share: number;
  readonly error: readonly [number, number];
  readonly said: string;
}

/** The class from sitting to sitting: the share of today's stations that it would have named, with its interval. */
export function ThroughTime({ through, today }: { through: readonly SoundThrough[]; today: string }) {
  const points = through.flatMap((t): Point[] => {
    if (!t.ability) return [];
    const percent = (x: number): number => Math.round(100 * x);
    const { share, low, high } = t.ability;
    return [
      {
        on: showDate(t.on, today),
        share: percent(share),
        error: [percent(share) - percent(low), percent(high) - percent(share)],
        said: `${t.quiz}, ${showDate(t.on, today)}: about ${percent(share)}% (${percent(low)} to ${percent(high)}); ${t.right} of ${t.of} named right then`,
      },
    ];
  });
  return (
    <figure className="chart">
      <ResponsiveContainer width="100%" height={190}>
        <LineChart
          data={points}
          margin={{ top: 10, right: 24, bottom: 4, left: 0 }}
          accessibilityLayer={false}
        >
          <CartesianGrid stroke={LINE} vertical={false} />
          <XAxis
            dataKey="on"
            tick={{ fill: INK, fontSize: 12 }}
            stroke={QUIET}
            padding={{ left: 30, right: 30 }}
          />
          <YAxis
            domain={[0, 100]}
            ticks={[0, 25, 50, 75, 100]}
            unit="%"
            width={44}
            tick={{ fill: INK, fontSize: 12 }}
            stroke={QUIET}
          />
          <Tooltip content={<Said />} isAnimationActive={false} />
          <Line
            dataKey="share"
            stroke={SPRUCE}
            strokeWidth={2}
            dot={{ r: 5, fill: SPRUCE }}
            isAnimationActive={false}
          >
            <ErrorBar dataKey="error" stroke={SPRUCE} width={8} />
          </Line>
        </LineChart>
      </ResponsiveContainer>
    </figure>
  );
}
