/** A dot of a chart that stands on others of about the same value. */
export interface Stacked<T> {
  readonly item: T;
  /** The middle of its column. */
  readonly x: number;
  /** Its place in the column, from 1. */
  readonly level: number;
}

/**
 * Puts values into columns of a width, each column filled from the bottom, so that no dot hides another.
 * @param width of a column, in the unit of the values.
 */
export function stacked<T>(
  items: readonly T[],
  valueOf: (item: T) => number,
  width: number,
): readonly Stacked<T>[] {
  const filled = new Map<number, number>();
  return items.map((item) => {
    // Zero and minus zero are one column.
    const column = Math.round(valueOf(item) / width) + 0;
    const level = (filled.get(column) ?? 0) + 1;
    filled.set(column, level);
    return { item, x: column * width, level };
  });
}
