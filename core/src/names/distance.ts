/**
 * Optimal string alignment distance: insertions, deletions, substitutions and swaps of neighbours, no part edited
 * twice. Rows are dropped as soon as the distance must exceed `most`.
 * @returns the distance, or `most + 1` where it is larger.
 */
export function alignmentDistance(a: string, b: string, most: number): number {
  if (a === b) return 0;
  if (Math.abs(a.length - b.length) > most) return most + 1;
  const width = b.length + 1;
  // Three rows of the table, used in turn.
  let before = new Uint16Array(width);
  let last = Uint16Array.from({ length: width }, (_, j) => j);
  let row = new Uint16Array(width);
  for (let i = 1; i <= a.length; i += 1) {
    row[0] = i;
    let least = i;
    for (let j = 1; j < width; j += 1) {
      const cost = a[i - 1] === b[j - 1] ? 0 : 1;
      let d = Math.min((last[j] ?? 0) + 1, (row[j - 1] ?? 0) + 1, (last[j - 1] ?? 0) + cost);
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1]) {
        d = Math.min(d, (before[j - 2] ?? 0) + 1);
      }
      row[j] = d;
      if (d < least) least = d;
    }
    if (least > most) return most + 1;
    [before, last, row] = [last, row, before];
  }
  return Math.min(last[b.length] ?? 0, most + 1);
}

/** Edits forgiven in a token of this length (docs/formulas.md, Grading names). */
export function room(length: number): number {
  if (length <= 3) return 0;
  if (length <= 7) return 1;
  return length <= 12 ? 2 : 3;
}
