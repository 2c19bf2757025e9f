import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** A word of a printed page; points from its top left corner. */
export interface Word {
  readonly text: string;
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

/** A page in grey, one byte a pixel. */
export interface Grey {
  readonly width: number;
  readonly height: number;
  readonly at: (x: number, y: number) => number;
}

export interface ReadPdf {
  readonly pages: readonly (readonly Word[])[];
  /** One page drawn in grey, so many dots to the inch. */
  readonly drawn: (page: number, dpi: number) => Grey;
  readonly close: () => void;
}

const NAMED: Readonly<Record<string, string>> = { amp: '&', lt: '<', gt: '>', quot: '"', apos: "'" };
const plain = (text: string): string => text.replace(/&(\w+);/g, (whole, n: string) => NAMED[n] ?? whole);

function greyOf(bytes: Buffer): Grey {
  const head = /^P5\s+(\d+)\s+(\d+)\s+255\s/.exec(bytes.subarray(0, 60).toString('latin1'));
  if (!head) throw new Error('Not a grey picture');
  const [width, height] = [Number(head[1]), Number(head[2])];
  const from = head[0].length;
  return { width, height, at: (x, y) => bytes[from + y * width + x] ?? 255 };
}

/** Reads a PDF back: the words of each page with their places, and pages as pictures. */
export function readPdf(pdf: Buffer): ReadPdf {
  const folder = mkdtempSync(join(tmpdir(), 'hurrow-pdf-'));
  const file = join(folder, 'page.pdf');
  writeFileSync(file, pdf);
  const out = join(folder, 'words.html');
  execFileSync('pdftotext', ['-bbox', file, out]);
  const pages = readFileSync(out, 'utf8')
    .split('<page ')
    .slice(1)
    .map((p) =>
      [
        ...p.matchAll(/<word xMin="([\d.]+)" yMin="([\d.]+)" xMax="([\d.]+)" yMax="([\d.]+)">(.*?)<\/word>/g),
      ].map(([, left, top, right, bottom, text]): Word => ({
        text: plain(text ?? ''),
        left: Number(left),
        top: Number(top),
        right: Number(right),
        bottom: Number(bottom),
      })),
    );
  return {
    pages,
    drawn: (page, dpi) => {
      const stem = join(folder, `p${page}-${dpi}`);
      execFileSync('pdftoppm', [
        '-gray',
        '-r',
        String(dpi),
        '-f',
        String(page),
        '-l',
        String(page),
        file,
        stem,
      ]);
      const made = readdirSync(folder).find((f) => f.startsWith(`p${page}-${dpi}`) && f.endsWith('.pgm'));
      return greyOf(readFileSync(join(folder, made ?? '')));
    },
    close: () => rmSync(folder, { recursive: true, force: true }),
  };
}

/** The longest dark stretch of a row between two places, in pixels. */
export function longestRun(
  grey: Grey,
  y: number,
  from: number,
  to: number,
): { readonly length: number; readonly from: number } {
  let best = { length: 0, from };
  let start = from;
  for (let x = from; x < to; x += 1) {
    if (grey.at(x, y) >= 140) start = x + 1;
    else if (x - start + 1 > best.length) best = { length: x - start + 1, from: start };
  }
  return best;
}

/** The darkest and the lightest of a word's place. */
export function contrastOf(grey: Grey, word: Word, dpi: number): { dark: number; light: number } {
  const px = (pt: number): number => Math.round((pt * dpi) / 72);
  let [dark, light] = [255, 0];
  for (let y = px(word.top); y <= px(word.bottom); y += 1) {
    for (let x = px(word.left); x <= px(word.right); x += 1) {
      const v = grey.at(x, y);
      dark = Math.min(dark, v);
      light = Math.max(light, v);
    }
  }
  return { dark, light };
}
