function hand(blob: Blob, name: string): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

/** Hands an SVG text to the browser as a file. */
export const saveSvg = (svg: string, name: string): void =>
  hand(new Blob([svg], { type: 'image/svg+xml' }), `${name}.svg`);

/** Dots to the millimetre: 300 to the inch. */
const DOTS = 300 / 25.4;

/** Hands a drawing to the browser as a PNG of 300 dots to the inch. @throws where the browser cannot draw it. */
export async function savePng(
  svg: string,
  mm: { width: number; height: number },
  name: string,
): Promise<void> {
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`;
  await image.decode();
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(mm.width * DOTS);
  canvas.height = Math.round(mm.height * DOTS);
  const pen = canvas.getContext('2d');
  if (!pen) throw new Error('No drawing surface');
  pen.fillStyle = '#ffffff';
  pen.fillRect(0, 0, canvas.width, canvas.height);
  pen.drawImage(image, 0, 0, canvas.width, canvas.height);
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/png'));
  if (!blob) throw new Error('The picture could not be written');
  hand(blob, `${name}.png`);
}
