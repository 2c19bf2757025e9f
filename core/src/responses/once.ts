/** More different texts than this are no longer the same few over and over. */
const MOST_KEPT = 10_000;

/** A function of a text that works each text out once: a large file says the same few over and over. */
export function once<T>(work: (text: string) => T): (text: string) => T {
  const known = new Map<string, T>();
  return (text) => {
    if (known.has(text)) return known.get(text) as T;
    const found = work(text);
    if (known.size >= MOST_KEPT) known.clear();
    known.set(text, found);
    return found;
  };
}
