import { CartesianGrid, Line, LineChart, ReferenceLine, XAxis, YAxis } from 'recharts';
import type { Evidence, MixUpRow } from '@hurrow/contract';
import { showDate } from '@hurrow/core/conditions';
import { Later } from '../parts/index.ts';
import { plain } from './boardWords.ts';

const INK = '#12211C';
const THERE = { stroke: '#A5173F', strokeWidth: 2 };
const BACK = { stroke: '#0F5C4C', strokeWidth: 2, strokeDasharray: '6 3' };
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
        responsive
        style={{ width: '100%', height: 170 }}
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
          tickFormatter={day}
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
        <Later>
          {() => (
            <>
              {' '}
              {lessons.map((l) => (
                <ReferenceLine
                  key={l.on}
                  x={Date.parse(l.on)}
                  stroke={INK}
                  strokeDasharray="4 3"
                  label={{ value: 'lesson', position: 'top', fontSize: 11 }}
                />
              ))}
            </>
          )}
        </Later>
        <Later>
          {() => (
            <Later>
              {() => (
                <>
                  {' '}
                  <Line dataKey="there" {...THERE} dot={{ r: 4 }} isAnimationActive={false} connectNulls />
                  <Line dataKey="back" {...BACK} dot={{ r: 4 }} isAnimationActive={false} connectNulls />
                </>
              )}
            </Later>
          )}
        </Later>
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
                  {t.there.k} of {t.there.n}
                </td>
              ))}
            </tr>
            <tr>
              <th scope="row">
                <Stroke back /> {plain(pair.answer)} taken for {plain(pair.truth)}
              </th>
              {through.map((t) => (
                <td className="number" key={t.on}>
                  {t.back.k} of {t.back.n}
                </td>
              ))}
            </tr>
          </tbody>
        </table>
      </figcaption>
    </figure>
  );
}
