import { CartesianGrid, Line, LineChart, ReferenceLine, XAxis, YAxis } from 'recharts';
import type { Evidence, MixUpRow } from '@hurrow/contract';
import { showDate } from '@hurrow/core/conditions';
import { InTurn } from '../parts/index.ts';
import { plain } from './boardWords.ts';

const INK = '#12211C';
const THERE = { stroke: '#A5173F', strokeWidth: 2 };
const BACK = { stroke: '#0F5C4C', strokeWidth: 2, strokeDasharray: '6 3' };
const SHARES = { dot: { r: 4 }, isAnimationActive: false, connectNulls: true } as const;
const TICK = { fill: INK, fontSize: 12 } as const;
/** In pixels. A width that is known spares the chart a second drawing. */
const WIDTH = 500;
/** So many days stand side by side without touching, and need not be measured. */
const WITHOUT_OVERLAP = 7;
const answersOf = ({ k, n }: { k: number; n: number }): string => (n === 0 ? 'not asked' : `${k} of ${n}`);
const percent = ({ k, n }: { k: number; n: number }): number | null =>
  n === 0 ? null : Math.round((100 * k) / n);

/** The line of a direction as the chart draws it, beside its words. */
function Stroke({ back = false }: { back?: boolean }) {
  return (
    <svg className="stroke" viewBox="0 0 24 6" width={24} height={6} aria-hidden="true">
      <path d="M0 3h24" {...(back ? BACK : THERE)} />
    </svg>
  );
}

/**
 * Both directions of a pair by sitting, with lessons marked where they were held. Axes, lessons and lines come one after the
 * other: all at once they hold the page up for longer than a press may wait.
 */
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
  const day = (at: number): string => showDate(new Date(at).toISOString().slice(0, 10), today);
  const points = through.map((t) => ({
    at: Date.parse(t.on),
    there: percent(t.there),
    back: percent(t.back),
  }));
  return (
    <figure className="chart" aria-label="Share of answers by sitting">
      <LineChart
        width={WIDTH}
        height={170}
        style={{ maxWidth: '100%' }}
        data={points}
        margin={{ top: 20, right: 24, bottom: 0, left: 0 }}
        accessibilityLayer={false}
      >
        <InTurn
          parts={[
            <XAxis
              key="days"
              dataKey="at"
              type="number"
              domain={['dataMin', 'dataMax']}
              ticks={points.map((p) => p.at)}
              tickFormatter={day}
              tick={TICK}
              padding={{ left: 30, right: 30 }}
              {...(points.length <= WITHOUT_OVERLAP ? { interval: 0 } : {})}
            />,
            <YAxis
              key="shares"
              domain={[0, 100]}
              ticks={[0, 50, 100]}
              interval={0}
              unit="%"
              width={44}
              tick={TICK}
            />,
            <CartesianGrid key="grid" stroke="#D5DEDA" vertical={false} />,
            ...lessons.map((l) => (
              <ReferenceLine
                key={`lesson ${l.on}`}
                x={Date.parse(l.on)}
                stroke={INK}
                strokeDasharray="4 3"
                label={{ value: 'lesson', position: 'top', fontSize: 11 }}
              />
            )),
            <Line key="there" dataKey="there" {...THERE} {...SHARES} />,
            <Line key="back" dataKey="back" {...BACK} {...SHARES} />,
          ]}
        />
      </LineChart>
      <figcaption>
        <table className="plain-table">
          <thead>
            <tr>
              <th scope="col">Answers by sitting</th>
              {through.map((t) => (
                <th scope="col" key={t.on}>
                  {showDate(t.on, today)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            <tr>
              <th scope="row">
                <Stroke /> {plain(pair.truth)} taken for {plain(pair.answer)}
              </th>
              {through.map((t) => (
                <td className="number" key={t.on}>
                  {answersOf(t.there)}
                </td>
              ))}
            </tr>
            <tr>
              <th scope="row">
                <Stroke back /> {plain(pair.answer)} taken for {plain(pair.truth)}
              </th>
              {through.map((t) => (
                <td className="number" key={t.on}>
                  {answersOf(t.back)}
                </td>
              ))}
            </tr>
          </tbody>
        </table>
      </figcaption>
    </figure>
  );
}
