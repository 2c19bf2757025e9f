import { dayOfYear } from '@hurrow/core/conditions';
import type { SeasonHere } from '@hurrow/core/tells';
import type { Persistence, WindowKind } from '@hurrow/core/conditions';
import { WINDOW_WORDS, windowWords, yearParts } from './seasonWords.ts';

const LANES: readonly { readonly kinds: readonly WindowKind[]; readonly label: string }[] = [
  { kinds: ['leaf_out', 'autumn', 'leaf_fall'], label: 'leaf' },
  { kinds: ['pollen', 'receptive'], label: 'flower' },
  { kinds: ['ripening', 'hanging'], label: 'fruit' },
];
const WIDTH = 730;
const LANE = 9;

/** The stretch of the year in full leaf: from the end of leaf-out to the start of leaf fall. */
function inLeaf(windows: readonly SeasonHere[], persistence: Persistence | undefined) {
  if (persistence === 'evergreen') return { start: 1, end: 365 };
  const out = windows.find((w) => w.kind === 'leaf_out');
  const fall = windows.find((w) => w.kind === 'leaf_fall');
  return out && fall ? { start: out.end, end: fall.start } : null;
}

/**
 * A species through the year in three lanes: leaf, flower, fruit. Kinds differ by pattern as well as shade; what is
 * said in words is in the title of each part and in the table beside.
 */
export function SeasonBand({
  windows,
  persistence,
  date,
  name,
}: {
  windows: readonly SeasonHere[];
  persistence: Persistence | undefined;
  date: string;
  name: string;
}) {
  const leaf = inLeaf(windows, persistence);
  const today = ((dayOfYear(date) - 1) / 365) * WIDTH;
  const said = windows.map((w) => `${WINDOW_WORDS[w.kind]} ${windowWords(w)}`).join(', ');
  return (
    <svg
      className="season-band"
      viewBox={`0 0 ${WIDTH} ${LANES.length * (LANE + 2)}`}
      preserveAspectRatio="none"
      role="img"
      aria-label={`${name}: ${said || 'no season recorded'}`}
    >
      {Array.from({ length: 11 }, (_, i) => (
        <line
          key={i}
          x1={((i + 1) * WIDTH) / 12}
          x2={((i + 1) * WIDTH) / 12}
          y1={0}
          y2={33}
          className="band-month"
        />
      ))}
      {leaf
        ? yearParts(leaf).map((p) => (
            <rect
              key={p.from}
              className="band band-in-leaf"
              x={p.from * WIDTH}
              width={Math.max(1, (p.to - p.from) * WIDTH)}
              y={0}
              height={LANE}
            >
              <title>
                {persistence === 'evergreen' ? 'in leaf all year' : `in full leaf ${windowWords(leaf)}`}
              </title>
            </rect>
          ))
        : null}
      {LANES.flatMap((lane, row) =>
        windows
          .filter((w) => lane.kinds.includes(w.kind) && !(persistence === 'evergreen' && row === 0))
          .flatMap((w) =>
            yearParts(w).map((p) => (
              <rect
                key={`${w.kind}${p.from}`}
                className={`band band-${w.kind}`}
                x={p.from * WIDTH}
                width={Math.max(2, (p.to - p.from) * WIDTH)}
                y={row * (LANE + 2)}
                height={LANE}
              >
                <title>
                  {WINDOW_WORDS[w.kind]} {windowWords(w)}
                </title>
              </rect>
            )),
          ),
      )}
      <line x1={today} x2={today} y1={0} y2={33} className="band-today" />
    </svg>
  );
}

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** The months above bands, and what the shades mean. */
export function MonthScale() {
  return (
    <div className="month-scale" aria-hidden="true">
      {MONTHS.map((m) => (
        <span key={m}>{m}</span>
      ))}
    </div>
  );
}

export function SeasonKey() {
  const keys: readonly [string, string][] = [
    ['band-leaf_out', 'leaves open'],
    ['band-in-leaf', 'in full leaf'],
    ['band-autumn', 'fall color'],
    ['band-leaf_fall', 'leaves fall'],
    ['band-pollen', 'pollen or flower'],
    ['band-receptive', 'seed flowers open'],
    ['band-ripening', 'fruit ripens'],
    ['band-hanging', 'fruit hangs'],
  ];
  return (
    <ul className="season-key">
      {keys.map(([kind, words]) => (
        <li key={kind}>
          <svg viewBox="0 0 24 10" aria-hidden="true">
            <rect width="24" height="10" className={`band ${kind}`} />
          </svg>
          {words}
        </li>
      ))}
    </ul>
  );
}

/** The hatchings by which kinds of season are told without colour; once on a page. */
export function SeasonPatterns() {
  return (
    <svg width="0" height="0" aria-hidden="true" className="pattern-store">
      <defs>
        <pattern
          id="hatch-open"
          width="4"
          height="4"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="4" height="4" fill="#E3EFEB" />
          <line x1="0" x2="0" y1="0" y2="4" stroke="#0F5C4C" strokeWidth="2" />
        </pattern>
        <pattern
          id="hatch-fall"
          width="4"
          height="4"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(-45)"
        >
          <rect width="4" height="4" fill="#FBF1DD" />
          <line x1="0" x2="0" y1="0" y2="4" stroke="#8A5700" strokeWidth="1.4" />
        </pattern>
        <pattern id="hatch-dots" width="4" height="4" patternUnits="userSpaceOnUse">
          <rect width="4" height="4" fill="#EFEAF6" />
          <circle cx="2" cy="2" r="1.1" fill="#6B4A9B" />
        </pattern>
        <pattern
          id="hatch-ripe"
          width="4"
          height="4"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="4" height="4" fill="#F3EBE2" />
          <line x1="0" x2="0" y1="0" y2="4" stroke="#6E4B2A" strokeWidth="1.6" />
        </pattern>
      </defs>
    </svg>
  );
}
