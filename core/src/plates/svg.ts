import { boxOfFigure } from './geometry.ts';
import { marksOf } from './path.ts';
import type { Box, Figure, Ink, Mark, Tone } from './types.ts';

/** Widths of the pen on the page, in mm at the drawing's own scale; they do not grow with it. */
export const PEN: Readonly<Record<Ink, number>> = {
  contour: 0.42,
  main: 0.3,
  side: 0.2,
  fine: 0.12,
  none: 0,
};

/** One grey on white paper, legible on a photocopier. */
export const GREY: Readonly<Record<Tone, string>> = {
  none: 'none',
  paper: '#ffffff',
  pale: '#f1f3f2',
  mid: '#cdd4d1',
  dark: '#5c6763',
};
export const INK = '#12211c';

const DIGITS_SMALL = 2;
const SMALL = 90;

export const digitsFor = (box: Box): number => (Math.max(box.width, box.height) < SMALL ? DIGITS_SMALL : 1);

const tenth = (n: number): string => String(Number(n.toFixed(3))).replace(/^0\./, '.');

/** The pens and greys of a drawing as a style sheet; marks name them by one letter each. */
export const penStyle = (weight: number): string =>
  `<style>path{stroke:${INK};stroke-linejoin:round;stroke-linecap:round}${(
    ['contour', 'main', 'side', 'fine'] as const
  )
    .map((i) => `.${i[0]}{stroke-width:${tenth(PEN[i] * weight)}}`)
    .join(
      '',
    )}.n{stroke:none}${(Object.keys(GREY) as Tone[]).map((t) => `.${t[0]?.toUpperCase()}${t.at(-1)}{fill:${GREY[t]}}`).join('')}.g{stroke-dasharray:1.2;opacity:.55}</style>`;

/** A mark as an SVG element under `penStyle`. Broken lines stand for what is not recorded. */
export const markSvg = (m: Mark): string =>
  `<path class="${m.ink[0]} ${m.tone[0]?.toUpperCase()}${m.tone.at(-1)}${m.gap ? ' g' : ''}" d="${m.d}"/>`;

/** A figure alone as an SVG text, in true size, with a margin around it. */
export function figureSvg(figure: Figure, margin = 2, weight = 1): string {
  const box = boxOfFigure(figure);
  const [w, h] = [box.width + 2 * margin, box.height + 2 * margin];
  const view = [box.x - margin, box.y - margin, w, h].map((n) => Number(n.toFixed(2))).join(' ');
  const marks = marksOf(figure, digitsFor(box)).map(markSvg).join('');
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${view}" width="${w.toFixed(1)}mm" height="${h.toFixed(1)}mm">${penStyle(weight)}${marks}</svg>`;
}
