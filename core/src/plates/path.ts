import type { Figure, Mark, Point } from './types.ts';

const number = (n: number, digits: number): string => {
  const text = n.toFixed(digits);
  const short = text.includes('.') ? text.replace(/\.?0+$/, '') : text;
  return short === '-0' ? '0' : short.replace(/^(-?)0\./, '$1.');
};

/**
 * Points as path data with relative steps, which are short. The steps are taken between rounded places, so that
 * rounding never adds up.
 * @param digits behind the point; two are a hundredth of a millimetre.
 */
export function pathOf(points: readonly Point[], closed: boolean, digits = 2): string {
  const k = 10 ** digits;
  const at = points.map(([x, y]) => [Math.round(x * k), Math.round(y * k)] as const);
  const [first] = at;
  if (!first) return '';
  let d = `M${number(first[0] / k, digits)} ${number(first[1] / k, digits)}l`;
  let before = first;
  let begun = false;
  for (const p of at.slice(1)) {
    const [dx, dy] = [p[0] - before[0], p[1] - before[1]];
    if (dx === 0 && dy === 0) continue;
    const x = number(dx / k, digits);
    const y = number(dy / k, digits);
    d += `${begun && !x.startsWith('-') ? ' ' : ''}${x}${y.startsWith('-') ? '' : ' '}${y}`;
    begun = true;
    before = p;
  }
  return begun ? `${d}${closed ? 'z' : ''}` : `${d}0 0`;
}

/** A figure written out; large figures are written in tenths of a millimetre, small ones in hundredths. */
export function marksOf(figure: Figure, digits: number): readonly Mark[] {
  return figure.strokes
    .filter((s) => s.points.length > 1)
    .map((s) => ({
      d: pathOf(s.points, s.closed, digits),
      ink: s.ink,
      tone: s.tone,
      part: s.part,
      by: s.by,
      gap: s.gap ?? false,
    }));
}

/** Path data of straight steps read back as points; whether it is closed. Only what `pathOf` writes is understood. */
export function pointsOf(d: string): { readonly points: readonly Point[]; readonly closed: boolean } {
  const numbers = [...d.matchAll(/-?(?:\d+\.?\d*|\.\d+)/g)].map((m) => Number(m[0]));
  const points: Point[] = [];
  let [x, y] = [0, 0];
  for (let i = 0; i + 1 < numbers.length; i += 2) {
    x += numbers[i] ?? 0;
    y += numbers[i + 1] ?? 0;
    points.push([x, y]);
  }
  return { points, closed: d.endsWith('z') };
}
