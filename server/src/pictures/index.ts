import sharp from 'sharp';
import { invalid } from '../http/index.ts';

/** Longest side kept; enough for a projector. */
const LONGEST = 1600;
/** Pictures with more pixels than this are refused before they are unpacked. */
const MOST_PIXELS = 60_000_000;
/** A picture that takes longer to read than this is refused. */
const MOST_SECONDS = 10;

/** A picture as it is kept: a JPEG. */
export interface Picture {
  readonly data: Buffer;
  readonly width: number;
  readonly height: number;
}

/** The formats a photograph may have, by the first bytes of the file; what the sender calls it does not count. */
function formatOf(bytes: Buffer): 'jpeg' | 'png' | 'webp' | null {
  if (bytes.subarray(0, 3).equals(Buffer.from([0xff, 0xd8, 0xff]))) return 'jpeg';
  if (bytes.subarray(0, 8).equals(Buffer.from('\x89PNG\r\n\x1a\n', 'latin1'))) return 'png';
  const isRiff = bytes.subarray(0, 4).toString('latin1') === 'RIFF';
  return isRiff && bytes.subarray(8, 12).toString('latin1') === 'WEBP' ? 'webp' : null;
}

/**
 * Makes a picture again: turned upright, no larger than is shown, and without what the camera wrote into it.
 * @param body what came with a request. @throws where it is no picture, or too large a one.
 */
export async function remadePicture(body: unknown): Promise<Picture> {
  if (!Buffer.isBuffer(body) || body.length === 0) {
    throw invalid('No picture came with the request.', { field: 'file', remedy: 'Choose a file.' });
  }
  const refused = () =>
    invalid('The file cannot be read as a picture.', {
      field: 'file',
      remedy: 'Send a JPEG, PNG or WebP of at most 12 MB and 60 megapixels.',
    });
  if (formatOf(body) === null) throw refused();
  try {
    const { data, info } = await sharp(body, { limitInputPixels: MOST_PIXELS, failOn: 'error' })
      .timeout({ seconds: MOST_SECONDS })
      .rotate()
      .resize({ width: LONGEST, height: LONGEST, fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#ffffff' })
      .jpeg({ quality: 82, mozjpeg: true })
      .toBuffer({ resolveWithObject: true });
    return { data, width: info.width, height: info.height };
  } catch {
    throw refused();
  }
}
