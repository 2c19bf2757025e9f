/** Millimetres; x to the right, y down, as a page is read. */
export type Point = readonly [x: number, y: number];

/** Weights of the pen, from the contour to the finest hair; `none` draws no line. */
export type Ink = 'contour' | 'main' | 'side' | 'fine' | 'none';

/** One grey in three strengths on white paper; `none` lets show what lies beneath. */
export type Tone = 'none' | 'paper' | 'pale' | 'mid' | 'dark';

/** A line of a drawing before it is written as a path. */
export interface Stroke {
  readonly points: readonly Point[];
  readonly closed: boolean;
  readonly ink: Ink;
  readonly tone: Tone;
  /** The organ's part it draws: `blade`, `veins`, `bud`. */
  readonly part: string;
  /** The characters that decided how it is drawn, the first before all. */
  readonly by: readonly string[];
  /** Stands for something that is not recorded: drawn faint and broken. */
  readonly gap?: boolean;
}

/** Strokes of one organ in true size, from the back to the front. */
export interface Figure {
  readonly strokes: readonly Stroke[];
}

export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** A stroke written out. */
export interface Mark {
  readonly d: string;
  readonly ink: Ink;
  readonly tone: Tone;
  readonly part: string;
  readonly by: readonly string[];
  readonly gap: boolean;
}
