/** Deeper than any body of ours; what is nested further is made to exhaust a stack. */
export const MOST_DEPTH = 32;

export interface Unkeepable {
  /** The path of the value, joined by dots. */
  readonly field: string;
  readonly why: string;
}

const LONE_SURROGATE = /\p{Surrogate}/u;

/** What no database keeps as text: NUL, and half of a character that takes two code units. */
export const isKeepable = (text: string): boolean => !text.includes('\u0000') && !LONE_SURROGATE.test(text);

/**
 * Finds the first text a database would refuse, or the first value nested too deep.
 * Walks with a stack of its own, so that no depth of a hostile body can exhaust the call stack.
 */
export function findUnkeepable(body: unknown): Unkeepable | null {
  const open: { readonly value: unknown; readonly path: readonly string[] }[] = [{ value: body, path: [] }];
  for (let next = open.pop(); next; next = open.pop()) {
    const { value, path } = next;
    if (typeof value === 'string' && !isKeepable(value))
      return { field: path.join('.'), why: 'A character in the text cannot be kept' };
    if (typeof value !== 'object' || value === null) continue;
    if (path.length >= MOST_DEPTH)
      return { field: path.slice(0, 3).join('.'), why: 'The entry is nested too deep' };
    for (const [key, inner] of Object.entries(value)) {
      if (!isKeepable(key)) return { field: path.join('.'), why: 'A name of an entry cannot be kept' };
      open.push({ value: inner, path: [...path, key] });
    }
  }
  return null;
}
