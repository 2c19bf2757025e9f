import { Bar, BarChart, XAxis } from 'recharts';
import type { Year } from '@hurrow/core/compare';

/** Colors of the strips below; each part of a bar is also told by its place, the worst at its foot. */
const PARTS = [
  { part: 'twins', fill: '#A5173F' },
  { part: 'unproven', fill: '#9FB0A8' },
  { part: 'weak', fill: '#D79A36' },
] as const;

/** Pairs that are not clearly different, a bar for each week; the row of buttons below says the same in numbers. */
export default function WeekBars({ year }: { year: Year }) {
  return (
    <div aria-hidden="true" className="week-chart">
      <BarChart
        responsive
        style={{ width: '100%', height: '100%' }}
        data={year.counts.map((c, w) => ({ week: year.weeks[w], ...c }))}
        margin={{ top: 4, right: 0, bottom: 0, left: 0 }}
        barCategoryGap={1}
        accessibilityLayer={false}
      >
        <XAxis dataKey="week" hide />
        {PARTS.map(({ part, fill }) => (
          <Bar key={part} dataKey={part} stackId="open" fill={fill} isAnimationActive={false} />
        ))}
      </BarChart>
    </div>
  );
}
