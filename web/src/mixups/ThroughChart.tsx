import {
  CartesianGrid,
  Legend,
  Line,
  LineChart,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import type { Evidence, MixUpRow } from '@hurrow/contract';
import { showDate } from '@hurrow/core/conditions';
import { plain } from './boardWords.ts';

const INK = '#12211C';
const percent = ({ k, n }: { k: number; n: number }): number | null =>
  n === 0 ? null : Math.round((100 * k) / n);

/** Both directions of a pair by sitting, with lessons marked where they were held. */
export function ThroughChart({
  pair,
  through,
  lessons,
  today,
}: {
  pair: MixUpRow;
  through: Evidence['through'];
  lessons: Evidence['lessons'];
  today: string;
}) {
  const there = `${plain(pair.truth)} taken for ${plain(pair.answer)}`;
  const back = `${plain(pair.answer)} taken for ${plain(pair.truth)}`;
  const points = through.map((t) => ({
    at: Date.parse(t.on),
    [there]: percent(t.there),
    [back]: percent(t.back),
  }));
  return (
    <figure className="chart" aria-label="Share of answers by sitting">
      <ResponsiveContainer width="100%" height={190}>
        <LineChart
          data={points}
          margin={{ top: 20, right: 24, bottom: 0, left: 0 }}
          accessibilityLayer={false}
        >
          <CartesianGrid stroke="#D5DEDA" vertical={false} />
          <XAxis
            dataKey="at"
            type="number"
            domain={['dataMin', 'dataMax']}
            ticks={points.map((p) => p.at)}
            tickFormatter={(v: number) => showDate(new Date(v).toISOString().slice(0, 10), today)}
            tick={{ fill: INK, fontSize: 12 }}
            padding={{ left: 30, right: 30 }}
          />
          <YAxis
            domain={[0, 100]}
            ticks={[0, 50, 100]}
            unit="%"
            width={44}
            tick={{ fill: INK, fontSize: 12 }}
          />
          <Tooltip
            labelFormatter={(v) => showDate(new Date(Number(v)).toISOString().slice(0, 10), today)}
            isAnimationActive={false}
          />
          <Legend />
          {lessons.map((l) => (
            <ReferenceLine
              key={l.on}
              x={Date.parse(l.on)}
              stroke={INK}
              strokeDasharray="4 3"
              label={{ value: 'lesson', position: 'top', fontSize: 11 }}
            />
          ))}
          <Line
            dataKey={there}
            stroke="#A5173F"
            strokeWidth={2}
            dot={{ r: 4 }}
            isAnimationActive={false}
            connectNulls
          />
          <Line
            dataKey={back}
            stroke="#0F5C4C"
            strokeWidth={2}
            strokeDasharray="6 3"
            dot={{ r: 4 }}
            isAnimationActive={false}
            connectNulls
          />
        </LineChart>
      </ResponsiveContainer>
    </figure>
  );
}
