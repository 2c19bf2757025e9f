import type { Sketch } from '@hurrow/contract';

/** A drawing as the server sends it, with its bar where its size is known. */
export function SketchView({
  sketch,
  label,
  className = 'sketch',
}: {
  sketch: Sketch;
  label: string;
  className?: string;
}) {
  const { x, y, width, height } = sketch.box;
  const foot = sketch.bar === null ? 0 : Math.max(width, height) * 0.09;
  const unit = Math.max(width, height) / 46;
  // A slender organ leaves room beside it for its bar and the bar's length in words.
  const wide = sketch.bar === null ? width : Math.max(width, sketch.bar + 9 * unit);
  const left = x - (wide - width) / 2;
  return (
    <svg
      className={className}
      role="img"
      aria-label={label}
      viewBox={`${left - 1} ${y - 1} ${wide + 2} ${height + 2 + foot}`}
      strokeLinejoin="round"
      strokeLinecap="round"
    >
      {sketch.lines.map(([d, line, fill], i) => (
        <path key={i} d={d} strokeWidth={line} fill={fill} stroke={line === 0 ? 'none' : '#12211c'} />
      ))}
      {sketch.bar === null ? null : (
        <>
          <path
            d={`M${left} ${y + height + foot * 0.6}h${sketch.bar}`}
            stroke="#12211c"
            strokeWidth={unit * 0.5}
            fill="none"
          />
          <text
            x={left + sketch.bar + unit}
            y={y + height + foot * 0.85}
            fontSize={unit * 2.6}
            fill="#12211c"
          >
            {sketch.bar >= 10 ? `${sketch.bar / 10} cm` : `${sketch.bar} mm`}
          </text>
        </>
      )}
    </svg>
  );
}
