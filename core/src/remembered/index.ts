/**
 * A function that works each thing out once and gives what it found again, where the same few are asked for over and over.
 * @param most so many are kept; with one more it starts over, so that a page or a server that runs all day stays small.
 * @param keyOf tells what counts as the same; a thing itself where it is left out.
 */
export function remembered<From, Found>(
  most: number,
  work: (from: From) => Found,
  keyOf: (from: From) => unknown = (from) => from,
): (from: From) => Found {
  const known = new Map<unknown, { readonly found: Found }>();
  return (from) => {
    const key = keyOf(from);
    const had = known.get(key);
    if (had) return had.found;
    const found = work(from);
    if (known.size >= most) known.clear();
    known.set(key, { found });
    return found;
  };
}
