/** Where in a file something stands, from 1. */
export interface Place {
  readonly line: number;
  readonly column: number;
}

/** What of a file is refused, where, and what would be right. */
export interface Refusal extends Place {
  readonly message: string;
  readonly remedy: string;
}

/** Steps from the top of a document to one of its parts: `['taxa', 3, 'statements', 0]`. */
export type Path = readonly (string | number)[];

/** A file that was read, or everything that is wrong with it. Nothing is half read. */
export type ReadFile<T> =
  | {
      readonly ok: true;
      readonly value: T;
      readonly where: (path: Path) => Place;
      /** What the file held that is not taken, in words. */
      readonly left: readonly string[];
    }
  | { readonly ok: false; readonly refused: readonly Refusal[] };

/** The most refusals that are told; a file with more is wrong as a whole. */
export const MOST_REFUSALS = 200;

/** Limits of a file that is read, in characters. */
export const MOST_TEXT = { json: 40_000_000, csv: 40_000_000, xml: 40_000_000 } as const;

export const refusal = (place: Place, message: string, remedy: string): Refusal => ({
  ...place,
  message,
  remedy,
});

export const START: Place = { line: 1, column: 1 };

/** Line and column of an offset in a text. */
export function placeAt(text: string, offset: number): Place {
  const before = text.slice(0, offset);
  const lastBreak = before.lastIndexOf('\n');
  let line = 1;
  for (let i = before.indexOf('\n'); i >= 0; i = before.indexOf('\n', i + 1)) line += 1;
  return { line, column: offset - lastBreak };
}

/** @returns a refusal where a text is longer than its format allows. */
export function tooLong(text: string, most: number): Refusal | null {
  return text.length > most
    ? refusal(
        START,
        `The file has ${Math.round(text.length / 1e6)} million characters; at most ${Math.round(most / 1e6)} million are read.`,
        'Split it, a part of the species in each file.',
      )
    : null;
}

/** Places kept by path while a file is read; what has none is said to stand where its nearest parent does. */
export function placesOf(): { set: (path: Path, place: Place) => void; where: (path: Path) => Place } {
  const kept = new Map<string, Place>();
  return {
    set: (path, place) => kept.set(path.join('/'), place),
    where: (path) => {
      for (let n = path.length; n >= 0; n -= 1) {
        const found = kept.get(path.slice(0, n).join('/'));
        if (found) return found;
      }
      return START;
    },
  };
}
