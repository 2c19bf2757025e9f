let rows: readonly [Uint16Array, Uint16Array, Uint16Array] = [
  new Uint16Array(64),
  new Uint16Array(64),
  new Uint16Array(64),
];

/** Three rows of the table, used in turn and kept for the next comparison, which never overlaps this one. */
function rowsOf(width: number): readonly [Uint16Array, Uint16Array, Uint16Array] {
  if (rows[0].length < width)
    rows = [new Uint16Array(width * 2), new Uint16Array(width * 2), new Uint16Array(width * 2)];
  return rows;
}

/**
 * Optimal string alignment distance: insertions, deletions, substitutions and swaps of neighbours, no part edited
 * twice. What both texts begin and end with is passed over, which changes nothing, and rows are dropped as soon as the
 * distance must exceed `most`.
 * @returns the distance, or `most + 1` where it is larger.
 */
export function alignmentDistance(a: string, b: string, most: number): number {
  if (a === b) return 0;
  let [endA, endB, from] = [a.length, b.length, 0];
  if (endA - endB > most || endB - endA > most) return most + 1;
  while (from < endA && from < endB && a.charCodeAt(from) === b.charCodeAt(from)) from += 1;
  while (endA > from && endB > from && a.charCodeAt(endA - 1) === b.charCodeAt(endB - 1)) {
    endA -= 1;
    endB -= 1;
  }
  const d = middleDistance(a, b, from, endA, endB, most);
  return d > most ? most + 1 : d;
}

/** The distance between what is left of two texts, from one place in both to an end in each. */
function middleDistance(
  a: string,
  b: string,
  from: number,
  endA: number,
  endB: number,
  most: number,
): number {
  const [high, wide] = [endA - from, endB - from];
  if (high === 0 || wide === 0) return high + wide;
  let [before, last, row] = rowsOf(wide + 1);
  for (let j = 0; j <= wide; j += 1) last[j] = j;
  for (let i = 1; i <= high; i += 1) {
    row[0] = i;
    let least = i;
    const letter = a.charCodeAt(from + i - 1);
    for (let j = 1; j <= wide; j += 1) {
      const other = b.charCodeAt(from + j - 1);
      let d = (last[j - 1] ?? 0) + (letter === other ? 0 : 1);
      const dropped = (last[j] ?? 0) + 1;
      if (dropped < d) d = dropped;
      const put = (row[j - 1] ?? 0) + 1;
      if (put < d) d = put;
      const swaps =
        i > 1 && j > 1 && letter === b.charCodeAt(from + j - 2) && a.charCodeAt(from + i - 2) === other;
      if (swaps) {
        const swapped = (before[j - 2] ?? 0) + 1;
        if (swapped < d) d = swapped;
      }
      row[j] = d;
      if (d < least) least = d;
    }
    if (least > most) return most + 1;
    [before, last, row] = [last, row, before];
  }
  return last[wide] ?? 0;
}

/** Edits forgiven in a token of this length (docs/formulas.md, Grading names). */
export function room(length: number): number {
  if (length <= 3) return 0;
  if (length <= 7) return 1;
  return length <= 12 ? 2 : 3;
}
