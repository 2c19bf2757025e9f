import { useMemo } from 'react';
import { CartesianGrid, Line, LineChart, ReferenceLine, Tooltip, XAxis, YAxis } from 'recharts';
import { dayOfYear, seasonCounts, showDay } from '@hurrow/core/conditions';
import type { Season, Subject } from '@hurrow/core/conditions';

const LINES: readonly {
  readonly season: Season;
  readonly words: string;
  readonly stroke: string;
  readonly dash: string;
}[] = [
  { season: 'leaf-on', words: 'in leaf', stroke: '#0F5C4C', dash: '' },
  { season: 'flower', words: 'in flower', stroke: '#6B4A9B', dash: '7 3' },
  { season: 'fruit', words: 'with fruit', stroke: '#8A5700', dash: '2 3' },
];
const INK = '#12211C';

const week = (on: string): string => showDay(dayOfYear(on));

/** How many species of the list are in leaf, flower and fruit, week by week, with the day of the bar marked. */
export default function SeasonChart({ subjects, date }: { subjects: readonly Subject[]; date: string }) {
  const year = date.slice(0, 4);
  const weeks = useMemo(
    () =>
      seasonCounts(
        subjects,
        LINES.map((l) => l.season),
        year,
      ),
    [subjects, year],
  );
  const now = weeks.filter((w) => w.on <= date).at(-1)?.on ?? weeks[0]?.on;
  return (
    <figure className="chart" aria-label="Species in leaf, flower and fruit by week">
      <LineChart
        responsive
        style={{ width: '100%', height: 150 }}
        data={weeks.map((w) => ({ on: w.on, ...w.seen }))}
        margin={{ top: 10, right: 12, bottom: 0, left: 0 }}
        accessibilityLayer={false}
      >
        <CartesianGrid stroke="#D5DEDA" vertical={false} />
        <XAxis dataKey="on" tickFormatter={week} interval={4} tick={{ fill: INK, fontSize: 12 }} />
        <YAxis
          allowDecimals={false}
          domain={[0, subjects.length]}
          width={34}
          tick={{ fill: INK, fontSize: 12 }}
        />
        <Tooltip labelFormatter={(on) => `Week of ${week(String(on))}`} isAnimationActive={false} />
        {now === undefined ? null : <ReferenceLine x={now} stroke={INK} strokeWidth={2} />}
        {LINES.map((l) => (
          <Line
            key={l.season}
            dataKey={l.season}
            name={l.words}
            stroke={l.stroke}
            strokeDasharray={l.dash}
            strokeWidth={2}
            dot={false}
            isAnimationActive={false}
          />
        ))}
      </LineChart>
      <figcaption>
        {LINES.map((l) => (
          <span key={l.season}>
            <svg width="26" height="6" viewBox="0 0 26 6" aria-hidden="true">
              <path d="M0 3h26" stroke={l.stroke} strokeWidth="2" strokeDasharray={l.dash} />
            </svg>{' '}
            {l.words}
          </span>
        ))}
        <span>species of {subjects.length}, by week</span>
      </figcaption>
    </figure>
  );
}
