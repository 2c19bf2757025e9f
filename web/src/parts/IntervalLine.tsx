import type { ReactNode } from 'react';

const WIDTH = 120;
const at = (x: number): number => 2 + x * (WIDTH - 4);

/** A rate with its interval as a mark and a line, on one scale from none to all; its words stand beside it. */
export function IntervalLine({
  value,
  low,
  high,
  children,
}: {
  value: number;
  low: number;
  high: number;
  children: ReactNode;
}) {
  return (
    <span className="interval">
      <svg width={WIDTH} height="14" viewBox={`0 0 ${WIDTH} 14`} aria-hidden="true">
        <line x1="2" x2={WIDTH - 2} y1="7" y2="7" className="interval-axis" />
        <line x1={at(low)} x2={at(high)} y1="7" y2="7" className="interval-span" />
        <line x1={at(value)} x2={at(value)} y1="1.5" y2="12.5" className="interval-rate" />
      </svg>
      <span className="number">{children}</span>
    </span>
  );
}
