import { boxOfFigure, placed, simplified } from './geometry.ts';
import { drawPiece, neededFor, piecesFor } from './organs.ts';
import type { PieceKind } from './organs.ts';
import { marksOf } from './path.ts';
import { chance } from './random.ts';
import type { Traits } from './traits.ts';
import type { Box, Figure, Mark } from './types.ts';

/** One organ on a plate, in millimetres of the page. */
export interface Piece {
  readonly kind: PieceKind;
  readonly box: Box;
  readonly marks: readonly Mark[];
  /** How many true mm one mm of the page stands for; null where its size is not recorded. */
  readonly ratio: number | null;
  /** Drawn at the scale of the bar. */
  readonly toScale: boolean;
  readonly recorded: boolean;
  /** The characters that drew it, the most telling first; of a gap, those that would let it be drawn. */
  readonly by: readonly string[];
}

export interface Plate {
  readonly width: number;
  readonly height: number;
  readonly pieces: readonly Piece[];
  /** A length of the page and the true length it stands for, mm. */
  readonly bar: { readonly page: number; readonly mm: number };
}

/** The page of a plate, mm, and how it is divided: the tree and its bark apart from what is drawn to scale. */
const PAGE = { width: 200, height: 112 } as const;
const CELLS: Readonly<Record<PieceKind, Box>> = {
  tree: { x: 2, y: 2, width: 40, height: 58 },
  bark: { x: 6, y: 66, width: 32, height: 40 },
  leaf: { x: 46, y: 2, width: 66, height: 100 },
  detail: { x: 112, y: 22, width: 10, height: 62 },
  twig: { x: 122, y: 2, width: 28, height: 100 },
  fruit: { x: 152, y: 2, width: 46, height: 100 },
};
const TO_SCALE: readonly PieceKind[] = ['leaf', 'twig', 'fruit'];

const NICE = [1, 2, 5, 10, 20, 25, 50, 100, 200, 500];

/** A scale bar of a round length, about a seventh of the page. */
export function scaleBar(pagePerMm: number, wanted = 26): { readonly page: number; readonly mm: number } {
  const mm = NICE.reduce((best, n) =>
    Math.abs(n * pagePerMm - wanted) < Math.abs(best * pagePerMm - wanted) ? n : best,
  );
  return { page: mm * pagePerMm, mm };
}

/** The scale at which every one of some boxes fits its cell; never more than true size. */
export function commonScale(fits: readonly { readonly box: Box; readonly cell: Box }[]): number {
  const scales = fits.map(({ box, cell }) =>
    Math.min(cell.width / Math.max(1, box.width), cell.height / Math.max(1, box.height)),
  );
  return Math.min(1, ...scales);
}

/** What drew a piece: the characters of its contour first, then those of the parts of which most was drawn. */
function topics(marks: readonly Mark[]): readonly string[] {
  const weight = new Map<string, number>();
  for (const m of marks) {
    m.by.slice(0, 4).forEach((c, i) => {
      weight.set(c, (weight.get(c) ?? 0) + (m.ink === 'contour' ? 1000 : 1) / (i + 1));
    });
  }
  return [...weight].sort((x, y) => y[1] - x[1]).map(([c]) => c);
}

/** Smaller than the pen is wide, mm of the page. */
const TOLERANCE = 0.035;

const onPage = (figure: Figure): Figure => ({
  strokes: figure.strokes.map((s) => ({ ...s, points: simplified(s.points, TOLERANCE) })),
});

/** Sets a figure in the middle of a cell, standing on its foot where it has one. */
function set(
  kind: PieceKind,
  drawn: NonNullable<ReturnType<typeof drawPiece>>,
  cell: Box,
  scale: number,
  toScale: boolean,
): Piece {
  const box = boxOfFigure(drawn.figure);
  const x = cell.x + (cell.width - box.width * scale) / 2 - box.x * scale;
  const y =
    kind === 'tree'
      ? cell.y + cell.height - (box.y + box.height) * scale
      : cell.y + (cell.height - box.height * scale) / 2 - box.y * scale;
  const marks = marksOf(onPage(placed(drawn.figure, [x, y], 0, scale)), 2);
  return {
    kind,
    box: { x: x + box.x * scale, y: y + box.y * scale, width: box.width * scale, height: box.height * scale },
    marks,
    ratio: drawn.ratio === null ? null : drawn.ratio / scale,
    toScale,
    recorded: true,
    by: topics(marks),
  };
}

/**
 * A species on one page: tree, bark, leaf or needles, twig, fruit, with leaf, twig and fruit at one true scale. What
 * is not recorded keeps its place as a gap. The same traits and seed give the same plate. Source: docs/formulas.md, Plates.
 */
export function speciesPlate(t: Traits, seed: number): Plate {
  const kinds = piecesFor(t);
  const drawn = new Map(kinds.map((k) => [k, drawPiece(k, t, chance(seed))]));
  const fits = TO_SCALE.flatMap((k) => {
    const d = drawn.get(k);
    return d ? [{ box: boxOfFigure(d.figure), cell: CELLS[k] }] : [];
  });
  const shared = commonScale(fits);
  const pieces = kinds.map((kind): Piece => {
    const d = drawn.get(kind);
    const cell = CELLS[kind];
    if (!d) {
      return {
        kind,
        box: cell,
        marks: [],
        ratio: null,
        toScale: false,
        recorded: false,
        by: neededFor(kind, t),
      };
    }
    const toScale = TO_SCALE.includes(kind);
    const box = boxOfFigure(d.figure);
    return set(kind, d, cell, toScale ? shared : commonScale([{ box, cell }]), toScale);
  });
  return { width: PAGE.width, height: PAGE.height, pieces, bar: scaleBar(shared) };
}

const COLUMN = 62;
const ROW = { leaf: 78, twig: 66, fruit: 56, detail: 50, bark: 40, tree: 58 } as const;

/** Two to four species beside one another, organ by organ, every organ at one scale for all. */
export function comparisonPlate(
  all: readonly Traits[],
  kinds: readonly PieceKind[],
  seed: number,
): {
  readonly plate: Plate;
  readonly rows: readonly {
    readonly kind: PieceKind;
    readonly bar: Plate['bar'] | null;
    readonly top: number;
  }[];
} {
  const pieces: Piece[] = [];
  const rows: { kind: PieceKind; bar: Plate['bar'] | null; top: number }[] = [];
  let y = 0;
  let bar: Plate['bar'] = { page: 10, mm: 10 };
  for (const kind of kinds) {
    const drawn = all.map((t) => drawPiece(kind, t, chance(seed)));
    const cell = (i: number): Box => ({
      x: i * COLUMN + 3,
      y: y + 2,
      width: COLUMN - 6,
      height: ROW[kind] - 4,
    });
    const scale = commonScale(
      drawn.flatMap((d, i) => (d ? [{ box: boxOfFigure(d.figure), cell: cell(i) }] : [])),
    );
    const sized = drawn.every((d) => d === null || d.ratio === 1);
    drawn.forEach((d, i) => {
      const t = all[i] as Traits;
      pieces.push(
        d
          ? set(kind, d, cell(i), scale, sized)
          : {
              kind,
              box: cell(i),
              marks: [],
              ratio: null,
              toScale: false,
              recorded: false,
              by: neededFor(kind, t),
            },
      );
    });
    const own = sized && drawn.some(Boolean) ? scaleBar(scale, 18) : null;
    if (own) bar = own;
    rows.push({ kind, bar: own, top: y });
    y += ROW[kind] + 6;
  }
  return { plate: { width: COLUMN * all.length, height: y, pieces, bar }, rows };
}
