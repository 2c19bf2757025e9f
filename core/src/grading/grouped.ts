/** Puts things together by a key, in the order in which they come. */
export function grouped<T>(all: readonly T[], key: (t: T) => string): ReadonlyMap<string, readonly T[]> {
  const found = new Map<string, T[]>();
  for (const t of all) {
    const had = found.get(key(t));
    if (had) had.push(t);
    else found.set(key(t), [t]);
  }
  return found;
}
