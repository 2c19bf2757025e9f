import type { Plate } from './plate.ts';
import { INK, markSvg, penStyle } from './svg.ts';

const escaped = (text: string): string =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('"', '&quot;');

/** Pens are a little finer on a page that shows many organs. */
const WEIGHT = 0.62;

/** A plate as an SVG text with its scale bar and its title, sized in mm so that it prints at its own scale. */
export function plateSvg(plate: Plate, title: string, gapWords: string): string {
  const marks = plate.pieces
    .map((p) =>
      p.recorded
        ? p.marks.map(markSvg).join('')
        : `<rect x="${p.box.x + 2}" y="${p.box.y + 2}" width="${p.box.width - 4}" height="${p.box.height - 4}" fill="none" stroke="${INK}" stroke-width=".15" stroke-dasharray="1 1.4" opacity=".5"/><text x="${p.box.x + p.box.width / 2}" y="${p.box.y + p.box.height / 2}" font-size="2.8" text-anchor="middle" opacity=".7">${escaped(gapWords)}</text>`,
    )
    .join('');
  const y = plate.height - 3;
  const bar = `<path d="M4 ${y}h${plate.bar.page.toFixed(2)}M4 ${y - 1}v2M${(4 + plate.bar.page).toFixed(2)} ${y - 1}v2" fill="none" stroke="${INK}" stroke-width=".3"/><text x="${(6 + plate.bar.page).toFixed(2)}" y="${y + 1}" font-size="3">${plate.bar.mm >= 10 ? `${plate.bar.mm / 10} cm` : `${plate.bar.mm} mm`}</text>`;
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${plate.width} ${plate.height}" width="${plate.width}mm" height="${plate.height}mm" font-family="Georgia, serif" fill="${INK}"><title>${escaped(title)}</title>${penStyle(WEIGHT)}${marks}${bar}</svg>`;
}
