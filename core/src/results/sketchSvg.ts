import { escaped } from '../formats/index.ts';

interface Drawn {
  readonly box: { readonly x: number; readonly y: number; readonly width: number; readonly height: number };
  readonly lines: readonly (readonly [d: string, width: number, fill: string])[];
}

/** A drawing as an SVG text of its own. */
export function sketchSvg({ box, lines }: Drawn, title: string): string {
  const paths = lines
    .map(
      ([d, width, fill]) =>
        `<path d="${escaped(d)}" fill="${escaped(fill)}" stroke="${width === 0 ? 'none' : '#12211c'}" stroke-width="${width}"/>`,
    )
    .join('');
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${box.x - 1} ${box.y - 1} ${box.width + 2} ${box.height + 2}" stroke-linejoin="round" stroke-linecap="round"><title>${escaped(title)}</title>${paths}</svg>`;
}
