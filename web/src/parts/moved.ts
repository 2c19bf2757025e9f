/** A list with one entry moved to another place. */
export function moved<T>(all: readonly T[], from: number, to: number): readonly T[] {
  if (from < 0 || to < 0 || from >= all.length || to >= all.length) return all;
  const rest = all.filter((_, i) => i !== from);
  const [entry] = all.slice(from, from + 1);
  return entry === undefined ? all : [...rest.slice(0, to), entry, ...rest.slice(to)];
}
